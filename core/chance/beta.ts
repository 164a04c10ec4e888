/** Numbers drawn from a beta distribution over a range, from a table made once. */

export interface Shape {
  alpha: number;
  beta: number;
}

/** Steps of the density that is added up, and entries of the table. */
const STEPS = 4096;
/** Steps of chance in a table; it has one entry more. */
export const CELLS = 256;
/** No shape piles up at an end of its range more than this. */
const LEAST = 0.5;

/**
 * The distribution over [low, high] with this mean and standard deviation. One that is wider than the
 * range allows is made to fit; null when nothing varies.
 */
export function shapeOf(mean: number, sd: number, low: number, high: number): Shape | null {
  const width = high - low;
  if (!(width > 0) || !(sd > 0)) return null;
  const m = Math.min(1 - 1e-6, Math.max(1e-6, (mean - low) / width));
  const v = (sd / width) ** 2;
  const sum = Math.max((m * (1 - m)) / v - 1, LEAST / Math.min(m, 1 - m));
  return { alpha: m * sum, beta: (1 - m) * sum };
}

/**
 * The inverse of the distribution's cumulative function at evenly spaced chances from 0 to 1: a number
 * drawn evenly, looked up here, is drawn from it. Values from 0 to 1.
 *
 * The density is added up over its middle points and the sum inverted by linear interpolation; in the
 * first and the last step, where it may grow without bound, by the power that it grows with.
 */
export function quantiles({ alpha, beta }: Shape): Float64Array {
  const weight = new Float64Array(STEPS);
  // Logarithms, because powers of small numbers underflow; only the ratio of two weights counts.
  let peak = -Infinity;
  for (let i = 0; i < STEPS; i++) {
    const x = (i + 0.5) / STEPS;
    // Of a step at an end the whole of its power's integral: hᵃ/a instead of h·(h/2)ᵃ⁻¹.
    const low = i === 0 ? atEnd(alpha) : (alpha - 1) * Math.log(x);
    const high = i === STEPS - 1 ? atEnd(beta) : (beta - 1) * Math.log1p(-x);
    weight[i] = low + high;
    peak = Math.max(peak, weight[i] ?? 0);
  }
  let total = 0;
  for (let i = 0; i < STEPS; i++) {
    weight[i] = Math.exp((weight[i] ?? 0) - peak);
    total += weight[i] ?? 0;
  }
  const table = new Float64Array(CELLS + 1);
  let step = 0;
  let below = 0;
  for (let k = 1; k < CELLS; k++) {
    const wanted = (k / CELLS) * total;
    while (step < STEPS - 1 && below + (weight[step] ?? 0) < wanted) below += weight[step++] ?? 0;
    const part = (wanted - below) / (weight[step] || 1);
    const within =
      step === 0 ? part ** (1 / alpha) : step === STEPS - 1 ? 1 - (1 - part) ** (1 / beta) : part;
    table[k] = (step + within) / STEPS;
  }
  table[CELLS] = 1;
  // The first and last entries stand for a whole step of chances: their means, not the range's ends.
  table[0] = alpha >= 1 ? (table[1] ?? 0) * endShrink(alpha) : 0;
  table[CELLS] = beta >= 1 ? 1 - (1 - (table[CELLS - 1] ?? 1)) * endShrink(beta) : 1;
  return table;
}

/** Logarithm of the mean density over the first step, where it goes as x to the power a − 1. */
const atEnd = (a: number): number => (a - 1) * Math.log(1 / STEPS) - Math.log(a);

/**
 * Near an end the cumulative chance goes as x to the power a, so the mean of x over the last step is
 * a/(a+1) of its far edge; a straight line between two entries has its mean at their middle.
 */
const endShrink = (a: number): number => Math.max(0, (2 * a) / (a + 1) - 1);

/** Looks an even number from 0 up to, but not, 1 up in a table. */
export function lookUp(table: Float64Array, even: number): number {
  const at = even * (table.length - 1);
  const i = at | 0;
  const low = table[i] ?? 0;
  return low + (at - i) * ((table[i + 1] ?? low) - low);
}
