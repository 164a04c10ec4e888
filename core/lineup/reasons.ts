/** Sentences for what the engine ran into. */
import { listInWords } from '../words';
import type { Obstacle } from './state';
import { type Block, type Gap, type LineupInput, RULES, type TaskRef } from './types';

export interface Names {
  slot(id: string): string;
  task(ref: TaskRef): string;
  person(id: string): string;
  position(id: string | null): string;
}

export function namesOf(input: LineupInput): Names {
  const slot = (id: string): string => input.slots.find((s) => s.id === id)?.name ?? 'a slot';
  return {
    slot,
    task: (ref) =>
      input.slots.find((s) => s.id === ref.slot)?.tasks.find((t) => t.id === ref.task)?.name ??
      'a task',
    person: (id) => input.crew.find((p) => p.id === id)?.name ?? 'somebody',
    position: (id) => input.positions.find((p) => p.id === id)?.name ?? 'The position',
  };
}

/** “Wipe the table (Foam fountain)”; the slot is left out when it is the one being talked about. */
const named = (names: Names, ref: TaskRef, own: string): string =>
  ref.slot === own ? `“${names.task(ref)}”` : `“${names.task(ref)}” from ${names.slot(ref.slot)}`;

function sentence(input: LineupInput, slot: string, obstacle: Obstacle): string {
  const names = namesOf(input);
  const wanted = obstacle.task ? `“${names.task(obstacle.task)}”` : names.slot(slot);
  const doing = obstacle.blockers.slice(0, 2).map((ref) => named(names, ref, slot));
  switch (obstacle.rule) {
    case RULES.position:
      return `${names.position(obstacle.position)} is not free for ${wanted}: ${listInWords(doing) || 'the slot before'} comes first`;
    case RULES.person:
      return `${listInWords(obstacle.people.map((id) => names.person(id)))} ${obstacle.people.length > 1 ? 'are' : 'is'} busy with ${listInWords(doing)} and wanted for ${wanted}`;
    case RULES.arrival:
      return `${wanted} would have to start before the crew arrives`;
    case RULES.lag:
      return `${wanted} can't be done any earlier: it must be used soon after`;
    case RULES.order:
      return `${wanted} follows the slot before`;
  }
}

export function explainGap(
  input: LineupInput,
  block: Block,
  start: number,
  obstacle: Obstacle | null,
): Gap {
  const cause = obstacle ?? {
    rule: RULES.order,
    task: null,
    blockers: [],
    people: [],
    position: null,
  };
  return {
    start,
    end: block.start,
    seconds: block.start - start,
    slot: block.slot,
    rule: cause.rule,
    reason: sentence(input, block.slot, cause),
    tasks: [...(cause.task ? [cause.task] : []), ...cause.blockers],
    people: cause.people,
  };
}
