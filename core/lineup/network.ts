/**
 * One slot as a network: the unbroken block the audience watches, what comes before it and what
 * comes after, and the lags between.
 */
import { type GoSequence, goSequence, partsOfGoes } from '../repertoire/goes';
import type { Task } from '../repertoire/types';
import type { PlanSlot } from './types';

export interface Step {
  task: Task;
  go: number;
  /** Seconds from the start of the block. */
  start: number;
  end: number;
}

export interface Lag {
  from: Task;
  to: Task;
  least: number;
  greatest: number | null;
}

export interface Network {
  slot: PlanSlot;
  goes: GoSequence<Task>;
  steps: Step[];
  blockLength: number;
  /** Prepare and settle tasks that lead up to the block. */
  before: Task[];
  /** Reset tasks, and settle tasks that follow the performance, such as drying. */
  following: Task[];
  lags: Lag[];
  /** Tasks that must have ended when the block starts, whatever else they lead to. */
  endByBlock: Set<string>;
}

/** The audience's part of a method as a sequence of goes. */
export const goesOf = (tasks: readonly Task[]): GoSequence<Task> =>
  goSequence(
    tasks.filter(({ phase, eachGo }) => phase === 'perform' || (phase === 'reset' && eachGo)),
    ({ phase, eachGo }) => ({ eachGo: phase === 'perform' && eachGo, between: phase === 'reset' }),
  );

/** Steps of the block, one after another; what is not done at every go is of the first. */
function stepsOf(sequence: GoSequence<Task>, goes: number): Step[] {
  let clock = 0;
  return partsOfGoes(sequence, goes).map(({ part: task, go }) => {
    const start = clock;
    clock += task.time.likely;
    return { task, go: task.eachGo ? go : 1, start, end: clock };
  });
}

/** Ids of tasks that come, directly or not, after a perform or reset task. */
function downstreamOfShow(tasks: readonly Task[]): Set<string> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const known = new Map<string, boolean>();
  const visit = (task: Task): boolean => {
    const seen = known.get(task.id);
    if (seen !== undefined) return seen;
    known.set(task.id, false);
    const result = task.after.some(({ task: id }) => {
      const earlier = byId.get(id);
      if (!earlier) return false;
      return earlier.phase === 'perform' || earlier.phase === 'reset' || visit(earlier);
    });
    known.set(task.id, result);
    return result;
  };
  return new Set(tasks.filter(visit).map((task) => task.id));
}

/** Builds the network of a slot whose demands have been checked by `findFaults`. */
export function buildNetwork(slot: PlanSlot): Network {
  const byId = new Map(slot.tasks.map((task) => [task.id, task]));
  const downstream = downstreamOfShow(slot.tasks);
  const isFollowing = (task: Task): boolean =>
    task.phase === 'reset' || (task.phase === 'settle' && downstream.has(task.id));
  const goes = goesOf(slot.tasks);
  const steps = stepsOf(goes, slot.goes);
  const lags = slot.tasks.flatMap((to) =>
    to.after.flatMap(({ task, least, greatest }) => {
      const from = byId.get(task);
      return from ? [{ from, to, least, greatest }] : [];
    }),
  );
  const leadsOn = new Set(lags.map((lag) => lag.from.id));
  const before = slot.tasks.filter((task) => task.phase !== 'perform' && !isFollowing(task));
  return {
    slot,
    goes,
    steps,
    blockLength: steps.at(-1)?.end ?? 0,
    before,
    following: slot.tasks.filter(isFollowing),
    lags,
    endByBlock: new Set(
      before
        .filter((task) => task.phase === 'prepare' || !leadsOn.has(task.id))
        .map((task) => task.id),
    ),
  };
}
