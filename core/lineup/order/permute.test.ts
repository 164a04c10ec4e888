/** The search for an order, on problems whose best is known. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { type OrderFound, type OrderProblem, searchOrder } from './permute';

function run(problem: OrderProblem, seed = 1, most = 6000): OrderFound {
  const search = searchOrder(problem, { seed, most });
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

/** Clearing times between neighbours, the first pinned; closed where the last must be cleared for it too. */
const changeovers = (cost: number[][], closed: boolean): OrderProblem => ({
  size: cost.length,
  pinned: new Set([0]),
  least: 0,
  floor: () => 0,
  cost: (order) =>
    order.reduce((sum, from, i) => {
      const to = order[i + 1] ?? (closed ? order[0] : undefined);
      return to === undefined ? sum : sum + (cost[from]?.[to] ?? 0);
    }, 0),
});

/**
 * br17 of TSPLIB, asymmetric, 17 nodes: optimum 39 (the published value; confirmed by exact dynamic
 * programming when it was taken in).
 */
const br17 = JSON.parse(
  readFileSync(new URL('../../testing/br17.json', import.meta.url), 'utf8'),
) as { optimum: number; cost: number[][] };

test.each(Array.from({ length: 20 }, (_, i) => i + 1))('br17: 39, with seed %d', (seed) => {
  expect(run(changeovers(br17.cost, true), seed).cost).toBe(br17.optimum);
});

describe('small problems', () => {
  const matrix = (n: number) =>
    fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: n, maxLength: n }), {
      minLength: n,
      maxLength: n,
    });

  test('with few free places the best of all is found, and proven', () => {
    fc.assert(
      fc.property(matrix(6), (cost) => {
        const problem = changeovers(cost, false);
        const found = run(problem);
        let least = Infinity;
        const walk = (order: number[]): void => {
          if (order.length === 6) least = Math.min(least, problem.cost(order, Infinity));
          for (let i = 1; i < 6; i++) if (!order.includes(i)) walk([...order, i]);
        };
        walk([0]);
        expect([found.cost, found.proven]).toEqual([least, true]);
        expect(problem.cost(found.order, Infinity)).toBe(found.cost);
      }),
      { numRuns: 30, seed: 81 },
    );
  });

  test('what is pinned keeps its place, what costs without end is not taken, nothing is lost', () => {
    fc.assert(
      fc.property(matrix(9), fc.subarray([1, 2, 5, 8]), (cost, pins) => {
        const plain = changeovers(cost, false);
        const problem: OrderProblem = {
          ...plain,
          pinned: new Set([0, ...pins]),
          cost: (order) =>
            order.indexOf(3) < order.indexOf(4) ? plain.cost(order, Infinity) : Infinity,
        };
        const { order } = run(problem, 5, 400);
        for (const pin of [0, ...pins]) expect(order[pin]).toBe(pin);
        expect(order.indexOf(3)).toBeLessThan(order.indexOf(4));
        expect([...order].sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
      }),
      { numRuns: 40, seed: 82 },
    );
  });

  test('never worse than where it began, and the same with the same seed', () => {
    fc.assert(
      fc.property(matrix(10), fc.nat(99), (cost, seed) => {
        const problem = changeovers(cost, true);
        const found = run(problem, seed, 300);
        expect(found.cost).toBeLessThanOrEqual(problem.cost([...Array(10).keys()], Infinity));
        expect(run(problem, seed, 300)).toEqual(found);
        expect(found.tried).toBeLessThanOrEqual(301);
      }),
      { numRuns: 30, seed: 83 },
    );
  });
});

test('it ends at once where nothing can be cheaper, and for nothing or one', () => {
  const free = {
    ...changeovers(
      Array.from({ length: 12 }, () => Array<number>(12).fill(0)),
      true,
    ),
  };
  expect(run(free)).toMatchObject({ cost: 0, proven: true, tried: 1 });
  for (const size of [0, 1])
    expect(run({ ...free, size, cost: () => 7 })).toMatchObject({ cost: 7, proven: true });
});

test('what is too dear by its floor is not asked for', () => {
  const asked: number[][] = [];
  const problem: OrderProblem = {
    ...changeovers(
      Array.from({ length: 6 }, () => Array<number>(6).fill(0)),
      false,
    ),
    cost: (order) => {
      asked.push([...order]);
      return 10 * order.indexOf(5);
    },
    floor: (order) => 10 * order.indexOf(5),
    least: 0,
  };
  expect(run(problem)).toMatchObject({ cost: 10, proven: true });
  // Today's order, and the first of those with the fifth as near to the front as it can be.
  expect(asked).toHaveLength(2);
});

test('it can be stopped at any time with the best so far', () => {
  const search = searchOrder(changeovers(br17.cost, true), { seed: 1, most: 20_000 });
  const first = search.next().value;
  const second = search.next().value;
  expect(second.cost).toBeLessThanOrEqual(first.cost);
  expect(search.return(second).done).toBe(true);
});
