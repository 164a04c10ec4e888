/** What the store has of a line of the kit list, in words. */
import type { Item } from '../repertoire/item';
import type { Share } from '../inventory/allocate';
import { ownedOn } from '../inventory/allocate';
import { nextTest, usableOn } from '../inventory/dates';
import type { StockContext } from './stockContext';
import { formatTotal } from '../units/format';
import { dimensionOf } from '../units/units';
import type { KitEntry } from './kit';

export interface StockView {
  /** there: all of it; short: some is missing; venue: it is found there; untold: nothing is known. */
  level: 'there' | 'short' | 'venue' | 'untold';
  /** “300 mL short”, “in the store”. */
  words: string;
  /** Who takes of it before, what is out of date, what there is instead; a sentence each. */
  more: string[];
}

export function stockView(
  entry: KitEntry,
  share: Share | undefined,
  { items, lots, day, system = 'metric' }: StockContext,
): StockView {
  const item = items.find((candidate) => candidate.id === entry.itemId);
  if (item?.atVenue) return { level: 'venue', words: 'found at the venue', more: [] };
  if (!item || !share) return { level: 'untold', words: '', more: [] };
  const dimension = dimensionOf(item.unit);
  const text = (base: number): string => formatTotal(base, dimension, item.unit, system);
  const more: string[] = [];
  const before = share.before.reduce((sum, taker) => sum + taker.base, 0);
  if (before > 0)
    more.push(
      `${text(before)} goes to ${share.before.map((taker) => taker.title).join(' and ')} before.`,
    );
  if (share.outOfDate > 0)
    more.push(
      `${text(share.outOfDate)} in the store will be out of date on the day and does not count.`,
    );
  const coming = share.coming.reduce((sum, { base }) => sum + base, 0);
  const comes = share.coming.reduce((last, { from }) => (from > last ? from : last), '');
  if (coming > 0) more.push(`${text(coming)} of it is on its way, due ${comes}.`);
  for (const lot of lots.filter((one) => one.itemId === item.id && usableOn(one, item, day))) {
    if (lot.state === 'attention') more.push(`Needs attention${lot.note ? `: ${lot.note}` : ''}.`);
    const due = nextTest(lot, item, day);
    if (due !== null && due <= day) more.push(`Its test is due by ${due}.`);
  }
  if (share.short <= 0)
    return share.counted
      ? {
          level: 'there',
          words: share.need === 0 ? 'ordered' : coming > 0 ? `due ${comes}` : 'in the store',
          more,
        }
      : { level: 'untold', words: '', more };
  for (const { id, name } of insteadOf(entry)) {
    const other = items.find((candidate) => candidate.id === id);
    if (!other) continue;
    const there = ownedOn(
      other,
      lots.filter((lot) => lot.itemId === id),
      day,
    );
    more.push(
      Number.isFinite(there)
        ? `Instead: ${name} (${there > 0 ? `${formatTotal(there, dimensionOf(other.unit), other.unit, system)} there` : 'none there'}).`
        : `Instead: ${name}.`,
    );
  }
  return {
    level: 'short',
    words: share.got > 0 ? `${text(share.short)} short` : 'none in the store',
    more,
  };
}

const insteadOf = (entry: KitEntry): Pick<Item, 'id' | 'name'>[] => [
  ...new Map(entry.parts.flatMap((part) => part.instead).map((item) => [item.id, item])).values(),
];
