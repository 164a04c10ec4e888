/** The best of all orders, against trying every one. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_WISHES, type Wishes } from '../../brief/wishes';
import type { Task } from '../../repertoire/types';
import { input, slot, task } from '../../testing/build';
import { schedule } from '../schedule';
import type { LineupInput, PlanSlot } from '../types';
import { exactOrder, type ExactFound, type ExactProblem } from './exact';
import { leastGaps } from './gaps';
import type { SlotTraits } from './objective';
import { Orders } from './orders';
import { suggestedOrder } from './suggest';

function* orders(ids: readonly string[]): Generator<string[]> {
  if (ids.length === 0) yield [];
  for (const [i, first] of ids.entries())
    for (const rest of orders([...ids.slice(0, i), ...ids.slice(i + 1)])) yield [first, ...rest];
}

const methods: fc.Arbitrary<
  Pick<PlanSlot, 'performerId' | 'positionId' | 'pinned'> & { tasks: Task[] }
> = fc.record({
  tasks: fc
    .record({
      set: fc.integer({ min: 0, max: 90 }),
      show: fc.integer({ min: 20, max: 120 }),
      wipe: fc.integer({ min: 0, max: 120 }),
    })
    .map(({ set, show, wipe }) => [
      task('set', 'prepare', set),
      task('show', 'perform', show, { time: { shortest: show, likely: show, longest: show * 2 } }),
      task('wipe', 'reset', wipe),
    ]),
  performerId: fc.constantFrom('ines', 'jo'),
  positionId: fc.constantFrom('table', 'bench'),
  pinned: fc.integer({ min: 0, max: 4 }).map((n) => n === 0),
});

const cases = fc.record({
  slots: fc.array(methods, { minLength: 2, maxLength: 5 }),
  energies: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 5, maxLength: 5 }),
  loud: fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }),
  hardFinish: fc.integer({ min: 100, max: 900 }),
  arrival: fc.integer({ min: -200, max: 0 }),
  arc: fc.constantFrom('none' as const, 'climb' as const, 'wave' as const),
  before: fc.boolean(),
  apart: fc.boolean(),
});

describe('on small shows', () => {
  test('no order of them all costs less than the one that is proposed as proven', () => {
    let compared = 0;
    fc.assert(
      fc.property(cases, ({ slots, energies, loud, hardFinish, arrival, arc, before, apart }) => {
        const show: LineupInput = input(
          slots.map(({ tasks, ...over }, i) => slot(`s${i}`, tasks, over)),
          { hardFinish, arrival },
        );
        const traits = new Map(
          show.slots.map((s, i): [string, SlotTraits] => [
            s.id,
            { energy: energies[i] ?? 3, family: s.id, volunteer: false, loud: loud[i] ?? false },
          ]),
        );
        const wishes: Wishes = {
          ...NO_WISHES,
          arc,
          before: before ? [{ first: 's1', second: 's0' }] : [],
          apart: apart ? [{ first: 's0', second: 's2' }] : [],
        };
        const found = suggestedOrder(show, traits, wishes, { seed: 1, most: 5000 });
        const ids = show.slots.map((s) => s.id);
        const good = [...orders(ids)].filter(
          (order) =>
            show.slots.every((s, i) => !s.pinned || order[i] === s.id) &&
            (!before || order.indexOf('s1') < order.indexOf('s0')) &&
            (!apart || Math.abs(order.indexOf('s0') - order.indexOf('s2')) !== 1 || ids.length < 3),
        );
        if (good.length === 0) return;
        const judging = new Orders(show, traits, wishes, new Map());
        const least = Math.min(
          ...good.map((order) => {
            return judging.judge(order.map((id) => ids.indexOf(id))).objective.total;
          }),
        );
        if (!found.proven) return;
        compared++;
        expect(found.objective.total).toBe(least);
      }),
      { numRuns: 60, seed: 91 },
    );
    expect(compared).toBeGreaterThan(40);
  });

  test('two slots lose no more alone than side by side in a show', () => {
    fc.assert(
      fc.property(cases, ({ slots, arrival }) => {
        const show = input(
          slots.map(({ tasks, ...over }, i) => slot(`s${i}`, tasks, over)),
          { arrival },
        );
        const gaps = leastGaps(show);
        const { blocks } = schedule(show);
        expect(blocks[0]?.start).toBeGreaterThanOrEqual(gaps.first(0));
        blocks.slice(1).forEach((block, i) => {
          const lost = block.start - (blocks[i]?.end ?? 0);
          expect(lost).toBeGreaterThanOrEqual(gaps.between(i, i + 1));
        });
      }),
      { numRuns: 60, seed: 92 },
    );
  });
});

/** Twelve things whose neighbours cost what a matrix says, and nothing else. */
const changeovers = (cost: number[][]): ExactProblem => {
  const lost = (order: readonly number[]): number =>
    order.reduce((sum, i, at) => sum + (at === 0 ? 0 : (cost[order[at - 1] ?? 0]?.[i] ?? 0)), 0);
  return {
    size: cost.length,
    pinned: new Set([0]),
    first: () => 0,
    between: (i, j) => cost[i]?.[j] ?? 0,
    place: () => 0,
    beside: () => 0,
    earlier: () => [],
    perSecond: 1,
    late: () => 0,
    always: 0,
    part: lost,
    whole: (order) => ({ cost: lost(order), floor: lost(order) }),
  };
};

function run(problem: ExactProblem, most = 100_000): ExactFound {
  const start = [...Array(problem.size).keys()];
  const search = exactOrder(problem, { order: start, cost: problem.whole(start).cost }, most);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

describe('a dozen things', () => {
  const twelve = fc.array(
    fc.array(fc.integer({ min: 0, max: 99 }), { minLength: 13, maxLength: 13 }),
    { minLength: 13, maxLength: 13 },
  );

  test('are proven; where the table is exact, it leads straight to the best', () => {
    fc.assert(
      fc.property(twelve, (cost) => {
        const found = run(changeovers(cost));
        expect(found.proven).toBe(true);
        expect([...found.order].sort((a, b) => a - b)).toEqual([...Array(13).keys()]);
        expect(found.tried).toBeLessThan(200);
      }),
      { numRuns: 5, seed: 93 },
    );
  });

  test('given up early, the best so far is told as no more than that', () => {
    // Parts that turn out dearer than the table says, so that nothing can be left unseen.
    const problem = changeovers(Array.from({ length: 13 }, () => Array<number>(13).fill(0)));
    const found = run(
      { ...problem, whole: (order) => ({ cost: 50 + (order[1] ?? 0), floor: 50 }) },
      100,
    );
    expect(found.proven).toBe(false);
    expect(found.cost).toBeGreaterThanOrEqual(51);
  });

  test('an order whose cost is not certain is not called the best', () => {
    const problem = changeovers([
      [0, 1],
      [1, 0],
    ]);
    expect(run({ ...problem, whole: () => ({ cost: 9, floor: 1 }) }).proven).toBe(false);
  });
});
