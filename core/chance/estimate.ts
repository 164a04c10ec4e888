/** What a duration is expected to be, by its three-point estimate. */
import type { Estimate } from '../repertoire/types';

export interface Expected {
  mean: number;
  sd: number;
  low: number;
  high: number;
}

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
