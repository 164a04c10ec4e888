/** Rows of a spreadsheet read as the kit of a method. */
import { blankLine } from '../../core/repertoire/blank';
import type { Item, KitLine } from '../../core/repertoire/types';
import { parseAmount } from '../../core/units/parse';
import { KitLineBody } from '../repertoire';
import { check } from '../validate';
import { type Column, type RowFault, cellsOf } from './table';
import { isFault, readWord } from './values';
import { BASIS } from './words';

export type KitKey = 'item' | 'amount' | 'basis' | 'note';

export const KIT_COLUMNS: readonly Column<KitKey>[] = [
  { key: 'item', title: 'Item', also: ['name', 'thing', 'what', 'equipment', 'material'] },
  { key: 'amount', title: 'Amount', also: ['quantity', 'qty', 'how much', 'how many', 'number'] },
  { key: 'basis', title: 'Counted', also: ['per', 'for', 'basis'] },
  { key: 'note', title: 'Notes', also: ['note', 'comment', 'remarks'] },
];

export interface KitImport {
  lines: KitLine[];
  faults: RowFault[];
}

const KINDS = ['volume', 'mass', 'count', 'length'];

/** `rows` without the heading. Things are found by their name in the store, whatever its capitals. */
export function readKitTable(
  rows: readonly (readonly string[])[],
  mapping: readonly (KitKey | null)[],
  items: readonly Pick<Item, 'id' | 'name' | 'unit'>[],
  newId: () => string,
): KitImport {
  const byName = new Map(items.map((item) => [item.name.toLowerCase(), item]));
  const lines: KitLine[] = [];
  const faults: RowFault[] = [];
  const titleOf = (key: KitKey): string =>
    KIT_COLUMNS.find((column) => column.key === key)?.title ?? key;
  rows.forEach((row, i) => {
    const cells = cellsOf(row, mapping);
    if (Object.values(cells).every((cell) => cell === '')) return;
    const fault = (key: KitKey, message: string): void =>
      void faults.push({ row: i + 2, column: titleOf(key), message });
    const item = byName.get((cells.item ?? '').toLowerCase());
    if (!item) fault('item', cells.item ? `is not in the store: “${cells.item}”` : 'is missing');
    const amount = parseAmount(cells.amount || '1', { bare: item?.unit ?? 'piece' });
    if (!amount.ok) fault('amount', amount.message);
    const basis = cells.basis ? readWord(cells.basis, BASIS) : { value: 'perShow' as const };
    if (isFault(basis)) fault('basis', basis.fault);
    if (!item || !amount.ok || isFault(basis)) return;
    const line: KitLine = {
      ...blankLine(newId(), item.id),
      ...amount.value,
      basis: basis.value,
      note: cells.note ?? '',
    };
    const checked = check(KitLineBody, JSON.parse(JSON.stringify(line)));
    if (checked.ok) lines.push(line);
    else
      for (const { path, message } of checked.faults)
        fault(
          path === 'note' ? 'note' : 'amount',
          path === 'unit' ? `must be ${KINDS.join(', ')} or pieces` : message,
        );
  });
  return { lines, faults };
}

/** The kit of a method as rows, the heading first. */
export const kitLinesTable = (
  lines: readonly KitLine[],
  nameOf: (itemId: string) => string,
  amountText: (line: KitLine) => string,
): string[][] => [
  KIT_COLUMNS.map((column) => column.title),
  ...lines.map((line) => [nameOf(line.itemId), amountText(line), BASIS[line.basis], line.note]),
];
