/**
 * The order in which boxes are loaded: what is set up first comes out first, so it goes in last; heavy boxes are not
 * put on light ones; and what must be kept apart does not stand side by side.
 */
import { APART, dangersOf } from '../repertoire/apart';
import type { Item } from '../repertoire/item';

export interface Loadable {
  lines: readonly { item: Item }[];
  grams: number;
  /** Seconds from the show's start. */
  firstUse: number;
}

/** What two boxes are kept apart for: “what burns and what feeds fire”; null where they may stand together. */
export function apartFrom(a: Loadable, b: Loadable): string | null {
  const [mine, theirs] = [a, b].map(
    ({ lines }) => new Set(lines.flatMap(({ item }) => dangersOf(item))),
  );
  const pair = APART.find(
    ({ one, other }) =>
      (mine?.has(one) && theirs?.has(other)) || (mine?.has(other) && theirs?.has(one)),
  );
  return pair?.words ?? null;
}

/** “Not beside box 3: what burns and what feeds fire”; null where it may stand there. */
export function notBeside(
  one: Loadable,
  other: Loadable & { box: { number: number } | null },
): string | null {
  const words = apartFrom(one, other);
  return words && other.box ? `Not beside box ${other.box.number}: ${words}` : null;
}

/** g from which a box may crush what it is put on. Our own mark. */
const CRUSHES = 8000;
/** Prices of what is wrong with an order; only their ranks matter. */
const PRICE = { apart: 1000, crushed: 4, late: 1 };

/** What it costs that `later` is loaded some time after `first`. */
const after = (first: Loadable, later: Loadable): number =>
  (later.firstUse > first.firstUse ? PRICE.late : 0) +
  (later.grams >= CRUSHES && later.grams > 1.5 * first.grams ? PRICE.crushed : 0);

/** What an order costs: the less the better. */
export const costOfOrder = (order: readonly Loadable[]): number =>
  order.reduce(
    (sum, box, i) =>
      sum +
      order.slice(0, i).reduce((all, first) => all + after(first, box), 0) +
      (i > 0 && order[i - 1] && apartFrom(order[i - 1] as Loadable, box) ? PRICE.apart : 0),
    0,
  );

/** More boxes than this are ordered by swapping neighbours: all subsets of them would be too many. */
const EXACT_MOST = 12;

/** The cheapest order over all, by dynamic programming over the sets that are loaded and the last of them. */
function cheapest<T extends Loadable>(boxes: readonly T[]): T[] {
  const n = boxes.length;
  const behind = boxes.map((first) => boxes.map((later) => after(first, later)));
  const beside = boxes.map((a) => boxes.map((b) => (apartFrom(a, b) ? PRICE.apart : 0)));
  const size = 1 << n;
  const cost = new Float64Array(size * n).fill(Infinity);
  const from = new Int8Array(size * n).fill(-1);
  for (let i = 0; i < n; i++) cost[(1 << i) * n + i] = 0;
  for (let set = 1; set < size; set++)
    for (let last = 0; last < n; last++) {
      const known = cost[set * n + last] ?? Infinity;
      if (known === Infinity) continue;
      for (let next = 0; next < n; next++) {
        if (set & (1 << next)) continue;
        let more = beside[last]?.[next] ?? 0;
        for (let i = 0; i < n; i++) if (set & (1 << i)) more += behind[i]?.[next] ?? 0;
        const at = (set | (1 << next)) * n + next;
        if (known + more < (cost[at] ?? Infinity)) {
          cost[at] = known + more;
          from[at] = last;
        }
      }
    }
  let set = size - 1;
  let last = 0;
  for (let i = 1; i < n; i++)
    if ((cost[set * n + i] ?? Infinity) < (cost[set * n + last] ?? Infinity)) last = i;
  const order: T[] = [];
  while (last >= 0) {
    const box = boxes[last];
    if (box) order.unshift(box);
    const before = from[set * n + last] ?? -1;
    set &= ~(1 << last);
    last = before;
  }
  return order;
}

/** Neighbours are swapped for as long as that makes it cheaper. */
function improved<T extends Loadable>(boxes: readonly T[]): T[] {
  let order = [...boxes];
  for (;;) {
    let best = { cost: costOfOrder(order), order };
    for (let i = 0; i + 1 < order.length; i++) {
      const swapped = [...order];
      swapped.splice(i, 2, ...order.slice(i, i + 2).reverse());
      const cost = costOfOrder(swapped);
      if (cost < best.cost) best = { cost, order: swapped };
    }
    if (best.order === order) return order;
    ({ order } = best);
  }
}

/** Boxes in the order to load them. Of those that cost the same, what is needed last is loaded first. */
export function loadOrder<T extends Loadable>(boxes: readonly T[]): T[] {
  const byUse = [...boxes].sort((a, b) => b.firstUse - a.firstUse);
  return boxes.length <= EXACT_MOST ? cheapest(byUse) : improved(byUse);
}
