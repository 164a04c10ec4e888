/** A run of a show: what was planned when it began, and the events that happened since. */
import { type TaskKey } from '../keys';
import type { MarkShape, SideBySide, Station } from '../brief/types';
import type { ReadyWindow } from '../lineup/readyWindow';
import type { Prediction, StepCue } from '../repertoire/cues';
import type { MethodResult } from '../repertoire/measure';
import type { Sign } from '../repertoire/types';
import type { ScreenState, Tallies } from './screen';

export interface RunStep {
  task: string;
  name: string;
  do: string;
  say: string;
  cue: string;
  /** Said to the room before this step: the warning of what follows; empty for none. */
  warn: string;
  /** What must be clear before this step: the line of fire; empty for nothing. */
  clear: string;
  /** What volunteers are asked and told, who are fetched in this step; a line each. */
  brief: string[];
  /** How volunteers are let go after it; a line each. */
  letGo: string[];
  gearOn: string[];
  gearOff: string[];
  careful: string;
  sign: Sign | null;
  /** Likely seconds. */
  seconds: number;
  eachGo: boolean;
  /** Clearing between two goes, while the audience waits. */
  between: boolean;
  cues: StepCue[];
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
  /** Null where nobody was chosen, and in older runs. */
  performerId: string | null;
  /** Asked before it is seen; null for nothing. */
  prediction: Prediction | null;
  /** Planned, in seconds from the show's start. */
  start: number;
  end: number;
  goes: number;
  goesAllowed: number;
  oneShot: boolean;
  mayLeaveOut: boolean;
  worth: number;
  steps: RunStep[];
  /** What is read at each go. */
  results: MethodResult[];
  /** Of several that are set off as one; null for one alone. */
  sideBySide: RunStations | null;
  /** What trials found out about it, to be told. */
  claims: RunClaim[];
}

/** Several side by side, and where what is read at them belongs. */
export interface RunStations extends Pick<SideBySide, 'kind' | 'trialId'> {
  /** From left to right. What is read at one is read under its id. */
  stations: Pick<Station, 'id' | 'label' | 'levelId'>[];
}

/** What a trial found out, as it stood when the run began. */
export interface RunClaim {
  trialId: string;
  /** In a sentence. */
  words: string;
  /** The figures it rests on, and why it is so; empty where nobody has said. */
  evidence: string;
  reasoning: string;
}

