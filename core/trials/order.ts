import { kendall, type RankAgreement } from '../statistics/kendall';
import type { LevelResult } from './analyse';

export interface OrderFound extends RankAgreement {
  /** Ids of levels by what was read, the highest first. */
  observed: string[];
}

/** A guessed order against the one of the means; null for no guess, or fewer than three levels that were read. */
export function orderFound(
  predicted: readonly string[],
  levels: readonly LevelResult[],
): OrderFound | null {
  const read = levels.filter(({ level }) => predicted.includes(level.id));
  if (read.length < 3) return null;
  return {
    ...kendall(
      read.map(({ level }) => -predicted.indexOf(level.id)),
      read.map(({ mean }) => mean),
    ),
    observed: [...read].sort((a, b) => b.mean - a.mean).map(({ level }) => level.id),
  };
}
