/** The store’s list in groups: what is to be watched before what can hurt, what is heavy, and the rest by kind. */
import { ITEM_KINDS, type ItemKind } from '../repertoire/item';
import { BOTH_HANDS, canHurt } from '../repertoire/minded';
import type { StockLine } from './stockLine';

export const STORE_GROUPS = ['watch', 'dangerous', 'heavy', ...ITEM_KINDS] as const;
export type StoreGroup = 'watch' | 'dangerous' | 'heavy' | ItemKind;

/** Under the first that holds. */
export const storeGroupOf = ({
  item,
  warnings,
}: Pick<StockLine, 'item' | 'warnings'>): StoreGroup =>
  warnings.length > 0
    ? 'watch'
    : canHurt(item)
      ? 'dangerous'
      : (item.gramsEach ?? 0) >= BOTH_HANDS
        ? 'heavy'
        : item.kind;

export interface GroupStart {
  group: StoreGroup;
  /** Its first line, from 0, and how many it has. */
  from: number;
  count: number;
}

/** In the order of the groups; within each they stay as they were. And where each begins. */
export function grouped<T extends Pick<StockLine, 'item' | 'warnings'>>(
  lines: readonly T[],
): { lines: T[]; groups: GroupStart[] } {
  const of = new Map<StoreGroup, T[]>(STORE_GROUPS.map((group) => [group, []]));
  for (const line of lines) of.get(storeGroupOf(line))?.push(line);
  const groups: GroupStart[] = [];
  const all: T[] = [];
  for (const [group, mine] of of) {
    if (mine.length > 0) groups.push({ group, from: all.length, count: mine.length });
    all.push(...mine);
  }
  return { lines: all, groups };
}
