/**
 * The repertoire: demonstrations and the ways of doing them.
 * Durations are whole seconds. Amounts are as the presenter typed them, with their unit.
 */
import type { Care, PersonAtRisk, Needs, Rating, CalculatorBinding, VolunteerCard } from './care';
import type { Prediction, StepCue } from './cues';
import type { Face } from './face';
import type { HandOut } from './handOut';
import type { Family } from './families';
import type { MethodResult } from './measure';
import type { Origin } from './origin';
import type { CameraView, Picture } from './pictures';
import type { Strength } from './substances';
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
  'ultraviolet',
  'laser',
  'dust',
  'carbonMonoxide',
  'toxicVapour',
  'eatenAfterwards',
  'compressedGas',
  'gasBalloons',
  'workAtHeight',
  'trailingCables',
  'latex',
  'photosensitive',
] as const;
export type HazardKind = (typeof HAZARDS)[number];

export const COMPETENCES = ['cryogen', 'flame', 'highVoltage', 'driver', 'firstAid'] as const;
export type Competence = (typeof COMPETENCES)[number];

export const HAND_ROLES = ['performer', 'helper', 'anyone'] as const;
/** performer: the one who presents the slot; helper: anybody of the crew but the performer. */
export type HandRole = (typeof HAND_ROLES)[number];

export const FIGURE_USES = ['taken', 'mine'] as const;

export const TALK_PATTERNS = ['sayFirst', 'predictShowExplain', 'showThenExplain'] as const;
export type TalkPattern = (typeof TALK_PATTERNS)[number];

export const KIT_BASES = [
  'perShow',
  'perGo',
  'perVolunteer',
  'perVolunteerGo',
  'perHead',
  'perGroup',
  'perDay',
] as const;
/** perGroup: for every so many of the audience; perDay: once for all shows and rehearsals of a date. */
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
  careful: string;
  sign: Sign | null;
  /** Which of the method's hazards are there while it is done. One that no task names is there in all of them. */
  hazards: HazardKind[];
  /** What it sets off beyond the stage. */
  cues: StepCue[];
  /** How it should look; null for none. */
  picture: Picture | null;
  views: CameraView[];
}

/** Something that stands in for another thing of a kit. */
export interface Substitute {
  itemId: string;
  /** How much of it, in its own unit, for one of the line’s unit. */
  times: number;
  unit: UnitId;
  /** Settings of the method that are others with it; null while nobody has said whether any is. */
  figures: SettingFigure[] | null;
}

export interface KitLine {
  id: string;
  itemId: string;
  amount: number;
  /** Where it is a range, from `amount` to this; null for one figure. As much as this is brought. */
  most: number | null;
  unit: UnitId;
  basis: KitBasis;
  /** How many of the audience share it, where it is counted by the group. */
  groupOf: number | null;
  /** What may be used instead when it is missing, the best first. */
  instead: Substitute[];
  /** It goes into, or holds, the cold liquid at room temperature each time, and takes its share of it. */
  chilled: boolean;
  /** Which cold liquid that is, where its method has several; null for the first of them. */
  chilledIn: string | null;
  /** The strength that is wanted, where the store may hold another one. */
  strength: Strength | null;
  /** How it should be; free words. */
  note: string;
}

export interface Setting {
  id: string;
  name: string;
  value: number;
  /** Where it is a range, from `value` to this; null for one figure. */
  most: number | null;
  unit: UnitId;
  /** Where the figure is from: a source, “common practice”, “from memory”; may be empty. */
  source: string;
}

/** What a setting is in another case, in its own unit. */
export interface SettingFigure {
  settingId: string;
  value: number;
}

export interface Hazard {
  kind: HazardKind;
  /** Its control, in words. */
  control: string;
  atRisk: PersonAtRisk[];
  /** In one line; empty for the usual one of its kind. */
  firstAid: string;
  /** What is counted of its kind (`HAZARD_FIGURES`): flashes a second, class of a laser. Null while not known. */
  figure: number | null;
  /** How likely and how bad without its control, and with it; null while it is not rated. */
  before: Rating | null;
  after: Rating | null;
}

/** A hazard that was suggested and is not there, with why. */
export interface RuledOut {
  kind: HazardKind;
  why: string;
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

/**
 * A time that somebody took from the record, or kept as it was guessed. The guess itself stays with its task.
 */
export interface TimeFigure {
  id: string;
  task: string;
  /** Of one performer’s goes; null for whoever does it. */
  performerId: string | null;
  /** taken: the plan goes by `time`; mine: by the guess, whatever the record says. */
  use: (typeof FIGURE_USES)[number];
  /** It is not offered anew as the record grows. */
  frozen: boolean;
  time: Estimate;
  /** From so many times that were taken; 0 where the guess was kept without any. */
  from: number;
  /** When it was decided, in milliseconds since 1970. */
  at: number;
}

/** A chance that somebody keeps to, whatever the record says since: so many goes that worked, and that did not. */
export interface ChanceFigure {
  worked: number;
  /** Those that only partly worked included. */
  failed: number;
  /** When it was decided, in milliseconds since 1970. */
  at: number;
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
  /** Asked before it is seen; null for nothing. */
  prediction: Prediction | null;
  tasks: Task[];
  kit: KitLine[];
  settings: Setting[];
  hazards: Hazard[];
  /** Somebody has gone through it for hazards: what is not listed is not there. */
  hazardsReviewed: boolean;
  ruledOut: RuledOut[];
  needs: Needs;
  care: Care;
  volunteerCard: VolunteerCard;
  /** Calculators that judge it with the day's figures. */
  calculators: CalculatorBinding[];
  leaves: Residue[];
  /** What must not be about when it is performed. */
  forbids: ResidueKind[];
  /** What is read at each go. */
  results: MethodResult[];
  /** What was decided of its times since they were first guessed. */
  figures: TimeFigure[];
  /** The chance that the plan keeps to; null for what the record says. */
  chance: ChanceFigure | null;
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
  energy: number;
  talkPattern: TalkPattern;
  pinnedNote: string;
  /** Name of the stage position it is usually done at. */
  usualPosition: string;
  /** Null where nobody has said. */
  family: Family | null;
  /** Null for one guessed by its words. */
  face: Face | null;
  /** As it was typed, a step a line; empty where it was not. */
  told: string;
  /** What of the library it was taken from; null for one’s own. */
  origin: Origin | null;
  /** How it should look when it is set out; null for none. */
  picture: Picture | null;
  handOut: HandOut;
  methods: Method[];
}
