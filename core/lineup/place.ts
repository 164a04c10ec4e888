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

/** The latest time for the task that ends by `latestEnd`; always exists, however far back. */
export function latestFit(
  candidates: Candidates,
  calendar: Calendar,
  duration: number,
  latestEnd: number,
): Fit {
  // The latest fitting end is the limit itself or the start of something a candidate is busy with.
  const ends = new Set([latestEnd]);
  for (const { people } of candidates)
    for (const person of people)
      for (const busy of calendar.of(person.id)) if (busy.start < latestEnd) ends.add(busy.start);
  for (const end of [...ends].sort((a, b) => b - a)) {
    const people = choosePeople(candidates, calendar, end - duration, end);
    if (people) return { start: end - duration, end, people };
  }
  throw new Error('Before everything is busy, everybody is free');
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
