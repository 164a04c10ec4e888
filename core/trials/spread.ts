/** How far readings of one level lie from each other, and what that lets one say of differences. */
import { oneWay, type Anova } from '../statistics/anova';
import { tQuantile } from '../statistics/distributions';
import { type Summary, summaryOf } from '../statistics/summary';
import { unequalSpread } from '../statistics/unequalSpread';

/** Below this chance the levels are taken to spread differently, and each is judged by its own spread. */
const UNEQUAL = 0.01;

/** A difference with its standard error; degrees of freedom need not be whole. */
export interface Difference {
  value: number;
  error: number;
  df: number;
}

export interface Spread {
  summaries: Summary[];
  anova: Anova;
  /** One spread for all levels; otherwise each has its own. */
  pooled: boolean;
  /** Standard deviation of one reading at a level, never finer than it was read; null where it can't be told. */
  sdOf: (i: number) => number | null;
  dfOf: (i: number) => number;
  /** A weighted sum of the level means; null where the spread can't be told. */
  contrast: (weights: readonly number[]) => Difference | null;
  /** The mean at one level less that at another. */
  between: (from: number, to: number) => Difference | null;
}

/**
 * Of groups that each have a reading. What was read to the nearest `resolution` is uncertain by its share of it,
 * resolution/√12 (JCGM 100:2008, 4.3.7), however well readings repeat.
 */
export function spreadOfLevels(
  groups: readonly (readonly number[])[],
  resolution: number | null,
): Spread {
  const summaries = groups.map(summaryOf);
  const anova = oneWay(groups);
  const floor = (resolution ?? 0) / Math.sqrt(12);
  const repeated = summaries.every(({ n }) => n > 1);
  const unlike = repeated ? unequalSpread(groups) : null;
  const pooled = unlike === null || unlike >= UNEQUAL;
  const sdOf = (i: number): number | null => {
    const sd = pooled ? anova.residualSd : (summaries[i]?.sd ?? null);
    return sd === null ? null : Math.max(sd, floor);
  };
  const dfOf = (i: number): number => (pooled ? anova.dfWithin : (summaries[i]?.n ?? 1) - 1);
  const added = (parts: Iterable<readonly [i: number, weight: number]>): Difference | null => {
    let value = 0;
    let variance = 0;
    let overDf = 0;
    for (const [i, weight] of parts) {
      const level = summaries[i];
      if (weight === 0 || !level) continue;
      const sd = sdOf(i);
      if (sd === null) return null;
      value += weight * level.mean;
      const part = (weight * sd) ** 2 / level.n;
      variance += part;
      overDf += part ** 2 / Math.max(1, dfOf(i));
    }
    // Degrees of freedom of a sum of variances: Satterthwaite 1946.
    const df = pooled ? anova.dfWithin : overDf > 0 ? variance ** 2 / overDf : 1;
    return { value, error: Math.sqrt(variance), df };
  };
  return {
    summaries,
    anova,
    pooled,
    sdOf,
    dfOf,
    contrast: (weights) => added(weights.entries()),
    between: (from, to) =>
      added([
        [from, -1],
        [to, 1],
      ]),
  };
}

/** Half the width of the interval that holds the truth with this chance. */
export const halfWidth = ({ error, df }: Difference, chance = 0.95): number =>
  error === 0 ? 0 : tQuantile((1 + chance) / 2, df) * error;

/** Above this it is only with chance 1 − `chance`. */
export const upper = ({ value, error, df }: Difference, chance: number): number =>
  error === 0 ? value : value + tQuantile(chance, df) * error;

/** Below this it is only with chance 1 − `chance`. */
export const lower = ({ value, error, df }: Difference, chance: number): number =>
  error === 0 ? value : value - tQuantile(chance, df) * error;

/** The chance for each of so many statements, if all are to hold together (Šidák 1967). */
export const forEach = (chance: number, statements: number): number =>
  statements < 2 ? chance : chance ** (1 / statements);
