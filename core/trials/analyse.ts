/** What the readings of a trial series say. */
import type { Anova } from '../statistics/anova';
import { fisherExact } from '../statistics/exact';
import type { Point } from '../statistics/line';
import { welch } from '../statistics/welch';
import { wilson } from '../chance/success';
import { type Fit, fitOf } from './fit';
import { type Outlier, outliersIn } from './outliers';
import { type Plateau, plateauOf } from './plateau';
import { forEach, halfWidth, lower, type Spread, spreadOfLevels } from './spread';
import { type Trend, trendOf } from './trend';
import type { Level, Question, Reading } from './types';

export interface LevelResult {
  level: Level;
  n: number;
  /** For yes or no: the share of yes. */
  mean: number;
  /** Of its own readings. */
  sd: number | null;
  /** 95 % interval of the mean; null where the spread can't be told. */
  low: number | null;
  high: number | null;
}

export interface Compared {
  from: string;
  to: string;
  /** Mean at `to` less mean at `from`, with its 95 % interval. */
  value: number;
  low: number | null;
  high: number | null;
  /** Credible in itself: the interval does not hold 0. */
  credible: boolean;
}

/** One more reading at each level, if the spread and the means stay as they are. */
export interface NextRound extends Compared {
  /** The same interval after it. */
  thenLow: number;
  thenHigh: number;
  /** It would then not hold 0 any more. */
  settles: boolean;
}

export interface Analysis {
  /** Levels that have a reading, in order. */
  levels: LevelResult[];
  anova: Anova;
  /** Levels spread alike, and one spread is used for all. */
  pooled: boolean;
  /** Chance of such differences where there are none; null where that can't be told. */
  effect: number | null;
  /** Whether a difference is credible at all. */
  seen: boolean;
  /** Indices of levels that are not credibly worse than the best. */
  best: number[];
  plateau: Plateau | null;
  trend: Trend | null;
  fit: Fit | null;
  /** Fisher's exact test, for yes or no. */
  exact: { p: number; drawn: boolean } | null;
  /** From each level to the next. */
  steps: Compared[];
  /** From the reference level to each other, wide enough for all of them together. */
  fromReference: Compared[];
  outliers: Outlier[];
  /** What one more round would say of the step that decides. */
  nextRound: NextRound | null;
  /** The least difference between two levels that these readings could have shown, about; null without a spread. */
  smallest: number | null;
}

const SURE = 0.95;
const CREDIBLE = 0.05;

/** Readings of levels that are not asked about are left out. Takes time in the square of the readings. */
export function analyse(question: Question, readings: readonly Reading[]): Analysis {
  const asked = question.levels
    .map((level) => ({ level, of: readings.filter((one) => one.level === level.id) }))
    .filter(({ of }) => of.length > 0);
  const levels = asked.map(({ level }) => level);
  const groups = asked.map(({ of }) => of.map(({ value }) => value));
  const spread = spreadOfLevels(groups, question.yesNo ? null : question.resolution);
  const turned = spreadOfLevels(
    groups.map((group) => group.map(goodness(question))),
    question.yesNo ? null : question.resolution,
  );
  const amounts = levels.every(({ value }) => value !== null)
    ? levels.map(({ value }) => value ?? 0)
    : null;
  const points = amounts
    ? asked.flatMap(({ of }, i) => of.map(({ value }): Point => [amounts[i] ?? 0, value]))
    : [];
  const trend = amounts && trendOf(amounts, points, spread);
  const exact = question.yesNo
    ? fisherExact(
        groups.map((group) => ({ yes: group.filter((one) => one === 1).length, n: group.length })),
      )
    : null;
  const effect = exact ? exact.p : effectOf(groups, spread, trend);
  const seen = effect !== null && effect < CREDIBLE;
  const plateau =
    amounts && !question.yesNo && question.better !== 'near'
      ? plateauOf({ values: amounts, spread: turned, effect: seen, matters: question.matters })
      : null;
  const compared = (from: number, to: number, statements = 1): Compared =>
    comparedIn(spread, levels, from, to, statements);
  const reference = levels.findIndex(({ id }) => id === question.reference);
  return {
    levels: asked.map(({ level }, i) => levelResult(level, i, spread, question.yesNo)),
    anova: spread.anova,
    pooled: spread.pooled,
    effect,
    seen,
    best: exact ? bestShares(groups, question.better) : bestOf(turned),
    plateau: question.better === 'less' ? asRead(plateau) : plateau,
    trend,
    fit: amounts && !question.yesNo && trend ? fitOf(points, spread.anova) : null,
    exact,
    steps: question.yesNo ? [] : levels.slice(1).map((_, i) => compared(i, i + 1)),
    fromReference:
      reference < 0 || question.yesNo
        ? []
        : levels.flatMap((_, i) =>
            i === reference ? [] : [compared(reference, i, levels.length - 1)],
          ),
    outliers: question.yesNo
      ? []
      : outliersIn(
          asked.map(({ of }) => of),
          question.resolution,
        ),
    nextRound: question.yesNo ? null : nextRound(spread, levels, plateau, bestOf(turned)),
    smallest: question.yesNo ? null : smallestSeen(spread),
  };
}

