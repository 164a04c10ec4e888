/** What an item is sold and hired in, in the unit that its stock is counted in. */
import type { Item, Pack } from '../repertoire/item';
import type { HouseholdSizes } from '../units/household';
import { dimensionOf, toBase } from '../units/units';
import { convert } from './convert';
import type { HireOffer } from './equipment';
import type { PackOffer } from './packs';

/** The shorter of two lives; null is for ever. */
const shorter = (a: number | null, b: number | null): number | null =>
  a === null ? b : b === null ? a : Math.min(a, b);

/** Packs in the unit that the stock is counted in; those of another kind are no use. */
export function sold(item: Item, sizes: HouseholdSizes): { pack: Pack; offer: PackOffer }[] {
  return item.packs.flatMap((pack) => {
    const size = convert(
      toBase(pack.amount, pack.unit, sizes),
      dimensionOf(pack.unit),
      dimensionOf(item.unit),
      item,
    );
    if (size === null || size <= 0) return [];
    // Opened on the day it comes: it is used then, or it would have been left for later.
    const life = item.cold ? 0 : shorter(pack.keeps, item.keepsOpen);
    const { id, price, leadDays } = pack;
    return [{ pack, offer: { id, size, price, leadDays, life } }];
  });
}

/** What is bought of an item, and not hired. */
export const offersOf = (item: Item, sizes: HouseholdSizes): PackOffer[] =>
  sold(item, sizes)
    .filter(({ pack }) => pack.hireDays === null)
    .map(({ offer }) => offer);

export const hiresOf = (item: Item, sizes: HouseholdSizes): HireOffer[] =>
  sold(item, sizes).flatMap(({ pack, offer }) =>
    pack.hireDays === null ? [] : [{ ...offer, life: null, days: pack.hireDays }],
  );
