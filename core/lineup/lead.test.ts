/** How much earlier a preparation can be done, and what lies beside it in time. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, input, slot, task } from '../testing/build';
import { bookedSlot, bundle } from '../testing/bundle';
import { shows } from '../testing/shows';
import { changeShow, inOrder, withLead, withoutSlots } from './change';
import { leadRange, leadWithin } from './lead';
import { neighboursOf } from './neighbours';
import { schedule } from './schedule';

const can = input(
  [
    slot('Drum', [task('beat', 'perform', 300)], { positionId: 'bench' }),
    slot('Can', [
      task('fill', 'prepare', 40),
      task('warm', 'prepare', 30, { after: [after('fill', 10)] }),
      task('crush', 'perform', 30, { after: [after('warm', 0, 120)] }),
    ]),
  ],
  { arrival: -100 },
);
const timeline = schedule(can);

test('as far as arrival lets the chain before it begin, and as long as it keeps', () => {
  expect(leadRange(can, timeline, 'Can', 'warm')).toEqual({ now: 0, least: 0, most: 120 });
  // 40 s of filling could begin 100 s before the show: it would end at −60, 360 s before the block.
  expect(leadRange(can, timeline, 'Can', 'fill')?.most).toBe(360);
});

test('a wished lead is a whole step, and never beyond its range', () => {
  const range = { now: 0, least: 0, most: 100 };
  expect([-40, 0, 7, 8, 52, 97, 400].map((s) => leadWithin(range, s))).toEqual([
    0, 0, 0, 15, 45, 90, 100,
  ]);
});

test('nothing that is watched, and nothing that is not there, can be moved', () => {
  expect(leadRange(can, timeline, 'Can', 'crush')).toBeNull();
  expect(leadRange(can, timeline, 'Can', 'none')).toBeNull();
  expect(leadRange(can, timeline, 'None', 'warm')).toBeNull();
});

test('a lead within its range is kept, on any show', () => {
  let moved = 0;
  fc.assert(
    fc.property(shows, fc.double({ min: 0, max: 1, noNaN: true }), (show, share) => {
      const before = schedule(show);
      const first = show.slots.find((s) => s.tasks.some((t) => t.id === 'prepare'));
      if (!first || before.conflicts.length > 0) return;
      const range = leadRange(show, before, first.id, 'prepare');
      if (!range) return;
      moved++;
      const seconds = Math.floor(range.most * share);
      const slots = show.slots.map((s) =>
        s === first ? { ...s, leads: [{ task: 'prepare', seconds }] } : s,
      );
      const timed = schedule({ ...show, slots });
      expect(timed.conflicts).toEqual([]);
      const placed = timed.tasks.find((t) => t.slot === first.id && t.task === 'prepare');
      const block = timed.blocks.find((b) => b.slot === first.id);
      expect((block?.start ?? 0) - (placed?.end ?? 0)).toBeGreaterThanOrEqual(seconds);
    }),
    { numRuns: 80, seed: 151 },
  );
  expect(moved).toBeGreaterThan(15);
});

test('neighbours: what its person does before and after, and what is on meanwhile', () => {
  const near = neighboursOf(timeline, { slot: 'Can', task: 'warm' });
  expect(near?.before.map((t) => t.task)).toEqual(['fill']);
  expect(near?.meanwhile.map((b) => b.slot)).toEqual(['Drum']);
  expect(neighboursOf(timeline, { slot: 'Can', task: 'none' })).toBeNull();
});

test('changes to a show: each does its own, and what it no longer has is wished for no more', () => {
  const { show } = bundle([
    { id: 'a', tasks: [] },
    { id: 'b', tasks: [] },
    { id: 'c', tasks: [] },
  ]);
  const wished = {
    ...show,
    wishes: {
      ...show.wishes,
      before: [{ first: 'slot-a', second: 'slot-b' }],
      apart: [{ first: 'slot-b', second: 'slot-c' }],
    },
  };
  const less = withoutSlots(wished, ['slot-a']);
  expect(less.slots.map((s) => s.id)).toEqual(['slot-b', 'slot-c']);
  expect(less.wishes).toMatchObject({ before: [], apart: wished.wishes.apart });
  expect(inOrder(show, ['slot-c', 'slot-a']).slots.map((s) => s.id)).toEqual(['slot-c', 'slot-a']);
  const early = withLead(show, 'slot-b', 'set', 90);
  expect(early.slots[1]?.leads).toEqual([{ task: 'set', seconds: 90 }]);
  expect(withLead(early, 'slot-b', 'set', 0).slots[1]).toEqual(bookedSlot('b'));
  expect(changeShow(show, { kind: 'arrival', seconds: 61 })?.arrival).toBe('12:28');
  expect(changeShow(show, { kind: 'arrival', seconds: 50_000 })).toBeNull();
  expect(changeShow(show, { kind: 'crew', person: 'mara' })?.crew).toEqual(['ines', 'jo', 'mara']);
  expect(
    changeShow(show, { kind: 'performer', slot: 'slot-a', person: 'jo' })?.slots[0],
  ).toMatchObject({ performerId: 'jo' });
  for (const kind of ['hands'] as const) expect(changeShow(show, { kind })).toBeNull();
});
