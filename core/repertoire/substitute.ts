/** A kit with some of its things taken instead of others. */
import type { Item } from './item';
import type { KitLine, Method, Substitute } from './types';
import { lowerFirst } from '../words';

/** What a show takes in place of what: `by` stands in for `itemId` wherever a method lets it. */
export interface Swap {
  itemId: string;
  by: string;
}

/**
 * The swaps of a show once `by` is taken for `itemId`. What stood in already gives way: each thing has
 * one in its place, and none where it is itself taken again.
 */
export function takeInstead(swaps: readonly Swap[], { itemId, by }: Swap): Swap[] {
  // Two things may have the same one in their place: it is the named one that is taken again.
  const isBack = swaps.some((swap) => swap.itemId === by && swap.by === itemId);
  if (isBack) return swaps.filter((swap) => swap.itemId !== by);
  const first = swaps.find((swap) => swap.by === itemId)?.itemId ?? itemId;
  return [...swaps.filter((swap) => swap.itemId !== first), { itemId: first, by }];
}

/** As many of it as the line says, until somebody says how many. */
export const evenly = (line: Pick<KitLine, 'unit'>, itemId: string): Substitute => ({
  itemId,
  times: 1,
  unit: line.unit,
  figures: null,
});

/** The line with another thing in place of its own; what it stood for may stand in for it in turn. */
export function withSubstitute(
  line: KitLine,
  by: Substitute,
  { settings }: Pick<Method, 'settings'>,
  nameOf: (itemId: string) => string,
): KitLine {
  const back: Substitute = {
    itemId: line.itemId,
    times: 1 / by.times,
    unit: line.unit,
    figures:
      by.figures &&
      settings.flatMap(({ id, value }) =>
        by.figures?.some(({ settingId }) => settingId === id) ? [{ settingId: id, value }] : [],
      ),
  };
  return {
    ...line,
    itemId: by.itemId,
    amount: line.amount * by.times,
    most: line.most === null ? null : line.most * by.times,
    unit: by.unit,
    instead: [
      back,
      // Counted for the other thing until now.
      ...line.instead.flatMap((one) =>
        one.itemId === by.itemId ? [] : [{ ...one, times: one.times / by.times }],
      ),
    ],
    // How strong it is was asked of the other.
    strength: null,
    note: [`instead of ${lowerFirst(nameOf(line.itemId))}`, line.note].filter(Boolean).join('; '),
  };
}

/** The lines of a method that a show takes something else for, and what. */
export function swapsIn(
  method: Pick<Method, 'kit'>,
  swaps: readonly Swap[],
  items: readonly Pick<Item, 'id'>[],
): Map<KitLine, Substitute> {
  const found = new Map<KitLine, Substitute>();
  for (const line of method.kit) {
    const swap = swaps.find(({ itemId }) => itemId === line.itemId);
    const by = swap && line.instead.find(({ itemId }) => itemId === swap.by);
    if (by && items.some(({ id }) => id === by.itemId)) found.set(line, by);
  }
  return found;
}

/**
 * The method as it is done with what the show takes instead, its settings too, so that its
 * calculators judge what is really done. The same one where nothing of it is swapped.
 */
export function withSwaps(
  method: Method,
  swaps: readonly Swap[],
  items: readonly Pick<Item, 'id' | 'name'>[],
): Method {
  const taken = swapsIn(method, swaps, items);
  if (taken.size === 0) return method;
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? 'another';
  return {
    ...method,
    kit: method.kit.map((line) => {
      const by = taken.get(line);
      return by ? withSubstitute(line, by, method, nameOf) : line;
    }),
    settings: method.settings.map((setting) => {
      const by = [...taken.values()].find(({ figures }) =>
        figures?.some(({ settingId }) => settingId === setting.id),
      );
      const value = by?.figures?.find(({ settingId }) => settingId === setting.id)?.value;
      return by && value !== undefined
        ? { ...setting, value, most: null, source: `with ${lowerFirst(nameOf(by.itemId))}` }
        : setting;
    }),
  };
}
