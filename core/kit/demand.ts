/** What each slot of a show wants, line by line, before it is known when. */
import { type LineKey, lineKey } from '../keys';
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import { amountBrought } from '../repertoire/basis';
import type { Item } from '../repertoire/item';
import type { KitLine } from '../repertoire/types';
import { formatAmount, formatBoth, type System } from '../units/format';
import { type Dimension, dimensionOf, toBase } from '../units/units';
import { type Times, timesInWords, timesWanted } from './basis';
import { type ClassDemand, classDemands, linesOfSet, timesForClass } from './classKit';
import { type KnownRecord, type Sets, setsForShow } from './sets';

export interface KitOptions {
  /** What is known of how often methods work; without it, what their cards say. */
  records?: readonly KnownRecord[];
  system?: System;
}

/** Of a slot, one line of its method's kit. */
export interface KitDemand extends ResolvedSlot {
  line: KitLine;
  item: Item;
  sets: Sets;
  /** In base units, with what is lost in handling; on the day, and for the rehearsals before it. */
  base: number;
  rehearsing: number;
  times: Times;
  /** Of what is handled, the share that is left: below 1 where some is lost. */
  kept: number;
  /** What a class may choose; null in the running order. */
  forClass: ClassDemand | null;
}

/** Of a slot that takes nothing, such as a talk. */
const NO_SETS: Sets = { planned: 0, spare: 0, chance: 1, words: '' };

/** Every line that is wanted at all. Lines whose item is gone are left out. */
export function kitDemands(bundle: ShowBundle, { records = [] }: KitOptions = {}): KitDemand[] {
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  const sizes = bundle.household;
  const broughtOnce = new Set<LineKey>();
  const setsOfSlots = setsForShow(bundle, records);
  const inShow = resolveSlots(bundle).flatMap((resolved) => {
    const { slot, demo, method } = resolved;
    const sets = setsOfSlots.get(slot.id) ?? NO_SETS;
    return method.kit.flatMap((line): KitDemand[] => {
      const item = items.get(line.itemId);
      if (!item) return [];
      // A second slot of the same method shares what is used up once for the show or the day; whether
      // it can share equipment depends on when both have it, which the most in use at once decides.
      if (item.kind === 'consumable' && (line.basis === 'perShow' || line.basis === 'perDay')) {
        const once = lineKey(demo.id, method.id, line.id);
        if (broughtOnce.has(once)) return [];
        broughtOnce.add(once);
      }
      const times = timesWanted(line, method, bundle.show, sets, item.kind);
      const kept = item.kind === 'consumable' ? 1 - item.waste / 100 : 1;
      const one = toBase(amountBrought(line), line.unit, sizes) / kept;
      // Cold liquid does not keep: that of a rehearsal is fetched for the rehearsal.
      const rehearsing = item.cold ? 0 : one * times.rehearsing;
      const base = one * times.factor;
      if (base + rehearsing === 0) return [];
      return [{ ...resolved, line, item, sets, base, rehearsing, times, kept, forClass: null }];
    });
  });
  const inClass = classDemands(bundle, records).flatMap((wanted) => ofClass(wanted, items, bundle));
  return [...inShow, ...inClass];
}

/** Cold liquid is nothing that pupils handle: no line of it is brought for them. */
function ofClass(
  wanted: ClassDemand,
  items: ReadonlyMap<string, Item>,
  { household, show }: Pick<ShowBundle, 'household' | 'show'>,
): KitDemand[] {
  const { resolved, sets } = wanted;
  return linesOfSet(resolved.demo, resolved.method, items).flatMap((line): KitDemand[] => {
    const item = items.get(line.itemId);
    if (!item || item.cold) return [];
    const perGroup = show.classSet?.perGroup ?? 1;
    const factor = timesForClass(line, item.kind, resolved.method, sets, perGroup);
    if (factor === 0) return [];
    const kept = item.kind === 'consumable' ? 1 - item.waste / 100 : 1;
    return [
      {
        ...resolved,
        line,
        item,
        sets: { planned: sets.chosenBy, spare: sets.spare, chance: 1, words: sets.words },
        base: (toBase(amountBrought(line), line.unit, household) / kept) * factor,
        rehearsing: 0,
        times: { factor, rehearsing: 0 },
        kept,
        forClass: wanted,
      },
    ];
  });
}

/** What can be counted comes whole. */
export const wholePieces = (base: number, dimension: Dimension): number =>
  dimension === 'count' ? Math.ceil(base - 1e-9) : base;

/** The amount of a line, and how it came about: “60 mL per go × 2 goes = 120 mL”. */
export function demandInWords(
  { line, item, sets, base, rehearsing, times, kept, forClass }: KitDemand,
  { household: sizes, show }: Pick<ShowBundle, 'household' | 'show'>,
  system: System = 'metric',
): { text: string; sum: string } {
  const dimension = dimensionOf(line.unit);
  const total = wholePieces(base + rehearsing, dimension);
  const text = formatBoth(total, line.unit, dimension, { system, sizes });
  const said = { factor: times.factor, rehearsing };
  const words = forClass
    ? `× ${times.factor} for a class`
    : timesInWords(line, said, show.rehearsals, sets);
  const written =
    line.most === null
      ? formatAmount(line.amount, line.unit)
      : `${formatAmount(line.amount, line.unit)} to ${formatAmount(line.most, line.unit)}`;
  const handling = kept < 1 ? ` + ${item.waste} % lost in handling` : '';
  const single = rehearsing === 0 && !handling && /^for the/.test(words);
  return {
    text,
    sum: single ? `${written} ${words}` : `${written} ${words}${handling} = ${text}`,
  };
}
