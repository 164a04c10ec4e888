/**
 * What of a form can be saved: everything but the fields and entries that are not right yet. A field
 * that is not right keeps what is stored, an entry that is not complete is left out until it is.
 */
import same from 'fast-deep-equal';
import type { Checked, FieldFault } from '../../contract/validate';
import { isFields, type Fields, type Json, keyOf, type Path } from './keyed';

/** “methods[0].kit[3].itemId” in its parts. */
export const pathParts = (path: string): string[] =>
  path.split(/[.[\]]+/).filter((part) => part !== '');

const MOST_ROUNDS = 60;

const child = (parent: Json | undefined, key: string): Json | undefined =>
  Array.isArray(parent) ? parent[Number(key)] : isFields(parent) ? parent[key] : undefined;

/** The entry of `list` that is the same one as `entry` of another list. */
function counterpart(entry: Json | undefined, list: Json | undefined): Json | undefined {
  if (!Array.isArray(list) || !isFields(entry)) return undefined;
  const key = keyOf(list);
  return key === null
    ? undefined
    : list.find((other) => (other as Fields)[key] === entry[key] && entry[key] !== undefined);
}

interface Place {
  parent: Json;
  key: string;
  now: Json | undefined;
  /** What is stored of it; undefined where it is not stored. */
  stored: Json | undefined;
  /** It is an entry of a list. */
  entry: boolean;
}

function placesAlong(root: Json, stored: Json, path: readonly string[]): Place[] {
  const places: Place[] = [];
  let parent: Json | undefined = root;
  let beside: Json | undefined = stored;
  for (const key of path) {
    if (parent === undefined || parent === null) break;
    const now = child(parent, key);
    const entry = Array.isArray(parent);
    const other: Json | undefined = entry ? counterpart(now, beside) : child(beside, key);
    places.push({ parent, key, now, stored: other, entry });
    parent = now;
    beside = other;
  }
  return places;
}

function put(place: Place): void {
  const { parent, key, stored } = place;
  if (Array.isArray(parent)) {
    if (stored === undefined) parent.splice(Number(key), 1);
    else parent[Number(key)] = stored;
  } else if (isFields(parent) && stored !== undefined) parent[key] = stored;
}

const canBePutBack = ({ entry, now, stored }: Place): boolean =>
  (stored !== undefined && !same(now, stored)) || (entry && stored === undefined);

/** Holds back the smallest part around a fault that can be; false when there is none. */
function holdBack(root: Json, stored: Json, fault: FieldFault): boolean {
  const place = placesAlong(root, stored, pathParts(fault.path)).findLast(canBePutBack);
  if (place) put(place);
  return place !== undefined;
}

export interface Fit<T> {
  /** What can be saved. */
  value: T;
  /** Where it differs from what was typed. */
  unfit: Path[];
}

const plain = <V>(value: V): V => JSON.parse(JSON.stringify(value)) as V;

/** `stored` is what was fit before; it is what is saved where nothing of `typed` can be. */
export function fitting<T extends object>(
  checked: (value: T) => Checked<T>,
  typed: T,
  stored: T,
): Fit<T> {
  const value = plain(typed);
  const unfit = new Map<string, Path>();
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const result = checked(value);
    if (result.ok) return { value, unfit: [...unfit.values()] };
    const fault = result.faults.find((one) => holdBack(value as Json, stored as Json, one));
    if (!fault) break;
    unfit.set(`${fault.path} ${round}`, pathParts(fault.path));
  }
  return { value: stored, unfit: [...unfit.values(), ...(unfit.size === 0 ? [[]] : [])] };
}
