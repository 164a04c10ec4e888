/** The stock, and what is on its way, shared among coming shows by date: the second is told what the first will take. */
import { type ItemDayKey, itemDayKey } from '../keys';
import type { Item } from '../repertoire/item';
import { type Away, type Stay, leastFor, stayOf, stillAway } from './away';
import { usableOn } from './dates';
import type { Expected } from './orders';
import { type Container, containersOf, takeOn } from './supply';
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
  /** Of what it gets, what is still to come. */
  coming: { orderId: string; from: string; base: number }[];
  /** What earlier shows take of it. */
  before: { showId: string; title: string; base: number }[];
  /** In the store, and out of date by the day. */
  outOfDate: number;
  /**
   * What the store has of it on the day, whoever else wants it; null where it does not count it. What is
   * only on its way is not there.
   */
  there: number | null;
  /** The store counts it at all; of other equipment there is as much as is asked for. */
  counted: boolean;
}

export const inOrder = (shows: readonly ShowNeeds[]): ShowNeeds[] =>
  [...shows].sort((a, b) =>
    a.date !== b.date
      ? a.date < b.date
        ? -1
        : 1
      : a.from - b.from || (a.showId < b.showId ? -1 : 1),
  );

/** By the item that each of them is of. */
export function byItem<T extends { itemId: string }>(all: readonly T[]): Map<string, T[]> {
  const map = new Map<string, T[]>();
  for (const one of all) {
    const list = map.get(one.itemId);
    if (list) list.push(one);
    else map.set(one.itemId, [one]);
  }
  return map;
}

/** How many there are of equipment or gear on a day; Infinity for as many as are asked for. */
export function ownedOn(item: Item, lots: readonly StockedLot[] | undefined, day: string): number {
  if (!lots || lots.length === 0) return item.owned ?? Infinity;
  return lots.reduce((sum, lot) => sum + (usableOn(lot, item, day) ? lot.stock : 0), 0);
}

/** Of what is ordered, hired or borrowed, what is there on a day. */
export const comingBy = (expected: readonly Expected[], day: string): Share['coming'] =>
  expected.flatMap(({ orderId, from, until, packs }) =>
    from <= day && (until === null || day <= until)
      ? [{ orderId, from, base: packs.reduce((sum, base) => sum + base, 0) }]
      : [],
  );

/**
 * What can be packed on a day: what the store has, whoever else wants it, and of what comes back also what is
 * hired or lent. Null where the store does not count it. What is used up and only ordered is not there.
 */
export function thereOn(
  item: Item,
  lots: readonly StockedLot[],
  expected: readonly Expected[],
  day: string,
): number | null {
  if (item.kind === 'consumable')
    return lots.length === 0
      ? null
      : lots.reduce((sum, lot) => sum + (usableOn(lot, item, day) ? lot.stock : 0), 0);
  const owned = ownedOn(item, lots, day);
  return Number.isFinite(owned)
    ? owned + comingBy(expected, day).reduce((sum, { base }) => sum + base, 0)
    : null;
}

interface Asking {
  show: ShowNeeds;
  stay: Stay;
}

type Taker = Away & Asking;

/** What stands of one item while the shows take theirs, one after the other. */
interface Pool {
  lots: readonly StockedLot[];
  expected: readonly Expected[];
  containers: Container[];
  takers: Taker[];
}

/** A share for every need of every show. Items without a card are left out. */
export function allocate(
  shows: readonly ShowNeeds[],
  items: ReadonlyMap<string, Item>,
  lots: readonly StockedLot[],
  expected: readonly Expected[] = [],
): Share[] {
  const stocked = byItem(lots);
  const awaited = byItem(expected);
  const pools = new Map<string, Pool>();
  const poolOf = (itemId: string): Pool => {
    const known = pools.get(itemId);
    if (known) return known;
    const mine = stocked.get(itemId) ?? [];
    const toCome = awaited.get(itemId) ?? [];
    const made = {
      lots: mine,
      expected: toCome,
      containers: containersOf(mine, toCome),
      takers: [],
    };
    pools.set(itemId, made);
    return made;
  };
  const sharedOnDay = new Map<ItemDayKey, number>();
  return inOrder(shows).flatMap((show) => {
    const stay = stayOf(show);
    return show.needs.flatMap(({ itemId, base, perDay }): Share[] => {
      const item = items.get(itemId);
      if (!item) return [];
      const pool = poolOf(itemId);
      if (item.kind !== 'consumable') return [borrowed({ show, stay }, item, base, pool)];
      const dayKey = itemDayKey(itemId, show.date);
      const already = Math.min(perDay, sharedOnDay.get(dayKey) ?? 0);
      sharedOnDay.set(dayKey, Math.max(perDay, sharedOnDay.get(dayKey) ?? 0));
      return [usedUp({ show, stay }, item, base - already, pool)];
    });
  });
}

const told = (takers: readonly Taker[]): Share['before'] =>
  takers.map(({ show, base }) => ({ showId: show.showId, title: show.title, base }));

/** It comes back: only shows that have it at the same time keep it from each other. */
function borrowed({ show, stay }: Asking, item: Item, base: number, pool: Pool): Share {
  const away = stillAway(pool.takers, { stay, base });
  const coming = comingBy(pool.expected, show.date);
  const owned = ownedOn(item, pool.lots, show.date);
  const there = owned + coming.reduce((sum, one) => sum + one.base, 0);
  const free = there - leastFor(away);
  const got = Math.max(0, Math.min(base, free));
  pool.takers.push({ show, stay, base: got });
  return {
    showId: show.showId,
    itemId: item.id,
    need: base,
    got,
    short: base - got,
    from: [],
    coming: got > owned ? coming : [],
    before: told(away),
    outOfDate: 0,
    there: thereOn(item, pool.lots, pool.expected, show.date),
    counted: Number.isFinite(free),
  };
}

function usedUp({ show, stay }: Asking, item: Item, need: number, pool: Pool): Share {
  const before = told(pool.takers);
  const { from, short, outOfDate } = takeOn(pool.containers, item, show.date, need);
  const got = need - short;
  if (got > 0) pool.takers.push({ show, stay, base: got });
  return {
    showId: show.showId,
    itemId: item.id,
    need,
    got,
    short,
    from: from.flatMap(({ of, base }) => (of.orderId === null ? [{ lotId: of.id, base }] : [])),
    coming: from.flatMap(({ of, base }) =>
      of.orderId === null ? [] : [{ orderId: of.orderId, from: of.from ?? show.date, base }],
    ),
    before,
    outOfDate,
    there: thereOn(item, pool.lots, pool.expected, show.date),
    counted: true,
  };
}
