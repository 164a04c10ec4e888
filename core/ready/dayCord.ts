/** The day of a show as a cord: its fixed hours, and what is still to be looked at on the way. */
import type { MarkShape, Show } from '../brief/types';
import { parseClock } from '../time/clock';
import type { Check } from './checks';
import { checksOf, type StopKind, walkOf } from './walk/stops';

export interface Knot {
  key: string;
  /** Seconds from midnight. */
  at: number;
  name: string;
  /** A fixed hour of the day, or checks that fall due. */
  kind: 'hour' | 'checks';
  mark: MarkShape | null;
  /** Of so many checks, so many are still open; 0, both, for an hour. */
  open: number;
  all: number;
}

const NAME: Readonly<Record<Exclude<StopKind, 'place'>, string>> = {
  arrival: 'room',
  crew: 'crew',
  doors: 'way clear',
  last: 'last minutes',
};

/** The stops of the walk, each by when its last check is due. */
const knotsOf = (
  show: Show,
  checks: readonly Check[],
  isOpen: (check: Check) => boolean,
  start: number,
): Knot[] =>
  walkOf(checks, show).flatMap((stop): Knot[] => {
    const here = checksOf(stop);
    return here.length === 0
      ? []
      : [
          {
            key: stop.key,
            at: start + stop.due,
            name: stop.kind === 'place' ? stop.place || 'elsewhere' : NAME[stop.kind],
            kind: 'checks',
            mark: stop.mark,
            open: here.filter(isOpen).length,
            all: here.length,
          },
        ];
  });

/** In the order of the day; hours stand before checks that are due by then. */
export function dayCord(
  show: Show,
  checks: readonly Check[],
  isOpen: (check: Check) => boolean,
): Knot[] {
  const { arrival, doors, start, hardFinish } = show;
  const hour = (name: string, clock: string): Knot => ({
    key: name,
    at: parseClock(clock),
    name,
    kind: 'hour',
    mark: null,
    open: 0,
    all: 0,
  });
  const hours = [
    hour('arrival', arrival),
    hour('doors', doors),
    hour('start', start),
    hour('hard finish', hardFinish),
  ];
  return [...hours, ...knotsOf(show, checks, isOpen, parseClock(start))].sort(
    (a, b) => a.at - b.at || Number(a.kind === 'checks') - Number(b.kind === 'checks'),
  );
}

/** Places along a line, as near to where they belong as leaves `gap` between each two; all within 0 and `width`. */
export function spreadOut(at: readonly number[], gap: number, width: number): number[] {
  const room = Math.min(gap, at.length > 1 ? width / (at.length - 1) : gap);
  const placed = at.reduce<number[]>((done, one) => {
    const before = done.at(-1);
    return [...done, before === undefined ? Math.max(0, one) : Math.max(one, before + room)];
  }, []);
  // What was pushed over the end comes back.
  let limit = width;
  for (let i = placed.length - 1; i >= 0; i--) {
    placed[i] = Math.min(placed[i] ?? 0, limit);
    limit = (placed[i] ?? 0) - room;
  }
  return placed.map((one) => Math.max(0, one));
}

/**
 * Where a time lies between places that have made room for each other: in the same share between its neighbours.
 * Null before the first and after the last.
 */
export function placeBetween(
  at: readonly number[],
  places: readonly number[],
  now: number,
): number | null {
  const after = at.findIndex((one) => one > now);
  const [a, b] = [at[after - 1], at[after]];
  const [from, to] = [places[after - 1], places[after]];
  if (a === undefined || b === undefined || from === undefined || to === undefined) return null;
  return from + ((now - a) / Math.max(1, b - a)) * (to - from);
}
