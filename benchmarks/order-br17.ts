/** The asymmetric changeover instance br17 (TSPLIB): in how many of 20 seeds its optimum is found. */
import { readFileSync } from 'node:fs';
import { searchOrder } from '../core/lineup/order/permute';

export function orderBr17(): object {
  const { optimum, cost } = JSON.parse(
    readFileSync(new URL('../core/testing/br17.json', import.meta.url), 'utf8'),
  ) as { optimum: number; cost: number[][] };
  const seeds = Array.from({ length: 20 }, (_, i) => i + 1);
  const hits = seeds.filter((seed) => {
    const search = searchOrder(
      {
        size: cost.length,
        pinned: new Set([0]),
        floor: () => 0,
        least: 0,
        // Each number a slot, the cost the clearing time to the next; the tour is closed.
        cost: (order) =>
          order.reduce((sum, from, i) => {
            const to = order[(i + 1) % order.length] ?? 0;
            return sum + (cost[from]?.[to] ?? 0);
          }, 0),
      },
      { seed, most: 20_000 },
    );
    let next = search.next();
    while (!next.done) next = search.next();
    return next.value.cost === optimum;
  });
  return { hits: hits.length, of: seeds.length, optimum };
}
