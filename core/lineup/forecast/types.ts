/** What the forecast reads and gives. Times are seconds from the show's start. */

import type { Expected } from '../../chance/estimate';

/** What is known and wanted of a slot beside its times. */
export interface SlotPolicy {
  /** Further goes at the most when the last planned one fails. */
  again: number;
  /** Seconds of words instead, when it is given up. */
  fallback: number;
  mayLeaveOut: boolean;
  /** 1 to 5. */
  worth: number;
  /** Goes that worked and that did not; null for what can't fail, such as a talk. */
  record: { worked: number; failed: number } | null;
  /** How many are set off as one, all of which have to work; 1 where it is not said. */
  together?: number;
  /** Whether it was ever done; true for what needs no trying, such as a talk. */
  performed: boolean;
  /** What its steps take as it was learned, by task; of others the three points count. */
  times: ReadonlyMap<string, Expected>;
}

/** How many shows are simulated, from which seed, and which share of them the end is held against. */
export interface ForecastSize {
  runs: number;
  /** A whole number of 32 bits. */
  seed: number;
  /** Above 0.5 and below 1, such as 0.9 for nine in ten. */
  share: number;
}

export interface Band {
  /** One show in ten is earlier, one in two, nine in ten. */
  p10: number;
  p50: number;
  p90: number;
}

export interface SlotBand extends Band {
  slot: string;
  /** Chance that one of its goes works; null for what can't fail. */
  works: number | null;
}

export interface WindowRisk {
  slot: string;
  task: string;
  after: string;
  /** Chance that it is used when it is too old. */
  chance: number;
}

/** What makes the end uncertain: the slot's share of the variance, null for dead air. */
export interface Driver {
  slot: string | null;
  share: number;
}

export interface LeaveOut extends Band {
  slots: string[];
  /** What is lost by it. */
  worth: number;
  /** Chance to end by the hard finish without them, and how much that is more. */
  chance: number;
  gain: number;
}

export interface Forecast extends ForecastSize {
  end: Band & { mean: number; sd: number };
  /** The end by which the share that is asked for has ended. */
  by: number;
  /** Seconds that further goes after failed ones take on average. */
  again: number;
  /** Chance to end by the hard finish. */
  chance: number;
  /** The ends of a hundred shows that stand for all of them, in order. */
  dots: number[];
  /** Expected seconds of dead air. */
  deadAir: number;
  starts: SlotBand[];
  /** Windows that are missed now and then, the likeliest first. */
  windows: WindowRisk[];
  drivers: Driver[];
  /** Single slots, and pairs where they were asked for, what buys most for what it costs first; empty until then. */
  leaveOut: LeaveOut[];
}
