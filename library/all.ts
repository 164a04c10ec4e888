/** The library: demonstrations with everything they need, and nobody’s record, stock or notes. */
import type { Item } from '../core/repertoire/item';
import { EASY_ITEMS } from './items-easy';
import { ITEMS } from './items';
import { MORE_ITEMS } from './items-more';

export const LIBRARY_ITEMS: Item[] = [...ITEMS, ...MORE_ITEMS, ...EASY_ITEMS];
