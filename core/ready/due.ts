/**
 * When each check falls due: counted back from the doors, one thing at a time for each person,
 * around the work that the timeline already gives them.
 */
import type { PlacedTask } from '../lineup/types';
import type { CheckKind } from './checks';

export interface CheckDemand<T> {
  check: T;
  /** Who may take it on; empty when the check names its person. */
  people: readonly string[];
  /** It must be done before this, in seconds from the start: its first use. */
  before: number;
}

interface Day {
  arrival: number;
  doors: number;
}

/** Seconds a check takes, as common practice has it; briefing is for a full room. */
const EFFORT: Record<CheckKind, number> = {
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

/** Backwards from the doors: gear is laid ready last, tests are made first, while there is time to fix. */
const BACKWARDS: readonly CheckKind[] = [
  'clear',
  'fire',
  'gear',
  'fill',
  'place',
  'test',
  'lastTime',
  'measure',
];

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

/** Gives every check its person and its due time. */
export function dueTimes<T extends { key: string; kind: CheckKind; personId: string | null }>(
  demands: readonly CheckDemand<T>[],
  tasks: readonly PlacedTask[],
  day: Day,
): { timed: (T & { due: number })[]; shortBy: number } {
  const taken = new Map<string, { start: number; end: number }[]>();
  const load = new Map<string, number>();
  const spansOf = (person: string): { start: number; end: number }[] => {
    const known =
      taken.get(person) ?? tasks.filter((t) => t.people.includes(person) && t.end > t.start);
    taken.set(person, known);
    return known;
  };
  const timed: (T & { due: number })[] = [];
  let earliest = 0;
  for (const demand of demands) {
    const said = SAID[demand.check.kind];
    if (said !== undefined) timed.push({ ...demand.check, due: Math.max(day.doors, -said) });
  }
  const set = demands
    .filter((demand) => SAID[demand.check.kind] === undefined)
    .map((demand, i) => ({ ...demand, i }))
    .sort((a, b) => BACKWARDS.indexOf(a.check.kind) - BACKWARDS.indexOf(b.check.kind) || b.i - a.i);
  for (const { check, people, before } of set) {
    const limit = Math.min(day.doors, before);
    const person =
      check.personId ??
      [...people].sort((a, b) => (load.get(a) ?? 0) - (load.get(b) ?? 0))[0] ??
      null;
    const effort = EFFORT[check.kind];
    if (person === null) {
      timed.push({ ...check, due: limit });
      continue;
    }
    const spans = spansOf(person);
    const end = latestSpan(spans, effort, limit);
    taken.set(person, [...spans, { start: end - effort, end }]);
    load.set(person, (load.get(person) ?? 0) + effort);
    earliest = Math.min(earliest, end - effort);
    timed.push({ ...check, personId: person, due: Math.max(day.arrival, end) });
  }
  return { timed, shortBy: Math.max(0, day.arrival - earliest) };
}
