/** A better order: what it promises holds, and pins and wishes are kept. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ARCS, NO_WISHES, type SlotPair, WEIGHTS, type Wishes } from '../../brief/wishes';
import { input, slot, task } from '../../testing/build';
import { schedule } from '../schedule';
import type { LineupInput, PlanSlot } from '../types';
import {
  arcDistance,
  leastArcDistance,
  objectiveOf,
  type SlotTraits,
  wantedEnergy,
} from './objective';
import { forecastShow } from '../forecast/forecast';
import type { SlotPolicy } from '../forecast/types';
import { Orders } from './orders';
import { reasonsFor } from './reasons';
import { suggestedOrder } from './suggest';

const pair = (first: string, second: string): SlotPair => ({ first, second });
const plain = (id: string, energy = 3, over: Partial<SlotTraits> = {}): [string, SlotTraits] => [
  id,
  { energy, family: id, volunteer: false, loud: false, ...over },
];
const show = (id: string, positionId = 'table', seconds = 60) =>
  slot(id, [task('p', 'perform', seconds)], { positionId });

/** A wet table, something that must be dry, and something that could be shown meanwhile. */
const wet: LineupInput = input([
  slot('Foam', [
    task('pour', 'perform', 60),
    task('wipe', 'reset', 60),
    task('dry', 'settle', 120, { after: [{ task: 'wipe', least: 0, greatest: null }] }),
  ]),
  show('Dome'),
  show('Magnet', 'bench', 200),
]);
const traits = new Map([plain('Foam', 4), plain('Dome', 5), plain('Magnet', 2)]);
const suggest = (from: LineupInput, wishes: Partial<Wishes> = {}, of = traits) =>
  suggestedOrder(from, of, { ...NO_WISHES, ...wishes }, { seed: 1, most: 300 });

describe('on a show that waits', () => {
  test('the dead air goes, it is proven, and it is said', () => {
    const found = suggest(wet);
    expect(found).toMatchObject({
      proven: true,
      before: { deadAir: 180 },
      objective: { deadAir: 0 },
    });
    expect(found.reasons[0]).toBe('3:00 less dead air');
    expect(found.reasons[1]).toMatch(
      /^“(wipe|dry)” is (done while .* on|no longer in the way of Dome): −3:00$/,
    );
    const slots = found.slots.flatMap((id) => wet.slots.find((s) => s.id === id) ?? []);
    expect(schedule({ ...wet, slots }).deadAir).toBe(0);
  });

  test('what must come before another does, and what may not be next to it is not', () => {
    expect(suggest(wet, { before: [pair('Foam', 'Dome')] }).slots).toEqual([
      'Foam',
      'Magnet',
      'Dome',
    ]);
    const apart = suggest(wet, { apart: [pair('Dome', 'Foam')] }).slots;
    expect(Math.abs(apart.indexOf('Dome') - apart.indexOf('Foam'))).toBe(2);
  });

  test('wishes that contradict each other are told of, and today’s order stays', () => {
    const found = suggest(wet, { before: [pair('Foam', 'Dome'), pair('Dome', 'Foam')] });
    expect(found).toMatchObject({ wishesKept: false, slots: ['Foam', 'Dome', 'Magnet'] });
    expect(suggest(wet)).toMatchObject({ wishesKept: true, better: true });
    expect(found.better).toBe(false);
  });

  test('a wish that today’s order breaks is kept by the one that is proposed', () => {
    const found = suggest(wet, { before: [pair('Magnet', 'Foam')] });
    expect(found.slots.indexOf('Magnet')).toBeLessThan(found.slots.indexOf('Foam'));
  });

  test('pinned slots keep their numbers; with all pinned nothing moves', () => {
    const pin = (...ids: string[]): LineupInput => ({
      ...wet,
      slots: wet.slots.map((s) => ({ ...s, pinned: ids.includes(s.id) })),
    });
    expect(suggest(pin('Foam')).slots[0]).toBe('Foam');
    expect(suggest(pin('Foam', 'Dome', 'Magnet'))).toMatchObject({
      slots: ['Foam', 'Dome', 'Magnet'],
      reasons: [],
    });
  });

  test('a show that is well as it is stays so', () => {
    const well = suggest({ ...wet, slots: [wet.slots[1], wet.slots[0]].flatMap((s) => s ?? []) });
    expect(well).toMatchObject({ slots: ['Dome', 'Foam'], reasons: [], proven: true });
  });

  test('an empty show has an empty order', () => {
    expect(suggest(input([]), {}, new Map())).toMatchObject({
      slots: [],
      reasons: [],
      proven: true,
    });
  });
});

