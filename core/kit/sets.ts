import { atLeast, believedAtLeast } from '../chance/atLeast';
import type { ShowBundle, SideBySide, Slot } from '../brief/types';
import type { Tries } from '../chance/spares';
import { triesOf } from '../learning/chance';
import { beliefFrom } from '../learning/prior';
import { resolveSlots } from '../lineup/fromBundle';
import type { ReadingTold } from '../readings/record';
import type { Method } from '../repertoire/types';
import { counted } from '../words';
import { setCost } from './setCost';
import { shareSpares } from './spares';

/** What is known of how often a method works. */
export interface KnownRecord {
  demoId: string;
  methodId: string;
  worked: number;
  partly: number;
  failed: number;
  /** Goes of the other methods of its family. */
  family?: Tries;
  /** What was read at its goes. */
  readings?: readonly ReadingTold[];
}

export interface Sets {
  planned: number;
  spare: number;
  /** Chance that it works as often as is wanted, with all of them. */
  chance: number;
  /** “3 sets: 1 planned, 2 spare, 97 % to see it work at least once”. */
  words: string;
}

/** Of a hundred; rounded down, and never said to be certain. */
export const ofHundred = (share: number): number => Math.min(99, Math.floor(share * 100 + 1e-9));

const percent = (share: number): string => `${ofHundred(share)} %`;

/** Of several set off as one: spare sets stand in for what does not come off, and nothing is done again. */
function besideSets(
  goes: number,
  { kind, stations, spares }: SideBySide,
  tries: { worked: number; failed: number },
): Sets {
  const count = stations.length;
  const chance = atLeast(count, count + spares, tries);
  const extra = spares > 0 ? `, ${counted(spares, 'spare set')}` : '';
  const all =
    kind === 'finale' && tries.worked + tries.failed > 0
      ? `; all come off in ${percent(chance)}`
      : '';
  return {
    planned: goes,
    spare: 0,
    chance,
    words: `${count} side by side${extra}${all}`,
  };
}

/** How often its goes are wanted to work: each that is planned, unless less is said. */
const wantedOf = ({ goes, wantedGoes: wanted }: Pick<Slot, 'goes' | 'wantedGoes'>): number =>
  wanted ?? goes;

/** Goes that there can be at the most: those allowed, and no more than the line-up gives it. */
const mostGoes = (
  { goes, again }: Pick<Slot, 'goes' | 'again'>,
  { goesAllowed }: Pick<Method, 'goesAllowed'>,
): number => Math.max(goes, Math.min(goesAllowed, goes + again));

const oftenWords = (wanted: number): string =>
  wanted === 1 ? 'at least once' : wanted === 2 ? 'twice' : `${wanted} times`;

interface Counted {
  tried: number;
  /** What the show asks of it, from 0 to 1; null where it asks it of all together. */
  wish: number | null;
  /** It would have had more spares but for what they cost and weigh. */
  capped: boolean;
}

function setsInWords(
  slot: Pick<Slot, 'goes' | 'again' | 'wantedGoes'>,
  method: Pick<Method, 'goesAllowed'>,
  { spare, chance }: { spare: number; chance: number },
  { tried, wish, capped }: Counted,
): string {
  const believed = tried === 0 ? ', taken as others while it is not tried' : '';
  const seen = `${percent(chance)} to see it work ${oftenWords(wantedOf(slot))}`;
  const few = wish !== null && chance < wish;
  const allowed = Math.max(slot.goes, method.goesAllowed);
  const short = !few
    ? ''
    : capped
      ? '; more would cost or weigh more than spares may'
      : mostGoes(slot, method) < allowed
        ? `; the line-up moves on after ${counted(slot.goes + slot.again, 'go', 'goes')}`
        : `; ${Math.round(wish * 100)} % would take more goes than the ${allowed} allowed`;
  return `${counted(slot.goes + spare, 'set')}: ${slot.goes} planned, ${spare} spare, ${seen}${believed}${short}`;
}

/**
 * How many sets of what one go uses are brought for each slot: the planned goes, and spares as the show wishes,
 * within the goes that there can be. What is believed of a method’s chance is a beta distribution: what others of
 * its family came to, which weighs a few goes, and its own record.
 */
export function setsForShow(
  bundle: ShowBundle,
  records: readonly KnownRecord[],
): ReadonlyMap<string, Sets> {
  const { wantedChance, sparePolicy } = bundle.show;
  const wanted = wantedChance / 100;
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  const found = new Map<string, Sets>();
  const open = resolveSlots(bundle).flatMap(({ slot, method }) => {
    // Words are said; there is nothing that could fail.
    if (slot.talk) return [];
    const known = records.find((r) => r.demoId === slot.demoId && r.methodId === method.id);
    const tries = triesOf(method, known);
    if (slot.sideBySide) {
      found.set(slot.id, besideSets(slot.goes, slot.sideBySide, tries));
      return [];
    }
    const belief = beliefFrom(tries, known?.family);
    const chances = Array.from({ length: mostGoes(slot, method) - slot.goes + 1 }, (_, spare) =>
      believedAtLeast(wantedOf(slot), slot.goes + spare, belief),
    );
    const tried = tries.worked + tries.failed;
    const curve = { slotId: slot.id, chances, ...setCost(method, items, bundle.household) };
    return [{ slot, method, tried, curve }];
  });
  const curves = open.map(({ curve }) => curve);
  const spares = shareSpares(curves, sparePolicy, wanted);
  const free = shareSpares(curves, { ...sparePolicy, mostCost: null, mostGrams: null }, wanted);
  for (const { slot, method, tried, curve } of open) {
    const spare = spares.get(slot.id) ?? 0;
    const chance = curve.chances[spare] ?? 0;
    const capped = spare < (free.get(slot.id) ?? 0);
    const wish = sparePolicy.wish === 'each' ? wanted : null;
    const words = setsInWords(slot, method, { spare, chance }, { tried, wish, capped });
    found.set(slot.id, { planned: slot.goes, spare, chance, words });
  }
  return found;
}

/** Chance that every demonstration is seen as often as is wanted, with the sets that are brought. */
export const allSeen = (sets: Iterable<Pick<Sets, 'chance'>>): number =>
  [...sets].reduce((all, { chance }) => all * chance, 1);
