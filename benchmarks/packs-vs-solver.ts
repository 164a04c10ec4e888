/** The cheapest packs of two thousand random cases, against a general-purpose integer solver: cost, and time as a ratio. */
import { randomFrom } from '../core/chance/random';
import { cheapestPacks, type PackDemand, type PackOffer } from '../core/inventory/packs';
import { leastCost } from '../core/testing/packSolver';
import { faultsOf } from '../core/testing/replay';

const CASES = 2000;

export async function packsVsSolver(): Promise<object> {
  const random = randomFrom(225);
  let wrong = 0;
  let ours = 0;
  let theirs = 0;
  let late = 0;
  for (let i = 0; i < CASES; i++) {
    const demands = Array.from({ length: 1 + random.below(5) }, (): PackDemand => ({
      amount: 1 + random.below(2000),
      inDays: random.below(31),
    }));
    const sameLife = random.below(2) === 0 ? null : random.below(21);
    const offers = Array.from({ length: 1 + random.below(4) }, (_, k): PackOffer => ({
      id: `p${k}`,
      size: 40 + random.below(960),
      price: 1 + random.below(3000),
      leadDays: random.below(13),
      life: sameLife ?? (random.below(2) === 0 ? null : random.below(21)),
    }));
    const began = performance.now();
    const choice = cheapestPacks(demands, offers);
    const chosen = performance.now();
    const least = await leastCost(demands, offers);
    theirs += performance.now() - chosen;
    ours += chosen - began;
    late += choice.unserved.length > 0 ? 1 : 0;
    if (!choice.proven || choice.cost !== least || faultsOf(demands, offers, choice).length > 0)
      wrong++;
  }
  return { cases: CASES, wrong, late, timesAsFast: Math.round(theirs / ours) };
}
