/** The stock shared among coming shows, by date: the second is told what the first will take. */
import { type ItemDayKey, itemDayKey } from '../keys';
import type { Item } from '../repertoire/types';
import { firstExpiredFirst, usableOn } from './dates';
import type { ShowNeeds, StockedLot } from './types';

export interface Share {
  showId: string;
  itemId: string;
  /** Base units. */
  need: number;
  got: number;
  short: number;
  /** Out of which lots, first expired first; consumables only. */
  from: { lotId: string; base: number }[];
  /** What earlier shows take of it. */
  before: { showId: string; title: string; base: number }[];
  /** In the store, and out of date by the day. */
  outOfDate: number;
  /** The store counts it at all; of other equipment there is as much as is asked for. */
  counted: boolean;
}

/** Less than this share of a need is a rounding error. */
const HAIR = 1e-9;

export const inOrder = (shows: readonly ShowNeeds[]): ShowNeeds[] =>
  [...shows].sort((a, b) =>
    a.date !== b.date
      ? a.date < b.date
        ? -1
        : 1
      : a.from - b.from || (a.showId < b.showId ? -1 : 1),
  );

export const byItem = (lots: readonly StockedLot[]): Map<string, StockedLot[]> => {
  const map = new Map<string, StockedLot[]>();
  for (const lot of lots) {
    const list = map.get(lot.itemId);
    if (list) list.push(lot);
    else map.set(lot.itemId, [lot]);
  }
  return map;
};

/** How many there are of equipment or gear on a day; Infinity for as many as are asked for. */
export function ownedOn(item: Item, lots: readonly StockedLot[] | undefined, day: string): number {
  if (!lots || lots.length === 0) return item.owned ?? Infinity;
  return lots.reduce((sum, lot) => sum + (usableOn(lot, item, day) ? lot.stock : 0), 0);
}

/** A share for every need of every show. Items without a card are left out. */
export function allocate(
  shows: readonly ShowNeeds[],
  items: ReadonlyMap<string, Item>,
  lots: readonly StockedLot[],
): Share[] {
  const stocked = byItem(lots);
  const left = new Map(lots.map((lot) => [lot.id, lot.stock]));
  const earlierTakers = new Map<string, { show: ShowNeeds; base: number }[]>();
  const sharedOnDay = new Map<ItemDayKey, number>();
  const shares: Share[] = [];
  for (const show of inOrder(shows)) {
    for (const { itemId, base, perDay } of show.needs) {
      const item = items.get(itemId);
      if (!item) continue;
      const mine = stocked.get(itemId) ?? [];
      const takers = earlierTakers.get(itemId) ?? [];
      earlierTakers.set(itemId, takers);
      if (item.kind !== 'consumable') {
        // It comes back: only shows that run at the same time keep it from each other.
        const away = takers.filter(
          (t) => t.show.date === show.date && t.show.from < show.until && t.show.until > show.from,
        );
        const free = ownedOn(item, mine, show.date) - away.reduce((sum, t) => sum + t.base, 0);
        const got = Math.max(0, Math.min(base, free));
        shares.push({
          showId: show.showId,
          itemId,
          need: base,
          got,
          short: base - got,
          from: [],
          before: away.map(({ show: s, base: b }) => ({
            showId: s.showId,
            title: s.title,
            base: b,
          })),
          outOfDate: 0,
          counted: Number.isFinite(free),
        });
        takers.push({ show, base: got });
        continue;
      }
      const dayKey = itemDayKey(itemId, show.date);
      const already = Math.min(perDay, sharedOnDay.get(dayKey) ?? 0);
      sharedOnDay.set(dayKey, Math.max(perDay, sharedOnDay.get(dayKey) ?? 0));
      const need = base - already;
      let open = need;
      const from: Share['from'] = [];
      let outOfDate = 0;
      for (const lot of firstExpiredFirst(mine, item)) {
        const there = left.get(lot.id) ?? 0;
        if (there <= 0) continue;
        if (!usableOn(lot, item, show.date)) {
          outOfDate += there;
          continue;
        }
        const taken = Math.min(there, open);
        if (taken <= 0) continue;
        from.push({ lotId: lot.id, base: taken });
        left.set(lot.id, there - taken);
        open -= taken;
      }
      const short = open <= need * HAIR ? 0 : open;
      shares.push({
        showId: show.showId,
        itemId,
        need,
        got: need - short,
        short,
        from,
        before: takers.map((t) => ({ showId: t.show.showId, title: t.show.title, base: t.base })),
        outOfDate,
        counted: true,
      });
      if (need - short > 0) takers.push({ show, base: need - short });
    }
  }
  return shares;
}
