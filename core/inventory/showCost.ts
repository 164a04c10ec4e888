/** What a show costs: what it uses up, at what that costs, and its share of what is hired. */
import type { Item } from '../repertoire/item';
import type { HouseholdSizes } from '../units/household';
import { type Dimension, dimensionOf } from '../units/units';
import { offersOf } from './offers';
import { type Order, packBase } from './orders';
import { shareOut } from './shareOut';
import type { ShoppingLine } from './shoppingLine';
import type { ShowNeeds } from './types';

export interface CostLine {
  itemId: string;
  name: string;
  /** Base units used up; 0 of what is hired. */
  base: number;
  dimension: Dimension;
  /** In minor units of money; null where no price is known. */
  cost: number | null;
}

export interface ShowCost {
  /** Dearest first; what costs nothing is left out. */
  used: CostLine[];
  cold: CostLine[];
  hired: CostLine[];
  total: number;
  /** Null without an audience. */
  perHead: number | null;
  /** Names of what is used up and has no price. */
  unpriced: string[];
}

/**
 * Minor units for a base unit: as the last order of it was paid, or by the pack that is cheapest for its
 * amount. Null where neither is known.
 */
export function rateOf(item: Item, orders: readonly Order[], sizes: HouseholdSizes): number | null {
  const paid = orders
    .filter(({ itemId, terms }) => itemId === item.id && terms === 'bought')
    .sort((a, b) => (a.ordered < b.ordered ? 1 : -1))
    .flatMap((order) => {
      const base = packBase(order, item, sizes);
      return base ? [order.price / (base * order.count)] : [];
    });
  const sold = offersOf(item, sizes).map(({ price, size }) => price / size);
  return paid[0] ?? (sold.length > 0 ? Math.min(...sold) : null);
}

/** Of a price, the part of one show among those that have the thing while it is paid for. */
const partOf = (price: number, showIds: readonly string[], showId: string): number =>
  shareOut(
    price,
    showIds.map(() => 1),
  )[showIds.indexOf(showId)] ?? 0;

const needing = (
  shows: readonly ShowNeeds[],
  itemId: string,
  from: string,
  until: string,
): string[] =>
  shows
    .filter(
      ({ date, needs }) =>
        from <= date && date <= until && needs.some((need) => need.itemId === itemId),
    )
    .map(({ showId }) => showId);

interface Priced {
  items: ReadonlyMap<string, Item>;
  orders: readonly Order[];
  /** What is still to be got for all of them. */
  lines: readonly ShoppingLine[];
  sizes: HouseholdSizes;
}

/** Of one of the shows, among which what is hired is shared. */
export function showCost(
  show: ShowNeeds,
  shows: readonly ShowNeeds[],
  { items, orders, lines, sizes }: Priced,
): ShowCost {
  const line = (item: Item, base: number, cost: number | null): CostLine => ({
    itemId: item.id,
    name: item.name,
    base,
    dimension: dimensionOf(item.unit),
    cost,
  });
  const used: CostLine[] = [];
  const cold: CostLine[] = [];
  const hired: CostLine[] = [];
  for (const { itemId, uses } of show.needs) {
    const item = items.get(itemId);
    if (!item) continue;
    if (item.kind === 'consumable') {
      const rate = rateOf(item, orders, sizes);
      const one = line(item, uses, rate === null ? null : Math.round(rate * uses));
      if (uses > 0) (item.cold ? cold : used).push(one);
      continue;
    }
    const paid = orders
      .filter((order) => order.itemId === itemId && order.terms !== 'bought')
      .reduce((sum, { price, expected, come, backBy, back }) => {
        const among = needing(shows, itemId, come ?? expected, back ?? backBy ?? '9999');
        return sum + (among.includes(show.showId) ? partOf(price, among, show.showId) : 0);
      }, 0);
    const toHire = lines
      .filter((one) => one.itemId === itemId)
      .flatMap(({ packs, shows: short }) => packs.map((pack) => ({ ...pack, short })))
      .reduce((sum, { cost, neededBy, backBy, short }) => {
        const among = short
          .filter(({ date }) => backBy !== null && neededBy <= date && date <= backBy)
          .map(({ showId }) => showId);
        return sum + (among.includes(show.showId) ? partOf(cost, among, show.showId) : 0);
      }, 0);
    if (paid + toHire > 0) hired.push(line(item, 0, paid + toHire));
  }
  const all = [...used, ...cold, ...hired];
  const total = all.reduce((sum, { cost }) => sum + (cost ?? 0), 0);
  const dearest = (some: CostLine[]): CostLine[] =>
    some.filter(({ cost }) => cost !== 0).sort((a, b) => (b.cost ?? 0) - (a.cost ?? 0));
  return {
    used: dearest(used),
    cold: dearest(cold),
    hired: dearest(hired),
    total,
    perHead: show.audience > 0 ? Math.round(total / show.audience) : null,
    unpriced: all.flatMap(({ name, cost }) => (cost === null ? [name] : [])),
  };
}
