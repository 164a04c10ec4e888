import { tAbove } from '../statistics/distributions';
import { kendall } from '../statistics/kendall';
import { lineThrough, type Point } from '../statistics/line';
import { halfWidth, type Spread } from './spread';
import { slopeWeights } from './plateau';

/** How readings go with the amount. */
export interface Trend {
  /** Change of the reading for one unit of the amount, with its 95 % interval. */
  slope: number;
  low: number | null;
  high: number | null;
  /** Two-sided chance of such a slope with no trend; null where the spread can't be told. */
  p: number | null;
  /** Kendall's τ of amount and reading, and its chance. */
  tau: number | null;
  tauP: number | null;
  direction: 'rising' | 'falling' | 'none';
}

const CREDIBLE = 0.05;

/**
 * The slope's error comes from readings that were repeated at a level; where none were, from their distance to the
 * line. Null for amounts that don't differ.
 */
export function trendOf(
  values: readonly number[],
  points: readonly Point[],
  spread: Spread,
): Trend | null {
  const line = lineThrough(points);
  if (!line) return null;
  const repeated = spread.contrast(slopeWeights(values, spread, 0, values.length - 1));
  const slope =
    repeated ??
    (line.slopeSd === null ? null : { value: line.slope, error: line.slopeSd, df: line.df });
  const ranks = kendall(
    points.map(([x]) => x),
    points.map(([, y]) => y),
  );
  const half = slope && halfWidth(slope);
  const p = slope && chanceOf(slope.value, slope.error, slope.df);
  return {
    slope: line.slope,
    low: half === null ? null : line.slope - half,
    high: half === null ? null : line.slope + half,
    p,
    tau: ranks.tau,
    tauP: ranks.p,
    direction: p === null || p >= CREDIBLE ? 'none' : line.slope > 0 ? 'rising' : 'falling',
  };
}

/** Two-sided chance of a value so many errors from 0. */
export function chanceOf(value: number, error: number, df: number): number {
  if (value === 0) return 1;
  return error === 0 ? 0 : 2 * tAbove(Math.abs(value) / error, df);
}
