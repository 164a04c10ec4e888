/** Preparation is done as much earlier as it may itself take longer, where there is room for that. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Estimate } from '../repertoire/types';
import { after, input, slot, task } from '../testing/build';
import { shows } from '../testing/shows';
import { overrun } from './buffers';
import { schedule } from './schedule';
import type { LineupInput, PlacedTask, PlanSlot } from './types';
import { verifyTimeline } from './verify';

const time = (shortest: number, likely: number, longest: number): Estimate => ({
  shortest,
  likely,
  longest,
});

describe('how much longer one case in ten takes', () => {
  // Mean (60 + 400 + 240)/6 = 116.67 and standard deviation 180/6 = 30; 1.2816 of them is 38.4.
  test('100 s, from 60 to 240: 56 s', () => expect(overrun(time(60, 100, 240))).toBe(56));
  test('nothing where nothing varies', () => expect(overrun(time(80, 80, 80))).toBe(0));
  test('never beyond the longest', () => expect(overrun(time(10, 100, 101))).toBe(1));
});

const placed = (show: LineupInput, id: string): PlacedTask => {
  const timeline = schedule(show);
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(show, timeline)).toEqual([]);
  const found = timeline.tasks.find((t) => t.task === id);
  if (!found) throw new Error(`${id} is not there`);
  return found;
};

describe('a task before its block', () => {
  const unsure = (over: Partial<PlanSlot> = {}, lag: Parameters<typeof after>[2] = null) =>
    slot(
      'a',
      [
        task('set', 'prepare', 100, { time: time(60, 100, 240) }),
        task('p', 'perform', 60, { after: [after('set', 0, lag)] }),
      ],
      over,
    );

  test('ends its own spread earlier, and may be so much longer', () => {
    expect(placed(input([unsure()]), 'set')).toMatchObject({ end: -56, buffer: 56 });
  });

  test('at least the margin', () => {
    expect(placed(input([unsure()], { margin: 60 }), 'set')).toMatchObject({
      end: -60,
      buffer: 60,
    });
  });

  test('no more than its window lets it wait', () => {
    expect(placed(input([unsure({}, 20)]), 'set')).toMatchObject({ end: -20, buffer: 20 });
  });

  test('no more than arrival lets it', () => {
    expect(placed(input([unsure()], { arrival: -130 }), 'set')).toMatchObject({
      start: -130,
      buffer: 30,
    });
  });

  test('a lead that is wished is a buffer too', () => {
    const early = unsure({ leads: [{ task: 'set', seconds: 90 }] });
    expect(placed(input([early]), 'set')).toMatchObject({ end: -90, buffer: 0 });
  });
});

test('two in a row each have theirs', () => {
  const chain = input([
    slot('a', [
      task('fetch', 'prepare', 100, { time: time(60, 100, 240) }),
      task('set', 'prepare', 50, { time: time(50, 50, 50), after: [after('fetch')] }),
      task('p', 'perform', 60),
    ]),
  ]);
  expect(placed({ ...chain, margin: 30 }, 'set')).toMatchObject({ end: -30 });
  expect(placed({ ...chain, margin: 30 }, 'fetch')).toMatchObject({ end: -80 - 56 });
});

test('a buffer takes no equipment that others have until then', () => {
  const uses = [{ item: 'tongs', amount: 1 }];
  const show = input(
    ['a', 'b', 'c'].map((id, i) =>
      slot(
        id,
        [
          task('set', 'prepare', 40, { place: 'wings', time: time(40, 40, 400) }),
          task('p', 'perform', 60),
        ],
        { uses, positionId: ['table', 'bench', 'floor'][i] ?? null },
      ),
    ),
    {
      equipment: [{ id: 'tongs', name: 'Tongs', owned: 2 }],
      positions: ['table', 'bench', 'floor'].map((id) => ({ id, name: id })),
    },
  );
  const timeline = schedule(show);
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(show, timeline)).toEqual([]);
});

test('in any show a buffer moves no block and keeps every rule, and what is spared is really free', () => {
  let spared = 0;
  const looser = (show: LineupInput): LineupInput => ({
    ...show,
    slots: show.slots.map((s) => ({
      ...s,
      tasks: s.tasks.map((t) => ({
        ...t,
        time: t.phase === 'prepare' ? { ...t.time, longest: 3 * t.time.likely } : t.time,
      })),
    })),
  });
  fc.assert(
    fc.property(shows, (show) => {
      const exact = schedule({ ...show, margin: 0 });
      const loose = looser(show);
      const timeline = schedule(loose);
      if (timeline.conflicts.length > 0) return;
      expect(timeline.blocks).toEqual(exact.blocks);
      expect(verifyTimeline(loose, timeline)).toEqual([]);
      // Each by itself may be as much longer as is told, with everything else where it is.
      for (const one of timeline.tasks.filter((t) => t.buffer > 0)) {
        spared++;
        const slower = {
          ...loose,
          slots: loose.slots.map((s) => ({
            ...s,
            tasks: s.tasks.map((t) =>
              s.id === one.slot && t.id === one.task
                ? { ...t, time: { ...t.time, likely: t.time.likely + one.buffer } }
                : t,
            ),
          })),
        };
        const tasks = timeline.tasks.map((t) => (t === one ? { ...t, end: t.end + t.buffer } : t));
        expect(verifyTimeline(slower, { ...timeline, tasks })).toEqual([]);
      }
    }),
    { numRuns: 120, seed: 161 },
  );
  expect(spared).toBeGreaterThan(60);
});
