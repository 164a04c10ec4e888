/** What one set of what a go uses costs and weighs. */
import { convert, toGrams } from '../inventory/convert';
import { rateOf } from '../inventory/showCost';
import { amountBrought, isPerGo } from '../repertoire/basis';
import type { Item } from '../repertoire/item';
import type { Method } from '../repertoire/types';
import type { HouseholdSizes } from '../units/household';
import { dimensionOf, toBase } from '../units/units';

/**
 * Minor units of money for what is used up, and grams of all of it. What has no price costs nothing here, and
 * what nobody weighed weighs nothing: a cap can only hold what is known.
 */
export function setCost(
  { kit, volunteers }: Pick<Method, 'kit' | 'volunteers'>,
  items: ReadonlyMap<string, Item>,
  sizes: HouseholdSizes,
): { cost: number; grams: number } {
  let cost = 0;
  let grams = 0;
  for (const line of kit) {
    const { itemId, unit, basis } = line;
    const item = items.get(itemId);
    if (!item || !isPerGo(line) || item.atVenue) continue;
    const times = basis === 'perVolunteerGo' ? volunteers : 1;
    const base = toBase(amountBrought(line), unit, sizes) * times;
    grams += toGrams(base, dimensionOf(unit), item) ?? 0;
    if (item.kind !== 'consumable') continue;
    const stock = convert(base, dimensionOf(unit), dimensionOf(item.unit), item);
    cost += (stock ?? 0) * (rateOf(item, [], sizes) ?? 0);
  }
  return { cost, grams };
}
