/** Against every choice in every order, on small cases. */
import { describe, expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import {
  type Choice,
  type ChoiceFound,
  type ChoiceProblem,
  choose,
  type SetJudged,
  worthOf,
} from './choose';

const PLENTY = { judged: 1e6, parts: 1e7, kept: 1 };

interface Case extends ChoiceProblem {
  costs: number[][];
}

const permutations = (set: readonly number[]): number[][] =>
  set.length <= 1
    ? [[...set]]
    : set.flatMap((first) =>
        permutations(set.filter((i) => i !== first)).map((rest) => [first, ...rest]),
      );

/** Neighbours cost something, the first and the last as well; what is too long in each of some “shows” does not hold. */
function madeCase(seed: number, size: number): Case {
  const random = randomFrom(seed);
  const between = (from: number, to: number): number => from + random.next() * (to - from);
  const choices = Array.from({ length: size }, (_, i): Choice => ({
    group: random.next() < 0.25 && i > 0 ? String(i - 1) : String(i),
    family: 'abc'[random.below(3)] ?? 'a',
    worth: between(100, 900),
    weight: 0,
  }));
  const draws = choices.map(() => {
    const middle = between(60, 300);
    return Array.from({ length: 20 }, () => middle * between(0.8, 1.5));
  });
  choices.forEach((choice, i) => {
    // The mean of the smallest nine tenths: no set that holds has more of them than the room.
    const least = (draws[i] ?? []).toSorted((a, b) => a - b).slice(0, 18);
    choice.weight = least.reduce((sum, one) => sum + one, 0) / 18;
  });
  const costs = choices.map(() => choices.map(() => between(0, 200)));
  const room = between(300, 900);
  const total = (set: readonly number[], show: number): number =>
    set.reduce((sum, i) => sum + (draws[i]?.[show] ?? 0), 0);
  const inTime = (set: readonly number[]): number =>
    Array.from({ length: 20 }, (_, show) => total(set, show)).filter((all) => all <= room).length;
  const costOf = (order: readonly number[]): number =>
    order.slice(1).reduce((sum, j, k) => sum + (costs[order[k] ?? 0]?.[j] ?? 0), 0);
  return {
    choices,
    costs,
    must: random.next() < 0.3 ? [0] : [],
    room,
    most: 4,
    isTooMuch: (set) => inTime(set) < 18,
    floor: () => 0,
    judge(set): SetJudged {
      const [best = []] = permutations(set).sort((a, b) => costOf(a) - costOf(b));
      return { cost: costOf(best), order: best, holds: inTime(set) >= 18, proven: true };
    },
  };
}

/** Every set in every order. */
function exhaustive(problem: Case): number {
  const { choices, must, most } = problem;
  let best = -Infinity;
  for (let mask = 1; mask < 2 ** choices.length; mask++) {
    const set = choices.map((_, i) => i).filter((i) => (mask & (1 << i)) !== 0);
    const groups = new Set(set.map((i) => choices[i]?.group));
    if (set.length > most || groups.size < set.length || must.some((i) => !set.includes(i)))
      continue;
    const judged = problem.judge(set);
    if (judged.holds) best = Math.max(best, worthOf(choices, set) - judged.cost);
  }
  return best;
}

function finished(problem: ChoiceProblem, limits = PLENTY): ChoiceFound {
  const search = choose(problem, limits);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

test.each(Array.from({ length: 60 }, (_, i) => i + 1))(
  'case %d: no choice in any order comes to more',
  (seed) => {
    const problem = madeCase(seed, 5 + (seed % 5));
    const { best, proven } = finished(problem);
    const most = exhaustive(problem);
    if (most === -Infinity) expect(best).toEqual([]);
    else {
      expect(best[0]?.score).toBeCloseTo(most, 6);
      expect(proven).toBe(true);
      for (const i of problem.must) expect(best[0]?.set).toContain(i);
    }
  },
);

describe('limits', () => {
  const problem = madeCase(4, 9);

  test('stopped early, the best so far is told and nothing is proven', () => {
    const { best, proven, tried } = finished(problem, { ...PLENTY, judged: 1 });
    expect(tried).toBe(1);
    expect(best).toHaveLength(1);
    expect(proven).toBe(false);
    expect(finished(problem, { ...PLENTY, parts: 1 }).proven).toBe(false);
  });

  test('an order that may not be the best of its set proves nothing', () => {
    const unsure = {
      ...problem,
      judge: (set: readonly number[]) => ({ ...problem.judge(set), proven: false }),
    };
    expect(finished(unsure).proven).toBe(false);
  });

  test('others that come next are kept, each another set, the best first', () => {
    const { best } = finished(problem, { ...PLENTY, kept: 4 });
    const scores = best.map(({ score }) => score);
    expect(scores).toEqual(scores.toSorted((a, b) => b - a));
    expect(new Set(best.map(({ set }) => set.toSorted().join())).size).toBe(best.length);
    expect(best[0]?.score).toBeCloseTo(exhaustive(problem), 6);
  });
});

test('of a family the one that is worth most counts in full, the others less', () => {
  const of = (family: string, worth: number): Choice => ({
    group: `${family}${worth}`,
    family,
    worth,
    weight: 1,
  });
  const choices = [of('a', 100), of('a', 200), of('b', 100)];
  expect(worthOf(choices, [0, 1])).toBeCloseTo(200 + 55);
  expect(worthOf(choices, [0, 2])).toBe(200);
});

test('nothing to choose from, and nothing that fits', () => {
  const empty = { ...madeCase(1, 5), choices: [], must: [] };
  expect(finished(empty)).toMatchObject({ best: [], proven: true, tried: 0 });
  const tight = { ...madeCase(1, 5), must: [], isTooMuch: () => true };
  expect(finished(tight).best).toEqual([]);
});
