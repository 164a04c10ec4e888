import { chanceOf } from './trend';
import type { Reading } from './types';

/** A reading to look at: too far from the others of its level to be one of them. */
export interface Outlier {
  go: number;
  level: string;
  value: number;
  /** Less the mean of the others. */
  off: number;
  /** Chance that any of the readings is as far off. */
  p: number;
}

const SURE = 0.05;

/**
 * Each reading against the others of its level, by a spread that it takes no part in, for all readings at once
 * (externally studentised residuals, Bonferroni). It is asked about, never left out by itself. Farthest first.
 */
export function outliersIn(
  groups: readonly (readonly Reading[])[],
  resolution: number | null,
): Outlier[] {
  const levels = groups.map((group) => {
    const mean = group.reduce((all, { value }) => all + value, 0) / group.length;
    return group.map((reading) => ({ reading, n: group.length, off: reading.value - mean }));
  });
  const all = levels.flat();
  const df = all.length - groups.length - 1;
  if (df < 1) return [];
  const squares = all.reduce((sum, { off }) => sum + off ** 2, 0);
  const floor = (resolution ?? 0) / Math.sqrt(12);
  return all
    .flatMap(({ reading, n, off }): Outlier[] => {
      if (n < 2) return [];
      const alone = n / (n - 1);
      const rest = Math.max(0, squares - off ** 2 * alone);
      const error = Math.max(Math.sqrt(rest / df), floor) * Math.sqrt(alone);
      const p = Math.min(1, all.length * chanceOf(off * alone, error, df));
      const { go, level, value } = reading;
      return p < SURE ? [{ go, level, value, off: off * alone, p }] : [];
    })
    .sort((a, b) => a.p - b.p);
}
