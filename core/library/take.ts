/** A demonstration of the library becomes one’s own, with the things that it needs. */
import { convertible } from '../inventory/convert';
import { originOf } from '../repertoire/origin';
import { plainName } from '../repertoire/plainName';
import type { Item } from '../repertoire/item';
import type { Demo, Method } from '../repertoire/types';
import { dimensionOf } from '../units/units';

/** What of one’s own things matters here. */
export type OwnItem = Pick<Item, 'id' | 'name' | 'unit' | 'density' | 'gramsEach'>;

export interface TakeInto {
  items: readonly OwnItem[];
  /** Whether something, removed things among it, has this id already. */
  isTaken: (kind: 'demo' | 'item', id: string) => boolean;
  newId: () => string;
}

export interface Taken {
  demo: Demo;
  /** Things that weren’t there. */
  items: Item[];
}

/** The same thing under whatever id: called the same, and counted so that amounts of the one are amounts of the other. */
const isSame = (own: OwnItem, item: Item): boolean =>
  plainName(own.name) === plainName(item.name) &&
  convertible(dimensionOf(item.unit), dimensionOf(own.unit), own);

/** What a step sets off stays in its cues only where it goes without devices and files of others; so do pictures. */
const ownCues = (method: Method): Method['tasks'] =>
  method.tasks.map((task) => ({
    ...task,
    cues: task.cues.filter(({ kind }) => kind === 'message'),
    picture: null,
  }));

/**
 * One’s own copy, marked by what it was taken from. Its hazards are still to be gone through: nobody here has. Throws
 * RangeError where the library lacks a thing that the demonstration names.
 */
export function take(
  library: Demo,
  things: readonly Item[],
  { items: own, isTaken, newId }: TakeInto,
): Taken {
  const ids = new Map<string, string>();
  const fresh: Item[] = [];
  const idFor = (itemId: string): string => {
    const known = ids.get(itemId);
    if (known) return known;
    const item = things.find(({ id }) => id === itemId);
    if (!item) throw new RangeError(`The library has no thing ${itemId}`);
    const mine = own.find((one) => isSame(one, item));
    const id = mine?.id ?? (isTaken('item', itemId) ? newId() : itemId);
    if (!mine) fresh.push({ ...item, id });
    ids.set(itemId, id);
    return id;
  };
  const methods = library.methods.map((method) => ({
    ...method,
    tasks: ownCues(method),
    kit: method.kit.map((line) => ({
      ...line,
      itemId: idFor(line.itemId),
      instead: line.instead.map((one) => ({ ...one, itemId: idFor(one.itemId) })),
    })),
    hazardsReviewed: false,
  }));
  const id = isTaken('demo', library.id) ? newId() : library.id;
  const handOut = {
    ...library.handOut,
    things: library.handOut.things.map((thing) => ({ ...thing, itemId: idFor(thing.itemId) })),
  };
  return {
    demo: { ...library, id, methods, handOut, picture: null, origin: originOf(library) },
    items: fresh,
  };
}

/** Whether one’s own repertoire has a demonstration of the library: taken from it, or the very one. */
export const hasIt = (own: readonly Pick<Demo, 'id' | 'origin'>[], libraryId: string): boolean =>
  own.some(({ id, origin }) => (origin?.demoId ?? id) === libraryId);
