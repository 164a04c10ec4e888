/** Who may do a task, and choosing among those who are free. */
import type { Hand, Task } from '../repertoire/types';
import type { Availability } from './availability';
import type { LineupInput, PlanPerson, PlanSlot } from './types';

/** Crew members who may lend this hand, the most suitable first. */
export function eligible(
  input: Pick<LineupInput, 'crew'>,
  slot: Pick<PlanSlot, 'performerId'>,
  hand: Hand,
): PlanPerson[] {
  const able = input.crew.filter(
    (person) => hand.competence === null || person.competences.includes(hand.competence),
  );
  const performer = able.filter((person) => person.id === slot.performerId);
  const others = able.filter((person) => person.id !== slot.performerId);
  switch (hand.role) {
    case 'performer':
      return performer;
    case 'helper':
      return others;
    case 'anyone':
      // The performer is kept for the audience as long as another can do it.
      return [...others, ...performer];
  }
}

export type Candidates = { people: readonly PlanPerson[]; count: number }[];

/** Who may take each hand of a task; hands without a candidate have been reported and are left out. */
export const candidatesFor = (
  input: Pick<LineupInput, 'crew'>,
  slot: Pick<PlanSlot, 'performerId'>,
  task: Task,
): Candidates =>
  task.hands
    .map((hand) => ({ people: eligible(input, slot, hand), count: hand.count }))
    .filter(({ people }) => people.length > 0);

/**
 * People free throughout [start, end) for every hand, or null when there is no way to share them out.
 *
 * Each hand takes the first who suits it and is free; where that leaves a later hand with no candidate, an
 * earlier one gives way and takes its next best (augmenting paths in a bipartite graph, after Kuhn
 * 1955). A hand without any candidate has been reported and is left out here.
 */
export function choosePeople(
  candidates: Readonly<Candidates>,
  calendar: Availability,
  start: number,
  end: number,
): string[] | null {
  const assignments = candidates.flatMap(({ people, count }) => {
    const free = people.filter((person) => calendar.isFree(person.id, start, end));
    return Array.from({ length: Math.min(count, people.length) }, () => free);
  });
  const seatOf = new Map<string, number>();
  const assignment = (index: number, asked: Set<string>): boolean => {
    for (const { id } of assignments[index] ?? []) {
      if (asked.has(id)) continue;
      asked.add(id);
      const taken = seatOf.get(id);
      if (taken === undefined || assignment(taken, asked)) {
        seatOf.set(id, index);
        return true;
      }
    }
    return false;
  };
  for (const index of assignments.keys()) if (!assignment(index, new Set())) return null;
  return [...seatOf].sort((a, b) => a[1] - b[1]).map(([id]) => id);
}
