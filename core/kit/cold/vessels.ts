import type { ShowBundle } from '../../brief/types';
import type { Item } from '../../repertoire/item';
import type { KitDemand } from '../demand';

/** Grams of dry ice pellets in one mL of a vessel, gaps included. Common practice: 0.75 to 0.95. */
const PELLETS = 0.8;

/** How much of it a vessel holds: mL, or g of dry ice by its bulk density; null while not known. */
export const capacityOf = (
  cold: Pick<Item, 'cold' | 'density'>,
  vessel: Pick<Item, 'holds'>,
): number | null =>
  vessel.holds === null
    ? null
    : cold.cold === 'dryIce'
      ? vessel.holds * (cold.density ?? PELLETS)
      : vessel.holds;

/** Vessels that a show's cold liquids are fetched and carried in, for those it uses at all. */
export const vesselsOf = (
  { show, items }: Pick<ShowBundle, 'show' | 'items'>,
  wanted: readonly Pick<KitDemand, 'item'>[],
): { vessel: Item; cold: Item }[] =>
  show.cold.flatMap((plan) => {
    const cold = wanted.find(({ item }) => item.id === plan.itemId)?.item;
    const vessel = items.find((item) => item.id === plan.vesselId);
    return cold && vessel ? [{ vessel, cold }] : [];
  });
