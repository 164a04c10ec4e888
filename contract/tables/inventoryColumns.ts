/** The columns of the store as a table. */
import type { Column } from './table';

export type StoreKey = (typeof COLUMNS)[number]['key'];

/**
 * One row for each lot and pack of an item, side by side: the item's own columns stand in its first
 * row, and its name and id in each.
 */
const COLUMNS = [
  { key: 'itemId', title: 'Item id' },
  { key: 'name', title: 'Name', also: ['item', 'thing', 'what', 'description'] },
  { key: 'kind', title: 'Kind', also: ['type', 'category'] },
  { key: 'unit', title: 'Counted in', also: ['unit', 'units'] },
  { key: 'functionTest', title: 'Function test', also: ['test', 'check'] },
  { key: 'testHolds', title: 'Test holds the show' },
  { key: 'testLeast', title: 'Test reads at least', reads: 'figure' },
  { key: 'testMost', title: 'Test reads at most', reads: 'figure' },
  { key: 'owned', title: 'How many', reads: 'figure', also: ['owned', 'number'] },
  { key: 'atVenue', title: 'At the venue' },
  { key: 'waste', title: 'Lost in handling %', reads: 'figure', also: ['waste', 'waste %'] },
  { key: 'density', title: 'Density g/mL', reads: 'figure', also: ['density'] },
  { key: 'gramsEach', title: 'Grams each', reads: 'figure', also: ['weight', 'weight g', 'grams'] },
  { key: 'material', title: 'Material' },
  { key: 'cold', title: 'Cold liquid' },
  { key: 'lid', title: 'Closes' },
  { key: 'holds', title: 'Holds mL', reads: 'figure' },
  { key: 'boilsOff', title: 'Goes off mL/h', reads: 'figure' },
  { key: 'substance', title: 'Substance' },
  { key: 'strength', title: 'Strength', reads: 'figure', also: ['concentration'] },
  { key: 'strengthAs', title: 'Strength as' },
  { key: 'signal', title: 'Signal word' },
  { key: 'hazards', title: 'Hazard codes', also: ['hazards', 'h codes'] },
  { key: 'precautions', title: 'Precaution codes', also: ['p codes'] },
  { key: 'keepsOpen', title: 'Keeps open days', reads: 'figure' },
  { key: 'testEvery', title: 'Test every days', reads: 'figure' },
  { key: 'note', title: 'Notes', also: ['note', 'comment', 'remarks'] },
  { key: 'box', title: 'Box', reads: 'figure', also: ['box number', 'box no'] },
  { key: 'outline', title: 'From above', also: ['shape'] },
  { key: 'stows', title: 'On the way' },
  { key: 'boxName', title: 'Box name' },
  { key: 'boxGrams', title: 'Box grams', reads: 'figure' },
  { key: 'boxNote', title: 'Box notes' },
  { key: 'lotId', title: 'Lot id' },
  {
    key: 'amount',
    title: 'In store',
    reads: 'figure',
    also: ['amount', 'quantity', 'qty', 'stock', 'count'],
  },
  { key: 'place', title: 'Place', also: ['shelf', 'location', 'where'] },
  {
    key: 'expiry',
    title: 'Expiry',
    reads: 'day',
    also: ['expires', 'expiry date', 'best before', 'use by'],
  },
  { key: 'opened', title: 'Opened', reads: 'day', also: ['opened on'] },
  { key: 'state', title: 'State', also: ['condition', 'status'] },
  { key: 'lastTest', title: 'Last test', reads: 'day', also: ['tested', 'last tested'] },
  { key: 'lotNote', title: 'Lot notes' },
  { key: 'packId', title: 'Pack id' },
  { key: 'pack', title: 'Pack', reads: 'figure', also: ['pack size', 'size'] },
  { key: 'price', title: 'Price', reads: 'figure', also: ['cost'] },
  { key: 'leadDays', title: 'Lead days', reads: 'figure', also: ['lead time', 'delivery days'] },
  { key: 'supplier', title: 'Supplier', also: ['shop', 'sold by', 'vendor'] },
  { key: 'keeps', title: 'Keeps unopened days', reads: 'figure' },
  { key: 'hireDays', title: 'Hired for days', reads: 'figure' },
] as const satisfies readonly Column[];

export const STORE_COLUMNS: readonly Column<StoreKey>[] = COLUMNS;

export const titleOf = (key: StoreKey): string =>
  STORE_COLUMNS.find((column) => column.key === key)?.title ?? key;

const PACK_PARTS = ['price', 'leadDays', 'supplier', 'keeps', 'hireDays'] as const;

/** The column that a path in an item is written in: “packs[0].amount” is in Pack. */
export function columnOf(path: string): StoreKey | null {
  const [first = '', second = ''] = path.split(/[.[\]]+/);
  if (first === 'packs') {
    const part = path.split('.')[1] ?? '';
    return PACK_PARTS.find((key) => key === part) ?? 'pack';
  }
  if (first === 'id') return 'itemId';
  if (first === 'boxId') return 'box';
  if (first === 'testMeasures') return second === 'most' ? 'testMost' : 'testLeast';
  if (first === 'label') return second === '' ? 'hazards' : (second as StoreKey);
  return first === '' ? null : (first as StoreKey);
}
