import { belief } from './success';

export interface Tries {
  worked: number;
  /** Goes that did not, or only partly. */
  failed: number;
}

/**
 * Chance that at least one of n goes works, seen from a record. What is believed of the chance of one go
 * is a beta distribution, so that a thin record counts for less than a long one with the same share:
 * 1 − ∏ (b + i) / (a + b + i) for i from 0 to n − 1. For a long record it is 1 − (1 − p)ⁿ.
 *
 * Source: the beta-binomial distribution's chance of no success.
 */
export function seenToWork({ worked, failed }: Tries, n: number): number {
  const { alpha, beta } = belief(worked, worked + failed);
  let none = 1;
  for (let i = 0; i < n; i++) none *= (beta + i) / (alpha + beta + i);
  return 1 - none;
}

/** The least number of goes, up to `most`, whose chance of at least one success reaches `wanted` (0 to 1). */
export function goesFor(tries: Tries, wanted: number, most: number): number {
  for (let n = 1; n < most; n++) if (seenToWork(tries, n) >= wanted) return n;
  return Math.max(1, most);
}
