/** How sure a record makes one that something works. */

/** Two-sided 95 % point of the normal distribution. */
const Z95 = 1.959963984540054;

/** Chance that at least one of n goes works, each with chance p. */
export const atLeastOne = (p: number, n: number): number => 1 - (1 - p) ** n;

/**
 * The 95 % interval for a chance of which k of n were seen (Wilson 1927; compared with others by
 * Newcombe 1998). With nothing seen it is everything: 0 to 1.
 */
export function wilson(k: number, n: number): { low: number; high: number } {
  if (n === 0) return { low: 0, high: 1 };
  const p = k / n;
  const z2 = Z95 * Z95;
  const middle = p + z2 / (2 * n);
  const half = Z95 * Math.sqrt((p * (1 - p)) / n + z2 / (4 * n * n));
  const by = 1 + z2 / n;
  return { low: Math.max(0, (middle - half) / by), high: Math.min(1, (middle + half) / by) };
}

/** What is believed of a chance after k of n: Jeffreys' prior, half a success and half a failure. */
export const belief = (k: number, n: number): { alpha: number; beta: number } => ({
  alpha: k + 0.5,
  beta: n - k + 0.5,
});
