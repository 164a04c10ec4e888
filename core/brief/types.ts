/** A booking and the people and places it needs. */
import type { Item } from '../repertoire/item';
import type { Competence, Demo, Estimate } from '../repertoire/types';
import type { Swap } from '../repertoire/substitute';
import type { RiskMatrix } from '../repertoire/matrix';
import type { Measure } from '../repertoire/measure';
import type { HouseholdSizes } from '../units/household';
import type { UnitId } from '../units/units';
import type { CrewAnswer, HostQuestion } from './agreed';
import type { ClassSet } from './classSet';
import type { Filming } from './filming';
import type { Wishes } from './wishes';

export interface Person {
  id: string;
  name: string;
  role: string;
  competences: Competence[];
  /** A heart device or another implant that magnets or high voltage can disturb; as they answered. */
  heartDevice: Known;
  /** May waive a check or a verdict, with a reason. */
  mayWaive: boolean;
  /** How fast they speak on stage; null where nobody has measured it. */
  wordsPerMinute: number | null;
  note: string;
}

export const KNOWN = ['unknown', 'yes', 'no'] as const;
export type Known = (typeof KNOWN)[number];

export const FLOORS = ['unknown', 'level', 'sloping', 'uneven'] as const;
export type Floor = (typeof FLOORS)[number];

/** A power circuit with its own fuse. */
export interface Circuit {
  id: string;
  name: string;
  /** Its limit, W. */
  watts: number;
}

/**
 * Places on the plan are in metres from the middle of the stage's front edge: x to the right as the
 * audience sees it, y away from the audience.
 */
export interface Place {
  x: number;
  y: number;
}

export interface Exit extends Place {
  id: string;
  name: string;
}

export interface Venue {
  id: string;
  name: string;
  address: string;
  travel: string;
  outdoors: boolean;
  lengthM: number | null;
  widthM: number | null;
  ceilingM: number | null;
  frontRowM: number | null;
  powerSockets: number | null;
  water: Known;
  dark: Known;
  smokeDetectors: Known;
  detectorsIsolable: Known;
  detectorsIsolatedBy: string;
  /** The alarm calls the fire service by itself. */
  alarmToFireService: Known;
  drain: Known;
  /** Times an hour that the air of the room is changed. */
  airChanges: number | null;
  floor: Floor;
  circuits: Circuit[];
  /** Outdoors: what one stands on. */
  surface: string;
  /** The stage: how wide, and how deep from its front edge. */
  stageWidthM: number | null;
  stageDepthM: number | null;
  exits: Exit[];
  /** Whom to call there, and what to tell them or fetch: defibrillator, meeting place, way in. */
  emergencyNumber: string;
  emergencyNote: string;
  note: string;
}

export const MARK_SHAPES = ['cross', 'corner', 'tee', 'bars', 'chevron', 'square'] as const;
/** Shape of cloth tape stuck on the stage floor to mark a position. */
export type MarkShape = (typeof MARK_SHAPES)[number];

export interface Position {
  id: string;
  name: string;
  mark: MarkShape;
  /** Where it is on the plan; null while it is not placed. */
  at: Place | null;
  /** The venue's circuit it draws from; null for the first. */
  circuitId: string | null;
}

/** Something said instead of shown. */
export interface Talk {
  title: string;
  time: Estimate;
  say: string;
}

/** A preparing task that is wanted done earlier than need be. */
export interface Lead {
  task: string;
  /** Least seconds between its end and the slot's block. */
  seconds: number;
}

/** What one of several that stand side by side takes of an item. */
export interface StationAmount {
  itemId: string;
  unit: UnitId;
  amount: number;
}

/** One of several that stand side by side. */
export interface Station {
  id: string;
  /** What is changed there: “4 teaspoons”. */
  label: string;
  /** The level of its series; null where that is not kept. */
  levelId: string | null;
  amounts: StationAmount[];
}

export const SIDE_BY_SIDE = ['series', 'finale'] as const;

/**
 * Several of one demonstration side by side, set off as one. series: each station is a level that is tried before
 * the audience; finale: all are at the level that was found.
 */
export interface SideBySide {
  kind: (typeof SIDE_BY_SIDE)[number];
  /** The series it is of; null where that is not kept. */
  trialId: string | null;
  /** From left to right. */
  stations: Station[];
  /** Whole sets that are kept ready besides, of the station that takes most. */
  spares: number;
  /**
   * The method’s setting that the levels change, and the most that it is set to; null where it changes none. Without a
   * unit it is in the setting’s own.
   */
  setting: { id: string; value: number; unit: UnitId | null } | null;
  /** Read at each station; null for nothing. */
  measure: Measure | null;
}

export interface Slot {
  id: string;
  /** Null, both, for a talk. */
  demoId: string | null;
  methodId: string | null;
  talk: Talk | null;
  /** Crew member who presents it; null until one is named. */
  performerId: string | null;
  /** Stage position it is done at; null while none is chosen. */
  positionId: string | null;
  goes: number;
  /** Further goes at the most when the last planned one fails. */
  again: number;
  /** How many of its goes must work; null for each that is planned. */
  wantedGoes: number | null;
  /** Seconds of words instead, when it is given up. */
  fallback: number;
  leads: Lead[];
  pinned: boolean;
  mayLeaveOut: boolean;
  /** 1 to 5. */
  worth: number;
  /** Null for one alone. */
  sideBySide: SideBySide | null;
}

