/** Things to bring, as a text names them: “12 mL water”, “2 × drinks can”, “three plates”, a list after “needs:”. */
import { parseAmount } from '../units/parse';
import { dimensionOf, type UnitId } from '../units/units';
import type { ItemKind } from '../repertoire/item';
import type { KitBasis, KitLine } from '../repertoire/types';
import { singular } from '../repertoire/plainName';
import { upperFirst } from '../words';
import { IN_QUOTES, unquoted } from './quotes';
import { registerOf, thingCalled, thingsLike } from './register';
import type { KnownThing, ToldThing } from './types';

/** What a text says of a thing, before anybody knows in which line. */
export interface ThingSaid extends Omit<ToldThing, 'line'> {
  /** The name as it was written, and where. */
  written: { text: string; from: number; to: number };
  /** Things of the store that have its words among theirs: it may be meant, or something else. */
  maybe: readonly KnownThing[];
}

const COUNTS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};

/** Counted, and nothing that is packed. */
const NOT_PACKED = new Set(
  (
    'time go second sec minute min hour metre meter step finger hand arm foot people person volunteer helper adult child ' +
    'children row side question slap turn round way degree part half third quarter corner line side try tries word pupil ' +
    'student spectator pair set bit piece kind sort one thing other inch breath beat count layer edge end colour color place group team shout cheer clap day week year'
  ).split(' '),
);

/** Words at which the name of a thing ends. */
const ENDS =
  /^(?:into|in|on|onto|to|over|under|with|from|until|till|and|or|for|at|per|by|through|of|off|out|up|down|then|each|every|when|while|is|are|so|but|as|after|before|again|inside|across|around|against|together|side|beside|behind|along|near|all|that|which|next|it|them|this|these|those|him|her|more|less|most)$/i;

