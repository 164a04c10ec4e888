/** A partly built schedule. Forked before every alternative, so the parts are never shared. */
import { Calendar } from './calendar';
import type { Task } from '../repertoire/types';
import type {
  Block,
  Conflict,
  LineupInput,
  PlacedTask,
  PlanSlot,
  RuleNumber,
  TaskRef,
} from './types';
import type { Network } from './network';

/** The demand that kept something from starting earlier. */
export interface Obstacle {
  rule: RuleNumber;
  /** The task that could not be placed, or null when it is the block itself. */
  task: TaskRef | null;
  /** What it ran into. */
  blockers: TaskRef[];
  people: string[];
  position: string | null;
}

export interface Hold {
  until: number;
  by: TaskRef | null;
}

export interface State {
  calendar: Calendar;
  placed: PlacedTask[];
  blocks: Block[];
  /** Why each block could not start when the one before it ended. */
  obstacles: (Obstacle | null)[];
  /** Positions by id: until when, and by which task, each is taken. */
  positions: Map<string, Hold>;
  /** Slots performed whose clearing has no time yet. */
  pending: Network[];
  conflicts: Conflict[];
}

export function initialState(input: LineupInput): State {
  return {
    calendar: Calendar.empty(input.crew),
    placed: [],
    blocks: [],
    obstacles: [],
    positions: new Map(),
    pending: [],
    conflicts: [],
  };
}

export function fork(state: State): State {
  return {
    calendar: state.calendar.fork(),
    placed: [...state.placed],
    blocks: [...state.blocks],
    obstacles: [...state.obstacles],
    positions: new Map(state.positions),
    pending: [...state.pending],
    conflicts: [...state.conflicts],
  };
}

export const lastEnd = (state: State): number => state.blocks.at(-1)?.end ?? 0;

/** A task of a slot at the time and with the people that were found for it. */
export const placedAt = (
  slot: PlanSlot,
  task: Task,
  fit: Pick<PlacedTask, 'start' | 'end' | 'people'>,
  go = 1,
): PlacedTask => ({
  slot: slot.id,
  task: task.id,
  go,
  phase: task.phase,
  ...fit,
  position: task.place === 'stage' ? slot.positionId : null,
});

export function record(state: State, placed: PlacedTask): void {
  state.placed.push(placed);
  for (const person of placed.people) {
    state.calendar.add(person, {
      slot: placed.slot,
      task: placed.task,
      start: placed.start,
      end: placed.end,
    });
  }
}
