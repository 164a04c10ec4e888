/** The shopping list: the cheapest packs for everything that coming shows lack, when to order, what it costs. */
import type { Item, Pack } from '../repertoire/types';
import { dayAfter, daysBetween } from '../time/days';
import { formatAmount } from '../units/format';
import { type Dimension, dimensionOf, toBase } from '../units/units';
import type { HouseholdSizes } from '../units/household';
import { type Share, allocate, inOrder } from './allocate';
import { convert } from './convert';
import { type PackDemand, type PackChoice, type PackOffer, cheapestPacks } from './packs';
import type { ShowNeeds, StockedLot } from './types';

export interface BoughtPack {
  pack: Pack;
  count: number;
  /** In minor units. */
  cost: number;
  /** The last day to order it. */
  orderBy: string;
  /** That day has passed: it can't be there in time unless it comes sooner than usual. */
  late: boolean;
}

export interface ShoppingLine {
  itemId: string;
  name: string;
  kind: Item['kind'];
  dimension: Dimension;
  /** Base units missing over all shows. */
  missing: number;
  shows: { showId: string; title: string; date: string; short: number }[];
  packs: BoughtPack[];
  cost: number;
  /** Base units bought beyond what is missing. */
  over: number;
  /** False when the cheapest set was found by a search that was cut short. */
  proven: boolean;
  /** Why nothing, or something late, is suggested; null when all is well. */
  problem: string | null;
}

export interface ShoppingList {
  lines: ShoppingLine[];
  cost: number;
  /** What each show makes necessary to buy, in minor units; per head null without an audience. */
  perShow: {
    showId: string;
    title: string;
    date: string;
    cost: number;
    perHead: number | null;
  }[];
  /** Names of items whose kit lines can't be turned into the unit of their stock. */
  unlike: string[];
}

/** Whole minor units shared by weight; the parts add up to the whole (largest remainder). */
export function shareOut(whole: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  if (sum <= 0) return weights.map(() => 0);
  const exact = weights.map((w) => (whole * w) / sum);
  const parts = exact.map(Math.floor);
  let rest = whole - parts.reduce((a, b) => a + b, 0);
  const order = exact
    .map((e, i) => ({ i, left: e - Math.floor(e) }))
    .sort((a, b) => b.left - a.left || a.i - b.i);
  for (const { i } of order) {
    if (rest <= 0) break;
    parts[i] = (parts[i] ?? 0) + 1;
    rest--;
  }
  return parts;
}

/** One collator for all: making one for each comparison is most of the work. */
const BY_NAME = new Intl.Collator('en').compare;

/** Packs in the unit that the stock is counted in; those of another kind are no use. */
export function offersOf(item: Item, sizes: HouseholdSizes): PackOffer[] {
  return item.packs.flatMap((pack): PackOffer[] => {
    const size = convert(
      toBase(pack.amount, pack.unit, sizes),
      dimensionOf(pack.unit),
      dimensionOf(item.unit),
      item,
    );
    return size === null || size <= 0
      ? []
      : [{ id: pack.id, size, price: pack.price, leadDays: pack.leadDays }];
  });
}

/** The first day on which what else is bought would not do without this pack. */
function neededBy(
  id: string,
  choice: PackChoice,
  offers: readonly PackOffer[],
  demands: readonly PackDemand[],
): number {
  const days = [...new Set(demands.map((d) => d.inDays))].sort((a, b) => a - b);
  const size = (of: string): number => offers.find((o) => o.id === of)?.size ?? 0;
  const lead = (of: string): number => offers.find((o) => o.id === of)?.leadDays ?? 0;
  const day = days.find((d) => {
    const missing = demands.reduce((sum, x) => sum + (x.inDays <= d ? x.amount : 0), 0);
    const others = choice.counts.reduce(
      (sum, c) => sum + (c.id !== id && lead(c.id) <= d ? size(c.id) * c.count : 0),
      0,
    );
    return others < missing * (1 - 1e-9);
  });
  return day ?? days.at(-1) ?? 0;
}

