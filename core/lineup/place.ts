/** Finding a time for one task in the calendars of the people who may do it. */
import type { Task } from '../repertoire/types';
import type { Calendar } from './calendar';
import { choosePeople, eligible } from './people';
import type { LineupInput, PlanPerson, PlanSlot, TaskRef } from './types';

export interface Fit {
  start: number;
  end: number;
  people: string[];
}

type Candidates = { people: readonly PlanPerson[]; count: number }[];

export const candidatesFor = (input: LineupInput, slot: PlanSlot, task: Task): Candidates =>
  task.hands
    .map((hand) => ({ people: eligible(input, slot, hand), count: hand.count }))
    .filter(({ people }) => people.length > 0);

/** The latest time for the task that ends by `latestEnd` and starts no sooner than `earliest`, or null. */
export function latestFit(
  candidates: Candidates,
  calendar: Calendar,
  duration: number,
  latestEnd: number,
  earliest: number,
): Fit | null {
  const at = (end: number): Fit | null => {
    const people = choosePeople(candidates, calendar, end - duration, end);
    return people && { start: end - duration, end, people };
  };
  if (latestEnd - duration < earliest) return null;
  const last = at(latestEnd);
  if (last) return last;
  // Failing that, the latest fitting end is the start of something that a candidate is busy with.
  const ends = new Set<number>();
  for (const { people } of candidates)
    for (const person of people) {
      const entries = calendar.of(person.id);
      for (let i = entries.length - 1; i >= 0; i--) {
        const start = entries[i]?.start ?? -Infinity;
        if (start - duration < earliest) break;
        if (start < latestEnd) ends.add(start);
      }
    }
  for (const end of [...ends].sort((a, b) => b - a)) {
    const fit = at(end);
    if (fit) return fit;
  }
  return null;
}

/** The earliest time for the task that starts from `earliest` on; always exists. */
export function earliestFit(
  candidates: Candidates,
  calendar: Calendar,
  duration: number,
  earliest: number,
): Fit {
  const starts = new Set([earliest]);
  for (const { people } of candidates)
    for (const person of people)
      for (const busy of calendar.of(person.id)) if (busy.end > earliest) starts.add(busy.end);
  for (const start of [...starts].sort((a, b) => a - b)) {
    const people = choosePeople(candidates, calendar, start, start + duration);
    if (people) return { start, end: start + duration, people };
  }
  throw new Error('After everything is done, everybody is free');
}

/** What keeps the candidates busy during [start, end), and who they are. */
export function blockersOf(
  candidates: Candidates,
  calendar: Calendar,
  start: number,
  end: number,
): { blockers: TaskRef[]; people: string[] } {
  const blockers = new Map<string, TaskRef>();
  const people = new Set<string>();
  for (const candidate of candidates)
    for (const person of candidate.people)
      for (const { slot, task } of calendar.overlapping(person.id, start, end)) {
        blockers.set(`${slot}/${task}`, { slot, task });
        people.add(person.id);
      }
  return { blockers: [...blockers.values()], people: [...people] };
}
