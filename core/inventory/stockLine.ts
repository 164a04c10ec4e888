/** A line of the store's list: how much there is today, and what to watch. */
import type { Item } from '../repertoire/item';
import { daysBetween, earlier } from '../time/days';
import { formatTotal, type System } from '../units/format';
import { dimensionOf } from '../units/units';
import { byItem } from './allocate';
import { lastDay, nextTest, usableOn } from './dates';
import type { StockedLot } from './types';

export interface StockLine {
  item: Item;
  /** Base units that count today. */
  stock: number;
  /** “640 mL”; “not counted”; “at the venue”. */
  text: string;
  /** The first day after which some of it does not count any more; null when nothing runs out. */
  until: string | null;
  /** When the next test is due; null without one. */
  test: string | null;
  places: string;
  /** What to watch, the most pressing first. */
  warnings: string[];
}

/** Days ahead that running out, or a test, is told of. */
const AHEAD = 14;

export function stockLine(
  item: Item,
  lots: readonly StockedLot[],
  today: string,
  system: System = 'metric',
): StockLine {
  const dimension = dimensionOf(item.unit);
  const text = (base: number): string => formatTotal(base, dimension, item.unit, system);
  const held = lots.filter((lot) => lot.stock > 0);
  const good = held.filter((lot) => usableOn(lot, item, today));
  const stock = good.reduce((sum, lot) => sum + lot.stock, 0);
  const warnings: string[] = [];
  const sum = (some: readonly StockedLot[]): string => text(some.reduce((s, l) => s + l.stock, 0));
  const out = held.filter((lot) => lot.state === 'out');
  const gone = held.filter((lot) => lot.state !== 'out' && !usableOn(lot, item, today));
  const attention = held.filter((lot) => lot.state === 'attention');
  const untils = good.map((lot) => lastDay(lot, item)).filter((day) => day !== null);
  const until = untils.reduce<string | null>(earlier, null);
  const test = held
    .filter((lot) => lot.state !== 'out')
    .map((lot) => nextTest(lot, item, today))
    .reduce<string | null>(earlier, null);
  if (gone.length > 0) warnings.push(`${sum(gone)} out of date`);
  if (test !== null && daysBetween(today, test) <= AHEAD)
    warnings.push(test <= today ? 'test is due' : `test due ${test}`);
  if (attention.length > 0)
    warnings.push(attention.map((lot) => lot.note || 'needs attention').join(', '));
  if (out.length > 0) warnings.push(`${sum(out)} out of use`);
  if (until !== null && daysBetween(today, until) <= AHEAD) warnings.push(`use by ${until}`);
  if (item.kind === 'consumable' && !item.atVenue && stock === 0) warnings.push('none left');
  const unkept = held.length === 0 && item.kind !== 'consumable';
  return {
    item,
    stock,
    text: item.atVenue
      ? 'at the venue'
      : unkept
        ? item.owned === null
          ? 'not counted'
          : text(item.owned)
        : text(stock),
    until,
    test,
    places: [...new Set(held.map((lot) => lot.place).filter(Boolean))].join(', '),
    warnings,
  };
}

export function stockLines(
  items: readonly Item[],
  lots: readonly StockedLot[],
  today: string,
  system: System = 'metric',
): StockLine[] {
  const stocked = byItem(lots);
  return items.map((item) => stockLine(item, stocked.get(item.id) ?? [], today, system));
}

/** Lines whose name, place or note holds every word that was typed. */
export function findStockLines(lines: readonly StockLine[], typed: string): StockLine[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return lines.filter(({ item, places }) => {
    const text = `${item.name} ${places} ${item.note}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
