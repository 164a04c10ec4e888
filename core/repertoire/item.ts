/** A thing of the store: how it is counted, carried, bought, labelled. */
import type { UnitId } from '../units/units';
import type { ColdKind, Material } from './materials';
import type { Strength, SubstanceId } from './substances';

export const ITEM_KINDS = ['equipment', 'consumable', 'gear'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

/** What can be bought, as it is sold. */
export interface Pack {
  id: string;
  amount: number;
  unit: UnitId;
  /** In minor units of money. */
  price: number;
  /** Days from ordering until it is there. */
  leadDays: number;
  /** Who sells it. */
  supplier: string;
  /** Days it may be used from the day it comes, while it is not opened; null as long as one likes. */
  keeps: number | null;
  /** Days that it is hired for at its price; null for what is bought. */
  hireDays: number | null;
}

/** Words for the label of a bottle, after the harmonised system for classifying and labelling chemicals. */
export interface HazardLabel {
  signal: 'none' | 'warning' | 'danger';
  /** Codes of hazard statements: H225, H319 … */
  hazards: string[];
  /** Codes of precautionary statements: P210, P280 … */
  precautions: string[];
}

export const LIDS = ['unknown', 'none', 'loose', 'snapOn', 'tight'] as const;
/**
 * none: open, or no vessel; loose: lies on, or has a vent; snapOn: pops off by itself; tight: screwed, clipped
 * or stoppered, so that pressure stays in.
 */
export type Lid = (typeof LIDS)[number];

/** A figure that is read off, with the limits it must keep to. */
export interface Measured {
  unit: UnitId;
  /** In that unit; null for no limit on that side. */
  least: number | null;
  most: number | null;
}

export const OUTLINES = ['block', 'round', 'long', 'bottle', 'flat', 'cord'] as const;
/** The shape of a thing seen from above, as it lies in its box. */
export type Outline = (typeof OUTLINES)[number];

export const STOWS = ['upright', 'onTop', 'food'] as const;
/** onTop: nothing is laid on it; food: is eaten, and kept apart from chemicals. */
export type Stow = (typeof STOWS)[number];

export interface Item {
  id: string;
  name: string;
  kind: ItemKind;
  /** A test of its function, such as "battery reads above 7 V"; empty when there is none. */
  functionTest: string;
  /** A failed or undone function test holds the show. */
  testHolds: boolean;
  /** What the test measures, and between which figures it must be; null when it is only looked at. */
  testMeasures: Measured | null;
  /** Equipment and gear: how many there are while none is kept in the store; null for as many as are asked for. */
  owned: number | null;
  /** Found where the show is, such as tap water: never bought, never in the store. */
  atVenue: boolean;
  /** What its stock is counted in. */
  unit: UnitId;
  /** Share of what is handled that is lost in handling, in per cent. */
  waste: number;
  /** Grams of one mL; null when not known. */
  density: number | null;
  /** Grams of one piece, pair or set, or of one metre; null when not known. */
  gramsEach: number | null;
  /** What it is made of, where it takes heat from a cold liquid. */
  material: Material | null;
  /** The cold liquid or solid that it is. */
  cold: ColdKind | null;
  /** As a vessel: how it closes. */
  lid: Lid;
  /** As a vessel for cold liquid: mL that go in, and mL (of dry ice: g) that boil away in an hour. */
  holds: number | null;
  boilsOff: number | null;
  substance: SubstanceId | null;
  strength: Strength | null;
  label: HazardLabel;
  /** Days it may be used once it is opened; null for as long as it is in date. */
  keepsOpen: number | null;
  /** Days from one test to the next; null when it needs none. */
  testEvery: number | null;
  /** The box it travels in. */
  boxId: string | null;
  /** What it looks like from above; null for what its kind usually does. */
  outline: Outline | null;
  /** How it must stand on the way. */
  stows: Stow[];
  packs: Pack[];
  note: string;
}
