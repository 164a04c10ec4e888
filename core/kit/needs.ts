/** What a show needs of each item, in the unit that its stock is counted in. */
import type { ShowBundle } from '../brief/types';
import { coldBudget } from './cold/budget';
import { coldPlanOf } from './cold/plan';
import { vesselsOf } from './cold/vessels';
import { mostAtOnce } from './mostAtOnce';
import { spanOf } from './span';
import { type KitOptions, type KitDemand, kitDemands, wholePieces } from './demand';
import type { Timeline } from '../lineup/types';
import { parseClock } from '../time/clock';
import { dimensionOf } from '../units/units';
import { convert } from '../inventory/convert';
import type { Need, ShowNeeds } from '../inventory/types';

interface NeedContext {
  /** Worked out only where it is asked for: it is most of the work. */
  timeline: () => Timeline;
  /** How many of a thing there are; Infinity for as many as are asked for. */
  owned: (itemId: string) => number;
}

/** Equipment and gear: the most in use at once, where that can matter at all. */
function mostNeeded(
  of: readonly KitDemand[],
  amounts: readonly number[],
  around: NeedContext,
): number {
  const sum = amounts.reduce((a, b) => a + b, 0);
  if (of.length === 1 || sum <= around.owned(of[0]?.item.id ?? '')) return sum;
  const timeline = around.timeline();
  return mostAtOnce(
    of.map(({ slot }, i) => ({ base: amounts[i] ?? 0, ...spanOf(timeline, slot.id) })),
  ).total;
}

/** What every one of these lines may do with instead. */
function insteadFor(list: readonly KitDemand[]): string[] {
  const [first, ...others] = list.map(({ line }) => line.instead.map(({ itemId }) => itemId));
  return (first ?? []).filter((id) => others.every((ids) => ids.includes(id)));
}

export function needsOf(
  bundle: ShowBundle,
  { timeline, owned }: NeedContext,
  options: KitOptions = {},
): ShowNeeds {
  let once: Timeline | null = null;
  const around: NeedContext = { owned, timeline: () => (once ??= timeline()) };
  const byItem = new Map<string, KitDemand[]>();
  const all = kitDemands(bundle, options);
  for (const wanted of all) {
    const list = byItem.get(wanted.item.id) ?? [];
    list.push(wanted);
    byItem.set(wanted.item.id, list);
  }
  const needs: Need[] = [];
  const unlike: string[] = [];
  for (const [itemId, list] of byItem) {
    const item = list[0]?.item;
    if (!item || item.atVenue) continue;
    const dimension = dimensionOf(item.unit);
    const inStock = (base: number, { line }: KitDemand): number | null =>
      convert(base, dimensionOf(line.unit), dimension, item);
    const amounts = list.map((w) => inStock(w.base + w.rehearsing, w));
    if (amounts.some((amount) => amount === null)) {
      unlike.push(itemId);
      continue;
    }
    const known = amounts as number[];
    let base =
      item.kind === 'consumable'
        ? known.reduce((a, b) => a + b, 0)
        : mostNeeded(list, known, around);
    let uses = item.kind === 'consumable' ? base : 0;
    if (item.cold) {
      const plan = coldPlanOf(bundle.show, item);
      const order = coldBudget(bundle, around.timeline(), plan, options)?.order ?? base;
      uses = order;
      // What was ordered is not bought twice.
      base = Math.max(0, order - (plan.ordered ?? 0));
    }
    const perDay = list.reduce(
      (sum, w, i) => sum + (w.line.basis === 'perDay' ? (known[i] ?? 0) : 0),
      0,
    );
    needs.push({
      itemId,
      base: wholePieces(base, dimension),
      perDay,
      uses,
      demos: [...new Set(list.map(({ demo }) => demo.name))],
      instead: insteadFor(list),
    });
  }
  for (const { vessel } of vesselsOf(bundle, all)) {
    const need = needs.find((one) => one.itemId === vessel.id);
    if (need) need.base++;
    else needs.push({ itemId: vessel.id, base: 1, perDay: 0, uses: 0, demos: [], instead: [] });
  }
  const { show } = bundle;
  return {
    showId: show.id,
    title: show.title,
    date: show.date,
    audience: show.audience,
    from: parseClock(show.arrival),
    until: parseClock(show.hardFinish),
    way: 60 * show.journeys.reduce((sum, { minutes }) => sum + (minutes ?? 0), 0),
    venueId: show.venueId,
    needs,
    unlike,
    swaps: show.swaps,
  };
}
