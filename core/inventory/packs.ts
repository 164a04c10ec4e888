/** The cheapest packs that cover what is missing, each in time for the show that needs it. */

export interface PackDemand {
  /** Base units missing for one show. */
  amount: number;
  /** Days from today to the day it is needed. */
  inDays: number;
}

export interface PackOffer {
  id: string;
  /** In base units; more than nothing. */
  size: number;
  /** In minor units. */
  price: number;
  leadDays: number;
}

export interface PackChoice {
  counts: { id: string; count: number }[];
  cost: number;
  /** Base units bought beyond what is missing. */
  over: number;
  /** False when the search was cut short: then it is the cheapest that was found. */
  proven: boolean;
}

/** Amounts are compared to a billionth of what is wanted. */
const HAIR = 1e-9;

/** Choices looked at before the search is cut short. */
const MOST_STEPS = 400_000;

/**
 * Least cost over whole numbers of packs, such that for every day the packs that can be there by then
 * cover all that is missing up to it. Exact by branch and bound: packs are taken up by the day they can
 * be there, the cheapest by amount first; a branch is left when even the best price by amount for all
 * that is still missing would cost as much as the best found, or when the same was covered for less.
 *
 * Null when no packs can be there in time for some of it.
 */
export function cheapestPacks(
  demands: readonly PackDemand[],
  offers: readonly PackOffer[],
): PackChoice | null {
  const days = [...new Set(demands.map((d) => d.inDays))].sort((a, b) => a - b);
  const missingBy = days.map((day) =>
    demands.reduce((sum, d) => sum + (d.inDays <= day ? d.amount : 0), 0),
  );
  const total = missingBy.at(-1) ?? 0;
  if (total <= 0) return { counts: [], cost: 0, over: 0, proven: true };
  /** The first of `days` a pack can be there for; those that are in time for none are no use. */
  const stage = (offer: PackOffer): number => days.findIndex((day) => offer.leadDays <= day);
  const packs = offers
    .filter((offer) => offer.size > 0 && stage(offer) >= 0)
    .sort((a, b) => stage(a) - stage(b) || a.price / a.size - b.price / b.size || b.size - a.size);
  const n = packs.length;
  const stages = packs.map(stage);
  if (n === 0 || stages[0] !== 0) return null;
  const slack = total * HAIR;

  /** Best price by amount among packs from i on. */
  const rate = new Float64Array(n + 1).fill(Infinity);
  for (let i = n - 1; i >= 0; i--) {
    const pack = packs[i];
    if (pack) rate[i] = Math.min(rate[i + 1] ?? Infinity, pack.price / pack.size);
  }
  /** What must be covered once packs up to i − 1 are settled: all days before that of pack i. */
  const mustBy = (i: number): number => {
    const next = i < n ? (stages[i] ?? 0) : days.length;
    return next === 0 ? 0 : (missingBy[next - 1] ?? 0);
  };

  let best: { cost: number; counts: number[] } | null = null;
  let steps = 0;
  const counts = new Array<number>(n).fill(0);
  const seen = new Map<string, number>();

  const search = (i: number, covered: number, cost: number): void => {
    if (++steps > MOST_STEPS) return;
    if (covered + slack < mustBy(i)) return;
    if (covered + slack >= total) {
      if (!best || cost < best.cost) best = { cost, counts: [...counts] };
      return;
    }
    if (i === n) return;
    if (best && cost + (total - covered) * (rate[i] ?? 0) >= best.cost - 1e-9) return;
    const key = `${i}/${covered.toPrecision(12)}`;
    if ((seen.get(key) ?? Infinity) <= cost) return;
    seen.set(key, cost);
    const pack = packs[i];
    if (!pack) return;
    // Never more of one pack than covers the rest by itself.
    const most = Math.ceil((total - covered - slack) / pack.size);
    const last = i === n - 1;
    for (let k = most; k >= (last ? most : 0); k--) {
      counts[i] = k;
      search(i + 1, covered + k * pack.size, cost + k * pack.price);
    }
    counts[i] = 0;
  };
  search(0, 0, 0);
  const found = best as { cost: number; counts: number[] } | null;
  if (!found) return null;
  const bought = packs.reduce((sum, pack, i) => sum + pack.size * (found.counts[i] ?? 0), 0);
  return {
    counts: packs.flatMap(({ id }, i) => {
      const count = found.counts[i] ?? 0;
      return count > 0 ? [{ id, count }] : [];
    }),
    cost: found.cost,
    over: bought - total,
    proven: steps <= MOST_STEPS,
  };
}
