/** A trial series: one thing is changed, everything else listed and held, and each go read. */
import type { UnitId } from '../units/units';
import type { Measure } from '../repertoire/measure';
import type { Level } from './types';

export const VARIABLES = [
  'amount',
  'time',
  'temperature',
  'size',
  'filling',
  'method',
  'other',
] as const;
/** What kind of thing is changed. */
export type VariableKind = (typeof VARIABLES)[number];

export interface Variable {
  kind: VariableKind;
  name: string;
  /** Of its levels, as it is said after a number; '' for kinds. */
  unit: string;
  /** The setting of its method that it is, in whose unit the levels are; null where it is none. */
  settingId: string | null;
}

/** What could also change, and is kept the same. */
export interface Held {
  id: string;
  name: string;
  /** What it is held at. */
  value: string;
  /** What it did instead; '' where it held. */
  drifted: string;
}

/** What one go uses up, of an item. */
export interface TrialKitLine {
  id: string;
  itemId: string;
  unit: UnitId;
  /** Whatever the level. */
  perGo: number;
  /** For each one of the level’s amount. */
  perAmount: number;
}

/** A figure that is taken down beside each reading, such as the room’s temperature. */
export interface Condition {
  id: string;
  name: string;
  unit: string;
}

export const EXPECTATIONS = ['higher', 'lower', 'noMatter', 'open'] as const;
/** What more of it is expected to do to the reading. */
export type Expectation = (typeof EXPECTATIONS)[number];

export const ORDERS = ['blocks', 'asListed'] as const;
/** blocks: every round in an order of its own, drawn; asListed: from left to right, mixed up with time. */
export type GoOrder = (typeof ORDERS)[number];

export interface TrialSeries {
  id: string;
  /** The question: “Foam fountain: how much yeast?” */
  name: string;
  demoId: string | null;
  methodId: string | null;
  /** Where it is tried. */
  place: string;
  /** Local date, YYYY-MM-DD; null until it is tried. */
  date: string | null;
  variable: Variable;
  levels: Level[];
  /** The level that others are held against; null for none. */
  referenceId: string | null;
  held: Held[];
  conditions: Condition[];
  /** Ids of levels by what they are expected to read, the highest first; none for no such guess. */
  predicted: string[];
  /** In somebody’s words. */
  hypothesis: string;
  expects: Expectation;
  guessedBy: string | null;
  measure: Measure;
  /** The least difference that would matter, in the unit of the reading; null where nobody has said. */
  matters: number | null;
  /** Goes at each level. */
  rounds: number;
  order: GoOrder;
  seed: number;
  /** Goes that run beside each other. */
  stations: number;
  /** From one go to the next at a station, cleaning included. */
  secondsPerGo: number;
  /** Who reads; null for whoever has the phone. */
  readerId: string | null;
  /** Whether who reads knows the level. */
  blind: boolean;
  kit: TrialKitLine[];
  /** What the claim rests on, in the crew’s words; '' for the figures as they are. */
  evidence: string;
  /** Why it is so, in the crew’s words. */
  reasoning: string;
  /** Its claim stands on the demo, on stage and on the audience’s screen. */
  pinned: boolean;
  note: string;
}

export const GO_STATES = ['read', 'notRead', 'leftOut'] as const;
/** leftOut: read, and not counted, with a reason. */
export type GoState = (typeof GO_STATES)[number];

/** What one go came to. */
export interface TrialGo {
  /** Counted from 1 over the series. */
  go: number;
  levelId: string;
  state: GoState;
  /** In the measure’s unit; null where it was not read. 1 and 0 for yes and no. */
  value: number | null;
  /** What was read first, where it was put right later; else the same. */
  first: number | null;
  /** Why it was put right, not read or left out. */
  reason: string;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
  /** By id of the condition. */
  conditions: { id: string; value: number }[];
  /** Where it was read on stage: the run, its slot and the go of it, with strokes between; null on the Bench. */
  source: string | null;
}
