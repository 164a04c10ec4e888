/** What a method asks of the room, of those who do it, and of those who are asked up to help. */
import type { HandRole } from './types';

/** Who is at risk. */
export const PEOPLE_AT_RISK = ['performer', 'crew', 'volunteer', 'audience'] as const;
export type PersonAtRisk = (typeof PEOPLE_AT_RISK)[number];

/** How likely it is that somebody is hurt, and how badly: 1 to 5 each. */
export interface Rating {
  likelihood: number;
  severity: number;
}

/** What is never done; it can’t be waived. */
export const NEVER = ['closedCryogen', 'oxidiserWithFuel', 'madeExplosive', 'madeFuelGas'] as const;
export type Never = (typeof NEVER)[number];

export const EXTINGUISHERS = [
  'none',
  'water',
  'foam',
  'carbonDioxide',
  'powder',
  'blanket',
  'sand',
] as const;
export type Extinguisher = (typeof EXTINGUISHERS)[number];

export interface Care {
  /** Where what is left over goes, in one line. */
  disposal: string;
  extinguisher: Extinguisher;
  /** Who stands beside it with the extinguisher; null when none is named. */
  heldBy: HandRole | null;
  never: Never[];
}

export const NO_CARE: Care = { disposal: '', extinguisher: 'none', heldBy: null, never: [] };

export const WHERES = ['either', 'indoors', 'outdoors'] as const;

/** What the room must have for it. Null asks for nothing. */
export interface Needs {
  where: (typeof WHERES)[number];
  water: boolean;
  drain: boolean;
  dark: boolean;
  levelFloor: boolean;
  /** Metres above the floor. */
  ceilingM: number | null;
  /** Metres around its position that are free of people. */
  clearM: number | null;
  /** The highest wind it can be done in, m/s. */
  windMost: number | null;
  /** W while it is in use. */
  powerW: number | null;
}

export const NO_NEEDS: Needs = {
  where: 'either',
  water: false,
  drain: false,
  dark: false,
  levelFloor: false,
  ceilingM: null,
  clearM: null,
  windMost: null,
  powerW: null,
};

/** Who must not be asked up. */
export const MUST_NOT = [
  'heartDevice',
  'otherImplant',
  'pregnant',
  'epilepsy',
  'asthma',
  'allergy',
  'looseJewellery',
  'looseHair',
  'unsteady',
  'aloneInWish',
] as const;
export type MustNot = (typeof MUST_NOT)[number];

/** For volunteers from the audience. How many is the method's own number. */
export interface VolunteerCard {
  suits: string;
  mustNot: MustNot[];
  /** Words to ask with, and to let somebody go with. */
  ask: string;
  letGo: string;
  gear: string[];
  /** What is said to them, one line at a time. */
  steps: string[];
  /** How they get off again. */
  wayOff: string;
  /** The method's task in which they are fetched; null while none is chosen. */
  fetchedIn: string | null;
}

export const NO_CARD: VolunteerCard = {
  suits: '',
  mustNot: [],
  ask: '',
  letGo: '',
  gear: [],
  steps: [],
  wayOff: '',
  fetchedIn: null,
};

export const INPUT_FROM = ['setting', 'day', 'fixed', 'choice', 'measured'] as const;

/** Where one input of a calculator comes from. */
export interface BoundInput {
  input: string;
  from: (typeof INPUT_FROM)[number];
  /** Of a setting or a result its id, of the day the fact's name, of a choice what is chosen; else empty. */
  ref: string;
  /** Of a fixed input, and of one that is still to be measured, in the calculator's own unit; null else. */
  value: number | null;
}

/** A calculator that judges a method. What is not bound is the day's fact, or else the calculator's usual value. */
export interface CalculatorBinding {
  id: string;
  calculator: string;
  inputs: BoundInput[];
}
