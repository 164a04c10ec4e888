/**
 * The keyed form of a document: lists of entries become their order and a record of the entries by
 * key, so that a change to an entry has the same address at whatever place the entry stands. Lists of plain
 * values, and lists whose entries can't be told apart, stay as they are.
 */

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
export type Fields = { [key: string]: Json };

/** A list of entries; `#list` names the property that tells its entries apart. */
export interface KeyedList extends Fields {
  '#list': string;
  order: string[];
  entries: Fields;
}

/** What tells entries of a list apart, the first that does. */
const KEYS = ['id', 'itemId', 'kind', 'task'] as const;

export const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export const isKeyedList = (value: unknown): value is KeyedList =>
  isFields(value) && Object.hasOwn(value, '#list');

const textAt = (entry: Json, key: string): string => {
  const value = isFields(entry) ? entry[key] : undefined;
  return typeof value === 'string' ? value : '';
};

/** The property whose values are texts, none empty and none twice; null when there is none. */
export function keyOf(list: readonly Json[]): string | null {
  for (const key of KEYS) {
    const seen = new Set<string>();
    for (const entry of list) {
      const value = textAt(entry, key);
      if (value !== '') seen.add(value);
    }
    if (seen.size === list.length) return key;
  }
  return null;
}

export function toKeyed(value: Json): Json {
  if (Array.isArray(value)) {
    const key = keyOf(value);
    if (key === null) return value;
    const entries = value.map((entry) => [textAt(entry, key), toKeyed(entry)] as const);
    return {
      // An empty list could be of any kind: it is told from no other empty one.
      '#list': value.length === 0 ? '' : key,
      order: entries.map(([id]) => id),
      entries: Object.fromEntries(entries),
    };
  }
  if (isFields(value))
    return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, toKeyed(part)]));
  return value;
}

export function fromKeyed(value: Json): Json {
  if (isKeyedList(value))
    return value.order.flatMap((id) => {
      const entry = value.entries[id];
      return entry === undefined ? [] : [fromKeyed(entry)];
    });
  if (isFields(value))
    return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, fromKeyed(part)]));
  return value;
}

/** Where something is: names of properties, and keys of entries. */
export type Path = readonly string[];
