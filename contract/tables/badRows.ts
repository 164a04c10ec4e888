/** The rows of a table that could not come in, given back as they were, each with its reasons. */
import type { Cell, Rows } from './file';
import type { ReadRow } from './inventoryRead';

/** The heading first; nothing but it where all rows are right. Brought in again, the reasons are left out. */
export function badRows(
  rows: Rows,
  headingAt: number,
  read: readonly Pick<ReadRow, 'row' | 'faults'>[],
): Cell[][] {
  const width = Math.max(0, ...rows.map((row) => row.length));
  const full = (row: readonly Cell[] = []): Cell[] =>
    Array.from({ length: width }, (_, i) => row[i] ?? '');
  return [
    [...full(rows[headingAt]), 'What is wrong'],
    ...read
      .filter(({ faults }) => faults.length > 0)
      .map(({ row, faults }) => [
        ...full(rows[row - 1]),
        faults.map(({ column, message }) => `${column} ${message}`.trim()).join('; '),
      ]),
  ];
}