/** What was read at a go, or was to be read and was not. */
export interface ReadingTaken {
  slot: string;
  /** Id of the method’s result. */
  result: string;
  go: number;
  /** In the unit it is read in; 1 and 0 for yes and no; null where it was not read. */
  value: number | null;
  /** What was said first, where it was put right later; else the same. */
  first: number | null;
  /** It was put right. */
  changed: boolean;
  at: number;
  by: string | null;
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

/** What moves the running order on, and is for who drives. */
export const ORDER_KINDS = [
  'start',
  'commence',
  'part',
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
  'pass',
  'moveFinish',
  'finish',
  'unfinish',
] as const;
/** What is said beside it, by anybody. */
const BESIDE_KINDS = [
  'begin',
  'ready',
  'late',
  'spoiled',
  'blocked',
  'unmark',
  'call',
  'screen',
  'tally',
  'note',
  'takeBackNote',
  'judge',
  'correct',
  'doubt',
  'trust',
  'drive',
  'take',
  'reading',
  'reaction',
  'question',
  'because',
] as const;
export const EVENT_KINDS = [...ORDER_KINDS, ...BESIDE_KINDS] as const;
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
  /** A number that goes with it: seconds put right, or the hard finish in ms since 1970. Null for none. */
  value: number | null;
  /** The last move that the device knew of: what Back takes back. Null for none, and in older runs. */
  onMove: string | null;
  /** The device it was pressed on, by the server's word; null where that is not known. */
  device: string | null;
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

/** How long a step took, in seconds of show time, its warning, gear and briefing included. */
export interface StepTime {
  task: string;
  go: number;
  seconds: number;
  /** As the presses had it, where it was put right since; null where it was not. */
  measured: number | null;
  /** Not to be learned from: somebody says that it can't be right. */
  doubtful: boolean;
  /** Somebody says that it is right, odd as it looks. */
  trusted: boolean;
}

export interface LiveSlot {
  status: 'waiting' | 'performed' | 'skipped' | 'leftOut';
  /** Of its last time on stage, in show time: seconds since the start less what was held. */
  startedAt: number | null;
  endedAt: number | null;
  /** Seconds on stage in earlier visits: one may go elsewhere and come back. */
  earlier: number;
  goes: Go[];
  /** Steps that were done. */
  steps: StepTime[];
  /** From a sign that was seen to the act, in seconds: physics goes on in a hold. */
  signs: { task: string; go: number; seconds: number }[];
}

/** One time of a slot on stage, in milliseconds since 1970. */
export interface Visit {
  slot: string;
  /** When the slot before was over. */
  entered: number;
  /** When its first step began; with dead air before it, that may still be to come. */
  from: number;
  /** Null while it is on. */
  until: number | null;
  /** Some go of it has begun, so that what was prepared may be used up and what it leaves is there. */
  acted: boolean;
  steps: { task: string; go: number; from: number; until: number }[];
}

/** What was said of a piece of work around the blocks, in milliseconds since 1970. */
export interface JobSaid {
  begun: number | null;
  ended: number | null;
  /** late: not begun yet, or takes longer; spoiled: to be done again; blocked: can't be done for now. */
  trouble: 'late' | 'spoiled' | 'blocked' | null;
  /** When that was said. */
  at: number;
  by: string | null;
}

export interface Reaction {
  /** From 1, nobody stirred, to 5, the roof came off. */
  value: number;
  text: string;
}

export interface Said {
  id: string;
  slot: string | null;
  text: string;
  at: number;
  by: string | null;
}

export interface Live {
  phase: 'before' | 'running' | 'held' | 'curtain' | 'finished';
  /** Milliseconds since 1970. */
  startedAt: number | null;
  finishedAt: number | null;
  heldFrom: number | null;
  heldMs: number;
  /** Milliseconds since 1970, those that are over. */
  holds: readonly { from: number; until: number }[];
  /** The slot on stage; null before the start and when none is left. */
  slot: string | null;
  step: number;
  go: number;
  /** Parts of this step that were done, by their names. */
  parts: readonly string[];
  /** The event that led here; null while nothing has moved since the start. */
  lastMove: string | null;
  /** A go has failed, and whether to try again is not decided yet. */
  failed: boolean;
  /** Show time at which this step began, or will where dead air comes first. */
  stepAt: number;
  /** The same moment in milliseconds since 1970. */
  stepFrom: number;
  /** Somebody has said that this go began; otherwise that is as the plan has it, or as what was done says. */
  commenced: boolean;
  /** When the sign of this step was seen, in milliseconds since 1970. */
  signAt: number | null;
  slots: Record<string, LiveSlot>;
  /** Times on stage in the order they came, the present one last. */
  visits: readonly Visit[];
  /** What was said of work in the background. */
  jobs: Readonly<Record<TaskKey, JobSaid>>;
  /** Gates that somebody went past, by the slot they stood before. */
  passed: readonly { slot: string; rule: string; at: number; by: string | null }[];
  /** The hard finish somebody moved it to, in milliseconds since 1970; null where it is as booked. */
  finishMoved: number | null;
  /** Who was called to what, the latest last. */
  calls: readonly { slot: string; task: string; at: number; by: string | null }[];
  /** What is on the audience’s screen, and the hands that were counted. */
  screen: ScreenState;
  tallies: Tallies;
  /** Of those, the hands that were counted once more after it was seen. */
  talliesAfter: Tallies;
  /** How the audience took a slot, from 1 to 5, by its id, with words. */
  reactions: Readonly<Record<string, Reaction>>;
  /** The best questions somebody asked. */
  questions: readonly Said[];
  /** Why it was held, or waited, at a moment in milliseconds since 1970. */
  because: readonly { moment: number; text: string }[];
  /** What was read, the latest last. */
  readings: readonly ReadingTaken[];
  notes: Said[];
}
