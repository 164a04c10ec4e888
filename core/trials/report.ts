/** What a series says as plain data: for the command line, and for files. */
import { kendall, type RankAgreement } from '../statistics/kendall';
import { analyse, type Analysis } from './analyse';
import { type Claim, claimOf, type Naming, orderClaim } from './claim';
import type { Level, Question, Reading } from './types';

/** A level as it is written: its amount, or its name. */
type Named = number | string;

const named = ({ label, value }: Level): Named => value ?? label;

export interface TrialReport {
  levels: {
    level: Named;
    n: number;
    mean: number;
    sd: number | null;
    low: number | null;
    high: number | null;
  }[];
  anova: Analysis['anova'];
  /** One spread was used for all levels. */
  pooled: boolean;
  /** Chance of such differences where there are none. */
  effect: { p: number | null; seen: boolean };
  /** Levels that are not credibly worse than the best. */
  best: Named[];
  plateau: {
    level: Named;
    best: Named;
    more: string;
    worseFrom: Named | null;
    gain: { value: number; low: number; high: number } | null;
  } | null;
  trend: Analysis['trend'];
  fit: Analysis['fit'];
  exact: Analysis['exact'];
  order: RankAgreement | null;
  outliers: Analysis['outliers'];
  /** The least difference that would have shown, about. */
  smallest: number | null;
  kind: Claim['kind'];
  claim: string;
}

export function trialReport(
  question: Question,
  readings: readonly Reading[],
  naming: Naming,
): TrialReport {
  const analysis = analyse(question, readings);
  const at = (i: number): Named => {
    const level = analysis.levels[i]?.level;
    return level ? named(level) : '';
  };
  const order = orderIn(analysis);
  const claim =
    order?.tau === null || order === null
      ? claimOf(analysis, naming)
      : orderClaim(order.tau, order.agree, order.differ);
  const { plateau } = analysis;
  return {
    levels: analysis.levels.map(({ level, ...figures }) => ({ level: named(level), ...figures })),
    anova: analysis.anova,
    pooled: analysis.pooled,
    effect: { p: analysis.effect, seen: analysis.seen },
    best: analysis.best.map(at),
    plateau: plateau && {
      level: at(plateau.at),
      best: at(plateau.best),
      more: plateau.more,
      worseFrom: plateau.worseFrom === null ? null : at(plateau.worseFrom),
      gain: plateau.gain,
    },
    trend: analysis.trend,
    fit: analysis.fit,
    exact: analysis.exact,
    order,
    outliers: analysis.outliers,
    smallest: analysis.smallest,
    kind: claim.kind,
    claim: claim.words,
  };
}

/** Each amount read once, and both columns the numbers from 1 on: a predicted order and the observed one. */
function orderIn({ levels }: Analysis): RankAgreement | null {
  const first = levels.map(({ level }) => level.value);
  const second = levels.map(({ mean }) => mean);
  const isOrder = (ranks: readonly (number | null)[]): boolean =>
    [...ranks].sort((a, b) => (a ?? 0) - (b ?? 0)).every((rank, i) => rank === i + 1);
  if (levels.length < 3 || levels.some(({ n }) => n > 1) || !isOrder(first) || !isOrder(second))
    return null;
  return kendall(
    first.map((rank) => rank ?? 0),
    second,
  );
}
