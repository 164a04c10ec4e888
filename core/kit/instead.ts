/** What may be used instead of a thing of the kit, and how much of it the show would take. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import { amountBrought } from '../repertoire/basis';
import type { Item, ItemKind } from '../repertoire/item';
import type { KitLine } from '../repertoire/types';
import { formatTotal, type System } from '../units/format';
import { dimensionOf, toBase, type UnitId } from '../units/units';
import { lowerFirst } from '../words';
import { wholePieces } from './demand';
import type { KitPart } from './kit';
import { mostAtOnce } from './mostAtOnce';

/** What may be used instead by one line. */
export interface StandIn extends Pick<Item, 'id' | 'name' | 'kind'> {
  unit: UnitId;
  /** In its base unit, for one of the line's base unit. */
  each: number;
}

export interface InsteadOf extends Pick<Item, 'id' | 'name'> {
  /** For all parts that let it: “36 mL citric acid”, “2 × bicycle pump”, “narrow bottle”. */
  words: string;
  /** Only these let it; empty where all do. */
  demos: string[];
}

/** The things that a line may be done with instead; those that are gone are left out. */
export const standInsOf = (
  line: Pick<KitLine, 'instead' | 'unit'>,
  { items, household }: Pick<ShowBundle, 'items' | 'household'>,
): StandIn[] =>
  line.instead.flatMap(({ itemId, times, unit }) => {
    const item = items.find(({ id }) => id === itemId);
    const each = toBase(times, unit, household) / toBase(1, line.unit, household);
    return item ? [{ id: item.id, name: item.name, kind: item.kind, unit, each }] : [];
  });

/** As much as the show takes of each in its place, counted as its kind is: used up, or in use at once. */
export function insteadOf(parts: readonly KitPart[], system: System): InsteadOf[] {
  const all = new Map(parts.flatMap(({ instead }) => instead).map((one) => [one.id, one]));
  return [...all.values()].map(({ id, name, kind, unit }): InsteadOf => {
    const letting = parts.flatMap((part) => {
      const one = part.instead.find((other) => other.id === id);
      return one ? [{ ...part, base: part.base * one.each }] : [];
    });
    return {
      id,
      name,
      words: inWords(name, totalOf(letting, kind), unit, system),
      demos:
        letting.length < parts.length ? [...new Set(letting.map(({ demoName }) => demoName))] : [],
    };
  });
}

/** What will do instead, if something is missing or breaks. */
export interface Spare {
  /** The thing that it stands in for. */
  of: string;
  words: string;
}

/** For one go of a slot, as it is asked on stage. */
export const insteadOnStage = (bundle: ShowBundle, slotId: string, system: System): Spare[] =>
  resolveSlots(bundle)
    .filter(({ slot }) => slot.id === slotId)
    .flatMap(({ method }) => method.kit)
    .flatMap((line) => {
      const of = bundle.items.find(({ id }) => id === line.itemId);
      const base = toBase(amountBrought(line), line.unit, bundle.household);
      return of
        ? standInsOf(line, bundle).map(({ name, each, unit }) => ({
            of: lowerFirst(of.name),
            words: inWords(name, base * each, unit, system),
          }))
        : [];
    });

function inWords(name: string, base: number, unit: UnitId, system: System): string {
  const dimension = dimensionOf(unit);
  const total = wholePieces(base, dimension);
  if (dimension !== 'count')
    return `${formatTotal(total, dimension, unit, system)} ${lowerFirst(name)}`;
  return total === 1 ? lowerFirst(name) : `${total} × ${lowerFirst(name)}`;
}

const totalOf = (parts: readonly KitPart[], kind: ItemKind): number =>
  kind === 'consumable' ? parts.reduce((sum, { base }) => sum + base, 0) : mostAtOnce(parts).total;
