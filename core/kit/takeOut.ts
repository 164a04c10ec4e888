/** What a show used, to be confirmed and taken out of the store. */
import { isSpare } from '../brief/stations';
import type { ShowBundle } from '../brief/types';
import { type KitOptions, kitDemands } from './demand';
import { isPerGo, shareUsed } from '../repertoire/basis';
import type { Item } from '../repertoire/item';
import { dimensionOf } from '../units/units';
import { convert } from '../inventory/convert';
import { firstExpiredFirst, usableOn } from '../inventory/dates';
import type { StockedLot } from '../inventory/types';

export interface Used {
  itemId: string;
  name: string;
  /** Base units of the item's kind: what was planned, spares included, and what went by the goes. */
  planned: number;
  used: number;
}

/** Consumables of the day, by what was performed. `goes` gives the goes of each slot; null when not run. */
export function usedIn(
  bundle: ShowBundle,
  goes: ReadonlyMap<string, number> | null,
  options: KitOptions = {},
): Used[] {
  const used = new Map<string, Used>();
  for (const { slot, line, item, sets, base, forClass } of kitDemands(bundle, options)) {
    if (item.kind !== 'consumable' || item.atVenue) continue;
    const one = convert(base, dimensionOf(line.unit), dimensionOf(item.unit), item);
    if (one === null) continue;
    const entry = used.get(item.id) ?? { itemId: item.id, name: item.name, planned: 0, used: 0 };
    used.set(item.id, entry);
    entry.planned += one;
    if (forClass) {
      // Not counted: as many as were provided for.
      const groups = forClass.option.chose ?? sets.planned;
      entry.used += (one * groups) / (sets.planned + sets.spare);
      continue;
    }
    const done = goes ? (goes.get(slot.id) ?? 0) : slot.goes;
    const share =
      done === 0 || isSpare(slot, line)
        ? 0
        : isPerGo(line)
          ? done / (sets.planned + sets.spare)
          : 1;
    entry.used += one * share * shareUsed(line);
  }
  return [...used.values()].sort((a, b) => a.name.localeCompare(b.name, 'en'));
}

/** From which lots an amount is taken on a day, first expired first; what is over can't be. */
export function takeFrom(
  item: Item,
  lots: readonly StockedLot[],
  amount: number,
  day: string,
): { from: { lotId: string; base: number }[]; over: number } {
  let open = amount;
  const from: { lotId: string; base: number }[] = [];
  // What was used was used, even if it was out of date: those that count come first.
  const ordered = firstExpiredFirst(lots, item);
  for (const counts of [true, false])
    for (const lot of ordered) {
      if (usableOn(lot, item, day) !== counts) continue;
      const base = Math.min(lot.stock, open);
      if (base <= 0) continue;
      from.push({ lotId: lot.id, base });
      open -= base;
    }
  return { from, over: open > amount * 1e-9 ? open : 0 };
}
