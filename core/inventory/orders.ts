/** What was ordered, hired or borrowed, and what of it is on its way. */
import type { Item } from '../repertoire/item';
import { dayAfter, later } from '../time/days';
import type { HouseholdSizes } from '../units/household';
import { dimensionOf, toBase, type UnitId } from '../units/units';
import { convert } from './convert';

export const ORDER_TERMS = ['bought', 'hired', 'borrowed'] as const;
export type OrderTerms = (typeof ORDER_TERMS)[number];

export interface Order {
  id: string;
  itemId: string;
  terms: OrderTerms;
  /** One pack of it, and how many packs. */
  amount: number;
  unit: UnitId;
  count: number;
  /** For all of it, in minor units. */
  price: number;
  /** Who sells or lends it. */
  supplier: string;
  /** Local days, YYYY-MM-DD: when it was ordered, when it is said to come, when it came. */
  ordered: string;
  expected: string;
  come: string | null;
  /** Days it keeps unopened from the day it comes; null as long as one likes. */
  keeps: number | null;
  /** The last day that what is not bought may be kept, and the day it went back. */
  backBy: string | null;
  back: string | null;
  note: string;
}

/** One pack bought today, still to be filled in. */
export const blankOrder = (id: string, itemId: string, today: string): Order => ({
  id,
  itemId,
  terms: 'bought',
  amount: 1,
  unit: 'piece',
  count: 1,
  price: 0,
  supplier: '',
  ordered: today,
  expected: today,
  come: null,
  keeps: null,
  backBy: null,
  back: null,
  note: '',
});

/** What will be there, and is in no lot. */
export interface Expected {
  orderId: string;
  itemId: string;
  /** The first and the last day that it is there; the last is null where it stays. */
  from: string;
  until: string | null;
  expiry: string | null;
  /** Base units in each pack. */
  packs: number[];
}

/** What was bought and has come lies in the store as lots; what was hired or borrowed never does. */
export const isOpen = ({ terms, come, back }: Order): boolean =>
  terms === 'bought' ? come === null : back === null;

/** Base units of one of its packs; null where it can’t be turned into what the stock is counted in. */
export function packBase(
  { amount, unit }: Pick<Order, 'amount' | 'unit'>,
  item: Item,
  sizes: HouseholdSizes,
): number | null {
  const base = toBase(amount, unit, sizes);
  return convert(base, dimensionOf(unit), dimensionOf(item.unit), item);
}

/** Orders that still bring something. One that should have come already is taken to come today. */
export function expectedOf(
  orders: readonly Order[],
  items: ReadonlyMap<string, Item>,
  today: string,
  sizes: HouseholdSizes,
): Expected[] {
  return orders.filter(isOpen).flatMap((order): Expected[] => {
    const item = items.get(order.itemId);
    const base = item ? packBase(order, item, sizes) : null;
    if (base === null) return [];
    const from = order.come ?? later(order.expected, today);
    return [
      {
        orderId: order.id,
        itemId: order.itemId,
        from,
        until: order.terms === 'bought' ? null : order.backBy,
        expiry: order.keeps === null ? null : dayAfter(from, order.keeps),
        packs: Array.from({ length: order.count }, () => base),
      },
    ];
  });
}
