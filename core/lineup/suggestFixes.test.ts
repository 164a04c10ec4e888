/** Ways to fix a wait: each does what it says. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { changeInput } from './change';
import { input, slot, task } from '../testing/build';
import { shows } from '../testing/shows';
import { fixFinder } from './suggestFixes';
import { schedule } from './schedule';
import type { LineupInput } from './types';

const show = (id: string, seconds: number, over: Parameters<typeof slot>[2] = {}) =>
  slot(id, [task(`${id}-p`, 'perform', seconds)], over);

/** A wet table before one that must be dry, and something else that could be shown meanwhile. */
const wet: LineupInput = input([
  slot('Foam', [
    task('pour', 'perform', 60),
    task('wipe', 'reset', 60),
    task('dry', 'settle', 120, { after: [{ task: 'wipe', least: 0, greatest: null }] }),
  ]),
  show('Dome', 90),
  show('Magnet', 200, { positionId: 'bench' }),
]);

const fixes = (from: LineupInput, at = 0) => {
  const timeline = schedule(from);
  const gap = timeline.gaps[at];
  if (!gap) throw new Error('There is no gap');
  return fixFinder(from, timeline)(gap);
};

describe('another order', () => {
  test('what must be dry comes before what is wet, or after something else', () => {
    expect(schedule(wet).deadAir).toBe(180);
    expect(fixes(wet).map(({ words, gain, change }) => [words, gain, change])).toEqual([
      ['Move Foam before Magnet', 180, { kind: 'order', slots: ['Dome', 'Foam', 'Magnet'] }],
      ['Move Foam to the end', 180, { kind: 'order', slots: ['Dome', 'Magnet', 'Foam'] }],
      ['Do Dome at Bench', 180, { kind: 'position', slot: 'Dome', position: 'bench' }],
    ]);
  });

  test('each change that is offered ends when it says', () => {
    for (const fix of fixes(wet)) {
      const timeline = schedule(changeInput(wet, fix.change, []));
      expect([timeline.end, timeline.deadAir]).toEqual([fix.end, fix.deadAir]);
      expect(fix.gain).toBe(schedule(wet).end - timeline.end);
    }
  });

  test('a pinned slot keeps its number', () => {
    const pinned = {
      ...wet,
      slots: wet.slots.map((s) => ({ ...s, pinned: s.id === 'Magnet' })),
    };
    for (const { change } of fixes(pinned))
      if (change.kind === 'order') expect(change.slots.indexOf('Magnet')).toBe(2);
    const all = { ...wet, slots: wet.slots.map((s) => ({ ...s, pinned: true })) };
    expect(fixes(all).filter(({ change }) => change.kind === 'order')).toEqual([]);
  });
});

test('one more pair of hands, where hands are what is missing', () => {
  const alone = input(
    [
      slot('Foam', [task('pour', 'perform', 60)]),
      slot('Can', [task('fill', 'prepare', 40), task('crush', 'perform', 30)], {
        positionId: 'bench',
      }),
    ],
    { crew: [{ id: 'ines', name: 'Ines', competences: [] }], arrival: 0 },
  );
  expect(schedule(alone).deadAir).toBe(40);
  expect(fixes(alone).find((fix) => fix.words === 'One more pair of hands')).toMatchObject({
    gain: 40,
    change: { kind: 'hands' },
  });
});

test('a show that begins late says how much earlier to arrive', () => {
  const rushed = input([slot('Can', [task('fill', 'prepare', 90), task('crush', 'perform', 30)])], {
    arrival: -30,
  });
  expect(schedule(rushed).gaps[0]).toMatchObject({ seconds: 60, rule: 7 });
  expect(fixes(rushed)).toContainEqual(
    expect.objectContaining({
      words: 'Arrive 1:00 earlier and start “fill” then',
      gain: 60,
      end: 30,
    }),
  );
});

test('nothing is offered that gains nothing', () => {
  const stuck = input([
    slot('Foam', [task('pour', 'perform', 60), task('dry', 'settle', 100, { after: [] })]),
    show('Dome', 90),
  ]);
  const waits = {
    ...stuck,
    slots: stuck.slots.map((s) => ({
      ...s,
      tasks: s.tasks.map((t) =>
        t.id === 'dry' ? { ...t, after: [{ task: 'pour', least: 0, greatest: null }] } : t,
      ),
    })),
  };
  expect(schedule(waits).deadAir).toBe(100);
  for (const fix of fixes(waits)) expect(fix.gain).toBeGreaterThan(0);
});

test('in any show, whatever is offered does exactly what it says, and no more conflicts come of it', () => {
  let offered = 0;
  fc.assert(
    fc.property(shows, (any) => {
      const timeline = schedule(any);
      const find = fixFinder(any, timeline);
      for (const trouble of [...timeline.conflicts, ...timeline.gaps].slice(0, 2))
        for (const fix of find(trouble)) {
          offered++;
          const after = schedule(changeInput(any, fix.change, []));
          expect([after.end, after.deadAir, after.conflicts.length]).toEqual([
            fix.end,
            fix.deadAir,
            fix.conflicts,
          ]);
          const fewer = after.conflicts.length < timeline.conflicts.length;
          if ('message' in trouble) expect(fewer).toBe(true);
          else if (!fewer) {
            expect(after.conflicts).toHaveLength(timeline.conflicts.length);
            expect(after.end).toBeLessThan(timeline.end);
          }
        }
    }),
    { numRuns: 12, seed: 6 },
  );
  expect(offered).toBeGreaterThan(5);
});
