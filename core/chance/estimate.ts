/** What a duration is expected to be: the three-point estimate, giving way to the record as it grows. */
import type { Estimate } from '../repertoire/types';

export interface Expected {
  mean: number;
  sd: number;
  low: number;
  high: number;
}

/** The estimate weighs as much as so many times that were taken. */
const WORTH = 3;

/**
 * Mean and standard deviation of a three-point estimate, in its unit: (a + 4m + b)/6 and (b − a)/6
 * (Malcolm, Roseboom, Clark and Fazar 1959, for PERT).
 */
export const threePoint = ({ shortest, likely, longest }: Estimate): Expected => ({
  mean: (shortest + 4 * likely + longest) / 6,
  sd: (longest - shortest) / 6,
  low: shortest,
  high: longest,
});

/** The estimate and the times really taken as one: each weighs by its number, the estimate as three. */
export function blended(estimate: Estimate, taken: readonly number[]): Expected {
  const prior = threePoint(estimate);
  const n = taken.length;
  if (n === 0) return prior;
  const mean = taken.reduce((sum, x) => sum + x, 0) / n;
  const variance = taken.reduce((sum, x) => sum + (x - mean) ** 2, 0) / n;
  const share = n / (n + WORTH);
  return {
    mean: (1 - share) * prior.mean + share * mean,
    sd: Math.sqrt(
      (1 - share) * prior.sd ** 2 +
        share * variance +
        share * (1 - share) * (mean - prior.mean) ** 2,
    ),
    low: Math.min(prior.low, ...taken),
    high: Math.max(prior.high, ...taken),
  };
}
