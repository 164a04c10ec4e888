/** What other people call the kinds of things. Nothing becomes a consumable without being seen as one. */
import type { ItemKind } from '../../core/repertoire/item';
import { type Dimension, dimensionOf, type UnitId } from '../../core/units/units';
import { ITEM_KIND } from './words';

/** A kind, or for each thing by what it is counted in: what is measured out is used up, what is counted stays. */
export type KindMeant = ItemKind | 'byUnit';

const ALSO: Record<ItemKind, RegExp> = {
  gear: /\b(?:ppe|protective|protection|safety|personal protective equipment)\b/,
  consumable:
    /\b(?:consumables?|chemicals?|reagents?|supplies|ingredients?|food|single[ -]use|disposables?)\b/,
  equipment:
    /\b(?:equipment|apparatus|tools?|hardware|props?|glassware|furniture|electrics?|electronics?|furnishings?|devices?|instruments?)\b/,
};

/** As words are told apart: without capitals and what stands around them. */
export const kindWord = (text: string): string => text.trim().toLowerCase();

/** The kind that a word names, or seems to; null for one that must be asked. */
export function guessKind(word: string): ItemKind | null {
  const kinds = Object.keys(ITEM_KIND) as ItemKind[];
  const exact = kinds.find((kind) => [kind, ITEM_KIND[kind].toLowerCase()].includes(word));
  if (exact) return exact;
  const meant = kinds.filter((kind) => ALSO[kind].test(word));
  // “Safety equipment” is gear before it is anything else.
  if (meant.includes('gear')) return 'gear';
  return meant.length === 1 ? (meant[0] ?? null) : null;
}

const USED_UP: readonly Dimension[] = ['volume', 'mass'];

export const kindOf = (meant: KindMeant, unit: UnitId): ItemKind =>
  meant !== 'byUnit' ? meant : USED_UP.includes(dimensionOf(unit)) ? 'consumable' : 'equipment';
