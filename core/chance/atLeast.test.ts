import { expect, test } from '@jest/globals';
import { atLeast } from './atLeast';
import { seenToWork } from './spares';

/** SciPy’s betabinom, version 1.17. */
test.each([
  [5, 7, { worked: 9, failed: 1 }, 0.9000688283740617],
  [5, 5, { worked: 9, failed: 1 }, 0.5371776660839158],
  [1, 3, { worked: 2, failed: 2 }, 0.8125],
])('at least %d of %d with %j', (k, n, tries, chance) => {
  expect(atLeast(k, n, tries)).toBeCloseTo(chance, 12);
});

test('one of so many is what a spare is reckoned by; none always; more than there are never', () => {
  const tries = { worked: 4, failed: 3 };
  for (const n of [1, 2, 5]) expect(atLeast(1, n, tries)).toBeCloseTo(seenToWork(tries, n), 12);
  expect(atLeast(0, 4, tries)).toBeCloseTo(1, 12);
  expect(atLeast(5, 4, tries)).toBe(0);
});

test('for a long record it is the binomial: 0.9 each, five of seven in 97 of 100', () => {
  expect(atLeast(5, 7, { worked: 90_000, failed: 10_000 })).toBeCloseTo(0.974, 3);
});
