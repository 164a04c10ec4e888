/** Limited equipment and residues: who has how much of what, and whom it keeps waiting. */
import type { Task } from '../repertoire/types';
import type { PlanResidue, PlanSlot } from './types';

/** How many of an item a slot has in use. */
export const amountUsed = (slot: Pick<PlanSlot, 'uses'>, item: string): number =>
  slot.uses.reduce((sum, use) => sum + (use.item === item ? use.amount : 0), 0);

/**
 * Whether a slot has its equipment in hand during a task around its block: while it prepares, and while
 * it resets; not while something dries by itself afterwards, or the stage is cleared.
 */
export const hasInHand = (slot: Pick<PlanSlot, 'leaves'>, task: Task, before: boolean): boolean =>
  before || (task.phase === 'reset' && !slot.leaves.some((left) => left.task === task.id));

/** The first slot after number `i` that what this one leaves keeps waiting; −1 when there is none. */
export function nextKeptWaiting(slots: readonly PlanSlot[], i: number, left: PlanResidue): number {
  const here = slots[i]?.positionId ?? null;
  return slots.findIndex(
    (later, k) =>
      k > i &&
      later.forbids.includes(left.kind) &&
      (left.where === 'stage' || (here !== null && later.positionId === here)),
  );
}
