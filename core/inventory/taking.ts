/** What something takes of each item: what of it is there, what is to be got, and what it costs. */
import type { Item } from '../repertoire/item';
import { type HouseholdSizes } from '../units/household';
import { dimensionOf, toBase, type UnitId } from '../units/units';
import { byItem, ownedOn } from './allocate';
import { convert } from './convert';
import { cheapestPacks } from './packs';
import { offersOf } from './offers';
import { rateOf } from './showCost';
import type { StockedLot } from './types';

export interface Wanted {
  itemId: string;
  unit: UnitId;
  amount: number;
}

export interface Taking {
  item: Item;
  /** In the base unit that the item’s stock is counted in. */
  wanted: number;
  /** In the store on the day; null where the store counts none of it, and as much is there as is asked for. */
  there: number | null;
  missing: number;
  /** Packs to buy for what is missing, the cheapest together. */
  packs: { id: string; count: number }[];
  /** What these packs cost, in minor units of money; null where no pack is known of what is missing. */
  toBuy: number | null;
  /** What is used up is worth, by the pack that is cheapest for its amount; null without one, and 0 for what comes back. */
  worth: number | null;
}

interface Store {
  items: readonly Item[];
  lots: readonly StockedLot[];
  sizes: HouseholdSizes;
  /** Local date, YYYY-MM-DD, on which it is used. */
  day: string;
}

/** Line by line, an item once. What is written in a kind that its stock can’t be turned into is left out. */
export function takingOf(wanted: readonly Wanted[], { items, lots, sizes, day }: Store): Taking[] {
  const totals = new Map<string, number>();
  for (const { itemId, unit, amount } of wanted) {
    const item = items.find(({ id }) => id === itemId);
    const base = item && inStockUnit(item, toBase(amount, unit, sizes), unit);
    if (base) totals.set(itemId, (totals.get(itemId) ?? 0) + base);
  }
  const stocked = byItem(lots);
  return items.flatMap((item): Taking[] => {
    const total = totals.get(item.id);
    if (total === undefined) return [];
    const kept = item.kind === 'consumable' ? 1 - item.waste / 100 : 1;
    const whole = total / kept;
    const there = thereOf(item, stocked.get(item.id), day);
    const missing = there === null ? 0 : Math.max(0, whole - there);
    const offers = offersOf(item, sizes).map((offer) => ({ ...offer, leadDays: 0 }));
    const choice = cheapestPacks(missing > 0 ? [{ amount: missing, inDays: 0 }] : [], offers);
    const rate = rateOf(item, [], sizes);
    return [
      {
        item,
        wanted: whole,
        there,
        missing,
        packs: choice.counts,
        toBuy: choice.unserved.length > 0 ? null : choice.cost,
        worth: item.kind !== 'consumable' || item.atVenue ? 0 : rate === null ? null : rate * whole,
      },
    ];
  });
}

const inStockUnit = (item: Item, base: number, unit: UnitId): number | null =>
  convert(base, dimensionOf(unit), dimensionOf(item.unit), item);

function thereOf(item: Item, lots: readonly StockedLot[] | undefined, day: string): number | null {
  if (item.atVenue) return null;
  if (item.kind === 'consumable') return lots ? ownedOn(item, lots, day) : 0;
  const owned = ownedOn(item, lots, day);
  return Number.isFinite(owned) ? owned : null;
}

/** What all of it is worth, and what is to be bought, in minor units; `unknown` names what has no price. */
export function costOf(taking: readonly Taking[]): {
  worth: number;
  toBuy: number;
  unknown: Item[];
} {
  return {
    worth: taking.reduce((sum, one) => sum + (one.worth ?? 0), 0),
    toBuy: taking.reduce((sum, one) => sum + (one.toBuy ?? 0), 0),
    unknown: taking.flatMap(({ item, worth, toBuy }) =>
      worth === null || toBuy === null ? [item] : [],
    ),
  };
}
