/** From a show as it is kept, and the plan that a run was begun with, to what the live plan works from. */
import type { ShowBundle } from '../../brief/types';
import { EFFORT } from '../../lineup/effort';
import { emptySlot } from '../../lineup/emptySlot';
import { findFaults } from '../../lineup/faults';
import { policiesOf, type TriedMethod } from '../../lineup/forecast/fromBundle';
import { lineupInput } from '../../lineup/fromBundle';
import { goesOf } from '../../lineup/network';
import { schedule } from '../../lineup/schedule';
import type { LineupInput, PlanSlot } from '../../lineup/types';
import { blankTask } from '../../repertoire/blank';
import type { Task } from '../../repertoire/types';
import { Budget } from '../../solver/budget';
import type { RunPlan, RunSlot } from '../types';
import type { LiveShow } from './types';

/** A slot of which nothing is known any more but the steps that the run was begun with. */
const plainSlot = (run: RunSlot): PlanSlot => ({
  ...emptySlot(),
  id: run.id,
  name: run.name,
  goes: run.goes,
  tasks: run.steps.map((step): Task => {
    const { seconds } = step;
    const time = { shortest: seconds, likely: seconds, longest: seconds };
    const plain = blankTask(step.task, step.name, step.between ? 'reset' : 'perform', time);
    return { ...plain, place: 'wings', hands: [], eachGo: step.eachGo || step.between };
  }),
});

/** Whether the show still has the steps that a run was begun with. */
function isSame(run: RunSlot, slot: PlanSlot): boolean {
  const { first, clearing, closing } = goesOf(slot.tasks);
  const now = [...first, ...clearing, ...closing].map(({ id }) => id);
  return now.join() === run.steps.map(({ task }) => task).join();
}

const NOBODY: LineupInput = {
  arrival: 0,
  hardFinish: 0,
  margin: 0,
  crew: [],
  positions: [],
  equipment: [],
  slots: [],
};

/** The slots of a run, as the show has them now; one that was changed since is as it was begun with. */
function inputOf(plan: RunPlan, input: LineupInput): LineupInput {
  const slots = plan.slots.map((run) => {
    const now = input.slots.find(({ id }) => id === run.id);
    return now && isSame(run, now) ? { ...now, goes: run.goes } : plainSlot(run);
  });
  return { ...input, slots, hardFinish: plan.hardFinish };
}

/**
 * `plan` is what the run was begun with; `bundle` is null where the show is not known any more. What can’t be met at all is left out, as it was when the clock
 * was written.
 */
export function liveShowOf(
  bundle: ShowBundle | null,
  plan: RunPlan,
  records: readonly TriedMethod[],
  effort: number = EFFORT.quick,
): LiveShow {
  const input = inputOf(plan, bundle ? lineupInput(bundle) : NOBODY);
  return {
    plan,
    input: findFaults(input).input,
    policies: bundle ? policiesOf(bundle, records) : new Map(),
    written: schedule(input, new Budget(effort)),
    known: bundle !== null,
  };
}
