import type { Demo } from '../repertoire/types';
import type { Show } from './types';

/** Ids of the items that a show's demos and its cold plans name and its stations, whatever may be used instead included. */
export const itemsNamed = (
  show: Pick<Show, 'cold' | 'slots'>,
  demos: readonly Demo[],
): string[] => [
  ...new Set([
    ...demos.flatMap((demo) => [
      ...demo.methods.flatMap((method) =>
        method.kit.flatMap((l) => [l.itemId, ...l.instead.map(({ itemId }) => itemId)]),
      ),
      ...demo.handOut.things.map(({ itemId }) => itemId),
    ]),
    ...show.slots.flatMap(({ sideBySide }) =>
      (sideBySide?.stations ?? []).flatMap(({ amounts }) => amounts.map(({ itemId }) => itemId)),
    ),
    ...show.cold.flatMap((plan) => [plan.itemId, ...(plan.vesselId ? [plan.vesselId] : [])]),
  ]),
];
