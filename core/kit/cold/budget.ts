/**
 * The budget of a cold liquid (or dry ice) over the day: worked backwards from the last use, through
 * every draw and what boils away by itself, to the supplier's counter; and forwards from what was ordered.
 */
import type { ColdPlan, ShowBundle } from '../../brief/types';
import type { Timeline } from '../../lineup/types';
import { gasFrom } from '../../calculators/cold/gasFrom';
import { coolDown } from '../../repertoire/materials';
import type { Item } from '../../repertoire/item';
import { formatClock, parseClock, sayDuration } from '../../time/clock';
import { formatTotal, type System } from '../../units/format';
import type { Dimension } from '../../units/units';
import type { KitOptions } from '../demand';
import { lowerFirst } from '../../words';
import { type ColdDraw, drawsOf } from './draws';
import { capacityOf } from './vessels';

export interface ColdLevel {
  /** Seconds from the show's start. */
  at: number;
  amount: number;
}

export interface ColdBudget {
  item: Item;
  plan: ColdPlan;
  draws: ColdDraw[];
  /** Seconds from the show's start at which it is fetched. */
  collectedAt: number;
  /** What boils away in an hour where it stands. */
  lossPerHour: number;
  vessel: Item | null;
  /** What the vessel takes when it comes warm. */
  vesselCooling: number;
  reserve: number;
  /** What must be fetched for every demo and the reserve. */
  order: number;
  /** What is to be fetched: what was ordered, or else what must be. */
  wanted: number;
  /** What of that goes into the vessel. */
  fetched: number;
  /** Level over the day with what is fetched. */
  levels: ColdLevel[];
  /** What is there before and after each of the draws. */
  around: { before: number; after: number }[];
  /** The first demo that would run short, and by how much in all; null when there is enough. */
  short: { demoName: string; slotId: string; by: number } | null;
  /** Of the reserve, what is used up; 0 when none is. */
  intoReserve: number;
  /** Left after the last draw. */
  left: number;
  /** Seconds until what is left has gone by itself; null when nothing is known of the vessel. */
  goneAfter: number | null;
  /** Litres of gas at 20 °C that what is fetched becomes. */
  gasLitres: number;
  /** What can't be calculated or doesn't fit, in sentences. */
  warnings: string[];
  how: string;
}

const DAY = 86_400;

const dimensionOfCold = (item: Item): Dimension => (item.cold === 'dryIce' ? 'mass' : 'volume');

/** “2.4 L” of this item. */
export const coldText = (item: Item, base: number, system: System = 'metric'): string =>
  formatTotal(base, dimensionOfCold(item), 'piece', system);

/** Follows the level from the counter to the last draw; what is not there can't be drawn. */
function follow(
  fetched: number,
  from: number,
  lossPerHour: number,
  draws: readonly ColdDraw[],
): Pick<ColdBudget, 'levels' | 'around'> & { missed: ColdDraw | null } {
  const levels: ColdLevel[] = [{ at: from, amount: fetched }];
  const around: ColdBudget['around'] = [];
  let amount = fetched;
  let at = from;
  let missed: ColdDraw | null = null;
  for (const draw of draws) {
    const gone = (lossPerHour * Math.max(0, draw.at - at)) / 3600;
    if (gone > amount && lossPerHour > 0)
      levels.push({ at: at + (amount / lossPerHour) * 3600, amount: 0 });
    amount = Math.max(0, amount - gone);
    at = Math.max(at, draw.at);
    levels.push({ at, amount });
    // A thousandth of a draw is a rounding error, not a shortage.
    if (amount < draw.total * 0.999 && !missed) missed = draw;
    const before = amount;
    amount = Math.max(0, amount - draw.total);
    levels.push({ at, amount });
    around.push({ before, after: amount });
  }
  return { levels, around, missed };
}

