/**
 * What the line-up engine reads and gives. All times are whole seconds from the show's start;
 * work before the show has negative times.
 */
import type { Lead } from '../brief/types';
import type { Competence, Phase, ResidueKind, Task } from '../repertoire/types';

export interface PlanPerson {
  id: string;
  name: string;
  competences: readonly Competence[];
}

export interface PlanPosition {
  id: string;
  name: string;
}

/** Equipment of which there is only so much. */
export interface PlanEquipment {
  id: string;
  name: string;
  owned: number;
}

/** What a slot leaves on the stage. */
export interface PlanResidue {
  kind: ResidueKind;
  where: 'position' | 'stage';
  /** The slot's task that clears it; null when it goes by itself. */
  task: string | null;
  /** How long it goes on by itself after the block. */
  seconds: number;
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
  /** Ids of limited equipment, and how many of it are in use from the first task to the last reset. */
  uses: readonly { item: string; amount: number }[];
  leaves: readonly PlanResidue[];
  forbids: readonly ResidueKind[];
  leads: readonly Lead[];
}

export interface LineupInput {
  /** When the crew can start work: zero or negative. */
  arrival: number;
  hardFinish: number;
  /** Kept at the least between preparing a slot and its block, where that delays nothing. */
  margin: number;
  crew: readonly PlanPerson[];
  positions: readonly PlanPosition[];
  equipment: readonly PlanEquipment[];
  /** In running order. */
  slots: readonly PlanSlot[];
}

export interface PlacedTask {
  slot: string;
  task: string;
  /** Which go of a perform step, from 1; 1 for everything else. */
  go: number;
  /** The task's own; “perform” for clearing between two goes, which the audience watches. */
  phase: Phase;
  start: number;
  end: number;
  people: string[];
  /** The stage position it holds, or null in the wings. */
  position: string | null;
  /** Of preparation: seconds kept free after it for its own spread, in which it may end without harm. */
  buffer: number;
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
  equipment: 4,
  lag: 5,
  residue: 6,
  arrival: 7,
  late: 8,
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

/** A demand that no start time can meet. Of the whole show when its slot is empty. A timeline with conflicts is never shown as good. */
export interface Conflict {
  rule: RuleNumber;
  slot: string;
  message: string;
  /** What kind of thing to look at; the changes that would fix it are worked out by `suggestFixes.ts`. */
  advice: string;
  /** Set when a ready window was missed: the task, what it comes after, and the greatest lag that would do. */
  window: { task: string; after: string; greatest: number } | null;
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
