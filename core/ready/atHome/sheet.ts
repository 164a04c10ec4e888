/** The hand-out of a show: what was seen and why, what may be tried at home and how, what it costs, what to ask. */
import type { ShowBundle } from '../../brief/types';
import { convert } from '../../inventory/convert';
import { resolveSlots } from '../../lineup/fromBundle';
import { homeMethod, type HomeThing } from '../../repertoire/handOut';
import { HAZARD_WORDS } from '../../repertoire/hazards';
import type { Picture } from '../../repertoire/pictures';
import type { Item } from '../../repertoire/item';
import type { Demo } from '../../repertoire/types';
import type { HouseholdSizes } from '../../units/household';
import { formatAmount } from '../../units/format';
import { dimensionOf, toBase } from '../../units/units';
import { type AllowedAtHome, type HomeJudged, judgeAtHome } from './judge';

export interface SheetEntry {
  demoId: string;
  name: string;
  picture: Picture | null;
  saw: string;
  why: string;
  judged: HomeJudged;
  /** Why it is not tried at home; empty where it may be, and where nothing is known of it. */
  whyNot: string;
  /** Empty, both, where it may not be tried at home. */
  steps: string[];
  things: { amount: string; name: string }[];
  /** What to mind: what remains of its hazards. */
  mind: string[];
  /** What is used up of it, in minor units of money; null where a price is not known. */
  cost: number | null;
  questions: string[];
}

/** What household amounts of a thing cost, by the cheapest pack; equipment is only used. Null where no price is known. */
export function costOf(
  thing: Pick<HomeThing, 'amount' | 'unit'>,
  item: Item,
  sizes: HouseholdSizes,
): number | null {
  if (item.kind !== 'consumable' || item.atVenue) return 0;
  const used = convert(
    toBase(thing.amount, thing.unit, sizes),
    dimensionOf(thing.unit),
    dimensionOf(item.unit),
    item,
  );
  if (used === null) return null;
  const rates = item.packs.flatMap((pack) => {
    const size = convert(
      toBase(pack.amount, pack.unit, sizes),
      dimensionOf(pack.unit),
      dimensionOf(item.unit),
      item,
    );
    return size !== null && size > 0 ? [pack.price / size] : [];
  });
  return rates.length === 0 ? null : used * Math.min(...rates);
}

/** What they cost together, in whole minor units; null where the price of one is not known. */
function costsOf(things: readonly HomeThing[], items: readonly Item[], sizes: HouseholdSizes) {
  let sum = 0;
  for (const thing of things) {
    const item = items.find(({ id }) => id === thing.itemId);
    const cost = item ? costOf(thing, item, sizes) : null;
    if (cost === null) return null;
    sum += cost;
  }
  return Math.max(0, Math.ceil(sum - 1e-9));
}

/** What may be tried costs together, in minor units; and of how many the price is not known. */
export function costTogether(entries: readonly Pick<SheetEntry, 'judged' | 'cost'>[]): {
  tried: number;
  cost: number;
  unknown: number;
} {
  const tried = entries.filter(({ judged }) => mayBeTried(judged.allowed));
  return {
    tried: tried.length,
    cost: tried.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
    unknown: tried.filter(({ cost }) => cost === null).length,
  };
}

export const mayBeTried = (allowed: AllowedAtHome): boolean =>
  allowed === 'adult' || allowed === 'alone';

/** Lines of a text that say something. */
export const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

export function sheetEntry(demo: Demo, items: readonly Item[], sizes: HouseholdSizes): SheetEntry {
  const { handOut } = demo;
  const judged = judgeAtHome(demo, items, sizes);
  const may = mayBeTried(judged.allowed);
  const hazards = homeMethod(demo)?.hazards ?? [];
  return {
    demoId: demo.id,
    name: demo.name,
    picture: demo.picture,
    saw: handOut.saw || demo.hook,
    why: handOut.why || demo.idea,
    judged,
    whyNot: judged.allowed === 'never' && handOut.atHome === 'never' ? handOut.whyNot : '',
    steps: may ? linesOf(handOut.steps) : [],
    things: may
      ? handOut.things.map(({ itemId, amount, unit }) => ({
          amount: formatAmount(amount, unit),
          name: items.find(({ id }) => id === itemId)?.name ?? '',
        }))
      : [],
    mind: may
      ? hazards
          .filter(({ kind }) => !handOut.without.includes(kind))
          .map(({ kind, control }) =>
            control ? `${HAZARD_WORDS[kind]}: ${control}` : HAZARD_WORDS[kind],
          )
      : [],
    cost: may ? costsOf(handOut.things, items, sizes) : null,
    questions: handOut.questions,
  };
}

/** In the order of the show, each demonstration once; talks have nothing to take home. */
export function handOutOf(bundle: ShowBundle): SheetEntry[] {
  const seen = new Set<string>();
  return resolveSlots(bundle).flatMap(({ slot, demo }) => {
    if (slot.talk || seen.has(demo.id)) return [];
    seen.add(demo.id);
    return [sheetEntry(demo, bundle.items, bundle.household)];
  });
}
