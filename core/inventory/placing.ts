/** An order as it is placed: by the shopping list, or got in another way for one show. */
import { dayAfter } from '../time/days';
import { blankOrder, type Order } from './orders';
import type { BoughtPack, ShoppingLine } from './shoppingLine';

/** As it would be ordered on a day. What does not keep, and what is hired, comes on the day it is for. */
export function orderFor(
  { itemId }: Pick<ShoppingLine, 'itemId'>,
  { pack, count, cost, orderFrom, neededBy, backBy }: BoughtPack,
  id: string,
  today: string,
): Order {
  const { amount, unit, supplier, leadDays, keeps } = pack;
  return {
    ...blankOrder(id, itemId, today),
    ...{ amount, unit, count, price: cost, supplier, keeps, backBy },
    terms: backBy === null ? 'bought' : 'hired',
    expected: orderFrom === null && backBy === null ? dayAfter(today, leadDays) : neededBy,
  };
}

/** Why an order is no help to a show on a day, in words; null when it is. */
export function noHelp(
  { expected, backBy, terms }: Pick<Order, 'expected' | 'backBy' | 'terms'>,
  date: string,
  today: string,
): string | null {
  if (expected < today) return 'It must come today or later';
  if (expected > date) return 'It must be there by the day of the show';
  if (terms !== 'bought' && (backBy === null || backBy < date))
    return 'It must stay until the day of the show';
  return null;
}

/** The day that an order waits for, and for what; null where it may stay as long as one likes. */
export function waitsFor({
  come,
  expected,
  backBy,
}: Pick<Order, 'come' | 'expected' | 'backBy'>): { for: 'come' | 'back'; by: string } | null {
  if (come === null) return { for: 'come', by: expected };
  return backBy === null ? null : { for: 'back', by: backBy };
}
