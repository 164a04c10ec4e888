import type { Item } from '../repertoire/item';
import type { Dimension } from '../units/units';

/**
 * A base-unit amount of an item in the base unit of another kind: by its density between volume and
 * mass, by what one weighs between pieces and mass. Null when that is not known.
 */
export function convert(
  base: number,
  from: Dimension,
  to: Dimension,
  item: Pick<Item, 'density' | 'gramsEach'>,
): number | null {
  if (from === to) return base;
  const grams = toGrams(base, from, item);
  if (grams === null) return null;
  switch (to) {
    case 'mass':
      return grams;
    case 'volume':
      return item.density ? grams / item.density : null;
    case 'count':
    case 'length':
      return item.gramsEach ? grams / item.gramsEach : null;
    default:
      return null;
  }
}

/** What an amount weighs, in grams; null when not known. */
export function toGrams(
  base: number,
  dimension: Dimension,
  item: Pick<Item, 'density' | 'gramsEach'>,
): number | null {
  switch (dimension) {
    case 'mass':
      return base;
    case 'volume':
      return item.density === null ? null : base * item.density;
    case 'count':
    case 'length':
      return item.gramsEach === null ? null : base * item.gramsEach;
    default:
      return null;
  }
}

/** Whether what is written in one kind can be calculated in another. */
export const convertible = (
  from: Dimension,
  to: Dimension,
  item: Pick<Item, 'density' | 'gramsEach'>,
): boolean => convert(1, from, to, item) !== null;
