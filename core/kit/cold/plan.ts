import type { ColdPlan, Show } from '../../brief/types';
import type { Item } from '../../repertoire/item';

/** How a cold liquid is fetched by default: as the crew arrives, a tenth of a pour lost. */
export const coldPlanOf = (
  show: Pick<Show, 'arrival' | 'cold'>,
  item: Pick<Item, 'id'>,
): ColdPlan =>
  show.cold.find((plan) => plan.itemId === item.id) ?? {
    itemId: item.id,
    daysBefore: 0,
    collected: show.arrival,
    vesselId: null,
    vesselWarm: false,
    pourLoss: 10,
    reserve: 20,
    ordered: null,
    measured: null,
  };
