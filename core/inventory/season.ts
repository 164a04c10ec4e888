/** The coming shows with all that is there for them: what a line of the shopping list is worked out from. */
import type { Item } from '../repertoire/item';
import type { HouseholdSizes } from '../units/household';
import type { Stay } from './away';
import type { Expected } from './orders';
import type { ShowNeeds, StockedLot } from './types';

export interface Season {
  items: ReadonlyMap<string, Item>;
  /** All coming shows, in order, with the days until each; and those that are bought for. */
  shows: ReadonlyMap<string, { show: ShowNeeds; stay: Stay; inDays: number }>;
  chosen: (showId: string) => boolean;
  lots: ReadonlyMap<string, StockedLot[]>;
  expected: ReadonlyMap<string, Expected[]>;
  today: string;
  sizes: HouseholdSizes;
}
