/** What a show takes from the vessel a cold liquid stands in, slot by slot. */
import { amountBrought, timesOnTheDay } from '../../repertoire/basis';
import type { ColdPlan, ShowBundle } from '../../brief/types';
import type { Timeline } from '../../lineup/types';
import { coolDown } from '../../repertoire/materials';
import type { Item } from '../../repertoire/item';
import type { KitLine, Method } from '../../repertoire/types';
import { toBase } from '../../units/units';
import { spanOf } from '../span';
import { type KitOptions, kitDemands } from '../demand';

/** Amounts are mL of liquid, or g of dry ice. */
export interface ColdDraw {
  slotId: string;
  demoName: string;
  /** Seconds from the show's start, when it is drawn: at the first task of the slot. */
  at: number;
  /** What the goes use. */
  used: number;
  /** What boils away while warm vessels and things cool down. */
  cooling: number;
  /** What boils away while it stands on stage in its vessel. */
  standing: number;
  /** What is lost in pouring all that. */
  poured: number;
  total: number;
  /** Things that go in warm, for which no material or weight is known. */
  unknown: string[];
}

/** What a warm thing takes, once for each time it goes in; null when its material or weight is not known. */
function coolingOf(kind: NonNullable<Item['cold']>, item: Item, base: number): number | null {
  if (item.material === null || item.gramsEach === null) return null;
  return coolDown(kind, item.material, item.gramsEach * base);
}

/** In which cold liquid of its method a thing is cooled: the one that is named, or the first that is brought. */
export function cooledBy(
  { chilledIn }: Pick<KitLine, 'chilledIn'>,
  { kit }: Pick<Method, 'kit'>,
  { items }: Pick<ShowBundle, 'items'>,
): string | null {
  const cold = kit.filter(({ itemId }) => items.some(({ id, cold: is }) => id === itemId && is));
  return cold.some(({ itemId }) => itemId === chilledIn) ? chilledIn : (cold[0]?.itemId ?? null);
}

/** Draws in the order of the day. */
export function drawsOf(
  bundle: ShowBundle,
  timeline: Timeline,
  item: Item,
  plan: ColdPlan,
  options: KitOptions = {},
): ColdDraw[] {
  const kind = item.cold;
  if (kind === null) return [];
  const wanted = kitDemands(bundle, options);
  const slots = [...new Set(wanted.filter((w) => w.item.id === item.id).map((w) => w.slot.id))];
  return slots
    .map((slotId): ColdDraw => {
      const mine = wanted.filter((w) => w.slot.id === slotId);
      const { from, until } = spanOf(timeline, slotId);
      const used = mine.filter((w) => w.item.id === item.id).reduce((sum, w) => sum + w.base, 0);
      let cooling = 0;
      let standing = 0;
      const unknown: string[] = [];
      for (const { line, item: thing, sets, method } of mine) {
        if (!line.chilled || cooledBy(line, method, bundle) !== item.id) continue;
        const each = toBase(amountBrought(line), line.unit, bundle.household);
        const times = timesOnTheDay(line, method, bundle.show.audience, sets);
        const share = coolingOf(kind, thing, each * times);
        if (share === null) unknown.push(thing.name);
        else cooling += share;
        standing += ((thing.boilsOff ?? 0) * each * (until - from)) / 3600;
      }
      const inVessel = used + cooling + standing;
      const total = inVessel / (1 - plan.pourLoss / 100);
      return {
        slotId,
        demoName: mine[0]?.demo.name ?? '',
        at: from,
        used,
        cooling,
        standing,
        poured: total - inVessel,
        total,
        unknown,
      };
    })
    .sort((a, b) => a.at - b.at);
}
