/** The day of a show as a cord: its fixed hours, and what is still to be looked at on the way. */
import type { MarkShape, Show } from '../brief/types';
import { parseClock } from '../time/clock';
import type { Check } from './checks';

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

/** Checks of one marked place are one knot, by when its last one is due; all others one for each part of the day. */
function knotsOf(
  checks: readonly Check[],
  isOpen: (check: Check) => boolean,
  start: number,
  { doors, positions }: Pick<Show, 'doors' | 'positions'>,
): Knot[] {
  const knots = new Map<string, Knot>();
  for (const check of checks) {
    const mark = positions.find(({ name }) => name === check.place)?.mark ?? null;
    const at = start + check.due;
    const early = at < parseClock(doors);
    const key = mark ? check.place : early ? 'before the doors' : 'after the doors';
    const knot = knots.get(key) ?? {
      ...{ key, at, name: mark ? check.place : '', kind: 'checks' as const, mark },
      ...{ open: 0, all: 0 },
    };
    knot.at = Math.max(knot.at, at);
    knot.all++;
    if (isOpen(check)) knot.open++;
    knots.set(key, knot);
  }
  return [...knots.values()];
}

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
  return [...hours, ...knotsOf(checks, isOpen, parseClock(start), show)].sort(
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
