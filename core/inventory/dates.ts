import type { Item } from '../repertoire/item';
import { dayAfter, earlier } from '../time/days';
import type { Lot } from './types';

type Keeping = Pick<Item, 'keepsOpen'>;

/** The last day on which it may be used: its expiry, or so long after it was opened; null for ever. */
export const lastDay = (lot: Pick<Lot, 'expiry' | 'opened'>, item: Keeping): string | null =>
  earlier(
    lot.expiry,
    lot.opened !== null && item.keepsOpen !== null ? dayAfter(lot.opened, item.keepsOpen) : null,
  );

/** Whether it counts on a day. */
export function usableOn(
  lot: Pick<Lot, 'expiry' | 'opened' | 'state'>,
  item: Keeping,
  day: string,
): boolean {
  const last = lastDay(lot, item);
  return lot.state !== 'out' && (last === null || last >= day);
}

/** When it is to be tested next: at once if it never was; null when it needs no test. */
export function nextTest(
  lot: Pick<Lot, 'lastTest'>,
  item: Pick<Item, 'testEvery'>,
  today: string,
): string | null {
  if (item.testEvery === null) return null;
  return lot.lastTest === null ? today : dayAfter(lot.lastTest, item.testEvery);
}

/** First expired first; what keeps for ever last; an opened one before one that is not. */
export function firstExpiredFirst<T extends Pick<Lot, 'id' | 'expiry' | 'opened'>>(
  lots: readonly T[],
  item: Keeping,
): T[] {
  const FOREVER = '9999';
  const keyed = lots.map((lot) => ({
    lot,
    key: `${lastDay(lot, item) ?? FOREVER} ${lot.opened ?? FOREVER} ${lot.id}`,
  }));
  return keyed.sort((a, b) => (a.key < b.key ? -1 : 1)).map(({ lot }) => lot);
}
