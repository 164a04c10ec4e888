/**
 * The repertoire: demonstrations, the ways of doing them, and the items they need.
 * Durations are whole seconds. Amounts are as the presenter typed them, with their unit.
 */
import type { UnitId } from '../units/units';

export const PHASES = ['prepare', 'settle', 'perform', 'reset'] as const;
/** prepare: before it can start; settle: runs by itself; perform: the audience watches; reset: clear, dry, refill. */
export type Phase = (typeof PHASES)[number];

export const HAZARDS = [
  'openFlame',
  'flammableVapour',
  'oxidiser',
  'corrosive',
  'cryogen',
  'asphyxiant',
  'hot',
  'loud',
  'projectile',
  'shatter',
  'pressure',
  'highVoltage',
  'strongMagnet',
  'slip',
  'splash',
  'smoke',
  'flashingLight',
  'allergen',
  'lifting',
  'volunteerMoved',
] as const;
export type HazardKind = (typeof HAZARDS)[number];

export const COMPETENCES = ['cryogen', 'flame', 'highVoltage', 'driver', 'firstAid'] as const;
export type Competence = (typeof COMPETENCES)[number];

export const HAND_ROLES = ['performer', 'helper', 'anyone'] as const;
/** performer: the one who presents the slot; helper: anybody of the crew but the performer. */
export type HandRole = (typeof HAND_ROLES)[number];

export const TALK_PATTERNS = ['sayFirst', 'predictShowExplain', 'showThenExplain'] as const;
export type TalkPattern = (typeof TALK_PATTERNS)[number];

export const ITEM_KINDS = ['equipment', 'consumable', 'gear'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

export const KIT_BASES = ['perShow', 'perGo', 'perVolunteer', 'perHead'] as const;
export type KitBasis = (typeof KIT_BASES)[number];

export const RESIDUES = [
  'water',
  'foam',
  'vapour',
  'oxygen',
  'smoke',
  'debris',
  'heat',
  'charge',
  'darkness',
] as const;
/** What a performance can leave behind. */
export type ResidueKind = (typeof RESIDUES)[number];

/** Three-point estimate in seconds: shortest ≤ likely ≤ longest. */
export interface Estimate {
  shortest: number;
  likely: number;
  longest: number;
}

export interface Hand {
  role: HandRole;
  count: number;
  competence: Competence | null;
}

/** Comes after another task of the same method; lags in seconds, from its end to this one's start. */
export interface After {
  task: string;
  least: number;
  greatest: number | null;
}

/** Something to watch for, and the seconds to wait after it before acting. */
export interface Sign {
  watchFor: string;
  waitLeast: number;
  waitMost: number;
}

export interface Task {
  /** Unique within its method. */
  id: string;
  name: string;
  phase: Phase;
  time: Estimate;
  hands: Hand[];
  /** stage: at the slot's position; wings: off stage. */
  place: 'stage' | 'wings';
  after: After[];
  /** Perform steps: done again at every go. Clearing: done between goes too, while the audience waits. */
  eachGo: boolean;
  do: string;
  say: string;
  cue: string;
  gearOn: string[];
  gearOff: string[];
  mind: string;
  sign: Sign | null;
}

export interface KitLine {
  id: string;
  itemId: string;
  amount: number;
  unit: UnitId;
  basis: KitBasis;
  /** What may be used instead, or how it should be; free words. */
  note: string;
}

export interface Setting {
  id: string;
  name: string;
  value: number;
  unit: UnitId;
}

export interface Hazard {
  kind: HazardKind;
  /** What keeps it in hand, in words. */
  control: string;
}

/** Left by every performance, and gone after a time by itself or once somebody has cleared it. */
export interface Residue {
  id: string;
  kind: ResidueKind;
  /** Where it matters: at the slot's position, or on the whole stage. */
  where: 'position' | 'stage';
  /** How long clearing takes, or how long it goes on by itself. */
  time: Estimate;
  /** Who clears it; empty when it goes by itself. */
  hands: Hand[];
}

export interface Method {
  id: string;
  name: string;
  summary: string;
  oneShot: boolean;
  goesAllowed: number;
  /** Audience volunteers one performance takes. */
  volunteers: number;
  /** Said to the room, or to the venue, before it is done; empty when nothing need be said. */
  warning: string;
  tasks: Task[];
  kit: KitLine[];
  settings: Setting[];
  hazards: Hazard[];
  leaves: Residue[];
  /** What must not be about when it is performed. */
  forbids: ResidueKind[];
  /** Goes counted before the first run was recorded here. */
  priorWorked: number;
  priorFailed: number;
}

export interface Demo {
  id: string;
  name: string;
  hook: string;
  idea: string;
  keywords: string[];
  ageFrom: number;
  ageTo: number;
  /** 1 quiet to 5 roof-raiser. */
  lift: number;
  talkPattern: TalkPattern;
  volunteerCard: string;
  pinnedNote: string;
  /** Name of the stage position it is usually done at. */
  usualPosition: string;
  methods: Method[];
}

export interface Item {
  id: string;
  name: string;
  kind: ItemKind;
  /** A test of its function, such as "battery reads above 7 V"; empty when there is none. */
  functionTest: string;
  /** A failed or undone function test holds the show. */
  testHolds: boolean;
  /** Equipment and gear: how many there are; null for as many as are asked for. */
  owned: number | null;
  note: string;
}
