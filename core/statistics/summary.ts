import { offsetsOf } from './decimals';
import { sum } from './sum';

export interface Summary {
  n: number;
  mean: number;
  /** Sample standard deviation, over n − 1; null for fewer than two. */
  sd: number | null;
}

/** Mean and sum of squared deviations from it, of numbers near 0. Takes the mean's own rounding off again. */
export function spreadOf(values: readonly number[]): { mean: number; squares: number } {
  const n = values.length;
  const mean = sum(values) / n;
  const rest = sum(values.map((value) => value - mean));
  const squares = sum(values.map((value) => (value - mean) ** 2)) - rest ** 2 / n;
  return { mean: mean + rest / n, squares: Math.max(0, squares) };
}

/** Throws RangeError for none, and for a reading that is no finite number. */
export function summaryOf(values: readonly number[]): Summary {
  const n = values.length;
  if (n === 0) throw new RangeError('There is no reading.');
  const { origin, offsets } = offsetsOf(values);
  const { mean, squares } = spreadOf(offsets);
  return { n, mean: origin + mean, sd: n < 2 ? null : Math.sqrt(squares / (n - 1)) };
}
