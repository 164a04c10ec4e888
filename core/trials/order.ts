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

/** A guessed order of what levels there are now: those that are gone left out, new ones last; none stays none. */
export const withAll = (predicted: readonly string[], ids: readonly string[]): string[] =>
  predicted.length === 0
    ? []
    : [
        ...predicted.filter((id) => ids.includes(id)),
        ...ids.filter((id) => !predicted.includes(id)),
      ];

/** The order with one of it moved by so many places. */
export function moved(order: readonly string[], at: number, by: number): string[] {
  const others = order.filter((_, i) => i !== at);
  const to = Math.min(others.length, Math.max(0, at + by));
  return [...others.slice(0, to), ...order.slice(at, at + 1), ...others.slice(to)];
}
