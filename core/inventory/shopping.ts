/** The shopping list: the cheapest packs for everything that coming shows lack, when to order, what it costs. */
import type { Swap } from '../repertoire/substitute';
import type { Item } from '../repertoire/item';
import { dayAfter, daysBetween } from '../time/days';
import { formatAmount } from '../units/format';
import type { HouseholdSizes } from '../units/household';
import { allocate, byItem, inOrder } from './allocate';
import { stayOf } from './away';
import { sold } from './offers';
import { type Expected, type Order, expectedOf, isOpen } from './orders';
import type { Season } from './season';
import { type BoughtPack, type ShoppingLine, lineOf } from './shoppingLine';
import type { ShowNeeds, StockedLot } from './types';

/** A show takes `by` in place of `itemId`. */
export interface Instead extends Swap {
  showId: string;
  title: string;
  date: string;
  name: string;
  byName: string;
}

export interface ShoppingList {
  lines: ShoppingLine[];
  /** What was ordered and has not come, and what was hired or borrowed and has not gone back. */
  orders: Order[];
  cost: number;
  /** What each show makes necessary to buy, in minor units; per head null without an audience. */
  perShow: {
    showId: string;
    title: string;
    date: string;
    cost: number;
    perHead: number | null;
  }[];
  /** What shows take instead of what they would have lacked, or lack. */
  instead: Instead[];
  /** Names of items whose kit lines can't be turned into the unit of their stock. */
  unlike: string[];
}

/** One collator for all: making one for each comparison is most of the work. */
const BY_NAME = new Intl.Collator('en').compare;

/** Packs as they would come, for the shares to be worked out once more with them. */
const arriving = (line: ShoppingLine, item: Item, sizes: HouseholdSizes): Expected[] =>
  line.packs.flatMap(({ pack, count, neededBy, backBy }, i): Expected[] => {
    const size = sold(item, sizes).find(({ offer }) => offer.id === pack.id)?.offer.size;
    return size === undefined
      ? []
      : [
          {
            orderId: `${line.itemId}/${i}`,
            itemId: line.itemId,
            from: neededBy,
            until: backBy,
            expiry: item.cold
              ? neededBy
              : pack.keeps === null
                ? null
                : dayAfter(neededBy, pack.keeps),
            packs: Array.from({ length: count }, () => size),
          },
        ];
  });

/**
 * With all that is suggested come on its last day, what does a show still lack that was not said to be
 * too late? Ids of items; of none, unless something here is wrong.
 */
function stillMissing(
  lines: readonly ShoppingLine[],
  { shows, items, lots, expected, chosen, sizes }: Season,
): Set<string> {
  const said = new Set(
    lines.flatMap(({ itemId, tooLate }) => tooLate.map(({ showId }) => `${showId} ${itemId}`)),
  );
  const itemIds = new Set(lines.map(({ itemId }) => itemId));
  const all = [...expected.values()].flat();
  const toCome = lines.flatMap((line) => {
    const item = items.get(line.itemId);
    return item ? arriving(line, item, sizes) : [];
  });
  const asked = [...shows.values()].map(({ show }) => ({
    ...show,
    needs: show.needs.filter(({ itemId }) => itemIds.has(itemId)),
  }));
  return new Set(
    allocate(asked, items, [...lots.values()].flat(), [...all, ...toCome])
      .filter(
        ({ showId, itemId, short }) =>
          short > 0 && chosen(showId) && !said.has(`${showId} ${itemId}`),
      )
      .map(({ itemId }) => itemId),
  );
}

export interface ShoppingStock {
  items: ReadonlyMap<string, Item>;
  lots: readonly StockedLot[];
  orders: readonly Order[];
  sizes: HouseholdSizes;
}

/**
 * For the chosen shows, or all; those already past need nothing. Shows that are not chosen still take
 * theirs from the stock by date: nothing of theirs is promised twice.
 */
export function shoppingList(
  all: readonly ShowNeeds[],
  { items, lots, orders, sizes }: ShoppingStock,
  today: string,
  chosen: ReadonlySet<string> | null = null,
): ShoppingList {
  const shows = inOrder(all.filter((show) => show.date >= today));
  const coming = shows.filter((show) => chosen?.has(show.showId) ?? true);
  const toCome = expectedOf(orders, items, today, sizes);
  const season: Season = {
    items,
    shows: new Map(
      shows.map((show) => [
        show.showId,
        { show, stay: stayOf(show), inDays: daysBetween(today, show.date) },
      ]),
    ),
    chosen: (showId) => chosen?.has(showId) ?? true,
    lots: byItem(lots),
    expected: byItem(toCome),
    today,
    sizes,
  };
  const shares = byItem(allocate(shows, items, lots, toCome));
  const costs = new Map<string, number>(coming.map((show) => [show.showId, 0]));
  const lines: ShoppingLine[] = [];
  for (const [itemId, list] of shares) {
    const item = items.get(itemId);
    if (!item) continue;
    // What is cold does not keep from one show to the next: each fetches its own.
    for (const together of item.cold ? list.map((share) => [share]) : [list]) {
      const found = lineOf(item, together, season);
      if (!found) continue;
      lines.push(found.line);
      found.line.shows.forEach(({ showId }, i) =>
        costs.set(showId, (costs.get(showId) ?? 0) + (found.costs[i] ?? 0)),
      );
    }
  }
  const wrong = stillMissing(lines, season);
  for (const line of lines)
    if (wrong.has(line.itemId))
      line.problem = 'Some of it would still be missing: count what there is, and look again.';
  // Too late first, then by the day to order.
  const soonest = new Map(
    lines.map((line) => [
      line,
      `${line.tooLate.length > 0 ? 0 : 1} ${line.packs[0]?.orderBy ?? ''} ${line.name}`,
    ]),
  );
  lines.sort((a, b) => BY_NAME(soonest.get(a) ?? '', soonest.get(b) ?? ''));
  return {
    lines,
    orders: orders.filter(isOpen),
    cost: lines.reduce((sum, line) => sum + line.cost, 0),
    perShow: coming.map((show) => {
      const cost = costs.get(show.showId) ?? 0;
      return {
        showId: show.showId,
        title: show.title,
        date: show.date,
        cost,
        perHead: show.audience > 0 ? Math.round(cost / show.audience) : null,
      };
    }),
    instead: coming.flatMap(({ showId, title, date, swaps }) =>
      swaps.flatMap((swap): Instead[] => {
        const of = items.get(swap.itemId);
        const by = items.get(swap.by);
        return of && by ? [{ ...swap, showId, title, date, name: of.name, byName: by.name }] : [];
      }),
    ),
    unlike: [
      ...new Set(coming.flatMap((s) => s.unlike).flatMap((id) => items.get(id)?.name ?? [])),
    ],
  };
}

/** “2 × 200 mL”, or “4” of what is sold by the piece. */
export const boughtWords = ({ pack, count }: Pick<BoughtPack, 'pack' | 'count'>): string =>
  pack.unit === 'piece' && pack.amount === 1
    ? String(count)
    : `${count} × ${formatAmount(pack.amount, pack.unit)}`;

/** What is to be ordered within so many days of today, the most pressing first. */
export const dueOrders = (
  { lines }: Pick<ShoppingList, 'lines'>,
  today: string,
  withinDays: number,
): { line: ShoppingLine; bought: BoughtPack }[] =>
  lines
    .flatMap((line) => line.packs.map((bought) => ({ line, bought })))
    .filter(({ bought }) => daysBetween(today, bought.orderBy) <= withinDays)
    .sort((a, b) => (a.bought.orderBy < b.bought.orderBy ? -1 : 1));
