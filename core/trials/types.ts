import type { Better } from '../repertoire/measure';

/** One level of what is changed. */
export interface Level {
  id: string;
  label: string;
  /** How much, for levels that are amounts; null for kinds, which have no order. */
  value: number | null;
}

/** One reading that was taken. */
export interface Reading {
  /** Id of its level. */
  level: string;
  /** In the unit of the reading; 1 for yes and 0 for no. */
  value: number;
  /** The go it was read at, counted from 1 over the series. */
  go: number;
}

/** What is asked of the readings. */
export interface Question {
  /** In order of value where all have one. */
  levels: readonly Level[];
  better: Better;
  /** Where `better` is near: to what. */
  target: number | null;
  /** The least difference that would matter, in the unit of the reading; null where nobody has said. */
  matters: number | null;
  /** The instrument's, in the same unit; null where it is not known. */
  resolution: number | null;
  /** Each reading is yes or no. */
  yesNo: boolean;
  /** Id of the level that the others are held against; null for none. */
  reference: string | null;
}
