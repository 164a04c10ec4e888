/**
 * A demonstration as one would tell it: a step a line. What each line became, what was guessed, and what is asked.
 * Lines are counted from 1, places in a line from 0. Durations are whole seconds.
 */
import type { ItemKind } from '../repertoire/item';
import type { Competence, Estimate, Hand, KitBasis, Phase, Sign } from '../repertoire/types';
import type { UnitId } from '../units/units';

/** A thing of the store that a text may name. */
export interface KnownThing {
  id: string;
  name: string;
  kind: ItemKind;
  /** What its stock is counted in. */
  unit: UnitId;
}

/** What names in a text may stand for. */
export interface Knows {
  things: readonly KnownThing[];
  people: readonly { id: string; name: string }[];
  /** Names of stage positions. */
  positions: readonly string[];
}

export const MARK_KINDS = ['time', 'amount', 'person', 'word', 'doubt'] as const;

/** A part of a line, and what it was taken for. */
export interface Mark {
  line: number;
  from: number;
  to: number;
  kind: (typeof MARK_KINDS)[number];
}

/** Something that can be understood in two ways. Each answer is the line as it would be written then. */
export interface Question {
  line: number;
  from: number;
  to: number;
  ask: string;
  answers: { label: string; text: string }[];
}

export interface ToldTime extends Estimate {
  /** all: with its ends; one: the ends are guessed; none: all of it is guessed. */
  said: 'all' | 'one' | 'none';
}

/** A step, with everything that its lines say of it. */
export interface ToldStep {
  /** The line it stands in. */
  line: number;
  /** Lines beneath that say more of it. */
  more: number[];
  name: string;
  phase: Phase;
  /** Nobody said so: by its words and its place. */
  phaseGuessed: boolean;
  time: ToldTime;
  hands: Hand[];
  place: 'stage' | 'wings';
  eachGo: boolean;
  do: string;
  say: string;
  cue: string;
  careful: string;
  gearOn: string[];
  gearOff: string[];
  sign: Sign | null;
  /** What a wait made ready is to be used within so many seconds; null for no limit. */
  keeps: number | null;
}

/** Something to bring. */
export interface ToldThing {
  line: number;
  from: number;
  to: number;
  name: string;
  /** Null where nothing of the store is called so. */
  itemId: string | null;
  kind: ItemKind;
  amount: number;
  unit: UnitId;
  basis: KitBasis;
  groupOf: number | null;
  note: string;
}

export interface ToldMethod {
  /** Null for a text that names no method. */
  name: string | null;
  line: number;
  steps: ToldStep[];
  kit: ToldThing[];
  /** As far as the text says; null where it says nothing. */
  volunteers: number | null;
  goesAllowed: number | null;
  oneShot: boolean | null;
  summary: string | null;
  warning: string | null;
}

/** Everything in a text. What it says nothing of is null. */
export interface Told {
  name: string;
  hook: string | null;
  idea: string | null;
  ages: { from: number; to: number } | null;
  energy: number | null;
  usualPosition: string | null;
  /** Names in it that are of the crew. */
  people: string[];
  methods: ToldMethod[];
  marks: Mark[];
  questions: Question[];
}

/** How a competence is written after a role: “helper (flame)”. */
export const COMPETENCE_WORDS: Readonly<Record<Competence, string>> = {
  cryogen: 'cold liquids',
  flame: 'flame',
  highVoltage: 'high voltage',
  driver: 'driver',
  firstAid: 'first aid',
};
