/** A line of the shopping list: what coming shows lack of one item, and how it is got. */
import type { Item, Pack } from '../repertoire/item';
import { dayAfter, daysBetween } from '../time/days';
import { type Dimension, dimensionOf } from '../units/units';
import { type Share, ownedOn } from './allocate';
import { type Hired, equipmentPlan, lacksOf } from './equipment';
import { hiresOf, offersOf, sold } from './offers';
import { type PackArrival, type PackDemand, cheapestPacks } from './packs';
import type { Season } from './season';
import { shareOut } from './shareOut';

export interface BoughtPack {
  pack: Pack;
  count: number;
  /** In minor units. */
  cost: number;
  /** The last day to order it, and the first where it does not keep; null for as soon as one likes. */
  orderBy: string;
  orderFrom: string | null;
  /** The day it has to be there. */
  neededBy: string;
  /** The last day that what is hired may be kept; null for what is bought. */
  backBy: string | null;
  /** Days of shows that it is for. */
  days: string[];
}

/** A show that can’t have what it lacks by any pack that is known. */
export interface TooLate {
  showId: string;
  title: string;
  date: string;
  /** Base units. */
  short: number;
  /** The soonest that any pack can be there, and how many days after the show that is; null without a pack. */
  comes: string | null;
  days: number | null;
  /** What may be used instead, and of how many of it the store has on the day; null for as many as are asked for. */
  instead: { itemId: string; name: string; there: number | null }[];
  /** Demonstrations that can’t be done without. */
  demos: string[];
}

export interface ShoppingLine {
  itemId: string;
  name: string;
  kind: Item['kind'];
  dimension: Dimension;
  /** Base units missing over all shows, those that are too late included. */
  missing: number;
  shows: { showId: string; title: string; date: string; short: number }[];
  packs: BoughtPack[];
  cost: number;
  /** Base units bought beyond what is missing. */
  over: number;
  /** False when the cheapest set was found by a search that was cut short. */
  proven: boolean;
  tooLate: TooLate[];
  /** Why nothing is suggested; null when something is, or nothing need be. */
  problem: string | null;
}

interface Plan {
  packs: (PackArrival | Hired)[];
  missing: number;
  cost: number;
  over: number;
  unserved: readonly PackDemand[];
  proven: boolean;
}

function planOf(item: Item, shares: readonly Share[], season: Season): Plan {
  const { shows, today, sizes } = season;
  if (item.kind === 'consumable') {
    const demands = shares.flatMap(({ showId, short }) => {
      const known = shows.get(showId);
      return known && short > 0 && season.chosen(showId)
        ? [{ amount: short, inDays: known.inDays }]
        : [];
    });
    const choice = cheapestPacks(demands, offersOf(item, sizes));
    const missing = demands.reduce((sum, { amount }) => sum + amount, 0);
    return { ...choice, missing, packs: choice.arrivals };
  }
  const lacks = lacksOf(item, shares, season);
  const plan = equipmentPlan(
    lacks,
    { buy: offersOf(item, sizes), hire: hiresOf(item, sizes) },
    today,
  );
  const missing = Math.max(0, ...lacks.map(({ amount }) => amount));
  return { ...plan, missing, packs: [...plan.bought, ...plan.hired] };
}

function boughtPack(item: Item, arrival: PackArrival | Hired, today: string): BoughtPack[] {
  const pack = item.packs.find(({ id }) => id === arrival.id);
  if (!pack) return [];
  const { count, inDays, uses } = arrival;
  const { keeps, leadDays } = pack;
  const lastUse = uses.at(-1)?.inDays ?? inDays;
  return [
    {
      pack,
      count,
      cost: pack.price * count,
      orderBy: dayAfter(today, inDays - leadDays),
      orderFrom: keeps === null ? null : dayAfter(today, Math.max(0, lastUse - keeps - leadDays)),
      neededBy: dayAfter(today, inDays),
      backBy: 'backBy' in arrival ? arrival.backBy : null,
      days: uses.map((use) => dayAfter(today, use.inDays)),
    },
  ];
}

/** Days within which packs of one kind are ordered together. */
const TOGETHER = 30;

/** By the day to order; packs of one kind in one order, where those for later keep until they are used. */
function together(packs: readonly BoughtPack[]): BoughtPack[] {
  const orders: BoughtPack[] = [];
  const sorted = [...packs].sort((a, b) => (a.orderBy < b.orderBy ? -1 : 1));
  for (const one of sorted) {
    const first = orders.find(
      ({ pack, orderBy, backBy }) =>
        pack.id === one.pack.id &&
        backBy === null &&
        one.backBy === null &&
        daysBetween(orderBy, one.orderBy) <= TOGETHER &&
        (one.orderFrom === null || one.orderFrom <= orderBy),
    );
    if (!first) {
      orders.push({ ...one });
      continue;
    }
    first.count += one.count;
    first.cost += one.cost;
    first.days = [...new Set([...first.days, ...one.days])];
    if (one.orderFrom !== null && (first.orderFrom === null || one.orderFrom > first.orderFrom))
      first.orderFrom = one.orderFrom;
  }
  return orders;
}

