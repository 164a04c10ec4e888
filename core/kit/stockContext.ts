import type { Item } from '../repertoire/item';
import type { StockedLot } from '../inventory/types';
import type { System } from '../units/format';

/** What the store has on the day of a show, to be held against its kit list. */
export interface StockContext {
  items: readonly Item[];
  lots: readonly StockedLot[];
  day: string;
  system?: System;
}
