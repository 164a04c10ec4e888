import type { Demo } from '../repertoire/types';
import type { Show } from './types';

/** Ids of the items that a show's demos and its cold plans name, whatever may be used instead included. */
export const itemsNamed = (show: Pick<Show, 'cold'>, demos: readonly Demo[]): string[] => [
  ...new Set([
    ...demos.flatMap((demo) =>
      demo.methods.flatMap((method) => method.kit.flatMap((l) => [l.itemId, ...l.instead])),
    ),
    ...show.cold.flatMap((plan) => [plan.itemId, ...(plan.vesselId ? [plan.vesselId] : [])]),
  ]),
];
