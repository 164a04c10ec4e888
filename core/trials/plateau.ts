/**
 * Whether more is better, waste, or worse: where an effect levels off, and what the readings say of going further.
 */
import { type Difference, forEach, lower, type Spread, upper } from './spread';

/** What is said is wrong at most so often. */
const SURE = 0.95;
/**
 * Beyond a plateau the gain is credibly less than this share of what it was on the way there. Straight rising
 * truths are then taken for a plateau in at most one of twenty series (benchmark `plateau-calibration`).
 */
const LESS_THAN = 0.5;

/** waste: no gain that counts; worse: credibly falls; unsettled: could be either; none: nothing beyond was tried. */
export type More = 'waste' | 'worse' | 'unsettled' | 'none';

export interface Plateau {
  /** Index of the smallest level that is not credibly worse than the best. */
  at: number;
  /** Index of the level with the best mean. */
  best: number;
  more: More;
  /** Index of the first level that is credibly worse than the best before it; null for none. */
  worseFrom: number | null;
  /** Mean of all readings beyond less the level’s, as they read; null where there are none, or the spread can't be told. */
  gain: { value: number; low: number; high: number } | null;
  /** Mean of all readings from the level on, as they read. */
  floor: number;
}

interface Rising {
  /** Amounts, ascending, one for each level of the spread. */
  values: readonly number[];
  /** Of readings turned so that more is better. */
  spread: Spread;
  /** Whether anything is credibly different from anything. */
  effect: boolean;
  matters: number | null;
}

/** Null where the spread can't be told. */
export function plateauOf({ values, spread, effect, matters }: Rising): Plateau | null {
  const n = values.length;
  const means = spread.summaries.map(({ mean }) => mean);
  const best = means.indexOf(Math.max(...means));
  const chance = forEach(SURE, n - 1);
  const isWorse = (from: number, to: number): boolean => isAbove(spread.between(from, to), chance);
  if (n < 2 || means.some((_, i) => spread.sdOf(i) === null)) return null;
  // Each is held against every other: the one with the best mean need not be the best (Hsu 1981). And against all
  // beyond it together, whose mean is known better: if that is above it, so is one of them.
  const at = means.findIndex(
    (_, i) =>
      !means.some((_other, j) => j !== i && isWorse(i, j)) &&
      !(i < n - 1 && isAbove(gainBeyond(spread, i), chance)),
  );
  const place = at < 0 ? best : at;
  const beyond = n - 1 - place;
  const gain = beyond > 0 ? gainBeyond(spread, place) : null;
  const worse = effect ? means.findIndex((_, j) => j > best && isWorse(j, best)) : -1;
  const levelled =
    gain !== null &&
    ((matters !== null && upper(gain, SURE) < matters) ||
      (matters === null && effect && place > 0 && flattens(values, spread, place)));
  return {
    at: place,
    best,
    worseFrom: worse < 0 ? null : worse,
    more: beyond === 0 ? 'none' : worse >= 0 ? 'worse' : levelled && gain ? 'waste' : 'unsettled',
    floor: meanFrom(spread, place),
    gain: gain && { value: gain.value, low: lower(gain, 0.975), high: upper(gain, 0.975) },
  };
}

function meanFrom({ summaries }: Spread, at: number): number {
  const from = summaries.slice(at);
  const total = from.reduce((all, { n }) => all + n, 0);
  return from.reduce((all, { n, mean }) => all + n * mean, 0) / total;
}

const isAbove = (difference: Difference | null, chance: number): boolean =>
  difference !== null && lower(difference, chance) > 0;

/** Mean of all readings beyond a level, less the level's. */
function gainBeyond(spread: Spread, at: number): Difference | null {
  const sizes = spread.summaries.map(({ n }, i) => (i > at ? n : 0));
  const total = sizes.reduce((all, n) => all + n, 0);
  return spread.contrast(sizes.map((n, i) => (i === at ? -1 : n / total)));
}

/** The slope beyond a level is credibly less than a share of the slope up to it. */
function flattens(values: readonly number[], spread: Spread, at: number): boolean {
  const before = slopeWeights(values, spread, 0, at);
  const beyond = slopeWeights(values, spread, at, values.length - 1);
  const difference = spread.contrast(
    beyond.map((weight, i) => weight - LESS_THAN * (before[i] ?? 0)),
  );
  return difference !== null && upper(difference, SURE) < 0;
}

/** Weights of level means that give the least-squares slope from one level to another, by numbers of readings. */
export function slopeWeights(
  values: readonly number[],
  { summaries }: Spread,
  from: number,
  to: number,
): number[] {
  const sizes = summaries.map(({ n }, i) => (i >= from && i <= to ? n : 0));
  const total = sizes.reduce((all, n) => all + n, 0);
  const middle = sizes.reduce((all, n, i) => all + n * (values[i] ?? 0), 0) / total;
  const squares = sizes.reduce((all, n, i) => all + n * ((values[i] ?? 0) - middle) ** 2, 0);
  return sizes.map((n, i) => (squares > 0 ? (n * ((values[i] ?? 0) - middle)) / squares : 0));
}