function lineOf(
  item: Item,
  shares: readonly Share[],
  shows: ReadonlyMap<string, ShowNeeds>,
  today: string,
  sizes: HouseholdSizes,
): ShoppingLine {
  const missingFor = shares.flatMap(({ showId, short }) => {
    const show = shows.get(showId);
    return show && short > 0 ? [{ showId, title: show.title, date: show.date, short }] : [];
  });
  const comesBack = item.kind !== 'consumable';
  // Equipment bought for the first show is there for the others: each asks only for more than that.
  let bought = 0;
  const demands: PackDemand[] = missingFor.flatMap(({ date, short }): PackDemand[] => {
    const amount = comesBack ? Math.max(0, short - bought) : short;
    bought = Math.max(bought, short);
    return amount > 0 ? [{ amount, inDays: daysBetween(today, date) }] : [];
  });
  const missing = demands.reduce((sum, d) => sum + d.amount, 0);
  const offers = offersOf(item, sizes);
  const base = {
    itemId: item.id,
    name: item.name,
    kind: item.kind,
    dimension: dimensionOf(item.unit),
    missing,
    shows: missingFor,
  };
  if (offers.length === 0)
    return {
      ...base,
      packs: [],
      cost: 0,
      over: 0,
      proven: true,
      problem: 'No pack is known: put one with its price in the store.',
    };
  const inTime = cheapestPacks(demands, offers);
  // Too late by the usual lead time: still the cheapest, to be asked for.
  const choice =
    inTime ??
    cheapestPacks(
      demands,
      offers.map((o) => ({ ...o, leadDays: -1e6 })),
    );
  const packs = (choice?.counts ?? []).flatMap(({ id, count }): BoughtPack[] => {
    const pack = item.packs.find((p) => p.id === id);
    if (!pack || !choice) return [];
    const inDays = neededBy(id, choice, offers, demands);
    const orderBy = dayAfter(today, inDays - pack.leadDays);
    return [{ pack, count, cost: pack.price * count, orderBy, late: orderBy < today }];
  });
  return {
    ...base,
    packs,
    cost: choice?.cost ?? 0,
    over: choice?.over ?? 0,
    proven: choice?.proven ?? true,
    problem: inTime
      ? null
      : 'Can’t be there in time by its usual lead time: ask, or choose another.',
  };
}

/**
 * For the chosen shows, or all; those already past need nothing. Shows that are not chosen still take
 * theirs from the stock by date: nothing of theirs is promised twice.
 */
export function shoppingList(
  all: readonly ShowNeeds[],
  items: ReadonlyMap<string, Item>,
  lots: readonly StockedLot[],
  today: string,
  sizes: HouseholdSizes,
  chosen: ReadonlySet<string> | null = null,
): ShoppingList {
  const ahead = all.filter((show) => show.date >= today);
  const coming = inOrder(ahead.filter((show) => chosen?.has(show.showId) ?? true));
  const shows = new Map(coming.map((show) => [show.showId, show]));
  const shares = new Map<string, Share[]>();
  for (const share of allocate(ahead, items, lots)) {
    if (share.short <= 0 || !shows.has(share.showId)) continue;
    const list = shares.get(share.itemId);
    if (list) list.push(share);
    else shares.set(share.itemId, [share]);
  }
  const costs = new Map<string, number>(coming.map((show) => [show.showId, 0]));
  const lines: ShoppingLine[] = [];
  for (const [itemId, list] of shares) {
    const item = items.get(itemId);
    if (!item) continue;
    // What is cold does not keep from one show to the next: each fetches its own.
    for (const together of item.cold ? list.map((share) => [share]) : [list]) {
      const line = lineOf(item, together, shows, today, sizes);
      lines.push(line);
      const parts = shareOut(
        line.cost,
        line.shows.map((s) => s.short),
      );
      line.shows.forEach((s, i) =>
        costs.set(s.showId, (costs.get(s.showId) ?? 0) + (parts[i] ?? 0)),
      );
    }
  }
  const soonest = new Map(
    lines.map((line) => [line, line.packs.map((p) => p.orderBy).sort()[0] ?? '']),
  );
  const inWords = (line: ShoppingLine): string => `${soonest.get(line) ?? ''} ${line.name}`;
  lines.sort((a, b) => BY_NAME(inWords(a), inWords(b)));
  return {
    lines,
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
  { lines }: ShoppingList,
  today: string,
  withinDays: number,
): { line: ShoppingLine; bought: BoughtPack }[] =>
  lines
    .flatMap((line) => line.packs.map((bought) => ({ line, bought })))
    .filter(({ bought }) => daysBetween(today, bought.orderBy) <= withinDays)
    .sort((a, b) => (a.bought.orderBy < b.bought.orderBy ? -1 : 1));
