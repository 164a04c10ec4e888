import type { Point } from './line';
import { sum } from './sum';

/** The curve y = max·x / (half + x): it rises from 0 and levels off at `max`; at x = half it is half of that. */
export interface Saturation {
  max: number;
  half: number;
  /** Standard errors from the curve's tangents at the fit; null without degrees of freedom. */
  maxSd: number | null;
  halfSd: number | null;
  residualSd: number | null;
  /** Residual sum of squares. */
  squares: number;
  /** Degrees of freedom: points less two. */
  df: number;
}

/** Halves that are looked at, evenly spaced in their logarithm, over the range of x and so far beyond it. */
const HALVES = 240;
const BEYOND = 1000;
const REFINED = 80;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * By least squares. For a given half the best max is a quotient of sums, so only the half is searched for: over its
 * whole range, then by golden section. Null where the readings have no such curve: x below 0, fewer than three
 * levels above 0, or the best half beyond the range (they rise along a straight line, or are level).
 */
export function saturationThrough(points: readonly Point[]): Saturation | null {
  const levels = new Set(points.map(([x]) => x).filter((x) => x > 0));
  if (levels.size < 3 || points.some(([x]) => x < 0)) return null;
  const lowest = Math.log(Math.min(...levels) / BEYOND);
  const highest = Math.log(Math.max(...levels) * BEYOND);
  const step = (highest - lowest) / HALVES;
  const at = (log: number) => fitAt(points, Math.exp(log));
  const tried = Array.from({ length: HALVES + 1 }, (_, i) => at(lowest + i * step).squares);
  const best = tried.indexOf(Math.min(...tried));
  if (best === 0 || best === HALVES) return null;
  let low = lowest + (best - 1) * step;
  let high = lowest + (best + 1) * step;
  for (let i = 0; i < REFINED; i++) {
    const width = GOLDEN * (high - low);
    if (at(high - width).squares < at(low + width).squares) high = low + width;
    else low = high - width;
  }
  const half = Math.exp((low + high) / 2);
  const { max, squares } = fitAt(points, half);
  const df = points.length - 2;
  // Tangents of the curve by its two parameters, at each reading.
  const byMax = points.map(([x]) => x / (half + x));
  const byHalf = points.map(([x]) => (-max * x) / (half + x) ** 2);
  const a = sum(byMax.map((one) => one * one));
  const b = sum(byMax.map((one, i) => one * (byHalf[i] ?? 0)));
  const c = sum(byHalf.map((one) => one * one));
  const determinant = a * c - b * b;
  const residualSd = df > 0 ? Math.sqrt(squares / df) : null;
  const known = residualSd !== null && determinant > 0;
  return {
    max,
    half,
    maxSd: known ? residualSd * Math.sqrt(c / determinant) : null,
    halfSd: known ? residualSd * Math.sqrt(a / determinant) : null,
    residualSd,
    squares,
    df,
  };
}

function fitAt(points: readonly Point[], half: number): { max: number; squares: number } {
  const shares = points.map(([x]) => x / (half + x));
  const max =
    sum(points.map(([, y], i) => y * (shares[i] ?? 0))) / sum(shares.map((one) => one * one));
  return { max, squares: sum(points.map(([, y], i) => (y - max * (shares[i] ?? 0)) ** 2)) };
}
