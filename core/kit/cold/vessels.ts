import type { ShowBundle } from '../../brief/types';
import type { Item } from '../../repertoire/types';
import type { KitDemand } from '../demand';

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
