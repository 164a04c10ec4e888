/** What the store has for one show by itself, with no other show before it. */
import type { ShowBundle } from '../brief/types';
import { allocate, byItem, ownedOn, type Share } from '../inventory/allocate';
import type { StockedLot } from '../inventory/types';
import type { Timeline } from '../lineup/types';
import type { KitOptions } from './demand';
import { needsOf } from './needs';

export function sharesOf(
  bundle: ShowBundle,
  timeline: Timeline,
  lots: readonly StockedLot[],
  options: KitOptions = {},
): Share[] {
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  const stocked = byItem(lots);
  const owned = (id: string): number => {
    const item = items.get(id);
    return item ? ownedOn(item, stocked.get(id), bundle.show.date) : Infinity;
  };
  return allocate([needsOf(bundle, { timeline: () => timeline, owned }, options)], items, lots);
}
