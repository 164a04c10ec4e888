/** A booking and the people and places it needs. */
import type { Competence, Demo, Estimate, Item } from '../repertoire/types';
import type { Wishes } from './wishes';

export interface Person {
  id: string;
  name: string;
  role: string;
  competences: Competence[];
  note: string;
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
  water: boolean;
  dark: boolean;
  smokeDetectors: boolean;
  detectorsIsolatedBy: string;
  note: string;
}

export const MARK_SHAPES = ['cross', 'corner', 'tee', 'bars', 'chevron', 'square'] as const;
/** Shape of cloth tape stuck on the stage floor to mark a position. */
export type MarkShape = (typeof MARK_SHAPES)[number];

export interface Position {
  id: string;
  name: string;
  mark: MarkShape;
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

export interface Slot {
  id: string;
  /** Null, both, for a talk. */
  demoId: string | null;
  methodId: string | null;
  talk: Talk | null;
  /** Crew member who presents it; null while nobody is named. */
  performerId: string | null;
  /** Stage position it is done at; null while none is chosen. */
  positionId: string | null;
  goes: number;
  /** Further goes at the most when the last planned one fails. */
  again: number;
  /** Seconds of words instead, when it is given up. */
  fallback: number;
  leads: Lead[];
  pinned: boolean;
  mayLeaveOut: boolean;
  /** 1 to 5. */
  worth: number;
}

export interface Show {
  id: string;
  title: string;
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
  agreed: boolean;
  crew: string[];
  positions: Position[];
  slots: Slot[];
  wishes: Wishes;
  note: string;
}

/** A show with everything needed to compute from it; what a show file carries. */
export interface ShowBundle {
  show: Show;
  venue: Venue | null;
  people: Person[];
  demos: Demo[];
  items: Item[];
}
