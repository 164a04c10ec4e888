/** The store’s things by their names, gone through once for as long as the list is the same. */
import { plainName } from '../repertoire/plainName';
import type { KnownThing } from './types';

interface Register {
  byName: ReadonlyMap<string, KnownThing>;
  /** Things that have a word in their name. */
  byWord: ReadonlyMap<string, readonly KnownThing[]>;
  /** Equipment of more than one word, the longest name first, in small letters. */
  spoken: readonly { thing: KnownThing; name: string }[];
}

const registers = new WeakMap<readonly KnownThing[], Register>();

function made(things: readonly KnownThing[]): Register {
  const byName = new Map<string, KnownThing>();
  const byWord = new Map<string, KnownThing[]>();
  for (const thing of things) {
    const name = plainName(thing.name);
    if (!byName.has(name)) byName.set(name, thing);
    for (const word of new Set(name.split(' ')))
      byWord.set(word, [...(byWord.get(word) ?? []), thing]);
  }
  const spoken = things
    .filter(({ kind, name }) => kind === 'equipment' && name.includes(' '))
    .map((thing) => ({ thing, name: thing.name.toLowerCase() }))
    .sort((a, b) => b.name.length - a.name.length);
  return { byName, byWord, spoken };
}

export function registerOf(things: readonly KnownThing[]): Register {
  const known = registers.get(things) ?? made(things);
  registers.set(things, known);
  return known;
}

/** The thing of the store that is called so. */
export const thingCalled = (name: string, things: readonly KnownThing[]): KnownThing | null =>
  registerOf(things).byName.get(plainName(name)) ?? null;

/** Things of the store that have all words of a name among theirs: “can” may be the drinks can. */
export function thingsLike(name: string, things: readonly KnownThing[]): readonly KnownThing[] {
  const [first = '', ...others] = plainName(name).split(' ');
  const { byWord } = registerOf(things);
  const having = (word: string): readonly KnownThing[] => (word ? (byWord.get(word) ?? []) : []);
  return having(first).filter((thing) => others.every((word) => having(word).includes(thing)));
}
