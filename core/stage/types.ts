/** A run of a show: what was planned when it began, and the events that happened since. */
import { type TaskKey } from '../keys';
import type { MarkShape } from '../brief/types';
import type { ReadyWindow } from '../lineup/readyWindow';
import type { Sign } from '../repertoire/types';

export interface RunStep {
  task: string;
  name: string;
  do: string;
  say: string;
  cue: string;
  /** Said to the room before this step: the warning of what follows; empty for none. */
  warn: string;
  /** What volunteers are asked and told, who are fetched in this step; a line each. */
  brief: string[];
  gearOn: string[];
  gearOff: string[];
  careful: string;
  sign: Sign | null;
  /** Likely seconds. */
  seconds: number;
  eachGo: boolean;
  /** Clearing between two goes, while the audience waits. */
  between: boolean;
}

export interface RunSlot {
  id: string;
  /** Null, both, for a talk. */
  demoId: string | null;
  methodId: string | null;
  name: string;
  methodName: string;
  position: { name: string; mark: MarkShape } | null;
  performer: string;
  /** Planned, in seconds from the show's start. */
  start: number;
  end: number;
  goes: number;
  goesAllowed: number;
  oneShot: boolean;
  mayLeaveOut: boolean;
  worth: number;
  steps: RunStep[];
}

/** Something under way behind the performance: settling, or others' preparing and clearing. */
export interface Job {
  slot: string;
  task: string;
  name: string;
  people: string[];
  /** Planned, in seconds from the show's start. */
  start: number;
  end: number;
  /** When what it is for is planned to begin, and the window that keeps; null without one. */
  use: ReadyWindow | null;
}

/** Taken when a run begins and kept with it, so that later edits don't rewrite what happened. */
export interface RunPlan {
  title: string;
  /** Planned start in milliseconds since 1970. */
  startsAt: number;
  /** Seconds from the start. */
  hardFinish: number;
  end: number;
  slots: RunSlot[];
  jobs: Job[];
}

export const RUN_KINDS = ['rehearsal', 'performance'] as const;
export type RunKind = (typeof RUN_KINDS)[number];

export const EVENT_KINDS = [
  'start',
  'done',
  'again',
  'failed',
  'skip',
  'leaveOut',
  'bringBack',
  'goTo',
  'hold',
  'resume',
  'back',
  'sign',
  'begin',
  'note',
  'takeBackNote',
  'judge',
  'finish',
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

export const OUTCOMES = ['worked', 'partly', 'failed'] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface RunEvent {
  /** Made on the device that pressed, so that sending twice does no harm. */
  id: string;
  /** Milliseconds since 1970, by the server's clock as well as the device knows it. */
  at: number;
  kind: EventKind;
  by: string | null;
  /** What it was pressed for: the slot, the step (task) and the go that were on the screen. */
  slot: string | null;
  step: string | null;
  go: number | null;
  cause: string | null;
  outcome: Outcome | null;
  text: string | null;
  /** The last move that the device knew of: what Back takes back. Null for none, and in older runs. */
  onMove: string | null;
}

/** An event with what the server adds when it stores it. */
export interface StoredEvent extends RunEvent {
  /** Its place among the run's events, from 1. */
  seq: number;
  /** When it was stored, in milliseconds since 1970 by the server's clock; null in older runs. */
  receivedAt: number | null;
}

export interface Go {
  go: number;
  outcome: Outcome;
  cause: string | null;
}

export interface LiveSlot {
  status: 'waiting' | 'performed' | 'skipped' | 'leftOut';
  /** Of its last time on stage, in show time: seconds since the start less what was held. */
  startedAt: number | null;
  endedAt: number | null;
  /** Seconds on stage in earlier visits: one may go elsewhere and come back. */
  earlier: number;
  goes: Go[];
  /** Steps that were done, and how long each took, in seconds of show time. */
  steps: { task: string; seconds: number }[];
}

export interface Live {
  phase: 'before' | 'running' | 'held' | 'curtain' | 'finished';
  /** Milliseconds since 1970. */
  startedAt: number | null;
  finishedAt: number | null;
  heldFrom: number | null;
  heldMs: number;
  /** The slot on stage; null before the start and when none is left. */
  slot: string | null;
  step: number;
  go: number;
  /** The event that led here; null while nothing has moved since the start. */
  lastMove: string | null;
  /** A go has failed, and whether to try again is not decided yet. */
  failed: boolean;
  /** Show time at which this step began. */
  stepAt: number;
  /** Show time at which the sign of this step was seen. */
  signAt: number | null;
  slots: Record<string, LiveSlot>;
  /** Show time at which background jobs were begun. */
  begun: Readonly<Record<TaskKey, number>>;
  notes: { id: string; slot: string | null; text: string; at: number; by: string | null }[];
}
