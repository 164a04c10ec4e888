/** The demonstrations that come with the application. */
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import { IdList } from './fields';

/** All of them, with the things that they name. */
export interface LibraryAnswer {
  demos: Demo[];
  items: Item[];
}

/** Demonstrations taken at once. */
export const MOST_TAKEN = 100;

export class TakeBody {
  @IdList(MOST_TAKEN)
  ids!: string[];
}

/** One’s own copies, in the order they were asked for. */
export interface TakenAnswer {
  demos: { id: string; libraryId: string; name: string; isNew: boolean }[];
  /** Things that weren’t in the store. */
  items: number;
}
