/** Tries one slot at one start time: its block, and everything before it as late as it can be. */
import type { Task } from '../repertoire/types';
import type { Network } from './network';
import { choosePeople } from './people';
import { blockersOf, candidatesFor, earliestFit, latestFit } from './place';
import { type Obstacle, type State, fork, placedAt, record } from './state';
import { type LineupInput, type PlacedTask, RULES } from './types';

export type Attempt =
  | { ok: true; state: State }
  /** `by` is how many seconds later is known to be needed at least; 0 when nothing is known. */
  | { ok: false; obstacle: Obstacle; by: number };

export interface AttemptOptions {
  margin: number;
  /** Leaves greatest lags unguarded: the last resort when no time can keep them. */
  ignoreGreatest: boolean;
}

function placeBlock(input: LineupInput, state: State, net: Network, start: number): Attempt | null {
  for (const step of net.steps) {
    const candidates = candidatesFor(input, net.slot, step.task);
    const from = start + step.start;
    const people = choosePeople(candidates, state.calendar, from, start + step.end);
    if (!people) {
      const busy = blockersOf(candidates, state.calendar, from, start + step.end);
      return {
        ok: false,
        by: 0,
        obstacle: {
          rule: RULES.person,
          task: { slot: net.slot.id, task: step.task.id },
          blockers: busy.blockers,
          people: busy.people,
          position: null,
        },
      };
    }
    record(
      state,
      placedAt(net.slot, step.task, { start: from, end: start + step.end, people }, step.go),
    );
  }
  state.blocks.push({ slot: net.slot.id, start, end: start + net.blockLength });
  return null;
}

interface Window {
  earliest: number;
  /** The rule that sets `earliest`. */
  bound: 'arrival' | 'position' | 'greatest';
  latestEnd: number;
}

/** The span open to a task, given where everything that follows it has been placed. */
function windowOf(
  input: LineupInput,
  state: State,
  net: Network,
  task: Task,
  start: number,
  placed: Map<string, PlacedTask>,
  options: AttemptOptions,
): Window {
  let earliest = input.arrival;
  let bound: Window['bound'] = 'arrival';
  const hold = net.slot.positionId === null ? undefined : state.positions.get(net.slot.positionId);
  if (task.place === 'stage' && hold && hold.until > earliest) {
    earliest = hold.until;
    bound = 'position';
  }
  let latestEnd = net.endByBlock.has(task.id) ? start - options.margin : Infinity;
  for (const lag of net.lags) {
    if (lag.from !== task) continue;
    const next = placed.get(lag.to.id);
    if (!next) continue;
    latestEnd = Math.min(latestEnd, next.start - lag.least);
    const soonest = next.start - (lag.greatest ?? Infinity) - task.time.likely;
    if (!options.ignoreGreatest && soonest > earliest) {
      earliest = soonest;
      bound = 'greatest';
    }
  }
  return { earliest, bound, latestEnd: Math.min(latestEnd, start + net.blockLength) };
}

function obstacleFor(
  input: LineupInput,
  state: State,
  net: Network,
  task: Task,
  window: Window,
): Obstacle {
  const candidates = candidatesFor(input, net.slot, task);
  const busy = blockersOf(candidates, state.calendar, window.earliest, window.latestEnd);
  const ref = { slot: net.slot.id, task: task.id };
  const tooShort = window.latestEnd - window.earliest < task.time.likely;
  if (window.bound === 'position' && (tooShort || busy.blockers.length === 0)) {
    const hold = state.positions.get(net.slot.positionId ?? '');
    return {
      rule: RULES.position,
      task: ref,
      blockers: hold?.by ? [hold.by] : [],
      people: [],
      position: net.slot.positionId,
    };
  }
  if (!tooShort && busy.blockers.length > 0) {
    return { rule: RULES.person, task: ref, ...busy, position: null };
  }
  const rule = window.bound === 'arrival' ? RULES.arrival : RULES.lag;
  return { rule, task: ref, blockers: [], people: [], position: null };
}

/**
 * Places the block at `start` and, working backwards, each task before it at its latest possible
 * time. Tasks whose followers are all placed are taken with the latest deadline first, so that
 * early work doesn't take the hands that late work needs.
 */
export function attemptSlot(
  input: LineupInput,
  base: State,
  net: Network,
  start: number,
  options: AttemptOptions,
): Attempt {
  const state = fork(base);
  const failed = placeBlock(input, state, net, start);
  if (failed) return failed;
  const placed = new Map<string, PlacedTask>();
  for (const entry of state.placed)
    if (entry.slot === net.slot.id && !placed.has(entry.task)) placed.set(entry.task, entry);
  const left = new Set(net.before);
  while (left.size > 0) {
    let next: { task: Task; window: Window } | null = null;
    for (const task of left) {
      if (net.lags.some((lag) => lag.from === task && left.has(lag.to))) continue;
      const window = windowOf(input, state, net, task, start, placed, options);
      if (!next || window.latestEnd > next.window.latestEnd) next = { task, window };
    }
    if (!next) throw new Error('Tasks wait for each other: faults must be removed first');
    const { task, window } = next;
    const candidates = candidatesFor(input, net.slot, task);
    const { latestEnd, earliest, bound } = window;
    const fit = latestFit(candidates, state.calendar, task.time.likely, latestEnd, earliest);
    if (!fit) {
      // The deadline moves with the start at most, so the start must move at least this far.
      const soonest = earliestFit(candidates, state.calendar, task.time.likely, earliest);
      return {
        ok: false,
        obstacle: obstacleFor(input, state, net, task, window),
        by: bound === 'greatest' ? 0 : soonest.end - latestEnd,
      };
    }
    left.delete(task);
    const entry = placedAt(net.slot, task, fit);
    placed.set(task.id, entry);
    record(state, entry);
  }
  if (net.slot.positionId !== null) {
    const last = net.steps.at(-1);
    state.positions.set(net.slot.positionId, {
      until: start + net.blockLength,
      by: last ? { slot: net.slot.id, task: last.task.id } : null,
    });
  }
  state.pending.push(net);
  return { ok: true, state };
}
