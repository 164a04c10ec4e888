/**
 * What the line-up engine reads and gives. All times are whole seconds from the show's start;
 * work before the show has negative times.
 */
import type { Competence, Phase, Task } from '../repertoire/types';

export interface PlanPerson {
  id: string;
  name: string;
  competences: readonly Competence[];
}

export interface PlanPosition {
  id: string;
  name: string;
}

export interface PlanSlot {
  id: string;
  /** What the audience would call it; used in sentences. */
  name: string;
  performerId: string | null;
  positionId: string | null;
  /** Planned goes, at least 1. */
  goes: number;
  /** Keeps its number in the running order. */
  pinned: boolean;
  tasks: readonly Task[];
}

export interface LineupInput {
  /** When the crew can start work: zero or negative. */
  arrival: number;
  hardFinish: number;
  /** Slack kept between preparing a slot and its block where that delays nothing. */
  margin: number;
  crew: readonly PlanPerson[];
  positions: readonly PlanPosition[];
  /** In running order. */
  slots: readonly PlanSlot[];
}

export interface PlacedTask {
  slot: string;
  task: string;
  /** Which go of a perform step, from 1; 1 for everything else. */
  go: number;
  phase: Phase;
  start: number;
  end: number;
  people: string[];
  /** The stage position it holds, or null in the wings. */
  position: string | null;
}

export interface Block {
  slot: string;
  start: number;
  end: number;
}

/** The timeline rules by what they guard. */
export const RULES = {
  order: 1,
  person: 2,
  position: 3,
  lag: 5,
  arrival: 7,
} as const;
export type RuleNumber = (typeof RULES)[keyof typeof RULES];

export interface TaskRef {
  slot: string;
  task: string;
}

/** Dead air: from the end of one block (or 0) to the start of the next. */
export interface Gap {
  start: number;
  end: number;
  seconds: number;
  /** The slot that has to wait. */
  slot: string;
  rule: RuleNumber;
  reason: string;
  tasks: TaskRef[];
  people: string[];
}

/** A demand that no start time can meet. A timeline with conflicts is never shown as good. */
export interface Conflict {
  rule: RuleNumber;
  slot: string;
  words: string;
  /** What would mend it. */
  mend: string;
  tasks: TaskRef[];
  people: string[];
}

export interface Timeline {
  arrival: number;
  hardFinish: number;
  /** End of the last block; 0 when there is none. */
  end: number;
  /** End of the last block less the lengths of all blocks. */
  deadAir: number;
  /** True when it was shown that no other times end earlier. */
  proven: boolean;
  blocks: Block[];
  /** By start, then by slot. */
  tasks: PlacedTask[];
  gaps: Gap[];
  conflicts: Conflict[];
}
