/**
 * Bringing together two changes made from the same state, part by part. Parts are compared by value:
 * the server may give the same thing with its properties in another order.
 */
import same from 'fast-deep-equal';

export interface Merged<T> {
  value: T;
  /** Parts changed only by the other. */
  theirs: (keyof T)[];
  /** Parts that both changed, and differently; `value` has mine. */
  clashes: (keyof T)[];
}

/** Three-way merge by top-level part. */
export function merge<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  const value = { ...theirs };
  const taken: (keyof T)[] = [];
  const clashes: (keyof T)[] = [];
  for (const key of Object.keys(mine) as (keyof T)[]) {
    const iChanged = !same(base[key], mine[key]);
    const theyChanged = !same(base[key], theirs[key]);
    if (iChanged) value[key] = mine[key];
    if (iChanged && theyChanged && !same(mine[key], theirs[key])) clashes.push(key);
    if (theyChanged && !iChanged) taken.push(key);
  }
  return { value, theirs: taken, clashes };
}

/** The parts of `from` that differ in `to`, as they are in `from`. */
export function changedParts<T extends object>(from: T, to: T): Partial<T> {
  const parts: Partial<T> = {};
  for (const key of Object.keys(from) as (keyof T)[])
    if (!same(from[key], to[key])) parts[key] = from[key];
  return parts;
}