/** Null when the show has no use for it. */
export function coldBudget(
  bundle: ShowBundle,
  timeline: Timeline,
  plan: ColdPlan,
  options: KitOptions = {},
): ColdBudget | null {
  const item = bundle.items.find((candidate) => candidate.id === plan.itemId);
  if (!item?.cold) return null;
  const draws = drawsOf(bundle, timeline, item, plan, options);
  const last = draws.at(-1);
  if (!last) return null;
  const text = (base: number): string => coldText(item, base, options.system);
  const start = parseClock(bundle.show.start);
  const collectedAt = parseClock(plan.collected) - start - plan.daysBefore * DAY;
  const vessel = bundle.items.find((candidate) => candidate.id === plan.vesselId) ?? null;
  const lossPerHour = vessel?.boilsOff ?? 0;
  const warm = plan.vesselWarm && vessel?.material && vessel.gramsEach !== null;
  const vesselCooling =
    warm && vessel?.material ? coolDown(item.cold, vessel.material, vessel.gramsEach ?? 0) : 0;
  const drawn = draws.reduce((sum, draw) => sum + draw.total, 0);
  const reserve = (drawn * plan.reserve) / 100;
  const standing = (lossPerHour * Math.max(0, last.at - collectedAt)) / 3600;
  const order = drawn + reserve + standing + vesselCooling;
  const wanted = plan.ordered ?? order;
  const holds = vessel && capacityOf(item, vessel);
  // What does not go in does not come along.
  const fetched = holds === null ? wanted : Math.min(wanted, holds);
  const { levels, around, missed } = follow(
    Math.max(0, fetched - vesselCooling),
    collectedAt,
    lossPerHour,
    draws,
  );
  const left = levels.at(-1)?.amount ?? 0;
  const lacking = Math.max(0, order - reserve - fetched);
  return {
    item,
    plan,
    draws,
    collectedAt,
    lossPerHour,
    vessel,
    vesselCooling,
    reserve,
    order,
    wanted,
    fetched,
    levels,
    around,
    short: missed ? { demoName: missed.demoName, slotId: missed.slotId, by: lacking } : null,
    intoReserve: missed ? 0 : Math.max(0, Math.min(reserve, order - fetched)),
    left,
    goneAfter: lossPerHour > 0 ? (left / lossPerHour) * 3600 : null,
    gasLitres: gasFrom(item.cold, fetched / 1000, 20),
    warnings: warningsOf(bundle, { item, plan, draws, vessel, order, wanted, collectedAt }, text),
    how: [
      `${text(drawn)} drawn (${draws.map((draw) => `${text(draw.total)} ${draw.demoName}`).join(' + ')})`,
      `${text(standing)} boiled away since ${formatClock(start + collectedAt)}`,
      ...(vesselCooling > 0 ? [`${text(vesselCooling)} to cool the vessel`] : []),
      `${text(reserve)} reserve = ${text(order)}`,
    ].join(' + '),
  };
}

function warningsOf(
  bundle: ShowBundle,
  of: Pick<ColdBudget, 'item' | 'plan' | 'draws' | 'vessel' | 'order' | 'wanted' | 'collectedAt'>,
  text: (base: number) => string,
): string[] {
  const warnings: string[] = [];
  const { item, plan, draws, vessel } = of;
  if (!vessel)
    warnings.push(
      'Choose the vessel it stands in: what boils away by itself is not calculated until then.',
    );
  else if (vessel.boilsOff === null)
    warnings.push(
      `${vessel.name} has no figure for what boils away in an hour: weigh it an hour apart, and put the difference in the store.`,
    );
  const holds = vessel && capacityOf(item, vessel);
  const most = Math.max(of.order, of.wanted);
  if (vessel && holds !== null && most > holds)
    warnings.push(
      `${vessel.name} holds ${text(holds)}: ${text(most - holds)} too little. Take a second vessel, or fetch it later.`,
    );
  const warm = plan.vesselWarm && (vessel?.material == null || vessel.gramsEach === null);
  const unknown = [
    ...new Set([...(warm && vessel ? [vessel.name] : []), ...draws.flatMap((d) => d.unknown)]),
  ];
  for (const name of unknown)
    warnings.push(`${name} goes in warm; give its material and weight in the store.`);
  const first = draws[0];
  if (first && of.collectedAt > first.at)
    warnings.push(
      `It is fetched at ${plan.collected}, after ${first.demoName} draws it at ${formatClock(parseClock(bundle.show.start) + first.at)}.`,
    );
  if (bundle.show.rehearsals > 0)
    warnings.push(
      `It does not keep until the show: for each rehearsal fetch ${text(draws.reduce((sum, d) => sum + d.total, 0))} as well, and what goes off on the way.`,
    );
  if (item.cold)
    warnings.push(
      'Never in a closed vessel: it bursts. Carried upright, vented, not beside people.',
    );
  return warnings;
}

/** The whole budget in one sentence. */
export function coldVerdict(budget: ColdBudget, system: System = 'metric'): string {
  const text = (base: number): string => coldText(budget.item, base, system);
  const { short, plan, order, wanted, fetched, intoReserve, left, draws, vessel } = budget;
  const last = draws.at(-1)?.demoName ?? '';
  if (vessel && fetched < wanted * 0.999) {
    const enough = short
      ? `${short.demoName} would run short by ${text(short.by)}`
      : `it lasts to ${last}, with ${text(left)} left`;
    return `Of ${text(wanted)}, ${text(fetched)} go into the ${lowerFirst(vessel.name)}: ${enough}.`;
  }
  if (short)
    return `${short.demoName} would run short. Order ${text(order - fetched)} more: ${text(order)} in all.`;
  if (intoReserve > order * 0.001)
    return `Enough for every demo, but ${text(intoReserve)} of the reserve of ${text(budget.reserve)} goes. Order ${text(order - fetched)} more to keep it.`;
  return plan.ordered === null
    ? `Fetch ${text(order)} at ${plan.collected}: it lasts to ${last}, with ${text(left)} left.`
    : `${text(fetched)} lasts to ${last}, with ${text(left)} left.`;
}

/** What to do with what is left. */
export function leaveWords(budget: ColdBudget, system: System = 'metric'): string {
  if (budget.left <= 0) return 'Nothing is left over.';
  const gone = budget.goneAfter;
  const time =
    gone === null ? '' : ` It is gone in about ${sayDuration(Math.round(gone / 600) * 600)}.`;
  return `${coldText(budget.item, budget.left, system)} left at the end: leave it in its own vented vessel, lid loose, outdoors or in a well aired room that is locked to others, or take it back to the supplier.${time} Never down a sink, never in a closed vessel, not in a car with people.`;
}
