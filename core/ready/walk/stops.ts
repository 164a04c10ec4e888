/**
 * The walk: the checks of a show in the order one does them. On arrival the room; then place by place what
 * stands, is filled and tested; the crew; the doors; what is said and done in the last minutes.
 */
import type { MarkShape, Show } from '../../brief/types';
import { parseClock } from '../../time/clock';
import type { Check } from '../checks';
import type { GoNoGo } from '../go';

export const STOP_KINDS = ['arrival', 'place', 'crew', 'doors', 'last'] as const;
export type StopKind = (typeof STOP_KINDS)[number];

/** What is looked at together at one stop, in the order it is done. */
export const STOP_PARTS = [
  'room',
  'stands',
  'filled',
  'tested',
  'gear',
  'clear',
  'before',
] as const;
export type StopPart = (typeof STOP_PARTS)[number];

export interface Stop {
  /** The same for the same stop of a show: “arrival”, “place/Left bench”. */
  key: string;
  kind: StopKind;
  /** A place’s own name; empty where the kind says it, and for work at no place in particular. */
  place: string;
  mark: MarkShape | null;
  /** When one begins there, and by when the last of it is due; seconds from the show’s start. */
  from: number;
  due: number;
  parts: { part: StopPart; checks: Check[] }[];
}

/** Where a check is met, by what it is and where; what keeps only for a while by when it may be begun. */
export function stopKind(
  { kind, from }: Pick<Check, 'kind' | 'from'>,
  { doors }: { doors: number },
): StopKind {
  switch (kind) {
    case 'exits':
    case 'frontRow':
    case 'power':
    case 'measure':
      return 'arrival';
    case 'gear':
    case 'fire':
      return 'crew';
    case 'clear':
      return 'doors';
    case 'volunteer':
      return 'last';
    case 'window':
      return from !== null && from >= doors ? 'last' : 'place';
    case 'lastTime':
    case 'place':
    case 'fill':
    case 'test':
      return 'place';
  }
}

/** Checks at one place share a stop; what is at no place is looked at on arrival where it is a note from last time. */
export function stopKey(
  check: Pick<Check, 'kind' | 'from' | 'place'>,
  day: { doors: number },
): string {
  const kind = stopKind(check, day);
  if (kind !== 'place') return kind;
  return check.kind === 'lastTime' && check.place === '' ? 'arrival' : `place/${check.place}`;
}

const PART: Readonly<Record<Check['kind'], StopPart>> = {
  exits: 'room',
  frontRow: 'room',
  power: 'room',
  measure: 'room',
  lastTime: 'before',
  place: 'stands',
  fill: 'filled',
  window: 'filled',
  test: 'tested',
  gear: 'gear',
  fire: 'gear',
  clear: 'clear',
  volunteer: 'before',
};

const partOf = (kind: StopKind, check: Check): StopPart =>
  kind === 'last' ? 'before' : PART[check.kind];

/** Must be done before the start first; the rest as it falls due. */
const mustFirst = (a: Check, b: Check): number =>
  Number(b.holds) - Number(a.holds) || a.due - b.due || a.key.localeCompare(b.key);

/**
 * The stops of a show, each with its checks; grows with the checks. One arrives in any case: there the day is
 * measured. None without checks.
 */
export function walkOf(
  checks: readonly Check[],
  show: Pick<Show, 'arrival' | 'doors' | 'start' | 'positions'>,
): Stop[] {
  if (checks.length === 0) return [];
  const since = (clock: string): number => parseClock(clock) - parseClock(show.start);
  const day = { doors: since(show.doors) };
  const arrival = since(show.arrival);
  const stops = new Map<string, { kind: StopKind; place: string; checks: Check[] }>([
    ['arrival', { kind: 'arrival', place: '', checks: [] }],
  ]);
  for (const check of checks) {
    const key = stopKey(check, day);
    const kind = key.startsWith('place/') ? 'place' : (key as StopKind);
    const stop = stops.get(key) ?? { kind, place: kind === 'place' ? check.place : '', checks: [] };
    stop.checks.push(check);
    stops.set(key, stop);
  }
  return [...stops]
    .map(([key, { kind, place, checks: here }]): Stop => {
      const parts = STOP_PARTS.flatMap((part) => {
        const mine = here.filter((check) => partOf(kind, check) === part).sort(mustFirst);
        return mine.length > 0 ? [{ part, checks: mine }] : [];
      });
      return {
        key,
        kind,
        place,
        mark: show.positions.find(({ name }) => name === place)?.mark ?? null,
        from:
          kind === 'arrival'
            ? arrival
            : Math.min(...here.map((check) => check.from ?? check.due - check.takes)),
        due: Math.max(...here.map(({ due }) => due), ...(here.length === 0 ? [arrival] : [])),
        parts,
      };
    })
    .sort(
      (a, b) =>
        STOP_KINDS.indexOf(a.kind) - STOP_KINDS.indexOf(b.kind) ||
        a.from - b.from ||
        a.key.localeCompare(b.key),
    );
}

export const checksOf = ({ parts }: Pick<Stop, 'parts'>): Check[] =>
  parts.flatMap(({ checks }) => checks);

export interface StopState {
  all: number;
  /** Still to be looked at; those that must be done before the start are among them. */
  left: number;
  holds: number;
  /** Looked at, and not as they should be. */
  wrong: number;
}

export function stateOfStop(
  stop: Pick<Stop, 'parts'>,
  { open, wrong }: Pick<GoNoGo, 'open' | 'wrong'>,
): StopState {
  const checks = checksOf(stop);
  const left = checks.filter((check) => open.includes(check));
  return {
    all: checks.length,
    left: left.length,
    holds: left.filter(({ holds }) => holds).length,
    wrong: wrong.filter(({ check }) => checks.includes(check)).length,
  };
}

/**
 * What one press says of a stop: all that is open there and is only looked at. What must be done before the
 * start, what is read off and what was said to be wrong keep a tick of their own.
 */
export const tickedTogether = (
  stop: Pick<Stop, 'parts'>,
  { open, wrong }: Pick<GoNoGo, 'open' | 'wrong'>,
): Check[] =>
  checksOf(stop).filter(
    (check) =>
      open.includes(check) &&
      !check.holds &&
      check.measures === null &&
      !wrong.some((one) => one.check === check),
  );

/** Where to go: on from this one, the next with anything open; round again to those before it; null when all is done. */
export function nextStop<S extends Pick<Stop, 'key' | 'parts'>>(
  stops: readonly S[],
  state: Pick<GoNoGo, 'open' | 'wrong'>,
  after: string | null = null,
): S | null {
  const at = stops.findIndex(({ key }) => key === after);
  const order = at < 0 ? stops : [...stops.slice(at + 1), ...stops.slice(0, at + 1)];
  return order.find((stop) => stateOfStop(stop, state).left > 0) ?? null;
}

/** Whoever has most to do there; null where nobody has. */
export function hostOf(checks: readonly Pick<Check, 'personId'>[]): string | null {
  const count = new Map<string, number>();
  for (const { personId } of checks)
    if (personId !== null) count.set(personId, (count.get(personId) ?? 0) + 1);
  return [...count].toSorted((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}