describe('the run of the show', () => {
  const five = input(['a', 'b', 'c', 'd', 'e'].map((id) => show(id)));
  const energies = new Map([
    plain('a', 5),
    plain('b', 1),
    plain('c', 4),
    plain('d', 2),
    plain('e', 3),
  ]);

  test('a climb opens well, drops, and rises to the end', () => {
    const { slots, objective } = suggest(five, { arc: 'climb' }, energies);
    // Wanted 4, 2.75, 3.5, 4.25, 5; by hand 1 + 3.0625 + 2.25 + 0.0625 + 0.
    expect(slots.map((id) => energies.get(id)?.energy)).toEqual([3, 1, 2, 4, 5]);
    expect(objective.arc).toBe(6.375);
  });

  test('two loud ones, and two with a volunteer, are kept apart', () => {
    const loud = new Map([
      plain('a', 3, { loud: true }),
      plain('b', 3, { loud: true }),
      plain('c', 3, { volunteer: true }),
      plain('d', 3, { volunteer: true }),
      plain('e', 3),
    ]);
    const found = suggest(five, {}, loud);
    expect(found.before.repeats).toBe(2);
    expect(found.objective.repeats).toBe(0);
    expect(found.reasons).toContain('2 pairs less of like demonstrations side by side');
  });

  test('no order is nearer to the arc than the least, and one is as near', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ARCS),
        fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 1, maxLength: 6 }),
        (arc, all) => {
          let nearest = Infinity;
          const walk = (left: number[], order: number[]): void => {
            if (left.length === 0) nearest = Math.min(nearest, arcDistance(arc, order));
            left.forEach((energy, i) =>
              walk([...left.slice(0, i), ...left.slice(i + 1)], [...order, energy]),
            );
          };
          walk(all, []);
          expect(nearest).toBeCloseTo(leastArcDistance(arc, all), 9);
        },
      ),
      { numRuns: 60, seed: 91 },
    );
  });

  test('every arc opens and closes strongly and stays on the scale', () => {
    for (const arc of ARCS)
      for (const n of [1, 2, 5, 12, 40]) {
        const wanted = wantedEnergy(arc, n);
        expect(wanted).toHaveLength(n);
        expect(wanted.at(-1)).toBe(5);
        for (const energy of wanted) {
          expect(energy).toBeGreaterThanOrEqual(1);
          expect(energy).toBeLessThanOrEqual(5);
        }
      }
  });
});

test('lateness is the forecast’s: records, failures and waiting count, in every order alike', () => {
  const unsure = (id: string, position: string): PlanSlot =>
    slot(
      id,
      [
        task('set', 'prepare', 40, { time: { shortest: 20, likely: 40, longest: 160 } }),
        task('p', 'perform', 100, { time: { shortest: 80, likely: 100, longest: 240 } }),
        task('wipe', 'reset', 30),
      ],
      { positionId: position },
    );
  const from = input([unsure('a', 'table'), unsure('b', 'table'), unsure('c', 'bench')], {
    hardFinish: 480,
  });
  const policies = new Map(
    from.slots.map(({ id }): [string, SlotPolicy] => [
      id,
      {
        again: 1,
        fallback: 20,
        mayLeaveOut: true,
        worth: 3,
        performed: true,
        record: { worked: 3, failed: 2 },
        times: new Map(),
      },
    ]),
  );
  const orders = new Orders(
    from,
    new Map(from.slots.map(({ id }) => plain(id))),
    NO_WISHES,
    policies,
  );
  for (const order of [
    [0, 1, 2],
    [0, 2, 1],
    [2, 1, 0],
  ]) {
    const { timeline, objective } = orders.judge(order);
    const inOrder = orders.inOrder(order);
    const { dots } = forecastShow(inOrder, timeline, policies, {
      runs: 20_000,
      seed: 3,
      share: 0.9,
    });
    const late = dots.reduce((sum, end) => sum + Math.max(0, end - 480), 0) / dots.length;
    expect(late).toBeGreaterThan(20);
    expect(Math.abs(objective.late - late)).toBeLessThan(0.2 * late);
  }
});

test('only what is worth telling is told', () => {
  const timeline = { ...schedule(wet), gaps: [] };
  const judged = (late: number, deadAir: number) => ({
    order: wet.slots.map(({ id }) => id),
    timeline,
    objective: { conflicts: 0, late, deadAir, arc: 0, repeats: 0, total: 0 },
  });
  expect(reasonsFor(wet, judged(9.4, 14), judged(9.3, 10), null)).toEqual([]);
  expect(reasonsFor(wet, judged(74, 14), judged(9, 4), null)).toEqual([
    'on average 1:05 less past the hard finish',
    '0:10 less dead air',
  ]);
});

test('the parts add up by their weights, conflicts before everything', () => {
  const late = { ...wet, hardFinish: 100 };
  const parts = objectiveOf(schedule(late), [...traits.values()], 'none', WEIGHTS, 400);
  expect(parts).toMatchObject({ conflicts: 1, late: 400, deadAir: 180, arc: 0, repeats: 0 });
  expect(parts.total).toBe(WEIGHTS.conflict + 400 * WEIGHTS.late + 180 * WEIGHTS.deadAir);
  const nobody = schedule({ ...wet, crew: [] });
  const broken = objectiveOf(nobody, [...traits.values()], 'none', WEIGHTS, 0);
  expect(broken.total).toBeGreaterThan(parts.total);
});

test('a slot of which nothing is known is a mistake of the program', () => {
  expect(() => suggest(wet, {}, new Map())).toThrow(RangeError);
});
