/** Estimates, tables and intervals, against published values and against their own definitions. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lookUp, quantiles, shapeOf } from './beta';
import { threePoint } from './estimate';
import { randomFrom } from './random';
import { atLeastOne, belief, wilson } from './success';

describe('three-point estimates', () => {
  // PERT: 4, 6, 14 has mean 7.0 and standard deviation 10/6 (worked from the definition).
  test('4, 6, 14: mean 7, standard deviation 1.667', () => {
    const { mean, sd } = threePoint({ shortest: 4, likely: 6, longest: 14 });
    expect(mean).toBe(7);
    expect(sd).toBeCloseTo(1.6667, 4);
  });
});

describe('tables of quantiles', () => {
  const moments = (table: Float64Array): { mean: number; sd: number } => {
    const n = 200_000;
    let sum = 0;
    let squares = 0;
    for (let i = 0; i < n; i++) {
      const x = lookUp(table, (i + 0.5) / n);
      sum += x;
      squares += x * x;
    }
    const mean = sum / n;
    return { mean, sd: Math.sqrt(squares / n - mean * mean) };
  };

  test('have the mean and the standard deviation that were asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.12, max: 0.88, noNaN: true }),
        fc.double({ min: 0.05, max: 0.2, noNaN: true }),
        (mean, sd) => {
          const shape = shapeOf(mean, sd, 0, 1);
          // One that would pile up at an end is made narrower.
          if (!shape || Math.min(shape.alpha, shape.beta) < 0.51) return;
          const found = moments(quantiles(shape));
          expect(found.mean).toBeCloseTo(mean, 2);
          expect(Math.abs(found.sd - sd)).toBeLessThan(0.004);
        },
      ),
      { numRuns: 60, seed: 101 },
    );
  });

  test('an even distribution is Beta(1, 1), and half of it lies below a half', () => {
    const table = quantiles({ alpha: 1, beta: 1 });
    for (const p of [0.1, 0.25, 0.5, 0.9]) expect(lookUp(table, p)).toBeCloseTo(p, 3);
  });

  // Beta(2, 2) has the cumulative function 3x² − 2x³ (from its definition).
  test('Beta(2, 2) against its cumulative function', () => {
    const table = quantiles({ alpha: 2, beta: 2 });
    for (const p of [0.05, 0.3, 0.5, 0.77, 0.95]) {
      const x = lookUp(table, p);
      expect(3 * x * x - 2 * x ** 3).toBeCloseTo(p, 3);
    }
  });

  // Jeffreys' prior, Beta(½, ½), is the arcsine law: quantile sin²(πp/2).
  test('Beta(½, ½) against the arcsine law', () => {
    const table = quantiles({ alpha: 0.5, beta: 0.5 });
    for (const p of [0.1, 0.25, 0.5, 0.75, 0.9])
      expect(lookUp(table, p)).toBeCloseTo(Math.sin((Math.PI * p) / 2) ** 2, 2);
  });

  test('nothing varies where there is no range', () => {
    expect(shapeOf(5, 0, 5, 5)).toBeNull();
    expect(shapeOf(5, 1, 5, 5)).toBeNull();
  });
});

describe('success', () => {
  // Binomial: chance of at least one success at p = 0.6 in 2, 3, 4 goes.
  test('at least one of several goes', () => {
    expect([2, 3, 4].map((n) => atLeastOne(0.6, n))).toEqual([
      expect.closeTo(0.84, 6),
      expect.closeTo(0.936, 6),
      expect.closeTo(0.9744, 6),
    ]);
  });

  // Newcombe 1998, “Two-sided confidence intervals for the single proportion”: 81 of 263 is its worked
  // example, 0.255 to 0.366; 9 of 10 by the same formula.
  test.each([
    [81, 263, 0.255, 0.366],
    [9, 10, 0.596, 0.982],
  ])('Wilson: %d of %d', (k, n, low, high) => {
    const interval = wilson(k, n);
    expect(interval.low).toBeCloseTo(low, 3);
    expect(interval.high).toBeCloseTo(high, 3);
  });

  test('of nothing, everything is possible', () => {
    expect(wilson(0, 0)).toEqual({ low: 0, high: 1 });
    expect(wilson(0, 4).low).toBe(0);
    expect(wilson(4, 4).high).toBe(1);
  });

  test('two of two leave more open than forty of forty', () => {
    const spread = (n: number): number => {
      const table = quantiles(belief(n, n));
      const random = randomFrom(3);
      const drawn = Array.from({ length: 4000 }, () => lookUp(table, random.next()));
      const mean = drawn.reduce((a, b) => a + b, 0) / drawn.length;
      return Math.sqrt(drawn.reduce((a, b) => a + (b - mean) ** 2, 0) / drawn.length);
    };
    expect(spread(2)).toBeGreaterThan(4 * spread(40));
  });
});
