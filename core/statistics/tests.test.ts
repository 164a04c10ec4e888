/** Exact and rank tests, spreads and numbers needed: against worked examples, and the SciPy library, version 1.17. */
import { describe, expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { offsetsOf } from './decimals';
import { fAbove, tAbove, tQuantile } from './distributions';
import { fisherExact, type Share } from './exact';
import { kendall } from './kendall';
import { lineThrough } from './line';
import { powerWith, replicatesFor } from './replicates';
import { saturationThrough } from './saturation';
import { summaryOf } from './summary';
import { oneWay } from './anova';
import { unequalSpread } from './unequalSpread';

describe('Fisher’s exact test', () => {
  /** Fisher, The Design of Experiments, 1935: the lady tasting tea; two-sided. */
  test('three of four cups told apart', () => {
    expect(
      fisherExact([
        { yes: 3, n: 4 },
        { yes: 1, n: 4 },
      ]).p,
    ).toBeCloseTo(34 / 70, 12);
  });

  /** SciPy for two groups; all tables added up in whole numbers for more. */
  test.each<[Share[], number]>([
    [
      [
        { yes: 5, n: 6 },
        { yes: 1, n: 6 },
      ],
      0.08008658008658008,
    ],
    [
      [
        { yes: 3, n: 10 },
        { yes: 5, n: 10 },
        { yes: 9, n: 10 },
      ],
      0.03513205803113481,
    ],
    [
      [
        { yes: 0, n: 4 },
        { yes: 1, n: 4 },
        { yes: 2, n: 4 },
        { yes: 4, n: 4 },
      ],
      0.05454545454545454,
    ],
  ])('%j', (groups, p) => {
    expect(fisherExact(groups).p).toBeCloseTo(p, 12);
  });

  test('nothing can differ where all came out the same, or there is one group', () => {
    expect(
      fisherExact([
        { yes: 4, n: 4 },
        { yes: 6, n: 6 },
      ]).p,
    ).toBe(1);
    expect(fisherExact([{ yes: 2, n: 4 }]).p).toBeCloseTo(1, 12);
    expect(fisherExact([]).p).toBe(1);
  });

  test('too many tables are drawn from, and come near', () => {
    const few: Share[] = [3, 5, 9].map((yes) => ({ yes, n: 10 }));
    const more = [...few, ...Array.from({ length: 9 }, () => ({ yes: 5, n: 10 }))];
    const found = fisherExact(more);
    expect(found.drawn).toBe(true);
    // As likely as not, for so many groups of which two are a little off.
    expect(found.p).toBeGreaterThan(0.2);
    const apart = fisherExact(
      Array.from({ length: 10 }, (_, i) => ({ yes: i < 5 ? 1 : 9, n: 10 })),
    );
    expect(apart.p).toBeLessThan(1e-4);
  });
});

describe('Kendall’s τ', () => {
  test('of 1 2 3 4 and 1 3 2 4: one pair of six the other way round', () => {
    expect(kendall([1, 2, 3, 4], [1, 3, 2, 4])).toEqual({
      tau: 4 / 6,
      // 8 of the 24 orders agree as much, or disagree as much.
      p: expect.closeTo(8 / 24, 12),
      agree: 5,
      differ: 1,
    });
  });

  test.each([
    [[1, 2, 3, 4, 5, 6, 7], [2, 1, 4, 3, 7, 5, 6], 0.6190476190476191, 0.06904761904761905],
    [[1, 2, 2, 3, 4, 5], [1, 3, 2, 2, 5, 4], 0.6428571428571429, 0.07983871964585261],
    [
      [1, 2, 3, 4, 5, 6, 7, 8, 9, 10],
      [1, 2, 3, 4, 5, 6, 7, 8, 10, 9],
      0.9555555555555554,
      5.51146384479718e-6,
    ],
  ])('SciPy: %j and %j', (first, second, tau, p) => {
    const found = kendall(first, second);
    expect(found.tau).toBeCloseTo(tau, 12);
    expect((found.p ?? NaN) / p).toBeCloseTo(1, 9);
  });

  test('orders nothing where all are level', () => {
    expect(kendall([1, 1, 1], [1, 2, 3])).toMatchObject({ tau: null, p: null });
    expect(kendall([], [])).toMatchObject({ tau: null });
    expect(() => kendall([1], [1, 2])).toThrow(RangeError);
  });
});

test('tails far out keep their figures (SciPy)', () => {
  expect(fAbove(50, 3, 40) / 1.3443392666414079e-13).toBeCloseTo(1, 9);
  expect(tAbove(8, 5) / 0.0002464533302862221).toBeCloseTo(1, 9);
  expect(tAbove(-8, 5)).toBeCloseTo(1 - 0.0002464533302862221, 12);
  expect(tQuantile(0.99, 3)).toBeCloseTo(4.540702858568132, 6);
});

test('spreads that differ (SciPy, Levene’s test about the median)', () => {
  expect(
    unequalSpread([
      [1, 2, 3, 4],
      [10, 20, 30, 45],
      [1, 5, 9, 12],
    ]),
  ).toBeCloseTo(0.0268725883336195, 10);
});

describe('readings at each level', () => {
  /** Cohen, Statistical Power Analysis for the Behavioral Sciences, 1988, table 2.4.1 (from memory). */
  test.each([
    [0.5, 64],
    [0.8, 26],
    [1, 17],
  ])('a difference of %d standard deviations between two: %d', (difference, n) => {
    expect(replicatesFor({ sd: 1, difference, levels: 2 })).toBe(n);
  });

  test('SciPy’s noncentral t', () => {
    expect(powerWith(17, { sd: 1, difference: 1, levels: 2 })).toBeCloseTo(0.8070367151472198, 6);
    expect(powerWith(5, { sd: 1, difference: 2, levels: 4 })).toBeCloseTo(0.8432290109578529, 6);
  });

  test('are two at least, and not worth planning beyond a thousand', () => {
    expect(replicatesFor({ sd: 0, difference: 1, levels: 3 })).toBe(2);
    expect(replicatesFor({ sd: 1, difference: 50, levels: 6 })).toBe(2);
    expect(replicatesFor({ sd: 1, difference: 0.01, levels: 2 })).toBeNull();
    expect(() => replicatesFor({ sd: 1, difference: 0, levels: 2 })).toThrow(RangeError);
  });
});

describe('what has no answer', () => {
  test('one reading has no spread, none no mean', () => {
    expect(summaryOf([7])).toEqual({ n: 1, mean: 7, sd: null });
    expect(() => summaryOf([])).toThrow(RangeError);
    expect(() => summaryOf([1, NaN])).toThrow(RangeError);
  });

  test('readings that are all alike within their groups give no F', () => {
    expect(
      oneWay([
        [1, 1],
        [2, 2],
      ]),
    ).toMatchObject({ f: null, p: null, residualSd: 0 });
    expect(oneWay([[1], [2]])).toMatchObject({ f: null, residualSd: null, dfWithin: 0 });
    expect(() => oneWay([[1], []])).toThrow(RangeError);
  });

  test('a line through one x, a curve that is straight or level', () => {
    expect(
      lineThrough([
        [1, 2],
        [1, 3],
      ]),
    ).toBeNull();
    expect(
      lineThrough([
        [1, 2],
        [3, 6],
      ]),
    ).toMatchObject({ slope: 2, intercept: 0, residualSd: null });
    expect(saturationThrough([1, 2, 3, 4].map((x) => [x, 2 * x]))).toBeNull();
    expect(saturationThrough([1, 2, 3, 4].map((x) => [x, 5]))).toBeNull();
    expect(
      saturationThrough([
        [-1, 1],
        [1, 2],
        [2, 3],
        [3, 4],
      ]),
    ).toBeNull();
  });
});

describe('offsets in decimals', () => {
  test('are exact where binary numbers are not', () => {
    expect(offsetsOf([1000000000000.4, 1000000000000.3, 1000000000000.5]).offsets).toEqual([
      0, -0.1, 0.1,
    ]);
    expect(offsetsOf([0.3, 0.1, 0]).offsets).toEqual([0, -0.2, -0.3]);
    expect(offsetsOf([0, 1e-7, 2.5e3]).offsets).toEqual([0, 1e-7, 2500]);
  });

  test('are what subtraction gives, for any numbers', () => {
    const random = randomFrom(3);
    const values = Array.from({ length: 200 }, () => (random.next() - 0.5) * 10 ** random.below(9));
    const { origin, offsets } = offsetsOf(values);
    offsets.forEach((offset, i) => expect(origin + offset).toBeCloseTo(values[i] ?? NaN, 6));
  });

  test('hold for numbers too far apart to be aligned', () => {
    expect(offsetsOf([1e200, 1e-200]).offsets).toEqual([0, -1e200]);
    expect(() => offsetsOf([Infinity])).toThrow(RangeError);
  });
});
