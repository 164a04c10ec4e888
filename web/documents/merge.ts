/**
 * Bringing together two changes made from the same state, field by field and entry by entry. Values
 * are compared by what they hold: the server may give the same thing with its properties in another
 * order.
 */
import same from 'fast-deep-equal';
import {
  fromKeyed,
  isFields,
  isKeyedList,
  type Fields,
  type Json,
  type Path,
  toKeyed,
} from './keyed';

export interface Merged<T> {
  value: T;
  /** What only the other changed. */
  theirs: Path[];
  /** What both changed, and differently; `value` has mine. */
  conflicts: Path[];
}

interface Found {
  /** Whose is taken where both changed the same. */
  preferred: 'mine' | 'theirs';
  theirs: Path[];
  conflicts: Path[];
}

const relative = (order: readonly string[], within: ReadonlySet<string>): string[] =>
  order.filter((id) => within.has(id));

/** Puts what `order` lacks of `from` behind the entry it follows there. */
function takeUp(order: string[], from: readonly string[], present: ReadonlySet<string>): void {
  from.forEach((id, i) => {
    if (!present.has(id) || order.includes(id)) return;
    const before = from.slice(0, i).findLast((other) => order.includes(other));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  });
}

export interface MergedOrder {
  order: string[];
  /** Both moved entries, to different places; the order is mine. */
  conflict: boolean;
}

/** One order of the entries present from two made from the same one. */
export function mergeOrder(
  base: readonly string[],
  mine: readonly string[],
  theirs: readonly string[],
  present: ReadonlySet<string>,
): MergedOrder {
  const common = new Set(base.filter((id) => mine.includes(id) && theirs.includes(id)));
  const [was, my, their] = [base, mine, theirs].map((order) => relative(order, common));
  const iMoved = !same(was, my);
  const theyMoved = !same(was, their);
  const lead = iMoved ? mine : theirs;
  const order = lead.filter((id) => present.has(id));
  for (const other of [theirs, mine, base]) takeUp(order, other, present);
  takeUp(order, [...present], present);
  return { order, conflict: iMoved && theyMoved && !same(my, their) };
}

function mergeFields(base: Fields, mine: Fields, theirs: Fields, path: Path, found: Found): Fields {
  const merged: Fields = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const part = mergePart(base[key], mine[key], theirs[key], [...path, key], found);
    if (part !== undefined) merged[key] = part;
  }
  return merged;
}

function mergeLists(base: Json, mine: Json, theirs: Json, path: Path, found: Found): Json | null {
  if (!isKeyedList(base) || !isKeyedList(mine) || !isKeyedList(theirs)) return null;
  const kinds = new Set([base, mine, theirs].map((list) => list['#list']).filter(Boolean));
  if (kinds.size > 1) return null;
  const entries = mergeFields(
    base.entries,
    mine.entries,
    theirs.entries,
    [...path, 'entries'],
    found,
  );
  const present = new Set(Object.keys(entries));
  const [first, second] = found.preferred === 'mine' ? [mine, theirs] : [theirs, mine];
  const { order, conflict } = mergeOrder(base.order, first.order, second.order, present);
  if (conflict) found.conflicts.push([...path, 'order']);
  return { '#list': order.length === 0 ? '' : ([...kinds][0] ?? ''), order, entries };
}

function mergePart(
  base: Json | undefined,
  mine: Json | undefined,
  theirs: Json | undefined,
  path: Path,
  found: Found,
): Json | undefined {
  if (same(mine, base)) {
    if (!same(theirs, base)) found.theirs.push(path);
    return theirs;
  }
  if (same(theirs, base) || same(mine, theirs)) return mine;
  if (base !== undefined && mine !== undefined && theirs !== undefined) {
    const list = mergeLists(base, mine, theirs, path, found);
    if (list !== null) return list;
    const fields = [base, mine, theirs].every((part) => isFields(part) && !isKeyedList(part));
    if (fields) return mergeFields(base as Fields, mine as Fields, theirs as Fields, path, found);
  }
  found.conflicts.push(path);
  return found.preferred === 'mine' ? mine : theirs;
}

/** `path` without the steps that only the keyed form has. */
export const spoken = (path: Path): Path => path.filter((key) => key !== 'entries');

function mergeBy<T extends object>(
  preferred: Found['preferred'],
  base: T,
  mine: T,
  theirs: T,
): Merged<T> {
  const found: Found = { preferred, theirs: [], conflicts: [] };
  const [b, m, t] = [base, mine, theirs].map((value) => toKeyed(value as Json));
  const merged = mergePart(b, m, t, [], found);
  return {
    value: fromKeyed(merged ?? null) as T,
    theirs: found.theirs.map(spoken),
    conflicts: found.conflicts.map(spoken),
  };
}

/** Three-way merge. Lists are merged by the keys of their entries. */
export const merge = <T extends object>(base: T, mine: T, theirs: T): Merged<T> =>
  mergeBy('mine', base, mine, theirs);

/** The merge with what both changed as the other has it. */
export const mergeTakingTheirs = <T extends object>(base: T, mine: T, theirs: T): T =>
  mergeBy('theirs', base, mine, theirs).value;

/** Orders that name each entry there is, once. */
export function wholeOrders(value: Json): Json {
  if (isKeyedList(value)) {
    const present = new Set(Object.keys(value.entries));
    const order = [...new Set(value.order)].filter((id) => present.has(id));
    takeUp(order, [...present], present);
    return { ...value, order, entries: wholeOrders(value.entries) };
  }
  if (isFields(value))
    return Object.fromEntries(Object.entries(value).map(([k, part]) => [k, wholeOrders(part)]));
  return value;
}
