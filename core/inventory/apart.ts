/** Things that stand at one place of the store and are to be kept apart. */
import { APART, type Danger } from '../repertoire/apart';
import type { Item } from '../repertoire/item';
import { lowerFirst } from '../words';
import type { StockedLot } from './types';

export interface Kept {
  item: Item;
  lots: readonly StockedLot[];
  dangers: readonly Danger[];
}

/** “ Shelf 2” and “shelf 2” are one place; what has none stands nobody knows where. */
const placeOf = ({ place }: StockedLot): string => place.trim().toLowerCase();

/** What to watch of each item that stands beside something it must be kept from. Ids of items to sentences. */
export function besideWarnings(kept: readonly Kept[]): Map<string, string[]> {
  const at = new Map<string, Kept[]>();
  for (const one of kept) {
    if (one.dangers.length === 0) continue;
    const places = one.lots.filter(({ stock }) => stock > 0).map(placeOf);
    for (const place of new Set(places.filter(Boolean)))
      at.set(place, [...(at.get(place) ?? []), one]);
  }
  const found = new Map<string, string[]>();
  const tell = (of: Kept, beside: Kept, words: string): void => {
    const text = `stands beside ${lowerFirst(beside.item.name)}: ${words} apart`;
    const known = found.get(of.item.id) ?? [];
    if (!known.includes(text)) found.set(of.item.id, [...known, text]);
  };
  for (const together of at.values())
    for (const { one, other, words } of APART)
      for (const a of together.filter(({ dangers }) => dangers.includes(one)))
        for (const b of together.filter(({ dangers }) => dangers.includes(other))) {
          if (a === b) continue;
          tell(a, b, words);
          tell(b, a, words);
        }
  return found;
}
