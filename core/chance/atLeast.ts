import type { Tries } from './spares';
import { belief } from './success';

/**
 * Chance that at least k of n goes work, where what is believed of one go is a beta distribution: the beta-binomial
 * distribution's upper tail.
 */
export function believedAtLeast(
  k: number,
  n: number,
  { alpha, beta }: { alpha: number; beta: number },
): number {
  // Chance of none; each further one by the ratio of neighbours.
  let chance = 1;
  for (let i = 0; i < n; i++) chance *= (beta + i) / (alpha + beta + i);
  let sum = k <= 0 ? chance : 0;
  for (let j = 0; j < n; j++) {
    chance *= ((n - j) / (j + 1)) * ((alpha + j) / (beta + n - j - 1));
    if (j + 1 >= k) sum += chance;
  }
  return Math.min(1, sum);
}

/**
 * The same seen from a record alone, so that a thin one counts for less than a long one with the same share. For a long
 * record it is the binomial's.
 */
export const atLeast = (k: number, n: number, { worked, failed }: Tries): number =>
  believedAtLeast(k, n, belief(worked, worked + failed));
