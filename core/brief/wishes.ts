/** What the crew wants of a running order, beside what the rules ask for. */

export const ARCS = ['none', 'climb', 'twoPeaks', 'wave'] as const;
/** How the energy should run through the show. */
export type Arc = (typeof ARCS)[number];

/** What each part of a bad order costs. */
export interface Weights {
  conflict: number;
  /** A second after the hard finish. */
  late: number;
  /** A second of dead air. */
  deadAir: number;
  /** A point of energy away from the arc at one place, squared. */
  arc: number;
  /** Two alike side by side. */
  repeat: number;
}

/** Conflicts before lateness, lateness before dead air, dead air before the run of energies. */
export const WEIGHTS: Weights = {
  conflict: 1_000_000,
  late: 1000,
  deadAir: 10,
  arc: 20,
  repeat: 40,
};

/** Ids of two slots; pairs that name a slot the show no longer has ask for nothing. */
export interface SlotPair {
  first: string;
  second: string;
}

export interface Wishes {
  arc: Arc;
  /** The first comes somewhere before the second. */
  before: SlotPair[];
  /** The two are not side by side. */
  apart: SlotPair[];
  weights: Weights;
}

export const NO_WISHES: Wishes = { arc: 'none', before: [], apart: [], weights: WEIGHTS };
