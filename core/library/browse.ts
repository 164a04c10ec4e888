/** Demonstrations looked for by words, length, family, energy, and whose they are. */
import { methodFactsOf } from '../lineup/recipe';
import type { Family } from '../repertoire/families';
import type { Demo, HazardKind } from '../repertoire/types';

/** What a demonstration is looked for by, one’s own or not. */
export interface Browsable {
  /** Everything it is found by, in small letters. */
  text: string;
  /** Of its first way, on stage; null while it has none. */
  seconds: number | null;
  family: Family | null;
  /** 1 quiet to 5 roof-raiser. */
  energy: number;
  whose: Whose;
}

/** One’s own (as those taken are), or still the library’s. */
export type Whose = 'mine' | 'library';

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
  energy: EnergyKind | null;
  whose: Whose | null;
}

export const ANYTHING: BrowseWishes = {
  words: '',
  length: null,
  family: null,
  energy: null,
  whose: null,
};

export const isWanted = (
  of: Browsable,
  { words, length, family, energy, whose }: BrowseWishes,
): boolean =>
  words
    .toLowerCase()
    .trim()
    .split(/\s+/)
    .every((word) => of.text.includes(word)) &&
  (length === null || (of.seconds !== null && lengthOf(of.seconds) === length)) &&
  (family === null || of.family === family) &&
  (energy === null || energyOf(of.energy) === energy) &&
  (whose === null || of.whose === whose);

/** Everything that a demonstration is found by, in small letters. */
export const searchText = ({ name, hook, idea, keywords, methods }: Demo): string =>
  [name, hook, idea, ...keywords, ...methods.map((method) => method.name)].join(' ').toLowerCase();

/** Hazards of any of its ways, each once. */
export const hazardsOf = ({ methods }: Pick<Demo, 'methods'>): HazardKind[] => [
  ...new Set(methods.flatMap((method) => method.hazards.map(({ kind }) => kind))),
];

/** Seconds of its first way on stage; null while it has none. */
export function firstSeconds({ methods }: Pick<Demo, 'methods'>): number | null {
  const [first] = methods;
  return first ? methodFactsOf(first).show : null;
}

/** One of the library’s, as it is looked for. */
export const browsable = (demo: Demo): Browsable => ({
  text: searchText(demo),
  seconds: firstSeconds(demo),
  family: demo.family,
  energy: demo.energy,
  whose: 'library',
});
