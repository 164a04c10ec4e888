/** What lies in the store, and every time it became more or less. */
import type { Swap } from '../repertoire/substitute';

export const LOT_STATES = ['good', 'attention', 'out'] as const;
/** attention: may be used, and wants looking at; out: does not count. */
export type LotState = (typeof LOT_STATES)[number];

/** Things of one item that came together, or lie together. */
export interface Lot {
  id: string;
  itemId: string;
  /** Shelf, cupboard or box. */
  place: string;
  /** Local days, YYYY-MM-DD. */
  expiry: string | null;
  opened: string | null;
  state: LotState;
  lastTest: string | null;
  note: string;
}

/** With what is left of it, in base units of its item's kind. */
export interface StockedLot extends Lot {
  stock: number;
}

export const MOVES = ['received', 'counted', 'taken', 'reversed'] as const;
export type Move = (typeof MOVES)[number];

/** Never changed and never removed: what was wrong is reversed by another. */
export interface Movement {
  id: string;
  lotId: string;
  /** Milliseconds since 1970. */
  at: number;
  kind: Move;
  /** In base units; more is positive. */
  change: number;
  /** The movement that it takes back. */
  reverses: string | null;
  /** The show it was used in. */
  showId: string | null;
  note: string;
}

/** Travels with a number on it. */
export interface Box {
  id: string;
  name: string;
  number: number;
  /** Grams of the empty box; null when not known. */
  grams: number | null;
  note: string;
}

/** What a show needs of an item, in the unit that its stock is counted in. */
export interface Need {
  itemId: string;
  /** In base units of the item's kind. */
  base: number;
  /** Of that, what all shows of the date share. */
  perDay: number;
  /** What the show uses up of it, what was ordered for it already included; 0 of what comes back. */
  uses: number;
  /** Names of the demonstrations that want it. */
  demos: string[];
  /** Items that may be used instead in all of them, the best first. */
  instead: string[];
}

export interface ShowNeeds {
  showId: string;
  title: string;
  date: string;
  audience: number;
  /** Seconds from midnight: arrival to hard finish, while its equipment is away. */
  from: number;
  until: number;
  /** Seconds that its equipment is on the way, there and again back. */
  way: number;
  venueId: string | null;
  needs: Need[];
  /** Items written in a kind that can't be turned into that of their stock. */
  unlike: string[];
  /** What it takes instead, and of what. */
  swaps: readonly Swap[];
}
