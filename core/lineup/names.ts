/** What people call the things that the engine numbers. */
import type { LineupInput, TaskRef } from './types';

export interface Names {
  slot(id: string): string;
  task(ref: TaskRef): string;
  person(id: string): string;
  position(id: string | null): string;
  equipment(id: string | null): string;
}

export function namesOf(input: LineupInput): Names {
  const slot = (id: string): string => input.slots.find((s) => s.id === id)?.name ?? 'a slot';
  return {
    slot,
    task: (ref) =>
      input.slots.find((s) => s.id === ref.slot)?.tasks.find((t) => t.id === ref.task)?.name ??
      'a task',
    person: (id) => input.crew.find((p) => p.id === id)?.name ?? 'somebody',
    equipment: (id) => input.equipment.find((e) => e.id === id)?.name ?? 'the equipment',
    position: (id) => input.positions.find((p) => p.id === id)?.name ?? 'The position',
  };
}
