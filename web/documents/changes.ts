/** What a page changed, as patches of the keyed form, and taking it back where it still stands. */
import same from 'fast-deep-equal';
import { enablePatches, produceWithPatches, type Patch } from 'immer';
import {
  fromKeyed,
  isFields,
  isKeyedList,
  type Fields,
  type Json,
  type Path,
  toKeyed,
} from './keyed';
import { mergeOrder, spoken, wholeOrders } from './merge';

enablePatches();

/** One place that changed; undefined where there is nothing. */
export interface Change {
  path: Path;
  before: Json | undefined;
  after: Json | undefined;
}

const bothFields = (a: Json | undefined, b: Json | undefined): boolean =>
  isFields(a) && isFields(b) && isKeyedList(a) === isKeyedList(b);

/** Makes the draft the same as `to`, touching nothing that is the same already. */
function assign(draft: Fields, to: Fields): void {
  for (const key of Object.keys(draft)) if (!Object.hasOwn(to, key)) delete draft[key];
  for (const [key, part] of Object.entries(to)) {
    const now = draft[key];
    if (bothFields(now, part)) assign(now as Fields, part as Fields);
    else if (!same(now, part)) draft[key] = part;
  }
}

const address = (patch: Patch): string => JSON.stringify(patch.path);
const valueOf = (patch: Patch | undefined): Json | undefined =>
  patch && patch.op !== 'remove' ? (patch.value as Json) : undefined;

/** The changes that lead from one value to another; none when they hold the same. */
export function changesBetween<T extends object>(from: T, to: T): Change[] {
  const before = toKeyed(from as Json) as Fields;
  const after = toKeyed(to as Json) as Fields;
  const [, patches, inverse] = produceWithPatches(before, (draft: Fields) => assign(draft, after));
  const undoing = new Map(inverse.map((patch) => [address(patch), patch]));
  return patches.map((patch) => ({
    path: patch.path.map(String),
    before: valueOf(undoing.get(address(patch))),
    after: valueOf(patch),
  }));
}

interface Applied<T> {
  value: T;
  /** Places that are no longer as they were left, and so stay as they are. */
  skipped: Path[];
}

function setAt(root: Fields, { path, before, after }: Change): boolean {
  let parent: Json | undefined = root;
  for (const key of path.slice(0, -1)) parent = isFields(parent) ? parent[key] : undefined;
  const last = path.at(-1);
  if (!isFields(parent) || last === undefined) return false;
  const now = parent[last];
  if (last === '#list') {
    parent[last] = after ?? '';
    return true;
  }
  if (isKeyedList(parent) && last === 'order') {
    const order = (list: Json | undefined): string[] =>
      Array.isArray(list) ? list.map(String) : [];
    const present = new Set(Object.keys(parent.entries));
    const merged = mergeOrder(order(before), order(after), parent.order, present);
    if (merged.conflict) return false;
    parent.order = merged.order;
    return true;
  }
  if (!same(now, before)) return false;
  if (after === undefined) delete parent[last];
  else parent[last] = after;
  return true;
}

/** Entries before orders: an order is of what is there. */
const entriesFirst = (changes: readonly Change[]): Change[] => [
  ...changes.filter((change) => change.path.at(-1) !== 'order'),
  ...changes.filter((change) => change.path.at(-1) === 'order'),
];

/** Makes the changes to a value, but for those whose place is no longer as it was before them. */
export function apply<T extends object>(value: T, changes: readonly Change[]): Applied<T> {
  const root = toKeyed(value as Json) as Fields;
  const skipped = entriesFirst(changes)
    .filter((change) => !setAt(root, change))
    .map((change) => spoken(change.path));
  return { value: fromKeyed(wholeOrders(root)) as T, skipped };
}

/** Those of the changes that `value` has as they were made. */
export function standing<T extends object>(value: T, changes: readonly Change[]): Change[] {
  const root = toKeyed(value as Json);
  const at = (path: Path): Json | undefined =>
    path.reduce<Json | undefined>((part, key) => (isFields(part) ? part[key] : undefined), root);
  return changes.filter((change) => same(at(change.path), change.after));
}

export const reversed = (changes: readonly Change[]): Change[] =>
  changes.map(({ path, before, after }) => ({ path, before: after, after: before }));
