/**
 * When each check falls due: counted back from the doors, stop by stop of the walk, one thing at a time for each
 * person, around the work that the timeline already gives them.
 */
import type { PlacedTask } from '../lineup/types';
import type { CheckKind } from './checks';

export interface CheckDemand<T> {
  check: T;
  /** Who may take it on; empty when the check names its person. */
  people: readonly string[];
  /** It must be done before this, in seconds from the start: its first use. */
  before: number;
  /** The stop of the walk at which it is met; those of one stop are done one after another. */
  stop: string;
}

interface Day {
  arrival: number;
  doors: number;
}

/** Seconds a check takes, as common practice has it; briefing is for a full room. */
export const TAKES: Readonly<Record<CheckKind, number>> = {
  exits: 120,
  frontRow: 60,
  power: 60,
  test: 120,
  place: 150,
  fill: 120,
  gear: 45,
  volunteer: 0,
  measure: 120,
  lastTime: 60,
  fire: 30,
  clear: 30,
  // Its time is in the timeline already.
  window: 0,
};

/** Said once the audience is in: seconds before the start. */
const SAID: Partial<Record<CheckKind, number>> = { volunteer: 300 };

/** Backwards within a stop: what stands is filled, then tested. */
const BACKWARDS: readonly CheckKind[] = [
  'clear',
  'fire',
  'gear',
  'test',
  'fill',
  'place',
  'lastTime',
  'measure',
  'power',
  'frontRow',
  'exits',
];

const PLACE = 'place/';
/** Stops after all places, the last first. */
const AFTER_PLACES: readonly string[] = ['doors', 'crew'];

/**
 * Stops from the last to the first: the doors, the crew, then places, what is used later before what is used
 * earlier, and arrival.
 */
function backwards<T>(demands: readonly CheckDemand<T>[]): string[] {
  const needed = new Map<string, number>();
  for (const { stop, before } of demands)
    needed.set(stop, Math.min(before, needed.get(stop) ?? before));
  const places = [...needed.keys()]
    .filter((stop) => stop.startsWith(PLACE))
    .reverse()
    .sort((a, b) => (needed.get(b) ?? 0) - (needed.get(a) ?? 0));
  const others = [...needed.keys()].filter(
    (stop) => !stop.startsWith(PLACE) && !AFTER_PLACES.includes(stop),
  );
  return [...AFTER_PLACES, ...places, ...others];
}

/** The latest span of this length that ends by `until` and touches nothing already taken. */
function latestSpan(
  taken: readonly { start: number; end: number }[],
  length: number,
  until: number,
): number {
  let end = until;
  for (;;) {
    const from = end - length;
    const clash = taken.find((span) => span.start < end && span.end > from);
    if (!clash) return end;
    end = clash.start;
  }
}

/** Gives every check its person and its due time. What is at one place is one person’s, where they may do all of it. */
export function dueTimes<T extends { key: string; kind: CheckKind; personId: string | null }>(
  demands: readonly CheckDemand<T>[],
  tasks: readonly PlacedTask[],
  day: Day,
): { timed: (T & { due: number; takes: number })[]; shortBy: number } {
  const taken = new Map<string, { start: number; end: number }[]>();
  const load = new Map<string, number>();
  const spansOf = (person: string): { start: number; end: number }[] => {
    const known =
      taken.get(person) ?? tasks.filter((t) => t.people.includes(person) && t.end > t.start);
    taken.set(person, known);
    return known;
  };
  const timed: (T & { due: number; takes: number })[] = [];
  let earliest = 0;
  for (const demand of demands) {
    const said = SAID[demand.check.kind];
    if (said !== undefined)
      timed.push({
        ...demand.check,
        due: Math.max(day.doors, -said),
        takes: TAKES[demand.check.kind],
      });
  }
  const set = demands
    .filter((demand) => SAID[demand.check.kind] === undefined)
    .map((demand, i) => ({ ...demand, i }));
  const stops = backwards(set);
  set.sort(
    (a, b) =>
      stops.indexOf(a.stop) - stops.indexOf(b.stop) ||
      BACKWARDS.indexOf(a.check.kind) - BACKWARDS.indexOf(b.check.kind) ||
      b.i - a.i,
  );
  const hosts = hostsOf(set, load);
  for (const { check, people, before, stop } of set) {
    const limit = Math.min(day.doors, before);
    const host = hosts.get(stop);
    const person =
      check.personId ??
      (host !== undefined && people.includes(host) ? host : leastBusy(people, load));
    const takes = TAKES[check.kind];
    if (person === null) {
      timed.push({ ...check, due: limit, takes });
      continue;
    }
    const spans = spansOf(person);
    const end = latestSpan(spans, takes, limit);
    taken.set(person, [...spans, { start: end - takes, end }]);
    earliest = Math.min(earliest, end - takes);
    timed.push({ ...check, personId: person, due: Math.max(day.arrival, end), takes });
    if (person !== host) load.set(person, (load.get(person) ?? 0) + takes);
  }
  return { timed, shortBy: Math.max(0, day.arrival - earliest) };
}

const leastBusy = (people: readonly string[], load: ReadonlyMap<string, number>): string | null =>
  people.toSorted((a, b) => (load.get(a) ?? 0) - (load.get(b) ?? 0))[0] ?? null;

/**
 * Who is at each place: of those who may do what is done there, or most of it, who has the least to do so far; the
 * longest place is given away first. The load of what they take on is added.
 */
function hostsOf<T extends { kind: CheckKind; personId: string | null }>(
  demands: readonly CheckDemand<T>[],
  load: Map<string, number>,
): Map<string, string> {
  const stops = new Map<string, { takes: number; may: Map<string, number> }>();
  for (const { check, people, stop } of demands) {
    if (!stop.startsWith(PLACE) || check.personId !== null) continue;
    const takes = TAKES[check.kind];
    const at = stops.get(stop) ?? { takes: 0, may: new Map<string, number>() };
    at.takes += takes;
    for (const person of people) at.may.set(person, (at.may.get(person) ?? 0) + takes);
    stops.set(stop, at);
  }
  const hosts = new Map<string, string>();
  for (const [stop, { may }] of [...stops].sort((a, b) => b[1].takes - a[1].takes)) {
    const most = Math.max(0, ...may.values());
    const host = leastBusy(
      [...may].filter(([, takes]) => takes === most).map(([person]) => person),
      load,
    );
    if (host === null) continue;
    hosts.set(stop, host);
    load.set(host, (load.get(host) ?? 0) + most);
  }
  return hosts;
}