const UNITS_WRITTEN = String.raw`mL|ml|millilit(?:re|er)s?|L|l|lit(?:re|er)s?|cL|tsp|teaspoons?|tbsp|tablespoons?|fl oz|cups? of|drops?(?: of)?|squirts?(?: of)?|pinch(?:es)?(?: of)?|strokes?(?: of)?|g|grams?|kg|oz|lb|cm|mm|m|metres?(?: of)|pairs?(?: of)?|sets?(?: of)?|(?:pints?|quarts?|gallons?|in|ft) of`;
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:\s?[½¼¾⅓⅔])?|[½¼¾⅓⅔]|\d+\/\d+)`;
const MEASURED = new RegExp(
  String.raw`(?<![\p{L}\d.,:])(?<amount>(?:${NUMBER}|an?|half an?)\s*(?:${UNITS_WRITTEN}))\s+(?:of\s+)?(?=[\p{L}"“])`,
  'giu',
);
const COUNTED = new RegExp(
  String.raw`(?<![\p{L}\d.,:/])(?<count>\d{1,3}|${Object.keys(COUNTS).join('|')})\s*(?<times>[×x]\s+|×)?\s*(?:of\s+)?(?=[\p{L}"“])`,
  'giu',
);

const isPlural = (word: string): boolean => singular(word.toLowerCase()) !== word.toLowerCase();

const USED_UP =
  /\b(?:balloon|match|matches|straw|tape|paper|napkin|candle|mint|sweet|cup|tissue|string|thread|foil|bag|card|egg|sugar|salt|water|oil|soap|liquid|powder|juice|vinegar|milk|peroxide|yeast|soda|wool|cotton|stick|tealight|film|battery|batteries|ice|flour|fluid)s?\b/i;

/** Whether something is used up, by its unit and its words. */
export const guessKind = (name: string, unit: UnitId): ItemKind =>
  ['volume', 'mass'].includes(dimensionOf(unit)) || USED_UP.test(name) ? 'consumable' : 'equipment';

export const usualBasis = (kind: ItemKind): KitBasis =>
  kind === 'consumable' ? 'perGo' : 'perShow';

/** What is named at the start of a text: a thing of the store, words in quotes, or a noun. */
function namedAt(text: string, things: readonly KnownThing[]): Named {
  const literal = new RegExp(`^(?:${IN_QUOTES})`, 'u').exec(text)?.[0];
  if (literal) return { name: unquoted(literal) ?? '', length: literal.length, how: 'quoted' };
  const known = knownAt(text, things);
  if (known) return { name: known.thing.name, length: known.length, how: 'known' };
  const noun = nounAt(text);
  return { name: noun, length: noun.length, how: 'noun' };
}

interface Named {
  name: string;
  length: number;
  how: 'quoted' | 'known' | 'noun';
}

/** The noun at the start of a text: at most three words, up to where something else begins. */
function nounAt(text: string): string {
  const words: string[] = [];
  for (const word of /^[^,;:.!?()→]*/.exec(text)?.[0].split(/\s+/) ?? []) {
    if (words.length === 3 || word === '' || !/^[\p{L}][\p{L}\p{N}’'-]*$/u.test(word)) break;
    if (words.length > 0 && ENDS.test(word)) break;
    words.push(word);
    // “two plates quickly”: a counted noun ends with its plural.
    if (isPlural(word)) break;
  }
  return words.join(' ');
}

/** The longest thing of the store that a text begins with. */
function knownAt(
  text: string,
  things: readonly KnownThing[],
): { thing: KnownThing; length: number } | null {
  const words = /^[^,;:.!?()→]*/.exec(text)?.[0].split(/(?<=\s)(?=\S)/) ?? [];
  for (let count = Math.min(words.length, 6); count > 0; count--) {
    const name = words.slice(0, count).join('').trimEnd();
    const exact = thingCalled(name, things);
    if (exact) return { thing: exact, length: name.length };
  }
  return null;
}

function said(
  { name, how }: Pick<Named, 'name' | 'how'>,
  amount: number,
  unit: UnitId,
  place: { from: number; to: number },
  written: ThingSaid['written'],
  things: readonly KnownThing[],
): ThingSaid {
  const known = thingCalled(name, things);
  // A count stays a count; the thing itself says whether it comes in pairs.
  const counted =
    known && unit === 'piece' && dimensionOf(known.unit) === 'count' ? known.unit : unit;
  const kind = known?.kind ?? guessKind(name, unit);
  return {
    ...place,
    name: known?.name ?? upperFirst(name),
    itemId: known?.id ?? null,
    kind,
    amount,
    unit: counted,
    basis: usualBasis(kind),
    groupOf: null,
    note: '',
    written,
    maybe: known || how === 'quoted' ? [] : thingsLike(name, things),
  };
}

/** Words after which a figure is a number of something, and no amount. */
const NUMBERED =
  /\b(?:row|step|number|no\.?|line|level|slot|page|question|part|to|of|group|team|table)\s+$/i;

/** Things with their amounts inside a sentence. */
export function findThings(text: string, things: readonly KnownThing[]): ThingSaid[] {
  const found: ThingSaid[] = [];
  const take = (
    match: RegExpExecArray,
    amount: number,
    unit: UnitId,
    isThing: (named: Named) => boolean,
  ): void => {
    const begin = match.index + match[0].length;
    const named = namedAt(text.slice(begin), things);
    const place = { from: match.index, to: begin + named.length };
    const isFree = found.every((one) => place.to <= one.from || place.from >= one.to);
    if (named.name === '' || amount <= 0 || !isFree || ENDS.test(named.name)) return;
    if (named.how === 'noun' && !isThing(named)) return;
    const written = { text: text.slice(begin, place.to), from: begin, to: place.to };
    found.push(said(named, amount, unit, place, written, things));
  };
  const counts = [...text.matchAll(COUNTED)].map((match) => ({
    match,
    amount: COUNTS[(match.groups?.count ?? '').toLowerCase()] ?? Number(match.groups?.count),
  }));
  // “1 cup of water for matches” may be the name of a thing.
  for (const { match, amount } of counts)
    if (knownAt(text.slice(match.index + match[0].length), things))
      take(match, amount, 'piece', () => false);
  for (const match of text.matchAll(MEASURED)) {
    const parsed = parseAmount((match.groups?.amount ?? '').replace(/\s+of$/, ''));
    if (parsed.ok) take(match, parsed.value.amount, parsed.value.unit, () => true);
  }
  for (const { match, amount } of counts) {
    const times = match.groups?.times;
    if (!times && NUMBERED.test(text.slice(0, match.index))) continue;
    take(match, amount, 'piece', ({ name }) => {
      const words = name.toLowerCase().split(' ');
      const isPacked = ![words[0], words.at(-1)].some((word) =>
        NOT_PACKED.has(singular(word ?? '')),
      );
      return isPacked && (times !== undefined || isPlural(words.at(-1) ?? ''));
    });
  }
  return found.sort((a, b) => a.from - b.from);
}

/** Equipment of the store that a sentence names without an amount: one of each. */
export function namedThings(text: string, things: readonly KnownThing[]): ThingSaid[] {
  const plain = text.toLowerCase();
  const found: ThingSaid[] = [];
  for (const { thing, name } of registerOf(things).spoken) {
    const from = plain.indexOf(name);
    const to = from + thing.name.length;
    if (from < 0 || found.some((one) => from < one.to && one.from < to)) continue;
    if (/[\p{L}\d]/u.test((plain[from - 1] ?? ' ') + (plain[to] ?? ' '))) continue;
    found.push(
      said(
        { name: thing.name, how: 'known' },
        1,
        'piece',
        { from, to },
        { text: thing.name, from, to },
        things,
      ),
    );
  }
  return found;
}

const BASES: readonly [RegExp, KitBasis][] = [
  [/\s+(?:a|each|per|for each)\s+volunteer\s+(?:a|each|per|every)\s+go$/i, 'perVolunteerGo'],
  [/\s+(?:a|each|per|every)\s+go$/i, 'perGo'],
  [/\s+(?:a|each|per)\s+show$/i, 'perShow'],
  [/\s+(?:a|each|per|for each)\s+volunteer$/i, 'perVolunteer'],
  [/\s+(?:a|each|per)\s+head$/i, 'perHead'],
  [/\s+(?:a|each|per)\s+day$/i, 'perDay'],
];

/** “goggles for every 4” */
const FOR_EVERY = /\s+for\s+every\s+(\d{1,4})$/i;

const BASIS_WORDS: Readonly<Record<Exclude<KitBasis, 'perGroup'>, string>> = {
  perGo: 'a go',
  perShow: 'a show',
  perVolunteer: 'each volunteer',
  perVolunteerGo: 'each volunteer a go',
  perHead: 'a head',
  perDay: 'a day',
};

export const basisTold = ({ basis, groupOf }: Pick<KitLine, 'basis' | 'groupOf'>): string =>
  basis === 'perGroup' ? `for every ${groupOf ?? 1}` : BASIS_WORDS[basis];

/** Parts of a list between its commas, with where each begins; commas in brackets, quotes and figures are none. */
export function listed(text: string): { text: string; from: number }[] {
  const parts: { text: string; from: number }[] = [];
  let depth = 0;
  let quoted = false;
  let curly = 0;
  let begin = 0;
  const take = (end: number): void => {
    const raw = text.slice(begin, end);
    const from = begin + (raw.length - raw.trimStart().length);
    if (raw.trim() !== '') parts.push({ text: raw.trim(), from });
  };
  [...text].reduce((at, char) => {
    // Curly ones inside straight ones are words, too.
    if (char === '"' && curly === 0) quoted = !quoted;
    if (char === '“' && !quoted) curly = 1;
    if (char === '”' && !quoted) curly = 0;
    const free = !quoted && curly === 0;
    if (char === '(' && free) depth++;
    if (char === ')' && free) depth = Math.max(0, depth - 1);
    const inFigure = /\d/.test(text[at - 1] ?? '') && /\d/.test(text[at + 1] ?? '');
    if ((char === ',' || char === ';') && depth === 0 && free && !inFigure) {
      take(at);
      begin = at + 1;
    }
    return at + char.length;
  }, 0);
  take(text.length);
  return parts;
}

/** A list of things: “hot plate, 3 cans a go, 12 mL water (warm)”. */
export function readNeeds(text: string, things: readonly KnownThing[]): ThingSaid[] {
  return listed(text).flatMap((part): ThingSaid[] => {
    let words = part.text;
    const note = /\s*\(([^()]*)\)\s*$/.exec(words);
    if (note) words = words.slice(0, note.index);
    const every = FOR_EVERY.exec(words);
    if (every) words = words.slice(0, every.index);
    const basis = BASES.find(([pattern]) => pattern.test(words));
    if (basis) words = words.replace(basis[0], '');
    const literal = new RegExp(`^(.*?)(${IN_QUOTES})$`, 'u').exec(words.trim());
    const { amount, unit, name } = literal
      ? { ...leading(`${literal[1] ?? ''} x`, []), name: unquoted(literal[2] ?? '') ?? '' }
      : leading(words.trim(), things);
    if (name === '') return [];
    const place = { from: part.from, to: part.from + part.text.length };
    const at = part.text.lastIndexOf(literal?.[2] ?? name);
    const text = literal?.[2] ?? name;
    const written = { text, from: part.from + at, to: part.from + at + text.length };
    const how = literal ? 'quoted' : 'noun';
    const thing = said({ name, how }, amount, unit, place, written, things);
    const counted = every
      ? { basis: 'perGroup' as const, groupOf: Number(every[1]) }
      : { basis: basis?.[1] ?? thing.basis };
    return [{ ...thing, ...counted, note: (note?.[1] ?? '').trim() }];
  });
}

/** The amount a thing begins with; one where none is written. */
function leading(
  text: string,
  things: readonly KnownThing[],
): { amount: number; unit: UnitId; name: string } {
  const one = { amount: 1, unit: 'piece' as UnitId };
  const count = new RegExp(
    String.raw`^(\d{1,3}|${Object.keys(COUNTS).join('|')})\s*[×x]?\s+`,
    'iu',
  ).exec(text);
  const rest = text.slice(count?.[0].length ?? 0);
  if (thingCalled(rest, things)) {
    const word = (count?.[1] ?? '1').toLowerCase();
    return { amount: COUNTS[word] ?? Number(word), unit: 'piece', name: rest };
  }
  const measured = new RegExp(
    String.raw`^(${NUMBER}|half an?|an?)\s*(${UNITS_WRITTEN})\s+(?:of\s+)?(.+)$`,
    'iu',
  ).exec(text);
  if (measured) {
    const parsed = parseAmount(`${measured[1] ?? ''} ${(measured[2] ?? '').replace(/\s+of$/, '')}`);
    if (parsed.ok) return { ...parsed.value, name: (measured[3] ?? '').trim() };
  }
  const counted = new RegExp(
    String.raw`^(${NUMBER}|${Object.keys(COUNTS).join('|')})\s*(?:[×x]\s+|×)?\s*(.+)$`,
    'iu',
  ).exec(text);
  if (counted) {
    const word = (counted[1] ?? '').toLowerCase();
    const parsed = parseAmount(String(COUNTS[word] ?? word));
    if (parsed.ok)
      return { amount: parsed.value.amount, unit: 'piece', name: (counted[2] ?? '').trim() };
  }
  return { ...one, name: text.replace(/^(?:an?|the)\s+/i, '') };
}
