/** Demonstrations looked for by words, length, family, age and hazards. */
import { methodFactsOf } from '../lineup/recipe';
import type { Family } from '../repertoire/families';
import type { Needs } from '../repertoire/care';
import type { Demo, HazardKind } from '../repertoire/types';

/** What a demonstration is looked for by, one’s own or not. */
export interface Browsable {
  /** Everything it is found by, in small letters. */
  text: string;
  /** Of its first way, on stage; null while it has none. */
  seconds: number | null;
  ageFrom: number;
  family: Family | null;
  hazards: readonly HazardKind[];
  /** 1 quiet to 5 roof-raiser. */
  energy: number;
  /** Where its ways are done, each once. */
  places: readonly Where[];
}

export type Where = Needs['where'];

export const ENERGIES = ['quiet', 'lively', 'loud'] as const;
export type EnergyKind = (typeof ENERGIES)[number];

/** Our own marks on the five. */
export const energyOf = (energy: number): EnergyKind =>
  energy <= 2 ? 'quiet' : energy === 3 ? 'lively' : 'loud';

export const LENGTHS = ['short', 'middle', 'long'] as const;
export type Length = (typeof LENGTHS)[number];

/** Seconds up to which one is short, and from which it is long. */
export const SHORT_MOST = 120;
export const LONG_FROM = 240;

export const lengthOf = (seconds: number): Length =>
  seconds <= SHORT_MOST ? 'short' : seconds <= LONG_FROM ? 'middle' : 'long';

export interface BrowseWishes {
  /** Each of them is somewhere in it. */
  words: string;
  length: Length | null;
  family: Family | null;
  without: HazardKind | null;
  /** Years of the youngest who watch; null for whatever. */
  youngest: number | null;
  energy: EnergyKind | null;
  where: 'indoors' | 'outdoors' | null;
}

export const isWanted = (
  of: Browsable,
  { words, length, family, without, youngest, energy, where }: BrowseWishes,
): boolean =>
  words
    .toLowerCase()
    .trim()
    .split(/\s+/)
    .every((word) => of.text.includes(word)) &&
  (length === null || (of.seconds !== null && lengthOf(of.seconds) === length)) &&
  (family === null || of.family === family) &&
  (without === null || !of.hazards.includes(without)) &&
  (youngest === null || of.ageFrom <= youngest) &&
  (energy === null || energyOf(of.energy) === energy) &&
  (where === null || of.places.some((place) => place === where || place === 'either'));

/** Everything that a demonstration is found by, in small letters. */
export const searchText = ({ name, hook, idea, keywords, methods }: Demo): string =>
  [name, hook, idea, ...keywords, ...methods.map((method) => method.name)].join(' ').toLowerCase();

/** Hazards of any of its ways, each once. */
export const hazardsOf = ({ methods }: Pick<Demo, 'methods'>): HazardKind[] => [
  ...new Set(methods.flatMap((method) => method.hazards.map(({ kind }) => kind))),
];

export const placesOf = ({ methods }: Pick<Demo, 'methods'>): Where[] => [
  ...new Set(methods.map(({ needs }) => needs.where)),
];

/** Of which at least one way needs nothing but what is there, or what does instead of it. */
export const isAtHand = (
  { methods }: Pick<Demo, 'methods'>,
  atHand: ReadonlySet<string>,
): boolean =>
  methods.some(({ kit }) =>
    kit.every(({ itemId, instead }) => [itemId, ...instead].some((id) => atHand.has(id))),
  );

/** Seconds of its first way on stage; null while it has none. */
export function firstSeconds({ methods }: Pick<Demo, 'methods'>): number | null {
  const [first] = methods;
  return first ? methodFactsOf(first).show : null;
}

export const browsable = (demo: Demo): Browsable => ({
  text: searchText(demo),
  seconds: firstSeconds(demo),
  ageFrom: demo.ageFrom,
  family: demo.family,
  hazards: hazardsOf(demo),
  energy: demo.energy,
  places: placesOf(demo),
});
