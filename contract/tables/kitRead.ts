/** Rows of a spreadsheet read as the kit of a method. */
import { blankLine } from '../../core/repertoire/blank';
import type { Item } from '../../core/repertoire/item';
import type { KitLine } from '../../core/repertoire/types';
import { parseAmount } from '../../core/units/parse';
import type { UnitId } from '../../core/units/units';
import { KitLineBody } from '../kitLine';
import { check } from '../validate';
import type { Rows } from './file';
import { plainCells, readingsOf } from './readings';
import { type Column, type RowFault } from './table';
import { isFault, type Read, readWord } from './values';
import { BASIS, basisWords } from './words';

export type KitKey = 'item' | 'amount' | 'basis' | 'note';

export const KIT_COLUMNS: readonly Column<KitKey>[] = [
  { key: 'item', title: 'Item', also: ['name', 'thing', 'what', 'equipment', 'material'] },
  {
    key: 'amount',
    title: 'Amount',
    reads: 'figure',
    also: ['quantity', 'qty', 'how much', 'how many', 'number'],
  },
  { key: 'basis', title: 'Counted', also: ['per', 'for', 'basis'] },
  { key: 'note', title: 'Notes', also: ['note', 'comment', 'remarks'] },
];

export interface KitImport {
  lines: KitLine[];
  faults: RowFault[];
}

type RangeRead =
  { ok: true; value: Pick<KitLine, 'amount' | 'unit' | 'most'> } | { ok: false; message: string };

const KINDS = ['volume', 'mass', 'count', 'length'];

/** “40 mL”, or “40 to 60 mL”: a figure without a unit takes that of the other. */
function readRange(text: string, bare: UnitId): RangeRead {
  const [, low, high] = /^(.*?\d\S*(?:\s*\p{L}+)?)\s*(?:–|\bto\b)\s*(.+)$/u.exec(text.trim()) ?? [];
  if (low === undefined || high === undefined) {
    const one = parseAmount(text, { bare });
    return one.ok ? { ok: true, value: { ...one.value, most: null } } : one;
  }
  const most = parseAmount(high, { bare });
  if (!most.ok) return most;
  const least = parseAmount(low, { bare: most.value.unit });
  if (!least.ok) return least;
  return least.value.unit === most.value.unit
    ? { ok: true, value: { ...least.value, most: most.value.amount } }
    : { ok: false, message: 'must be a range in one unit, such as 40 to 60 mL' };
}

const EVERY = /^(?:for every|one (?:for|per)|1 (?:for|per)|per)\s+(\d+)\b/i;

/** “per go”, or “for every 4” of those that share. */
function readBasis(text: string): Read<Pick<KitLine, 'basis' | 'groupOf'>> {
  const every = EVERY.exec(text.trim());
  if (every) return { value: { basis: 'perGroup', groupOf: Number(every[1]) } };
  if (text === '') return { value: { basis: 'perShow', groupOf: null } };
  const basis = readWord(text, BASIS);
  return isFault(basis) ? basis : { value: { basis: basis.value, groupOf: null } };
}

/** `rows` without the heading. Things are found by their name in the store, whatever its capitals. */
export function readKitTable(
  rows: Rows,
  mapping: readonly (KitKey | null)[],
  items: readonly Pick<Item, 'id' | 'name' | 'unit'>[],
  newId: () => string,
): KitImport {
  const byName = new Map(items.map((item) => [item.name.toLowerCase(), item]));
  const lines: KitLine[] = [];
  const faults: RowFault[] = [];
  const titleOf = (key: KitKey): string =>
    KIT_COLUMNS.find((column) => column.key === key)?.title ?? key;
  const readings = readingsOf(rows, mapping, KIT_COLUMNS);
  rows.forEach((row, i) => {
    const cells = plainCells(row, mapping, KIT_COLUMNS, readings);
    if (Object.values(cells).every((cell) => cell === '')) return;
    const fault = (key: KitKey, message: string): void =>
      void faults.push({ row: i + 2, column: titleOf(key), message });
    const item = byName.get((cells.item ?? '').toLowerCase());
    if (!item) fault('item', cells.item ? `is not in the store: “${cells.item}”` : 'is missing');
    const amount = readRange(cells.amount || '1', item?.unit ?? 'piece');
    if (!amount.ok) fault('amount', amount.message);
    const basis = readBasis(cells.basis ?? '');
    if (isFault(basis)) fault('basis', basis.fault);
    if (!item || !amount.ok || isFault(basis)) return;
    const line: KitLine = {
      ...blankLine(newId(), item.id),
      ...amount.value,
      ...basis.value,
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
  ...lines.map((line) => [
    nameOf(line.itemId),
    line.most === null
      ? amountText(line)
      : `${amountText(line)} to ${amountText({ ...line, amount: line.most })}`,
    basisWords(line),
    line.note,
  ]),
];
