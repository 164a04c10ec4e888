import { offsetsOf } from './decimals';
import { spreadOf } from './summary';
import { sum } from './sum';

export type Point = readonly [x: number, y: number];

/** A straight line by least squares. */
export interface Line {
  slope: number;
  /** y where x is 0. */
  intercept: number;
  /** Standard errors, and the standard deviation about the line; null for two points, which have none. */
  slopeSd: number | null;
  interceptSd: number | null;
  residualSd: number | null;
  /** Residual sum of squares. */
  squares: number;
  /** Degrees of freedom: points less two. */
  df: number;
}

/** Null for points that don't differ in x. */
export function lineThrough(points: readonly Point[]): Line | null {
  const xs = offsetsOf(points.map(([x]) => x));
  const ys = offsetsOf(points.map(([, y]) => y));
  const x = spreadOf(xs.offsets);
  const y = spreadOf(ys.offsets);
  if (points.length < 2 || x.squares === 0) return null;
  const dx = xs.offsets.map((one) => one - x.mean);
  const dy = ys.offsets.map((one) => one - y.mean);
  const slope = sum(dx.map((one, i) => one * (dy[i] ?? 0))) / x.squares;
  const squares = sum(dx.map((one, i) => ((dy[i] ?? 0) - slope * one) ** 2));
  const df = points.length - 2;
  const residualSd = df > 0 ? Math.sqrt(squares / df) : null;
  const meanX = xs.origin + x.mean;
  return {
    slope,
    intercept: ys.origin + y.mean - slope * meanX,
    slopeSd: residualSd === null ? null : residualSd / Math.sqrt(x.squares),
    interceptSd:
      residualSd === null
        ? null
        : residualSd * Math.sqrt(1 / points.length + meanX ** 2 / x.squares),
    residualSd,
    squares,
    df,
  };
}
