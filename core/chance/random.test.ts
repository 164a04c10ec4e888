import { describe, expect, test } from '@jest/globals';
import { randomFrom } from './random';

const draw = (seed: number, n: number): number[] => {
  const random = randomFrom(seed);
  return Array.from({ length: n }, () => random.next());
};

test('the same seed gives the same numbers, another one others', () => {
  expect(draw(7, 100)).toEqual(draw(7, 100));
  expect(draw(7, 10)).not.toEqual(draw(8, 10));
  for (const seed of [0, -1, 2 ** 31, 2 ** 32 - 1]) expect(new Set(draw(seed, 50)).size).toBe(50);
});

test('a seed that is none is refused', () => {
  for (const seed of [0.5, NaN, 2 ** 32, -(2 ** 31) - 1])
    expect(() => randomFrom(seed)).toThrow(RangeError);
});

describe('evenly spread', () => {
  const n = 100_000;
  const all = draw(42, n);

  test('mean and variance of the uniform distribution: 1/2 and 1/12', () => {
    const mean = all.reduce((sum, x) => sum + x, 0) / n;
    const variance = all.reduce((sum, x) => sum + (x - mean) ** 2, 0) / n;
    // Five standard errors: 1/sqrt(12 n), and sqrt(1/180 n) for the variance.
    expect(Math.abs(mean - 0.5)).toBeLessThan(5 / Math.sqrt(12 * n));
    expect(Math.abs(variance - 1 / 12)).toBeLessThan(5 / Math.sqrt(180 * n));
  });

  test('twenty bins alike, by chi-squared: 99.9 % of 19 degrees of freedom is 43.8 (tables, from memory)', () => {
    const random = randomFrom(3);
    const bins = new Array<number>(20).fill(0);
    for (let i = 0; i < n; i++) {
      const bin = random.below(20);
      bins[bin] = (bins[bin] ?? 0) + 1;
    }
    const chi = bins.reduce((sum, count) => sum + (count - n / 20) ** 2 / (n / 20), 0);
    expect(chi).toBeLessThan(43.8);
  });

  test('one number says nothing of the next', () => {
    const lag = all.slice(1).reduce((sum, x, i) => sum + (x - 0.5) * ((all[i] ?? 0) - 0.5), 0);
    expect(Math.abs(lag / n) * 12).toBeLessThan(5 / Math.sqrt(n));
  });
});
