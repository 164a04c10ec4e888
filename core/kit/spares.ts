/** How many spare sets each slot has: as the show wishes, where they do most for what they cost. */
import type { SparePolicy } from '../brief/types';

/** What spares of one slot come to. */
export interface SpareCurve {
  slotId: string;
  /** Chance that it is seen as often as is wanted, by the number of spares from 0 on. */
  chances: readonly number[];
  /** Of one spare set: minor units of money, and grams. */
  cost: number;
  grams: number;
}

/** One way to share out spares over the slots so far. */
interface Way {
  spares: number[];
  cost: number;
  grams: number;
  /** Logarithm of the chance that all so far are seen. */
  all: number;
}

/** Ways kept at once; more are left out, those with the least chance for their price first. */
const MOST_WAYS = 4000;

const pieces = (way: Way): number => way.spares.reduce((sum, n) => sum + n, 0);

/** Without those that cost and weigh as much as another, and see no more. */
function worthKeeping(ways: Way[]): Way[] {
  ways.sort(
    (a, b) => a.cost - b.cost || a.grams - b.grams || b.all - a.all || pieces(a) - pieces(b),
  );
  const kept: Way[] = [];
  for (const way of ways)
    if (!kept.some((one) => one.grams <= way.grams && one.all >= way.all - 1e-12)) kept.push(way);
  return kept.slice(0, MOST_WAYS);
}

/** The least number that reaches the wish, or as many as there may be. */
const leastFor = ({ chances }: SpareCurve, wanted: number): number => {
  const least = chances.findIndex((chance) => chance >= wanted);
  return least < 0 ? chances.length - 1 : least;
};

/**
 * Spares by slot. For each demonstration: the least number that reaches the chance, of which as many as the caps
 * allow, where they do most. For the show: the cheapest that sees everything with the chance; where that can’t be
 * reached, the most that can. A label-setting search over the slots: exact while no way is left out.
 */
export function shareSpares(
  curves: readonly SpareCurve[],
  { wish, mostCost, mostGrams }: SparePolicy,
  wanted: number,
): Map<string, number> {
  if (wish === 'none') return new Map();
  const limits = curves.map((curve) =>
    wish === 'each' ? leastFor(curve, wanted) : curve.chances.length - 1,
  );
  if (wish === 'each' && mostCost === null && mostGrams === null)
    return new Map(curves.map(({ slotId }, i) => [slotId, limits[i] ?? 0]));
  let ways: Way[] = [{ spares: [], cost: 0, grams: 0, all: 0 }];
  curves.forEach(({ chances, cost, grams }, i) => {
    ways = worthKeeping(
      ways.flatMap((way) =>
        chances.slice(0, (limits[i] ?? 0) + 1).flatMap((chance, n): Way[] => {
          const next = {
            spares: [...way.spares, n],
            cost: way.cost + n * cost,
            grams: way.grams + (mostGrams === null ? 0 : n * grams),
            all: way.all + Math.log(Math.max(chance, 1e-12)),
          };
          return next.cost <= (mostCost ?? Infinity) && next.grams <= (mostGrams ?? Infinity)
            ? [next]
            : [];
        }),
      ),
    );
  });
  const enough = ways.filter(({ all }) => all >= Math.log(wanted) - 1e-12);
  const best =
    wish === 'show' && enough.length > 0
      ? enough.reduce((a, b) =>
          b.cost < a.cost || (b.cost === a.cost && pieces(b) < pieces(a)) ? b : a,
        )
      : ways.reduce((a, b) => (b.all > a.all + 1e-12 ? b : a));
  return new Map(curves.map(({ slotId }, i) => [slotId, best.spares[i] ?? 0]));
}
