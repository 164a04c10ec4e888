/** The lines of a kit by what is to be minded of each: what is missing, what spoils, what can hurt. And what is heavy. */
import { convert } from '../inventory/convert';
import { firstExpiredFirst, lastDay, usableOn } from '../inventory/dates';
import type { StockedLot } from '../inventory/types';
import type { Item } from '../repertoire/item';
import { BOTH_HANDS, canHurt } from '../repertoire/minded';
import { dayAfter } from '../time/days';
import { formatTotal } from '../units/format';
import { dimensionOf } from '../units/units';
import type { KitEntry } from './kit';
import type { PackedBox } from './packing';
import type { StockContext } from './stockContext';
import type { StockView } from './stockWords';

export type Mind = 'short' | 'first' | 'dangerous' | 'rest';

/** How much comes out of which lot; `last` is the last day that it is good for. */
export interface FromLot {
  text: string;
  last: string | null;
}

export interface Minded {
  entry: KitEntry;
  mind: Mind;
  /** Of what spoils: what to take first; empty for the others. */
  lots: FromLot[];
  /** Of what is bought fresh: days that it keeps; null for the others. */
  keeps: number | null;
}

/** Days after the show within which something spoils that is used first. Our own mark. */
const SOON = 14;
/** Days that are few for what is bought: it is fetched fresh. Our own mark. */
const FRESH = 7;

/** What is taken of each lot, the one that is out of date first before the others. */
function fromLots(
  entry: KitEntry,
  item: Item,
  lots: readonly StockedLot[],
  store: StockContext,
): FromLot[] {
  const dimension = dimensionOf(item.unit);
  let left = convert(entry.total, entry.dimension, dimension, item) ?? 0;
  const usable = lots.filter((lot) => lot.stock > 0 && usableOn(lot, item, store.day));
  return firstExpiredFirst(usable, item).flatMap((lot) => {
    const taken = Math.min(left, lot.stock);
    if (taken <= 1e-9) return [];
    left -= taken;
    const text = formatTotal(taken, dimension, item.unit, store.system ?? 'metric');
    return [{ text, last: lastDay(lot, item) }];
  });
}

/** In the order to look at them; each line once, under the first that holds. */
export function mindedKit(
  entries: readonly KitEntry[],
  levelOf: (entry: KitEntry) => StockView['level'] | undefined,
  store: StockContext,
): Minded[] {
  const items = new Map(store.items.map((item) => [item.id, item]));
  const lotsOf = new Map<string, StockedLot[]>();
  for (const lot of store.lots) lotsOf.set(lot.itemId, [...(lotsOf.get(lot.itemId) ?? []), lot]);
  const soon = dayAfter(store.day, SOON);
  const minded = entries.map((entry): Minded => {
    const item = items.get(entry.itemId);
    const rest = { entry, mind: 'rest' as const, lots: [], keeps: null };
    if (!item) return rest;
    const spoils = item.kind === 'consumable' && !item.atVenue;
    const lots = spoils ? fromLots(entry, item, lotsOf.get(item.id) ?? [], store) : [];
    const days = item.packs.flatMap(({ keeps }) => (keeps === null ? [] : [keeps]));
    const keeps = days.length > 0 && Math.max(...days) <= FRESH ? Math.max(...days) : null;
    const isFirst = (lots[0]?.last ?? '9999') <= soon || (spoils && keeps !== null);
    const mind: Mind =
      levelOf(entry) === 'short'
        ? 'short'
        : isFirst
          ? 'first'
          : canHurt(item)
            ? 'dangerous'
            : 'rest';
    return { entry, mind, lots: isFirst ? lots : [], keeps: isFirst ? keeps : null };
  });
  const lastOf = ({ lots }: Minded): string => lots[0]?.last ?? '';
  return minded.sort((a, b) =>
    a.mind === 'first' && b.mind === 'first' && lastOf(a) !== lastOf(b)
      ? lastOf(a) < lastOf(b)
        ? -1
        : 1
      : 0,
  );
}

export interface Heavy {
  name: string;
  grams: number;
  /** Null for a thing in no box. */
  box: PackedBox['box'];
}

/** What is heavy to carry, the heaviest first: whole boxes, and things in none. */
export function heaviest(packed: readonly PackedBox[]): Heavy[] {
  return packed
    .flatMap(({ box, grams, lines }): Heavy[] =>
      box
        ? [{ name: box.name, grams, box }]
        : lines.map(({ entry, grams: own }) => ({ name: entry.name, grams: own ?? 0, box: null })),
    )
    .filter(({ grams }) => grams >= BOTH_HANDS)
    .sort((a, b) => b.grams - a.grams);
}
