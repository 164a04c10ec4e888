/** Everything that can be gone to by a few letters of what it is called. */
import { matchSorter } from 'match-sorter';

export const ENTRY_KINDS = [
  'show',
  'demo',
  'thing',
  'person',
  'place',
  'trial',
  'tour',
  'library',
  'calculator',
  'action',
  'page',
] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

export const KIND_WORDS: Readonly<Record<EntryKind, string>> = {
  show: 'Shows',
  demo: 'Demos',
  thing: 'Store',
  person: 'People',
  place: 'Venues',
  trial: 'Trials',
  tour: 'Tours',
  library: 'Starter library',
  calculator: 'Calculators',
  action: 'Do',
  page: 'Go to',
};

export interface Entry {
  key: string;
  kind: EntryKind;
  name: string;
  /** Said beside the name. */
  about: string;
  /** Found by these too, after its name. */
  words?: string;
  /** The address it opens. */
  to: string;
}

/** Of each kind at the most, so that none hides the others. */
const MOST_OF_KIND = 6;
const MOST = 40;

/** The best first, kind by kind in the order of their best; all words must be in it. Nothing asked: pages and actions. */
export function findEntries(entries: readonly Entry[], asked: string): Entry[] {
  const words = asked.trim().split(/\s+/).filter(Boolean);
  if (words.length === 0)
    return entries.filter(({ kind }) => kind === 'action' || kind === 'page').slice(0, MOST);
  const keys = ['name', 'about', 'words'].map((key, i) => ({
    key,
    // What it is called comes before what is said of it.
    ...(i > 0 && { maxRanking: matchSorter.rankings.CONTAINS }),
    threshold: i > 0 ? matchSorter.rankings.CONTAINS : matchSorter.rankings.ACRONYM,
  }));
  // Word by word from the last, so that the first word’s ranking decides.
  const found = words.reduceRight<readonly Entry[]>(
    (left, word) => matchSorter(left as Entry[], word, { keys }),
    entries,
  );
  const kinds = [...new Set(found.map(({ kind }) => kind))];
  return kinds
    .flatMap((kind) => found.filter((one) => one.kind === kind).slice(0, MOST_OF_KIND))
    .slice(0, MOST);
}
