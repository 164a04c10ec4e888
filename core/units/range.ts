/** Figures as people write them where they are not sure: “40 to 60 mL”, “2–3 tbsp”, “a good squirt”. */
import { HOUSEHOLD, type HouseholdSizes, spreadOf } from './household';
import { type Amount, parseAmount } from './parse';
import { dimensionOf, fromBase, toBase, type UnitId } from './units';

/** In the unit that was asked for; `most` is null where it is one figure. */
export interface TypedRange {
  least: number;
  most: number | null;
}

const BETWEEN = /\s*(?:\bto\b|–|—|\.\.)\s*/i;
/** Words that say only that it is not exact. */
const LOOSE = /\b(?:good|generous|decent|heaped|about|roughly|around|some|circa)\s+/gi;

/** “squirt” alone is one of it. */
const counted = (text: string): string => (/^[a-z]/i.test(text) ? `a ${text}` : text);

/**
 * Reads a figure or a range in `unit`; a number alone is in it, and in “40 to 60 mL” the unit is said once.
 * Null for anything else, for another kind of unit, and for a range whose ends are the wrong way round.
 */
export function parseRange(
  text: string,
  unit: UnitId,
  sizes: HouseholdSizes = HOUSEHOLD,
): TypedRange | null {
  const kind = dimensionOf(unit);
  const read = (part: string, bare: UnitId): Amount | null => {
    const plain = part.replace(LOOSE, '').trim();
    for (const written of [plain, counted(plain)]) {
      const parsed = parseAmount(written, { kind, bare });
      if (parsed.ok) return parsed.value;
    }
    return null;
  };
  const parts = text.split(BETWEEN);
  const [first = '', second = first] = parts;
  if (parts.length > 2) return null;
  const last = read(second, unit);
  const begin = parts.length === 2 ? last && read(first, last.unit) : last;
  if (!last || !begin) return null;
  // What has no fixed size may be as much smaller and larger as its word may.
  const end = (of: Amount, by: number): number =>
    fromBase(toBase(of.amount * by, of.unit, sizes), unit);
  const least = end(begin, 1 / spreadOf(begin.unit, sizes));
  const most = end(last, spreadOf(last.unit, sizes));
  if (most === least) return { least, most: null };
  return most > least ? { least, most } : null;
}
