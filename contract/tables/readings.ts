/** How the cells of each column are read: its decimal mark, its order of day and month, the unit in its heading. */
import { type UnitId, dimensionOf } from '../../core/units/units';
import { parseAmount } from '../../core/units/parse';
import { type DayOrder, dayOf, orderOf } from './days';
import { type DecimalMark, markOf, pointed } from './figures';
import { type Cell, type Rows, cellText } from './file';
import { type Column, rearmed } from './table';

export interface ColumnReading {
  mark: DecimalMark;
  order: DayOrder;
  /** False where its cells could be read otherwise, too; then `doubt` is one of them. */
  sure: boolean;
  doubt: string;
}

/** What was said by hand of a column; null lets its cells say it. */
export interface ReadingAsked {
  mark: DecimalMark | null;
  order: DayOrder | null;
}

export const NOTHING_ASKED: ReadingAsked = { mark: null, order: null };

function* textsOf(rows: Rows, at: number): Generator<string> {
  for (const row of rows) {
    const cell = row[at];
    if (typeof cell === 'string' && cell !== '') yield cell;
  }
}

const WORDS: ColumnReading = { mark: '.', order: 'dayFirst', sure: true, doubt: '' };

/** The reading of each column; what is mapped to words, or to nothing, has none to speak of. */
export function readingsOf<K extends string>(
  rows: Rows,
  mapping: readonly (K | null)[],
  columns: readonly Column<K>[],
  asked: readonly (ReadingAsked | undefined)[] = [],
): ColumnReading[] {
  const readsOf = new Map(columns.map(({ key, reads }) => [key, reads]));
  const reads = mapping.map((key) => (key === null ? undefined : readsOf.get(key)));
  const own = reads.map((as, at) => (as === 'figure' ? markOf(textsOf(rows, at)) : null));
  // Who writes commas in one column writes them in all.
  const usual =
    own.find((one, at) => one?.sure && one.mark === ',' && reads[at] === 'figure')?.mark ??
    asked.find((one) => one?.mark)?.mark ??
    null;
  return reads.map((as, at): ColumnReading => {
    const said = asked[at] ?? NOTHING_ASKED;
    if (as === 'day') {
      const { order, sure, doubt } = orderOf(textsOf(rows, at));
      return { ...WORDS, order: said.order ?? order, sure: sure || said.order !== null, doubt };
    }
    if (as !== 'figure') return WORDS;
    const { mark, sure, doubt } = markOf(textsOf(rows, at), usual);
    return { ...WORDS, mark: said.mark ?? mark, sure: sure || said.mark !== null, doubt };
  });
}

/** The unit that a heading says its figures are in, as in “Size (g)” or “Weight kg”; null for none. */
export function unitInHeading(heading: string): UnitId | null {
  const word =
    /[([]\s*([^\d()[\]]{1,12})\s*[)\]]\s*$/u.exec(heading)?.[1] ??
    /\s(m[lL]|[lL]|kg|g)\s*$/.exec(heading)?.[1];
  const read = word === undefined ? null : parseAmount(`1 ${word}`);
  return read?.ok && ['volume', 'mass', 'length'].includes(dimensionOf(read.value.unit))
    ? read.value.unit
    : null;
}

/** A cell as everything here reads it: figures with a point, days as YYYY-MM-DD; what is neither stays as it is. */
export function plainCell(
  cell: Cell | undefined,
  reads: Column['reads'],
  { mark, order }: ColumnReading,
): string {
  // Sums that a workbook reckoned have a hair too much or too little in their last places.
  if (typeof cell === 'number' && reads !== 'day') return String(Number(cell.toPrecision(14)));
  const text = rearmed(cellText(cell)).trim();
  if (reads === 'figure') return pointed(text, mark);
  return reads === 'day' ? (dayOf(text, order) ?? text) : text;
}

/** A row’s cells by the columns they are mapped to; columns left out are missing. */
export function plainCells<K extends string>(
  row: Rows[number],
  mapping: readonly (K | null)[],
  columns: readonly Column<K>[],
  readings: readonly ColumnReading[],
): Partial<Record<K, string>> {
  const cells: Partial<Record<K, string>> = {};
  mapping.forEach((key, at) => {
    const reading = readings[at];
    if (key !== null && reading)
      cells[key] = plainCell(row[at], columns.find((one) => one.key === key)?.reads, reading);
  });
  return cells;
}
