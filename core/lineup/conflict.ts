import type { Task } from '../repertoire/types';
import type { Conflict, PlanSlot, RuleNumber } from './types';

/** A conflict of one slot, told with its name. */
export const conflictOf = (
  rule: RuleNumber,
  slot: Pick<PlanSlot, 'id' | 'name'>,
  words: string,
  advice: string,
  tasks: readonly Task[] = [],
): Conflict => ({
  rule,
  slot: slot.id,
  message: `${slot.name}: ${words}`,
  advice,
  window: null,
  tasks: tasks.map((task) => ({ slot: slot.id, task: task.id })),
  people: [],
});
