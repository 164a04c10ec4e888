import { formatAmount, formatTotal } from '../units/format';
import type { ShoppingList } from './shopping';

/** The shopping list as rows, the heading first; money in whole units. */
export function shoppingTable({
  lines,
}: Pick<ShoppingList, 'lines'>): (string | number | null)[][] {
  return [
    ['Order by', 'Buy', 'Item', 'Pack', 'Supplier', 'Cost', 'Missing', 'For', 'Watch'],
    ...lines.flatMap((line): (string | number | null)[][] => {
      const missing = formatTotal(line.missing, line.dimension);
      const forShows = line.shows.map((show) => `${show.title} (${show.date})`).join('; ');
      const mind = [line.problem, line.proven ? null : 'The cheapest that was found in time.']
        .filter(Boolean)
        .join(' ');
      return line.packs.length === 0
        ? [[null, null, line.name, '', '', null, missing, forShows, mind]]
        : line.packs.map(({ pack, count, cost, orderBy }) => [
            orderBy,
            count,
            line.name,
            formatAmount(pack.amount, pack.unit),
            pack.supplier,
            cost / 100,
            missing,
            forShows,
            mind,
          ]);
    }),
  ];
}