/** Shows that nothing can reach, and what would help them. */
function tooLateOf(
  item: Item,
  unserved: readonly PackDemand[],
  shares: readonly Share[],
  { items, shows, chosen, lots, today, sizes }: Season,
): TooLate[] {
  if (unserved.length === 0) return [];
  const days = new Set(unserved.map(({ inDays }) => inDays));
  const leads = sold(item, sizes).map(({ offer }) => offer.leadDays);
  const lead = leads.length > 0 ? Math.min(...leads) : null;
  return shares.flatMap((share): TooLate[] => {
    const known = shows.get(share.showId);
    if (!known || share.short <= 0 || !chosen(share.showId)) return [];
    const { inDays } = known;
    if (!days.has(inDays)) return [];
    const { showId, title, date, needs } = known.show;
    const need = needs.find((one) => one.itemId === item.id);
    return [
      {
        showId,
        title,
        date,
        short: share.short,
        comes: lead === null ? null : dayAfter(today, lead),
        days: lead === null ? null : lead - inDays,
        instead: (need?.instead ?? []).flatMap((id) => {
          const other = items.get(id);
          if (!other) return [];
          const there = ownedOn(other, lots.get(id), date);
          return [{ itemId: id, name: other.name, there: Number.isFinite(there) ? there : null }];
        }),
        demos: need?.demos ?? [],
      },
    ];
  });
}

/** Packs that serve shows in common belong together, and with them those that serve these. */
function sharedBy(packs: Plan['packs']): { packs: Plan['packs']; days: Set<number> }[] {
  const groups: { packs: Plan['packs']; days: Set<number> }[] = [];
  for (const one of packs) {
    const days = new Set(one.uses.map(({ inDays }) => inDays));
    const group = { packs: [one], days };
    for (const other of groups.filter((known) => [...known.days].some((day) => days.has(day)))) {
      groups.splice(groups.indexOf(other), 1);
      group.packs.push(...other.packs);
      for (const day of other.days) days.add(day);
    }
    groups.push(group);
  }
  return groups;
}

/** What of the line each show makes necessary, in minor units: packs that serve several, by what each lacks. */
function costsOf(line: ShoppingLine, item: Item, plan: Plan, { shows }: Season): number[] {
  const costs = line.shows.map(() => 0);
  const inDays = line.shows.map(({ showId }) => shows.get(showId)?.inDays);
  // Bought equipment serves all that come after; what is used up or hired, those that use it.
  const stays = item.kind !== 'consumable' && !plan.packs.some((one) => 'backBy' in one);
  for (const { packs, days } of stays
    ? [{ packs: plan.packs, days: null }]
    : sharedBy(plan.packs)) {
    const cost = packs.reduce(
      (sum, { id, count }) => sum + count * (item.packs.find((one) => one.id === id)?.price ?? 0),
      0,
    );
    const served = (i: number, showId: string): boolean =>
      days === null
        ? !line.tooLate.some((late) => late.showId === showId)
        : days.has(inDays[i] ?? 0);
    const weights = line.shows.map(({ showId, short }, i) => (served(i, showId) ? short : 0));
    shareOut(cost, weights).forEach((part, i) => {
      costs[i] = (costs[i] ?? 0) + part;
    });
  }
  return costs;
}

export function lineOf(
  item: Item,
  shares: readonly Share[],
  season: Season,
): { line: ShoppingLine; costs: number[] } | null {
  const { shows, today, chosen } = season;
  const missingFor = shares.flatMap(({ showId, short }) => {
    const known = shows.get(showId);
    if (!known || short <= 0 || !chosen(showId)) return [];
    return [{ showId, title: known.show.title, date: known.show.date, short }];
  });
  if (missingFor.length === 0) return null;
  const plan = planOf(item, shares, season);
  const line: ShoppingLine = {
    itemId: item.id,
    name: item.name,
    kind: item.kind,
    dimension: dimensionOf(item.unit),
    missing: plan.missing,
    shows: missingFor,
    packs: together(plan.packs.flatMap((arrival) => boughtPack(item, arrival, today))),
    cost: plan.cost,
    over: plan.over,
    proven: plan.proven,
    tooLate: tooLateOf(item, plan.unserved, shares, season),
    problem:
      sold(item, season.sizes).length > 0
        ? null
        : 'No pack is known: put one with its price in the store.',
  };
  return { line, costs: costsOf(line, item, plan, season) };
}
