/** Where a demonstration was taken from, and whether what it was taken from has changed since. */
import type { Demo, Method } from './types';

/** Marks of what was taken: of the demonstration’s own words, and of each of its methods. */
export interface Origin {
  /** Id in the library. */
  demoId: string;
  /** Of its words and facts. */
  mark: string;
  methods: { methodId: string; mark: string }[];
}

/** A short mark of a text: the same text has the same one. FNV-1a over UTF-16 units, 53 bits in two halves. */
export function markOf(text: string): string {
  let [a, b] = [0x811c9dc5, 0x01000193];
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    a = Math.imul(a ^ unit, 0x01000193);
    b = Math.imul(b ^ (unit + i), 0x85ebca6b);
  }
  return (a >>> 0).toString(36) + (b >>> 0).toString(36);
}

const ofMethod = (method: Method): string => markOf(JSON.stringify(method));

/** What counts as its words and facts, in the order of the mark. */
export const wordsOf = ({
  name,
  hook,
  idea,
  ageFrom,
  ageTo,
  energy,
  talkPattern,
}: Demo): Pick<
  Demo,
  'name' | 'hook' | 'idea' | 'ageFrom' | 'ageTo' | 'energy' | 'talkPattern'
> => ({ name, hook, idea, ageFrom, ageTo, energy, talkPattern });

const ofWords = (demo: Demo): string => markOf(JSON.stringify(Object.values(wordsOf(demo))));

export const originOf = (library: Demo): Origin => ({
  demoId: library.id,
  mark: ofWords(library),
  methods: library.methods.map((method) => ({ methodId: method.id, mark: ofMethod(method) })),
});

export interface OriginChange {
  /** Its words and facts differ from those that were taken. */
  words: boolean;
  /** Methods that are new, or differ from what was taken. */
  methods: Method[];
}

/** What the library has changed since this was taken; null for nothing, and for what is no longer in it. */
export function changedSince(origin: Origin, library: Demo | undefined): OriginChange | null {
  if (!library) return null;
  const taken = new Map(origin.methods.map(({ methodId, mark }) => [methodId, mark]));
  const methods = library.methods.filter((method) => taken.get(method.id) !== ofMethod(method));
  const words = origin.mark !== ofWords(library);
  return words || methods.length > 0 ? { words, methods } : null;
}
