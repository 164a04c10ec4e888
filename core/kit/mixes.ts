import type { Strength } from '../repertoire/substances';
import type { Item } from '../repertoire/item';
import { dimensionOf } from '../units/units';
import { usableOn } from '../inventory/dates';
import { formatTotal } from '../units/format';
import { type Dilution, dilute } from './dilution';
import type { KitEntry } from './kit';
import type { StockContext } from './stockContext';

export interface Mix {
  demoName: string;
  from: Item;
  wanted: Strength;
  /** mL. */
  volume: number;
  dilution: Dilution;
  /** “The store has 500 mL of it.”, or that it has too little; empty where nothing is mixed. */
  there: string;
}

/**
 * How to get the strength that methods ask for, from every bottle of the same substance: the item itself
 * first, then those of which there is enough. Nothing where it is that strong as it comes.
 */
export function mixesFor(entry: KitEntry, { items, lots, day, system }: StockContext): Mix[] {
  const item = items.find((candidate) => candidate.id === entry.itemId);
  if (!item || entry.dimension !== 'volume') return [];
  return entry.parts.flatMap((part): Mix[] => {
    const wanted = part.strength;
    if (!wanted) return [];
    const stockOf = (from: Item): number =>
      lots
        .filter((lot) => lot.itemId === from.id && usableOn(lot, from, day))
        .reduce((sum, lot) => sum + lot.stock, 0);
    const mix = (from: Item): Mix => {
      const dilution = dilute(from, wanted, part.base, system);
      const stock = stockOf(from);
      const text = formatTotal(stock, 'volume', 'mL', system);
      const wants = dilution.is === 'mix' ? dilution.stock : 0;
      return {
        demoName: part.demoName,
        from,
        wanted,
        volume: part.base,
        dilution,
        there:
          wants === 0
            ? ''
            : stock < wants
              ? `Only ${text} of it counts.`
              : `The store has ${text} of it.`,
      };
    };
    const enough = (one: Mix): boolean =>
      one.dilution.is !== 'mix' || stockOf(one.from) >= one.dilution.stock;
    const own = mix(item);
    const others = items
      .filter(
        (other) =>
          other.id !== item.id &&
          other.substance !== null &&
          other.substance === item.substance &&
          dimensionOf(other.unit) === 'volume',
      )
      .map(mix)
      .filter(({ dilution }) => dilution.is === 'mix' || dilution.is === 'ready')
      .sort((a, b) => Number(enough(b)) - Number(enough(a)));
    return own.dilution.is === 'ready' ? others : [own, ...others];
  });
}