/** A gain in readings of which less is better is told as the readings go. */
const asRead = (plateau: Plateau | null): Plateau | null =>
  plateau && {
    ...plateau,
    floor: -plateau.floor,
    gain: plateau.gain && {
      value: -plateau.gain.value,
      low: -plateau.gain.high,
      high: -plateau.gain.low,
    },
  };

/** Turned so that more is better. */
const goodness =
  ({ better, target, yesNo }: Question) =>
  (value: number): number =>
    better === 'near' && !yesNo
      ? -Math.abs(value - (target ?? 0))
      : better === 'less'
        ? -value
        : value;

/** Of amounts also by their trend, which sees what rises evenly; each then counts half. */
function effectOf(
  groups: readonly (readonly number[])[],
  spread: Spread,
  trend: Trend | null,
): number | null {
  const apart = spread.pooled ? spread.anova.p : welch(groups);
  // Readings that repeat exactly, at levels that differ.
  if (apart === null && spread.anova.residualSd === 0)
    return new Set(spread.summaries.map(({ mean }) => mean)).size > 1 ? 0 : 1;
  const chances = [apart, trend?.p ?? null].filter((p) => p !== null);
  return chances.length === 0 ? null : Math.min(1, chances.length * Math.min(...chances));
}

function levelResult(level: Level, i: number, spread: Spread, yesNo: boolean): LevelResult {
  const { n = 0, mean = 0, sd = null } = spread.summaries[i] ?? {};
  if (yesNo) return { level, n, mean, sd, ...wilson(Math.round(mean * n), n) };
  const own = spread.sdOf(i);
  const half =
    own === null ? null : halfWidth({ value: mean, error: own / Math.sqrt(n), df: spread.dfOf(i) });
  return {
    level,
    n,
    mean,
    sd,
    low: half === null ? null : mean - half,
    high: half === null ? null : mean + half,
  };
}

function comparedIn(
  spread: Spread,
  levels: readonly Level[],
  from: number,
  to: number,
  statements: number,
): Compared {
  const difference = spread.between(from, to);
  const half = difference && halfWidth(difference, forEach(SURE, statements));
  const value = (spread.summaries[to]?.mean ?? 0) - (spread.summaries[from]?.mean ?? 0);
  return {
    from: levels[from]?.id ?? '',
    to: levels[to]?.id ?? '',
    value,
    low: half === null ? null : value - half,
    high: half === null ? null : value + half,
    credible: half !== null && Math.abs(value) > half,
  };
}

/** Levels that are not credibly worse than any other, at once for all (Hsu 1981, with Šidák's bound). */
function bestOf(turned: Spread): number[] {
  const n = turned.summaries.length;
  const chance = forEach(SURE, n - 1);
  return turned.summaries.flatMap((_, i) =>
    turned.summaries.some((_other, j) => {
      const more = turned.between(i, j);
      return j !== i && more !== null && lower(more, chance) > 0;
    })
      ? []
      : [i],
  );
}

/** The same for yes or no: by an exact test of each against the best. */
function bestShares(groups: readonly (readonly number[])[], better: Question['better']): number[] {
  const wanted = better === 'less' ? 0 : 1;
  const shares = groups.map((group) => ({
    yes: group.filter((one) => one === wanted).length,
    n: group.length,
  }));
  const best = shares.reduce((a, b) => (b.yes / b.n > a.yes / a.n ? b : a));
  return shares.flatMap((share, i) =>
    share !== best &&
    share.yes / share.n < best.yes / best.n &&
    fisherExact([share, best]).p * (shares.length - 1) < CREDIBLE
      ? []
      : [i],
  );
}

/** The step that decides: from below a plateau up to the best, or from it on; else between the two best. */
function nextRound(
  spread: Spread,
  levels: readonly Level[],
  plateau: Plateau | null,
  best: readonly number[],
): NextRound | null {
  const [from, to] = plateau
    ? plateau.more === 'unsettled'
      ? [plateau.at, plateau.best === plateau.at ? plateau.at + 1 : plateau.best]
      : [plateau.at - 1, plateau.best]
    : [best[1] ?? -1, best[0] ?? -1];
  if (from < 0 || to < 0 || from === to || to >= levels.length) return null;
  const now = comparedIn(spread, levels, from, to, 1);
  const sd = [from, to].map((i) => spread.sdOf(i));
  const [a = null, b = null] = sd;
  if (a === null || b === null || now.low === null) return null;
  const n = (i: number): number => (spread.summaries[i]?.n ?? 0) + 1;
  const df = spread.pooled
    ? spread.anova.dfWithin + levels.length
    : Math.min(spread.dfOf(from), spread.dfOf(to)) + 1;
  const half = halfWidth({
    value: now.value,
    error: Math.sqrt(a ** 2 / n(from) + b ** 2 / n(to)),
    df,
  });
  return {
    ...now,
    thenLow: now.value - half,
    thenHigh: now.value + half,
    settles: !now.credible && Math.abs(now.value) > half,
  };
}

/** Half the widest interval of a difference between two levels. */
function smallestSeen(spread: Spread): number | null {
  const n = spread.summaries.length;
  if (n < 2) return null;
  const widths = spread.summaries.slice(1).map((_, i) => {
    const difference = spread.between(0, i + 1);
    return difference && halfWidth(difference);
  });
  return widths.some((width) => width === null) ? null : Math.max(...widths.map((w) => w ?? 0));
}
