import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { goesFor, seenToWork } from './spares';
import { atLeastOne } from './success';

// Binomial: chance of at least one success in n goes at p = 0.6 is 0.84, 0.936, 0.974.
test.each([
  [2, 0.84],
  [3, 0.936],
  [4, 0.974],
])('with a long record of 60 %%, %d goes are seen to work with %d', (n, chance) => {
  expect(Math.abs(seenToWork({ worked: 60_000, failed: 40_000 }, n) - chance)).toBeLessThan(0.001);
  expect(Math.abs(atLeastOne(0.6, n) - chance)).toBeLessThan(0.001);
});

test('the mean of what is believed, for one go', () => {
  // Jeffreys: half a success and half a failure besides; 9.5 of 11.
  expect(seenToWork({ worked: 9, failed: 1 }, 1)).toBeCloseTo(9.5 / 11, 12);
  expect(seenToWork({ worked: 0, failed: 0 }, 1)).toBeCloseTo(0.5, 12);
});

test('against a numeric integral over what is believed (property)', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 1, max: 6 }),
      (worked, failed, n) => {
        // Midpoint rule over p of p^(a−1)·(1−p)^(b−1), with and without (1−p)^n.
        const [a, b, steps] = [worked + 0.5, failed + 0.5, 4000];
        let all = 0;
        let none = 0;
        for (let i = 0; i < steps; i++) {
          const p = (i + 0.5) / steps;
          const density = Math.exp((a - 1) * Math.log(p) + (b - 1) * Math.log(1 - p));
          all += density;
          none += density * (1 - p) ** n;
        }
        expect(seenToWork({ worked, failed }, n)).toBeCloseTo(1 - none / all, 3);
      },
    ),
    { numRuns: 40, seed: 11 },
  );
});

test('the least number that reaches it, within what is allowed', () => {
  const record = { worked: 600, failed: 400 };
  expect(goesFor(record, 0.8, 9)).toBe(2);
  expect(goesFor(record, 0.95, 9)).toBe(4);
  expect(goesFor(record, 0.95, 3)).toBe(3);
  expect(goesFor(record, 0.95, 0)).toBe(1);
});

test('more goes and a better record never make it less likely (property)', () => {
  const count = fc.integer({ min: 0, max: 40 });
  fc.assert(
    fc.property(count, count, fc.integer({ min: 1, max: 12 }), (worked, failed, n) => {
      const chance = seenToWork({ worked, failed }, n);
      expect(seenToWork({ worked, failed }, n + 1)).toBeGreaterThan(chance);
      expect(seenToWork({ worked: worked + 1, failed }, n)).toBeGreaterThan(chance);
    }),
  );
});
