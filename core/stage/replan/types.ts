/**
 * The live plan: what has happened, and the rest of the show timed again by the engine from there. All
 * times are whole seconds of real time from the moment the show began; what was done before has negative
 * ones. Real time goes on in a hold: soaking, warming and windows know no other.
 */
import type { TaskKey } from '../../keys';
import type { SlotPolicy } from '../../lineup/forecast/types';
import type { Conflict, Gap, LineupInput, PlanSlot, Timeline } from '../../lineup/types';
import type { Phase } from '../../repertoire/types';
import type { RunPlan } from '../types';

/** What the live plan is worked out from, the same all night. */
export interface LiveShow {
  plan: RunPlan;
  /** The show of the plan as the engine reads it, its slots in planned order. */
  input: LineupInput;
  policies: ReadonlyMap<string, SlotPolicy>;
  /** The clock as it was written. */
  written: Timeline;
  /** False where nothing is known of the show but its steps: then nothing is ever called ready. */
  known: boolean;
}

/** A piece of work around the blocks that is done, or under way. */
export interface Work {
  start: number;
  /** When it ended, or is expected to. */
  end: number;
  people: readonly string[];
  /** Somebody said so; otherwise it is taken to have gone by the plan. */
  said: boolean;
  /** What was known of it before that was said. */
  before: Work | null;
}

/** What is known to have happened around the blocks. */
export interface Known {
  /** By part of the night and task: `partKey`. */
  work: ReadonlyMap<TaskKey, Work>;
  /** Work that can't be done for now. */
  blocked: ReadonlySet<TaskKey>;
  /** Work of which somebody said that it has not begun: it is not taken to, before somebody says so. */
  waiting: ReadonlySet<TaskKey>;
  /** When a slot on stage began by the plan, since nobody said so; by its part. */
  begun: ReadonlyMap<string, number>;
}

/** A stretch of the night that belongs to one slot: one that is over, the one that is on, or one to come. */
export type PartKind = 'over' | 'on' | 'toCome' | 'toClear';

export interface LiveBlock {
  slot: string;
  /** Of a slot that is on stage in more than one stretch, each has its own. */
  part: string;
  kind: PartKind;
  start: number;
  end: number;
}

export const WORK_STATES = ['done', 'underWay', 'toCome', 'blocked'] as const;
export type WorkState = (typeof WORK_STATES)[number];

/** A piece of work around the blocks as the live plan has it. */
export interface LiveTask {
  slot: string;
  part: string;
  task: string;
  name: string;
  phase: Phase;
  /** Ids of those who have it. */
  people: string[];
  start: number;
  end: number;
  state: WorkState;
  /** Somebody said so; otherwise it goes by the plan. */
  said: boolean;
  /** Seconds that it may end later without harm. */
  buffer: number;
}

/** What keeps only so long, once it is ready. */
export interface LiveWindow {
  slot: string;
  part: string;
  /** What makes it ready, and what uses it. */
  after: string;
  task: string;
  from: number;
  until: number;
  /** When it is to be used; null where it was. */
  at: number | null;
  /** It is ready, or will be by the plan, no later than it is used, and used while it keeps. */
  kept: boolean;
}

export interface LivePlan {
  now: number;
  end: number;
  /** No other times of this order end earlier. */
  proven: boolean;
  blocks: LiveBlock[];
  tasks: LiveTask[];
  windows: LiveWindow[];
  /** Dead air from now on. */
  gaps: Gap[];
  /** What can't be kept any more. */
  conflicts: Conflict[];
}

/** A stretch of the night as the engine is given it. */
export interface Part {
  id: string;
  slotId: string;
  kind: PartKind;
  slot: PlanSlot;
  /** Where its block is; null where that is to be found. */
  start: number | null;
  /** Its block not before this. */
  earliest: number;
}
