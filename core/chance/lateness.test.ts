import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { below, expectedLateness } from './lateness';

describe('the normal distribution', () => {
  // Tables of the standard normal distribution: 0.5, 0.8413, 0.9772, 0.975 at 1.96.
  test.each([
    [0, 0.5],
    [1, 0.8413447],
    [2, 0.9772499],
    [1.959964, 0.975],
    [-1, 0.1586553],
  ])('below %d lies %d', (z, p) => {
    expect(below(z)).toBeCloseTo(p, 6);
  });
});

describe('expected lateness', () => {
  test('of what is certain is what it is over', () => {
    expect(expectedLateness(40, { more: 0, sd: 0 })).toBe(40);
    expect(expectedLateness(-40, { more: 0, sd: 0 })).toBe(0);
    expect(expectedLateness(-40, { more: 60, sd: 0 })).toBe(20);
  });

  // On the limit, the mean of the positive half of a normal curve: σ/√(2π).
  test('just on the limit: 0.3989 of the spread', () => {
    expect(expectedLateness(0, { more: 0, sd: 100 })).toBeCloseTo(39.894, 2);
  });

  test('never less than what is planned, never less for more, near it far beyond', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -600, max: 600 }),
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 1, max: 60 }),
        (over, sd, step) => {
          const spread = { more: 0, sd };
          const now = expectedLateness(over, spread);
          expect(now).toBeGreaterThanOrEqual(Math.max(0, over) - 1e-3);
          expect(expectedLateness(over + step, spread)).toBeGreaterThanOrEqual(now - 1e-3);
        },
      ),
      { numRuns: 200, seed: 131 },
    );
    expect(expectedLateness(900, { more: 0, sd: 60 })).toBeCloseTo(900, 3);
  });
});
