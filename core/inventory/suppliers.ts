/** The shopping list parted by who sells it: one message each. */
import { boughtWords, type ShoppingList } from './shopping';
import type { BoughtPack, ShoppingLine } from './shoppingLine';

export interface SupplierOrder {
  /** Empty where nobody has said who sells it. */
  supplier: string;
  entries: { line: ShoppingLine; bought: BoughtPack }[];
  cost: number;
  /** The last day to order the first of it. */
  orderBy: string;
}

/** Spelled as first found; capitals and spaces make no other supplier. */
const same = (supplier: string): string => supplier.trim().toLowerCase();

/** Only what one of them sells. */
export const linesFrom = (lines: readonly ShoppingLine[], supplier: string): ShoppingLine[] =>
  lines.flatMap((line) => {
    const packs = line.packs.filter(({ pack }) => same(pack.supplier) === same(supplier));
    return packs.length > 0 ? [{ ...line, packs }] : [];
  });

/** Who must be ordered from first comes first. */
export function bySupplier({ lines }: Pick<ShoppingList, 'lines'>): SupplierOrder[] {
  const found = new Map<string, SupplierOrder>();
  for (const line of lines)
    for (const bought of line.packs) {
      const key = same(bought.pack.supplier);
      const order = found.get(key) ?? {
        supplier: bought.pack.supplier.trim(),
        entries: [],
        cost: 0,
        orderBy: bought.orderBy,
      };
      order.entries.push({ line, bought });
      order.cost += bought.cost;
      if (bought.orderBy < order.orderBy) order.orderBy = bought.orderBy;
      found.set(key, order);
    }
  const orders = [...found.values()];
  for (const { entries } of orders)
    entries.sort((a, b) => (a.bought.orderBy < b.bought.orderBy ? -1 : 1));
  return orders.sort((a, b) => (a.orderBy < b.orderBy ? -1 : 1));
}

/**
 * What is sent to a supplier: what, how many, and by when it must be there. What does not keep says from
 * when it may come.
 */
export function orderMessage(
  { entries }: Pick<SupplierOrder, 'entries'>,
  dayInWords: (day: string) => string,
): string {
  const rows = entries.map(({ line: { name }, bought }) => {
    const { pack, orderFrom, neededBy, backBy } = bought;
    const fresh = orderFrom === null ? '' : ', fresh';
    const until = backBy === null ? '' : `, to hire until ${dayInWords(backBy)}`;
    const many = boughtWords({ pack, count: bought.count });
    return `${many} ${name}: here by ${dayInWords(neededBy)}${fresh}${until}`;
  });
  return `We would like to order:\n\n${rows.map((row) => `– ${row}`).join('\n')}\n\nPlease tell us if any of it can’t be here by then.`;
}
