/** How late one is to be expected. */

/** What is uncertain about a length: how much longer than planned it is on average, and its spread. */
export interface Spread {
  more: number;
  sd: number;
}

/** Height of the standard normal curve. */
const height = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/**
 * Chance that a standard normal number is below z (Abramowitz and Stegun 1964, 26.2.17; error below
 * 7.5·10⁻⁸).
 */
export function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    height(z) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z < 0 ? tail : 1 - tail;
}

/**
 * Expected seconds beyond a limit that is passed by `over` as planned (negative when there is time to
 * spare): the mean of max(0, X) for X normal, as the sum of many independent times nearly is.
 */
export function expectedLateness(over: number, { more, sd }: Spread): number {
  const mean = over + more;
  if (sd <= 0) return Math.max(0, mean);
  const z = mean / sd;
  return Math.max(0, sd * height(z) + mean * below(z));
}
