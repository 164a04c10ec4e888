/** Whether a figure that was taken down beside the readings, such as the room's temperature, could explain them. */
import { lineThrough, type Point } from '../statistics/line';
import { tQuantile } from '../statistics/distributions';
import { analyse, type Analysis } from './analyse';
import type { TrialGo } from './series';
import { readingsIn } from './design';
import type { Question } from './types';

export interface Evened {
  /** The least and the most that it was. */
  from: number;
  to: number;
  /** Change of the reading for one of it, at the same level; with its 95 % interval. */
  slope: number;
  low: number;
  high: number;
  /** What its whole range may be worth in the reading. */
  worth: { low: number; high: number };
  /** The same analysis of readings as they would be at its mean. */
  analysis: Analysis;
}

/**
 * Analysis of covariance with one slope for all levels (Fisher 1932): within levels, readings are set against the
 * figure, and each is moved along that slope to the figure's mean. Readings without the figure are left out. Null where
 * it did not change within any level, or there are too few readings for a slope.
 */
export function evenedBy(
  question: Question,
  goes: readonly TrialGo[],
  conditionId: string,
): Evened | null {
  const known = goes.flatMap((go) => {
    const at = go.conditions.find(({ id }) => id === conditionId)?.value;
    const [reading] = readingsIn([go]);
    return at === undefined || !reading ? [] : [{ reading, at }];
  });
  const levels = [...new Set(known.map(({ reading }) => reading.level))];
  const meanOf = (values: readonly number[]): number =>
    values.reduce((all, value) => all + value, 0) / values.length;
  const within = levels.flatMap((level): Point[] => {
    const own = known.filter(({ reading }) => reading.level === level);
    const [x, y] = [
      meanOf(own.map(({ at }) => at)),
      meanOf(own.map(({ reading }) => reading.value)),
    ];
    return own.map(({ at, reading }): Point => [at - x, reading.value - y]);
  });
  const df = known.length - levels.length - 1;
  const line = lineThrough(within);
  if (!line || df < 1 || question.yesNo) return null;
  const squares = within.reduce((all, [x]) => all + x * x, 0);
  const half = (tQuantile(0.975, df) * Math.sqrt(line.squares / df)) / Math.sqrt(squares);
  const all = known.map(({ at }) => at);
  const [from, to] = [Math.min(...all), Math.max(...all)];
  const middle = meanOf(all);
  const [low, high] = [line.slope - half, line.slope + half];
  return {
    from,
    to,
    slope: line.slope,
    low,
    high,
    worth: { low: low * (to - from), high: high * (to - from) },
    analysis: analyse(
      question,
      known.map(({ reading, at }) => ({
        ...reading,
        value: reading.value - line.slope * (at - middle),
      })),
    ),
  };
}
