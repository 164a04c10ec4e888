/** Equipment that coming shows lack: bought once, or hired for some of them, whichever is cheaper. */
import { dayAfter } from '../time/days';
import { comingBy, ownedOn, type Share } from './allocate';
import { type Away, leastFor, stillAway } from './away';
import { type PackArrival, type PackDemand, type PackOffer, cheapestPacks } from './packs';
import type { Item } from '../repertoire/item';
import type { Season } from './season';
import type { ShowNeeds } from './types';

/** An offer to hire: its price is for so many days. */
export interface HireOffer extends PackOffer {
  days: number;
}

/** What is away at once when a show has what it needs, beyond what there is. */
export interface Lack extends PackDemand {
  show: ShowNeeds;
}

/**
 * By show, in order, how many more there must be. Shows that are not chosen have what they get of the
 * store, those that are have all that they need.
 */
export function lacksOf(
  item: Item,
  shares: readonly Share[],
  { shows, chosen, lots, expected }: Season,
): Lack[] {
  const mine = lots.get(item.id) ?? [];
  const toCome = expected.get(item.id) ?? [];
  const earlier: Away[] = [];
  return shares.flatMap(({ showId, need, got }): Lack[] => {
    const known = shows.get(showId);
    if (!known) return [];
    const { show, stay, inDays } = known;
    const now = { stay, base: chosen(showId) ? need : got };
    const away = leastFor([...stillAway(earlier, now), now]);
    earlier.push(now);
    const there = comingBy(toCome, show.date).reduce(
      (sum, { base }) => sum + base,
      ownedOn(item, mine, show.date),
    );
    const amount = away - there;
    return chosen(showId) && amount > 0 ? [{ show, amount, inDays }] : [];
  });
}

export interface Hired extends PackArrival {
  /** The last day that it may be kept. */
  backBy: string;
}

export interface EquipmentPlan {
  bought: PackArrival[];
  hired: Hired[];
  cost: number;
  over: number;
  unserved: PackDemand[];
  proven: boolean;
}

/** What is bought for a show is there for all that follow: each asks only for more than that. */
function increments(wants: readonly PackDemand[]): PackDemand[] {
  let bought = 0;
  return wants.flatMap(({ amount, inDays }) => {
    const more = amount - bought;
    if (more <= 0) return [];
    bought = amount;
    return [{ amount: more, inDays }];
  });
}

interface HireChoice {
  hired: Hired[];
  cost: number;
  unserved: PackDemand[];
}

/** Shows in a row share a hire as long as it lasts: the cheapest way to part them, from the last to the first. */
function hires(
  wants: readonly PackDemand[],
  offers: readonly HireOffer[],
  today: string,
): HireChoice {
  const best: HireChoice[] = [{ hired: [], cost: 0, unserved: [] }];
  for (let i = wants.length - 1; i >= 0; i--) {
    const first = wants[i];
    if (!first) continue;
    let chosen: HireChoice | null = null;
    let most = 0;
    for (let j = i; j < wants.length; j++) {
      const last = wants[j];
      if (!last) break;
      const span = last.inDays - first.inDays + 1;
      const lasting = offers.filter(({ days }) => days >= span);
      if (j > i && lasting.length === 0) break;
      most = Math.max(most, last.amount);
      const rest = best[wants.length - j - 1];
      const choice = cheapestPacks([{ amount: most, inDays: first.inDays }], lasting);
      if (!rest || (j > i && choice.unserved.length > 0)) break;
      const cost = rest.cost + choice.cost;
      const unserved = [...choice.unserved, ...rest.unserved];
      if (
        chosen &&
        (unserved.length > chosen.unserved.length ||
          (unserved.length === chosen.unserved.length && cost >= chosen.cost))
      )
        continue;
      const hired = choice.arrivals.map((one): Hired => {
        const days = lasting.find(({ id }) => id === one.id)?.days ?? span;
        const uses = wants.slice(i, j + 1);
        return { ...one, uses, backBy: dayAfter(today, first.inDays + days - 1) };
      });
      chosen = { hired: [...hired, ...rest.hired], cost, unserved };
    }
    best.push(
      chosen ?? { hired: [], cost: 0, unserved: [first, ...(best.at(-1)?.unserved ?? [])] },
    );
  }
  return best.at(-1) ?? { hired: [], cost: 0, unserved: [] };
}

/**
 * As many bought as is cheapest, and the rest hired show by show. A show before anything can be there is
 * left unserved, and changes nothing for the others.
 */
export function equipmentPlan(
  lacks: readonly PackDemand[],
  offers: { buy: readonly PackOffer[]; hire: readonly HireOffer[] },
  today: string,
): EquipmentPlan {
  const soonest = Math.min(...offers.buy.map(({ leadDays }) => leadDays));
  const levels = [...new Set([0, ...lacks.map(({ amount }) => amount)])].sort((a, b) => b - a);
  let best: EquipmentPlan | null = null;
  const unmet = (plan: EquipmentPlan): number =>
    plan.unserved.reduce((sum, { amount }) => sum + amount, 0);
  for (const level of offers.hire.length > 0 ? levels : levels.slice(0, 1)) {
    const reached = lacks.filter(({ inDays }) => inDays >= soonest);
    const wants = increments(
      reached.map((lack) => ({ ...lack, amount: Math.min(level, lack.amount) })),
    );
    const bought = cheapestPacks(wants, offers.buy);
    const there = (inDays: number): number =>
      wants.reduce((sum, want) => (want.inDays <= inDays ? sum + want.amount : sum), 0);
    const rest = lacks
      .map(({ amount, inDays }) => ({ amount: amount - there(inDays), inDays }))
      .filter(({ amount }) => amount > 0);
    const hired = hires(rest, offers.hire, today);
    const plan: EquipmentPlan = {
      bought: bought.arrivals,
      hired: hired.hired,
      cost: bought.cost + hired.cost,
      over: bought.over,
      unserved: hired.unserved,
      proven: bought.proven,
    };
    const better = best === null ? -1 : unmet(plan) - unmet(best) || plan.cost - best.cost;
    if (better < 0) best = plan;
  }
  return best ?? { bought: [], hired: [], cost: 0, over: 0, unserved: [], proven: true };
}