export const SPARE_WISHES = ['each', 'show', 'none'] as const;
/** each: that each demonstration is seen; show: that all of them are; none: no spare sets. */
export type SpareWish = (typeof SPARE_WISHES)[number];

/** What spare sets are brought for, and what they may cost and weigh together. */
export interface SparePolicy {
  wish: SpareWish;
  /** Minor units of money; null for whatever it takes. */
  mostCost: number | null;
  /** Grams; null for whatever it takes. */
  mostGrams: number | null;
}

/** How a cold liquid, or dry ice, is fetched for a show. Amounts are mL, or g of dry ice. */
export interface ColdPlan {
  /** The item; one plan for each. */
  itemId: string;
  /** Local time at the supplier's counter, and how many days before the show. */
  daysBefore: number;
  collected: string;
  /** The vessel it travels and stands in; null while none is chosen. */
  vesselId: string | null;
  /** The vessel comes to the counter warm. */
  vesselWarm: boolean;
  /** Share of every pour that is lost, in per cent. */
  pourLoss: number;
  /** Kept back for the finale, in per cent of what the uses take. */
  reserve: number;
  /** What was ordered; null for as much as it comes to. */
  ordered: number | null;
  /** What was measured on the day, and when; null until then. */
  measured: { at: string; amount: number } | null;
}

export const CONDITION_FIGURES = [
  'temperature',
  'humidity',
  'people',
  'wind',
  'pressure',
  'sound',
] as const;
export type ConditionFigure = (typeof CONDITION_FIGURES)[number];

/** What was measured, or is expected, on the day. Null where unknown. */
export interface Conditions {
  /** °C. */
  temperature: number | null;
  /** Per cent of relative humidity. */
  humidity: number | null;
  /** In the room, crew included; null for the audience and crew as booked. */
  people: number | null;
  /** m/s. */
  wind: number | null;
  /** hPa. */
  pressure: number | null;
  /** dB(A) in the room by itself. */
  sound: number | null;
  /** Which of them were measured; the others are expected. */
  measured: ConditionFigure[];
  /** Local time at which they were taken; null while none was. */
  takenAt: string | null;
}

export const NO_CONDITIONS: Conditions = {
  temperature: null,
  humidity: null,
  people: null,
  wind: null,
  pressure: null,
  sound: null,
  measured: [],
  takenAt: null,
};

/** Whether some of the audience hear, see or move with difficulty; as the host answered. */
export interface AudienceNeeds {
  hearing: Known;
  sight: Known;
  movement: Known;
}

export const NO_AUDIENCE_NEEDS: AudienceNeeds = {
  hearing: 'unknown',
  sight: 'unknown',
  movement: 'unknown',
};

export const JOURNEY_BY = ['vehicle', 'lift', 'ferry', 'foot'] as const;

/** A part of the way that things travel, for the air of what they travel in. */
export interface Journey {
  id: string;
  name: string;
  by: (typeof JOURNEY_BY)[number];
  /** m³ of air about them; null while not known. */
  volumeM3: number | null;
  /** Times an hour that it is changed; null while not known. */
  airChanges: number | null;
  minutes: number | null;
  /** People who breathe that air. */
  people: number;
  /** What it may carry, kg; null while not known, or where nothing limits it. */
  mostKg: number | null;
}

export interface Show {
  id: string;
  title: string;
  /** Name of the tour it is part of; empty for none. */
  tour: string;
  /** Local date, YYYY-MM-DD. */
  date: string;
  /** IANA time zone name. */
  zone: string;
  /** Local times, HH:MM, on the show's date; arrival ≤ doors ≤ start < hardFinish. */
  arrival: string;
  doors: string;
  start: string;
  hardFinish: string;
  venueId: string | null;
  audience: number;
  audienceNote: string;
  /** Years; null while nobody has asked. */
  youngest: number | null;
  audienceNeeds: AudienceNeeds;
  /** The ways to the show and in the house, in order. */
  journeys: Journey[];
  agreed: boolean;
  /** With whom and how: “Tove, harbour office, by phone”. */
  agreedWith: string;
  crew: string[];
  answers: CrewAnswer[];
  questions: HostQuestion[];
  positions: Position[];
  slots: Slot[];
  wishes: Wishes;
  /** Rehearsals of the whole show before it, for which things are used up too. */
  rehearsals: number;
  /** Wanted chance, in per cent: by the policy, of each demonstration, or of the whole show, to be seen. */
  wantedChance: number;
  sparePolicy: SparePolicy;
  /** What is taken in place of what. */
  swaps: Swap[];
  cold: ColdPlan[];
  conditions: Conditions;
  /** Who films; a camera that is not named has nobody yet. */
  filming: Filming[];
  /** Null where no class tries anything itself. */
  classSet: ClassSet | null;
  note: string;
}

/** A show with everything needed to compute from it; what a show file carries. */
export interface ShowBundle {
  show: Show;
  venue: Venue | null;
  people: Person[];
  demos: Demo[];
  items: Item[];
  /** What words like “a squirt” stand for. */
  household: HouseholdSizes;
  /** From which product of likelihood and severity a risk counts as what. */
  riskMatrix: RiskMatrix;
}
