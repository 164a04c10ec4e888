/** How many of a thing are away with shows at once, the ways there and back included. */
import { dayNumber } from '../time/days';
import type { ShowNeeds } from './types';

/** When a show has its things, and where. Seconds since 1970-01-01. */
export interface Stay {
  showId: string;
  from: number;
  until: number;
  /** Seconds on the way, there and again back. */
  way: number;
  venueId: string | null;
}

export interface Away {
  base: number;
  stay: Stay;
}

const DAY = 24 * 60 * 60;

export function stayOf({
  showId,
  date,
  from,
  until,
  way,
  venueId,
}: Pick<ShowNeeds, keyof Stay | 'date'>): Stay {
  const midnight = dayNumber(date) * DAY;
  return { showId, from: midnight + from, until: midnight + until, way, venueId };
}

/** Two shows in one place hand on as they are; between places it goes by home, as far as is known. */
const between = (a: Stay, b: Stay): number =>
  a.venueId !== null && a.venueId === b.venueId ? 0 : a.way + b.way;

/** Whether what a has is there for b. */
export const handsOn = ({ stay: a }: Away, { stay: b }: Away): boolean =>
  a.until + between(a, b) <= b.from;

const byStart = ({ stay: a }: Away, { stay: b }: Away): number =>
  a.from - b.from || (a.showId < b.showId ? -1 : 1);

/** Those that have not brought back what they took when this one takes its own. */
export const stillAway = <T extends Away>(earlier: readonly T[], now: Away): T[] =>
  earlier.filter((one) => !handsOn(one, now));

/**
 * The least number that serves all of them: what each needs, less the most that those who are done can
 * hand on to those who begin, which is found by augmenting (Ford and Fulkerson 1956).
 */
export function leastFor(all: readonly Away[]): number {
  const shows = all.filter(({ base }) => base > 0).sort(byStart);
  const wanting = shows.map(({ base }) => base);
  const handed = shows.map(() => shows.map(() => 0));
  const given = (from: number, to: number): number => handed[from]?.[to] ?? 0;
  const change = (from: number, to: number, by: number): void => {
    const row = handed[from];
    if (row) row[to] = given(from, to) + by;
  };
  const takers = shows.map((a, i) => shows.flatMap((b, j) => (i < j && handsOn(a, b) ? [j] : [])));
  /** Hands on up to an amount; a taker that has all it needs may get it from another instead. */
  const handOn = (from: number, amount: number, asked: Set<number>): number => {
    for (const to of takers[from] ?? []) {
      if (asked.has(to)) continue;
      asked.add(to);
      const lacks = wanting[to] ?? 0;
      if (lacks > 0) {
        const now = Math.min(amount, lacks);
        wanting[to] = lacks - now;
        change(from, to, now);
        return now;
      }
      for (const other of shows.keys()) {
        const freed =
          given(other, to) > 0 ? handOn(other, Math.min(amount, given(other, to)), asked) : 0;
        if (freed === 0) continue;
        change(other, to, -freed);
        change(from, to, freed);
        return freed;
      }
    }
    return 0;
  };
  shows.forEach(({ base }, from) => {
    let left = base;
    for (
      let now = handOn(from, left, new Set());
      now > 0;
      now = left > 0 ? handOn(from, left, new Set()) : 0
    )
      left -= now;
  });
  return wanting.reduce((sum, lacks) => sum + lacks, 0);
}
