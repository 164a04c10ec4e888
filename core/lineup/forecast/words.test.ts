/** A forecast in words and dots. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { stackDots } from './dots';
import { bestToLeaveOut, couldGain, ofHundred, soonerWords } from './words';

test('all, or none, only when it is so', () => {
  expect([1, 0.999, 0.994, 0.5, 0.004, 0].map(ofHundred)).toEqual([
    '100 of 100',
    'over 99 of 100',
    '99 of 100',
    '50 of 100',
    'fewer than 1 of 100',
    '0 of 100',
  ]);
});

test('sooner, later, or neither', () => {
  expect([45, -75, 9, -9].map(soonerWords)).toEqual([
    'ends 0:45 sooner',
    'ends 1:15 later',
    'ends no sooner',
    'ends no sooner',
  ]);
});

const row = (slots: string[], gain: number) => ({
  slots,
  worth: 1,
  chance: 0.97,
  gain,
  p10: 0,
  p50: 0,
  p90: 0,
});

test('advice is of one thing that is worth it, or there is none', () => {
  expect(bestToLeaveOut([row(['a', 'b'], 0.9), row(['c'], 0.3)])?.slots).toEqual(['c']);
  expect(bestToLeaveOut([row(['a'], 0.01)])).toBeNull();
  // From 96 of 100 on nothing can gain five in a hundred.
  expect([0, 0.94, 0.96, 1].map((chance) => couldGain({ chance }))).toEqual([
    true,
    true,
    false,
    false,
  ]);
});

describe('dots', () => {
  test('every show is one dot; no stack has shows from both sides of the hard finish', () => {
    const ends = fc
      .array(fc.integer({ min: 0, max: 4000 }), { minLength: 1, maxLength: 100 })
      .map((all) => all.sort((a, b) => a - b));
    fc.assert(
      fc.property(
        ends,
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 1, max: 90 }),
        (all, finish, wide) => {
          const dots = stackDots(all, finish, wide);
          expect(dots).toHaveLength(all.length);
          expect(dots.filter((dot) => dot.late)).toHaveLength(
            all.filter((end) => end > finish).length,
          );
          dots.forEach((dot, i) => {
            expect(dot.late).toBe(dot.at > finish);
            expect(Math.abs(dot.at - (all[i] ?? 0))).toBeLessThanOrEqual(wide / 2 + 1e-6);
          });
          expect(new Set(dots.map((dot) => `${dot.at}/${dot.level}`)).size).toBe(dots.length);
        },
      ),
      { numRuns: 100, seed: 161 },
    );
  });
});
