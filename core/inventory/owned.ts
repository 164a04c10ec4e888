import type { Item } from '../repertoire/item';
import { byItem, ownedOn } from './allocate';
import type { StockedLot } from './types';

/** Items with how many there are of equipment and gear on a day, by the store where it keeps them. */
export function withOwned(
  items: readonly Item[],
  lots: readonly StockedLot[],
  day: string,
): Item[] {
  const stocked = byItem(lots);
  return items.map((item) => {
    const mine = stocked.get(item.id);
    if (item.kind === 'consumable' || !mine) return item;
    const owned = ownedOn(item, mine, day);
    return Number.isFinite(owned) ? { ...item, owned } : item;
  });
}
