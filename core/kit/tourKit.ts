/** The kit over a tour: what is used up adds up, what is only used goes along once. */
import type { Item, ItemKind } from '../repertoire/item';
import { type Dimension, dimensionOf } from '../units/units';
import { leastFor, stayOf } from '../inventory/away';
import type { ShowNeeds } from '../inventory/types';

export interface TourLine {
  itemId: string;
  name: string;
  kind: ItemKind;
  dimension: Dimension;
  /** That leaves home, in base units. */
  carried: number;
  /** What each of the shows needs of it, in their order; 0 for nothing. */
  perShow: number[];
}

type Need = ShowNeeds['needs'][number];

/** Of what all shows of a day share, there is only as much as the one that takes most. */
function usedUp(
  shows: readonly ShowNeeds[],
  needs: readonly (Need | undefined)[],
  perShow: readonly number[],
): number {
  const shared = new Map<string, number[]>();
  shows.forEach(({ date }, i) => {
    const need = needs[i];
    if (need && need.perDay > 0) shared.set(date, [...(shared.get(date) ?? []), need.perDay]);
  });
  const twice = [...shared.values()].reduce(
    (sum, parts) => sum + parts.reduce((a, b) => a + b, 0) - Math.max(...parts),
    0,
  );
  return perShow.reduce((a, b) => a + b, 0) - twice;
}

/** Sorted by name, what is used up last. Things that are not known any more are left out. */
export function tourKit(
  shows: readonly ShowNeeds[],
  items: ReadonlyMap<string, Pick<Item, 'id' | 'name' | 'kind' | 'unit'>>,
): TourLine[] {
  const ids = new Set(shows.flatMap(({ needs }) => needs.map(({ itemId }) => itemId)));
  const byItem = shows.map(({ needs }) => new Map(needs.map((need) => [need.itemId, need])));
  return [...ids]
    .flatMap((itemId): TourLine[] => {
      const item = items.get(itemId);
      if (!item) return [];
      const needs = byItem.map((of) => of.get(itemId));
      const perShow = needs.map((need) => need?.base ?? 0);
      const away = shows.map((show, i) => ({ base: perShow[i] ?? 0, stay: stayOf(show) }));
      const carried = item.kind === 'consumable' ? usedUp(shows, needs, perShow) : leastFor(away);
      const { name, kind } = item;
      return [{ itemId, name, kind, dimension: dimensionOf(item.unit), carried, perShow }];
    })
    .sort(
      (a, b) =>
        Number(a.kind === 'consumable') - Number(b.kind === 'consumable') ||
        a.name.localeCompare(b.name),
    );
}
