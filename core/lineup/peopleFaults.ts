/** Demands for hands that the crew can't meet, whenever they are asked for. */
import { Availability } from './availability';
import { conflictOf } from './conflict';
import { candidatesFor, choosePeople, eligible } from './people';
import { type Conflict, type LineupInput, type PlanSlot, RULES } from './types';

const COMPETENCE_WORDS: Record<string, string> = {
  cryogen: 'cryogen',
  flame: 'flame',
  highVoltage: 'high voltage',
  driver: 'driver',
  firstAid: 'first aid',
};

/** Hands for which the crew has no candidate. */
export function peopleFaults(input: LineupInput, slot: PlanSlot): Conflict[] {
  const conflicts: Conflict[] = [];
  const performer = input.crew.find((person) => person.id === slot.performerId);
  if (!performer && slot.tasks.some((task) => task.hands.some((h) => h.role === 'performer'))) {
    conflicts.push(
      conflictOf(
        RULES.person,
        slot,
        'nobody is named to perform it',
        input.crew.length ? 'Choose who performs it' : 'Add somebody to the crew',
      ),
    );
  }
  const told = new Set<string>();
  for (const task of slot.tasks) {
    for (const hand of task.hands) {
      if (hand.role === 'performer' && !performer) continue;
      const able = eligible(input, slot, hand);
      if (able.length >= hand.count) continue;
      const skill = hand.competence
        ? ` with the ${COMPETENCE_WORDS[hand.competence]} competence`
        : '';
      const words =
        hand.role === 'performer'
          ? hand.count > 1
            ? `“${task.name}” asks for ${hand.count} performers; a slot has one`
            : `${performer?.name ?? ''} lacks the ${COMPETENCE_WORDS[hand.competence ?? ''] ?? ''} competence for “${task.name}”`
          : able.length === 0
            ? `nobody${hand.role === 'helper' ? ' but the performer is there' : ' is there'}${skill ? `${skill}` : ''} for “${task.name}”`
            : `“${task.name}” needs ${hand.count} people${skill} and there ${able.length === 1 ? 'is 1' : `are ${able.length}`}`;
      if (told.has(words)) continue;
      told.add(words);
      const others = input.crew.filter(
        (p) =>
          p.id !== slot.performerId &&
          hand.competence !== null &&
          p.competences.includes(hand.competence),
      );
      const advice =
        hand.role === 'performer' && others[0]
          ? `Let ${others[0].name} perform it`
          : `Add somebody${skill} to the crew, or choose another method`;
      conflicts.push({
        ...conflictOf(RULES.person, slot, words, advice, [task]),
        people: performer ? [performer.id] : [],
      });
    }
  }
  return conflicts;
}

/** Tasks whose hands could each be lent, but never all at once. */
export function crowdFaults(input: LineupInput, slot: PlanSlot): Conflict[] {
  const nobodyBusy = Availability.empty(input.crew);
  return slot.tasks
    .filter((task) => !choosePeople(candidatesFor(input, slot, task), nobodyBusy, 0, 1))
    .map((task) =>
      conflictOf(
        RULES.person,
        slot,
        `“${task.name}” needs more people at once than there are`,
        'Add somebody to the crew, or choose another method',
        [task],
      ),
    );
}
