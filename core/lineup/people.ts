/** Who may do a task, and choosing among those who are free. */
import type { Hand } from '../repertoire/types';
import type { Calendar } from './calendar';
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
      // The performer is kept for the audience as long as somebody else can do it.
      return [...others, ...performer];
  }
}

/**
 * People free throughout [start, end) for every hand, or null. Hands with the fewest candidates
 * choose first; a hand that nobody could ever lend has been reported and asks for nobody here.
 */
export function choosePeople(
  candidates: readonly { people: readonly PlanPerson[]; count: number }[],
  calendar: Calendar,
  start: number,
  end: number,
): string[] | null {
  const chosen: string[] = [];
  const order = [...candidates].sort((a, b) => a.people.length - b.people.length);
  for (const { people, count } of order) {
    let needed = Math.min(count, people.length);
    for (const person of people) {
      if (needed === 0) break;
      if (chosen.includes(person.id) || !calendar.isFree(person.id, start, end)) continue;
      chosen.push(person.id);
      needed--;
    }
    if (needed > 0) return null;
  }
  return chosen;
}
