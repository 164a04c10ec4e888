/** What the readings of one result come to, over all the times it was read. */
import type { MeasuredFigure } from '../calculators/bind';
import { wilson } from '../chance/success';
import type { MethodResult } from '../repertoire/measure';
import { tQuantile } from '../statistics/distributions';
import { kendall } from '../statistics/kendall';
import { summaryOf } from '../statistics/summary';
import { figureOf, type Figure, figureUnit } from './conversions';
import { expanded, ofResolution } from './propagate';

export const READ_IN = ['performance', 'rehearsal', 'bench'] as const;
/** bench: outside of any show. */
export type ReadIn = (typeof READ_IN)[number];

/** One reading with what is known of when it was taken. */
export interface ReadingTold {
  /** Of one on the Bench; null of a show’s. */
  id: string | null;
  /** Id of the method’s result. */
  result: string;
  /** In the unit it is read in; null where it was to be read and was not. */
  value: number | null;
  /** What was read first, where it was put right later; else the same. */
  first: number | null;
  go: number;
  /** Milliseconds since 1970. */
  at: number;
  /** The show, or what was noted of it on the Bench. */
  of: string;
  kind: ReadIn;
  /** Figures of the day, by their names. */
  conditions: Readonly<Record<string, number>>;
}

/** A reading, and the figure it stands for. */
export interface FigureTold {
  told: ReadingTold;
  figure: Figure;
}

export interface ReadingSummary {
  result: MethodResult;
  /** Oldest first. */
  figures: FigureTold[];
  notRead: number;
  best: FigureTold | null;
  /** Of the figures: for yes and no the share of yes. Null for none. */
  mean: number | null;
  /** From one reading to another; never finer than they are read to. Null for fewer than two, and for yes and no. */
  sd: number | null;
  /** The mean’s 95 % interval; null where it can’t be told. */
  low: number | null;
  high: number | null;
  drift: Drift | null;
  /** Figures of the day that it credibly goes with, the surest first. */
  goesWith: { name: string; tau: number; p: number; n: number }[];
}

/** A change over time that is more than chance. */
export interface Drift {
  /** From one reading to the next, in the figure’s unit: the median slope (Sen 1968). */
  perReading: number;
  tau: number;
  p: number;
}

/** Readings from which on a change over time is looked for. */
const READINGS_FOR_DRIFT = 6;
const CREDIBLE = 0.05;
/** Conditions are several, and looked at one by one: each has to be surer. */
const CREDIBLE_EACH = 0.01;

function bestOf({ better, target }: MethodResult, figures: readonly FigureTold[]) {
  const worth = ({ figure, told }: FigureTold): number =>
    better === 'more'
      ? figure.value
      : better === 'less'
        ? -figure.value
        : -Math.abs((told.value ?? 0) - (target ?? 0));
  return figures.reduce<FigureTold | null>(
    (best, one) => (best === null || worth(one) > worth(best) ? one : best),
    null,
  );
}

/** Mann 1945: Kendall’s τ of the figures and their order. */
function driftOf(values: readonly number[]): Drift | null {
  if (values.length < READINGS_FOR_DRIFT) return null;
  const { tau, p } = kendall(
    values.map((_, i) => i),
    values,
  );
  if (tau === null || p === null || p >= CREDIBLE) return null;
  const slopes = values.flatMap((b, j) => values.slice(0, j).map((a, i) => (b - a) / (j - i)));
  slopes.sort((a, b) => a - b);
  const middle = slopes.length / 2;
  const perReading = ((slopes[Math.ceil(middle) - 1] ?? 0) + (slopes[Math.floor(middle)] ?? 0)) / 2;
  return { perReading, tau, p };
}

function goesWith(figures: readonly FigureTold[]): ReadingSummary['goesWith'] {
  const names = new Set(figures.flatMap(({ told }) => Object.keys(told.conditions)));
  return [...names]
    .flatMap((name) => {
      const paired = figures.flatMap(({ told, figure }) => {
        const known = told.conditions[name];
        return known === undefined ? [] : [[known, figure.value] as const];
      });
      if (paired.length < READINGS_FOR_DRIFT) return [];
      const { tau, p } = kendall(
        paired.map(([x]) => x),
        paired.map(([, y]) => y),
      );
      return tau === null || p === null || p >= CREDIBLE_EACH
        ? []
        : [{ name, tau, p, n: paired.length }];
    })
    .sort((a, b) => a.p - b.p);
}

/** Of readings in any order; those of other results are left out. */
export function readingSummary(
  result: MethodResult,
  readings: readonly ReadingTold[],
): ReadingSummary {
  const own = readings
    .filter((one) => one.result === result.id)
    .sort((a, b) => a.at - b.at || a.go - b.go);
  const figures = own.flatMap((told): FigureTold[] => {
    const figure = told.value === null ? null : figureOf(result, told.value);
    return figure ? [{ told, figure }] : [];
  });
  const notRead = own.filter(({ value }) => value === null).length;
  const values = figures.map(({ figure }) => figure.value);
  const shared = { result, figures, notRead, best: bestOf(result, figures) };
  if (values.length === 0)
    return { ...shared, mean: null, sd: null, low: null, high: null, drift: null, goesWith: [] };
  if (result.quantity === 'yesNo') {
    const yes = values.filter((value) => value === 1).length;
    const { low, high } = wilson(yes, values.length);
    const mean = yes / values.length;
    return { ...shared, best: null, mean, sd: null, low, high, drift: null, goesWith: [] };
  }
  const { mean, sd: spread, n } = summaryOf(values);
  const floor = result.becomes ? 0 : ofResolution(result.resolution ?? 0);
  const sd = spread === null ? null : Math.max(spread, floor);
  const half = sd === null ? null : (tQuantile(0.975, n - 1) * sd) / Math.sqrt(n);
  return {
    ...shared,
    mean,
    sd,
    low: half === null ? null : mean - half,
    high: half === null ? null : mean + half,
    drift: driftOf(values),
    goesWith: goesWith(figures),
  };
}

/** Measured figures of a method by the ids of its results; those that were never read are left out. */
export function measuredOf(
  results: readonly MethodResult[],
  readings: readonly ReadingTold[],
): Map<string, MeasuredFigure> {
  const measured = new Map<string, MeasuredFigure>();
  for (const result of results) {
    if (result.quantity === 'yesNo') continue;
    const { mean, figures } = readingSummary(result, readings);
    if (mean === null) continue;
    const ends = figures.map(({ figure }) => [figure.value, expanded(figure)] as const);
    const { unitId } = figureUnit(result);
    measured.set(result.id, {
      name: result.name,
      value: mean,
      least: Math.min(...ends.map(([value, half]) => value - half)),
      most: Math.max(...ends.map(([value, half]) => value + half)),
      unit: unitId,
      n: figures.length,
    });
  }
  return measured;
}
