import { noncentralTBelow, tQuantile } from './distributions';

export interface Sought {
  /** Standard deviation of a reading within a level. */
  sd: number;
  /** The difference between two levels that is to be seen. */
  difference: number;
  levels: number;
}

/** Chances that the difference is seen when it is there, and that one is seen when there is none. */
const POWER = 0.8;
const ALPHA = 0.05;
/** More are not worth planning. */
export const REPLICATES_MOST = 1000;

/** Chance that two levels so far apart are told apart by a two-sided t test, with the spread pooled over all levels. */
export function powerWith(replicates: number, { sd, difference, levels }: Sought): number {
  const df = levels * (replicates - 1);
  const ncp = difference / (sd * Math.sqrt(2 / replicates));
  const critical = tQuantile(1 - ALPHA / 2, df);
  return 1 - noncentralTBelow(critical, df, ncp) + noncentralTBelow(-critical, df, ncp);
}

/**
 * Readings at each level until a difference is seen in eight of ten trials; 2 at least, for without a second there
 * is no spread. Null where more than a thousand would be needed. Throws RangeError for what is not above 0.
 */
export function replicatesFor(sought: Sought): number | null {
  const { sd, difference, levels } = sought;
  if (!(difference > 0) || !(sd >= 0) || levels < 2) throw new RangeError('Nothing to be seen.');
  if (sd === 0) return 2;
  let low = 1;
  let high = 2;
  while (powerWith(high, sought) < POWER) {
    if (high >= REPLICATES_MOST) return null;
    low = high;
    high = Math.min(REPLICATES_MOST, high * 2);
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (powerWith(middle, sought) >= POWER) high = middle;
    else low = middle;
  }
  return high;
}
