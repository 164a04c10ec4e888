import type { Strength } from '../repertoire/substances';
import type { Item } from '../repertoire/types';
import { dimensionOf } from '../units/units';
import type { System } from '../units/format';
import { type Dilution, dilute } from './dilution';
import type { KitEntry } from './kit';

export interface Mix {
  demoName: string;
  from: Item;
  wanted: Strength;
  /** mL. */
  volume: number;
  dilution: Dilution;
}

/**
 * How to get the strength that methods ask for, from every bottle of the same substance: the item itself
 * first. Nothing where it is that strong as it comes.
 */
export function mixesFor(entry: KitEntry, items: readonly Item[], system?: System): Mix[] {
  const item = items.find((candidate) => candidate.id === entry.itemId);
  if (!item || entry.dimension !== 'volume') return [];
  return entry.parts.flatMap((part): Mix[] => {
    const wanted = part.strength;
    if (!wanted) return [];
    const mix = (from: Item): Mix => ({
      demoName: part.demoName,
      from,
      wanted,
      volume: part.base,
      dilution: dilute(from, wanted, part.base, system),
    });
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
      .filter(({ dilution }) => dilution.is === 'mix' || dilution.is === 'ready');
    return own.dilution.is === 'ready' ? others : [own, ...others];
  });
}
