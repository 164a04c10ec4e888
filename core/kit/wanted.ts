/** What each slot of a show wants, line by line, before it is known when. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Item, KitLine } from '../repertoire/types';
import { formatAmount, formatBoth, type System } from '../units/format';
import { dimensionOf, toBase } from '../units/units';
import { timesWanted } from './basis';
import { type KnownRecord, type Sets, setsOf } from './sets';

export interface KitOptions {
  /** What is known of how often methods work; without it, what their cards say. */
  records?: readonly KnownRecord[];
  system?: System;
}

/** Of a slot, one line of its method's kit. */
export interface Wanted extends ResolvedSlot {
  line: KitLine;
  item: Item;
  sets: Sets;
  /** In base units, with what is lost in handling; on the day, and for the rehearsals before it. */
  base: number;
  rehearsing: number;
  /** “60 mL per go × 2 goes = 120 mL”. */
  sum: string;
  text: string;
}

/** Every line that is wanted at all. Lines whose item is gone are left out. */
export function wantedOf(
  bundle: ShowBundle,
  { records = [], system = 'metric' }: KitOptions = {},
): Wanted[] {
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  const sizes = bundle.household;
  const broughtOnce = new Set<string>();
  return resolveSlots(bundle).flatMap((resolved) => {
    const { slot, demo, method } = resolved;
    const sets = setsOf(slot, method, records, bundle.show.wantedChance);
    return method.kit.flatMap((line): Wanted[] => {
      const item = items.get(line.itemId);
      if (!item) return [];
      // A second slot of the same method shares what is used up once for the show or the day; whether
      // it can share equipment depends on when both have it, which the most in use at once decides.
      const once = `${demo.id}/${method.id}/${line.id}`;
      const usedUp =
        item.kind === 'consumable' && (line.basis === 'perShow' || line.basis === 'perDay');
      if (usedUp && broughtOnce.has(once)) return [];
      broughtOnce.add(once);
      const { factor, rehearsing, words } = timesWanted(line, method, bundle.show, sets, item.kind);
      const lost = item.kind === 'consumable' ? 1 / (1 - item.waste / 100) : 1;
      const one = toBase(line.amount, line.unit, sizes) * lost;
      // Cold liquid does not keep: that of a rehearsal is fetched for the rehearsal.
      const before = item.cold ? 0 : one * rehearsing;
      const base = one * factor;
      if (base + before === 0) return [];
      const dimension = dimensionOf(line.unit);
      const text = formatBoth(base + before, line.unit, dimension, { system, sizes });
      const written = formatAmount(line.amount, line.unit);
      const handling = lost > 1 ? ` + ${item.waste} % lost in handling` : '';
      const single = factor === 1 && before === 0 && !handling && /^for the/.test(words);
      const sum = single ? `${written} ${words}` : `${written} ${words}${handling} = ${text}`;
      return [{ ...resolved, line, item, sets, base, rehearsing: before, sum, text }];
    });
  });
}
