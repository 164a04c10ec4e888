/** What the library has changed of a demonstration that was taken from it comes into one’s own copy, as far as it is wanted. */
import { NO_HAND_OUT } from '../repertoire/handOut';
import { originOf, wordsOf } from '../repertoire/origin';
import type { Item } from '../repertoire/item';
import type { Demo, Method } from '../repertoire/types';
import { take, type TakeInto } from './take';

export interface Wanted {
  /** Its name, hook, idea, ages, energy and way of talking. */
  words: boolean;
  methodIds: readonly string[];
}

export interface TakenOver {
  demo: Demo;
  /** Things that weren’t there. */
  items: Item[];
}

/**
 * A method that is there under its id is replaced where it stands, a new one comes last; their hazards are to be gone
 * through again. What is not wanted stays as it is, and is not told of again: the marks are the library’s of now.
 * Throws RangeError where the library lacks a thing that a wanted method names.
 */
export function takeOver(
  own: Demo,
  library: Demo,
  things: readonly Item[],
  { words, methodIds }: Wanted,
  into: TakeInto,
): TakenOver {
  const wanted = library.methods.filter(({ id }) => methodIds.includes(id));
  // What goes home stays one’s own, and brings no things.
  const taken = take({ ...library, methods: wanted, handOut: NO_HAND_OUT }, things, into);
  const fresh = new Map(taken.demo.methods.map((method) => [method.id, method]));
  const kept = own.methods.map((method): Method => {
    const now = fresh.get(method.id);
    fresh.delete(method.id);
    return now ?? method;
  });
  return {
    demo: {
      ...own,
      ...(words && wordsOf(library)),
      methods: [...kept, ...fresh.values()],
      origin: originOf(library),
    },
    items: taken.items,
  };
}
