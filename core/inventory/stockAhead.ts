/** The stock of one consumable as a line: what it was, day by day, and what coming shows, orders and dates make of it. */
import type { Item } from '../repertoire/item';
import { dayAfter } from '../time/days';
import type { Share } from './allocate';
import { firstExpiredFirst, lastDay, usableOn } from './dates';
import { isNothing } from './ledger';
import type { Movement, StockedLot } from './types';

/** A show that wants some of it. */
export interface Wanting extends Pick<Share, 'showId' | 'need' | 'got' | 'short' | 'from'> {
  title: string;
  date: string;
}

/** What is on its way. Base units. */
export interface Arriving {
  day: string;
  base: number;
}

export interface StockStep {
  day: string;
  /** past: what happened; spoils: out of date, or out of use; come: an order; show: used in one. */
  kind: 'past' | 'spoils' | 'come' | 'show';
  /** Base units; more is positive. What is missing is not in it. */
  change: number;
  /** What there is from then on. */
  stock: number;
  /** Base units that a show wants, that an order brings, or that go; and of what a show wants, what it lacks. */
  amount: number;
  short: number;
  showId: string | null;
  /** The show, or what was noted; empty where nothing was. */
  title: string;
}

/** What happened, a step for each day and show; what was taken back happened not. `dayOf` is the local day of a moment. */
export function stockBefore(
  movements: readonly Movement[],
  dayOf: (at: number) => string,
  titleOf: (showId: string) => string,
): StockStep[] {
  const undone = new Set(
    movements.flatMap(({ reverses }) => (reverses === null ? [] : [reverses])),
  );
  const steps: StockStep[] = [];
  let stock = 0;
  const held = movements
    .filter(({ id, reverses }) => reverses === null && !undone.has(id))
    .toSorted((a, b) => a.at - b.at);
  for (const { at, change, showId, note } of held) {
    stock += change;
    const day = dayOf(at);
    const last = steps.at(-1);
    if (last?.day === day && last.showId === showId) {
      last.change += change;
      last.amount = Math.abs(last.change);
      last.stock = stock;
      continue;
    }
    const title = showId === null ? note : titleOf(showId);
    steps.push({
      day,
      kind: 'past',
      change,
      stock,
      amount: Math.abs(change),
      short: 0,
      showId,
      title,
    });
  }
  return steps.filter(({ change }) => !isNothing(change));
}

/** From today on: what is not usable any more goes first, then what each day brings. */
export function stockAfter(
  item: Pick<Item, 'keepsOpen'>,
  lots: readonly StockedLot[],
  wanting: readonly Wanting[],
  arriving: readonly Arriving[],
  today: string,
): StockStep[] {
  const left = new Map(lots.map((lot) => [lot.id, lot.stock]));
  let arrived = 0;
  const total = (): number => [...left.values()].reduce((sum, base) => sum + base, arrived);
  const steps: StockStep[] = [];
  const step = (day: string, kind: StockStep['kind'], before: number, more: object = {}): void => {
    const stock = total();
    const change = stock - before;
    const plain = { day, kind, change, stock, amount: Math.abs(change), short: 0 };
    const own = { ...plain, showId: null, title: '', ...more };
    if (!isNothing(change) || own.short > 0) steps.push(own);
  };
  const spoil = (until: string): void => {
    const ending = lots
      .map((lot) => ({ id: lot.id, day: spoilsOn(item, lot, today) }))
      .filter(({ day }) => day !== null && day <= until)
      .toSorted((a, b) => ((a.day ?? '') < (b.day ?? '') ? -1 : 1));
    for (const { id, day } of ending) {
      const before = total();
      left.set(id, 0);
      step(day ?? today, 'spoils', before);
    }
  };
  const events = [
    ...arriving.map((one) => ({ day: one.day < today ? today : one.day, arriving: one })),
    ...wanting.map((one) => ({ day: one.date, wanting: one })),
  ].toSorted((a, b) => (a.day === b.day ? ('arriving' in a ? -1 : 1) : a.day < b.day ? -1 : 1));
  spoil(today);
  for (const event of events) {
    spoil(event.day);
    const before = total();
    if ('arriving' in event) {
      arrived += event.arriving.base;
      step(event.day, 'come', before);
      continue;
    }
    const { from, need, got, short, showId, title } = event.wanting;
    let rest = got;
    for (const { lotId, base } of from) {
      const taken = Math.min(base, left.get(lotId) ?? 0);
      left.set(lotId, (left.get(lotId) ?? 0) - taken);
      rest -= taken;
    }
    arrived = Math.max(0, arrived - Math.max(0, rest));
    step(event.day, 'show', before, { amount: need, short, showId, title });
  }
  const last = lots
    .map((lot) => spoilsOn(item, lot, today) ?? '')
    .reduce((a, b) => (a > b ? a : b), '');
  if (last !== '') spoil(last);
  return steps;
}

/** The first day that a lot does not count on any more, from today on; null while it is good for ever. */
function spoilsOn(item: Pick<Item, 'keepsOpen'>, lot: StockedLot, today: string): string | null {
  if (!usableOn(lot, item, today)) return today;
  const last = lastDay(lot, item);
  return last === null ? null : dayAfter(last, 1);
}

export interface Lasting {
  /** The last show that gets all it wants; null for none. */
  to: StockStep | null;
  /** The first that lacks some; null where all get theirs. */
  lacks: StockStep | null;
  /** How many shows want some. */
  shows: number;
}

/** How far the stock reaches. */
export function lastsTo(steps: readonly StockStep[]): Lasting {
  const shows = steps.filter(({ kind }) => kind === 'show');
  const at = shows.findIndex(({ short }) => short > 0);
  const served = at < 0 ? shows : shows.slice(0, at);
  return { to: served.at(-1) ?? null, lacks: shows[at] ?? null, shows: shows.length };
}

export interface Standing {
  /** All that lies there today, whether it counts or not, and what of it counts. */
  held: number;
  usable: number;
  /** Lots that count, the first to be used first, each with what stands under it: the first stands on top. */
  lots: { lot: StockedLot; under: number; until: string | null }[];
}

/** What stands in the store today, as it is taken: the line falls through the first lot first. */
export function standingOn(
  item: Pick<Item, 'keepsOpen'>,
  lots: readonly StockedLot[],
  today: string,
): Standing {
  const sum = (some: readonly StockedLot[]): number =>
    some.reduce((all, { stock }) => all + stock, 0);
  const counts = lots.filter((lot) => lot.stock > 0 && usableOn(lot, item, today));
  const usable = sum(counts);
  let under = usable;
  return {
    held: sum(lots),
    usable,
    lots: firstExpiredFirst(counts, item).map((lot) => {
      under = Math.max(0, under - lot.stock);
      return { lot, under, until: lastDay(lot, item) };
    }),
  };
}
