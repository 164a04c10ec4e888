/** A booking and the people and places it needs. */
import type { Competence, Demo, Item } from '../repertoire/types';

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

export interface Slot {
  id: string;
  demoId: string;
  methodId: string;
  /** Crew member who presents it; null while nobody is named. */
  performerId: string | null;
  /** Stage position it is done at; null while none is chosen. */
  positionId: string | null;
  goes: number;
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
