/** Where in a sheet the table is: its heading, its rows, and what only looks like one. */
import { type Cell, type Rows, type Sheet, cellText } from './file';
import { type Column, guessMapping } from './table';

type Row = readonly Cell[];

const filled = (row: Row): string[] => row.map(cellText).filter((cell) => cell !== '');
const isFigure = (cell: string): boolean => /^[\s€$£]*[-+]?[\d.,\s]+[%€$£]?$/.test(cell);

/** Rows looked at for the heading: above it there may be a title and a date. */
const LOOKED_AT = 15;

/** The row that reads like a heading: the most of its cells that name a column, or else words over a full table. */
export function headingOf(sheet: Rows, columns: readonly Column[]): number {
  const widest = Math.max(0, ...sheet.slice(0, 60).map((row) => filled(row).length));
  let best = { at: 0, points: -Infinity };
  sheet.slice(0, LOOKED_AT).forEach((row, at) => {
    const cells = filled(row);
    if (cells.length === 0) return;
    const named = guessMapping(row.map(cellText), columns).filter((key) => key !== null).length;
    const words = cells.filter((cell) => !isFigure(cell)).length;
    const points =
      3 * named +
      (words === cells.length ? 1 : -2) +
      cells.length / Math.max(1, widest) -
      at * 0.01;
    if (points > best.points) best = { at, points };
  });
  return best.at;
}

/** The sheet of a workbook that most looks like the table that is wanted. */
export function sheetOf(sheets: readonly Sheet[], columns: readonly Column[]): number {
  const points = sheets.map(({ rows }) => {
    const heading = rows[headingOf(rows, columns)] ?? [];
    const named = guessMapping(heading.map(cellText), columns).filter((key) => key !== null).length;
    return named * 100 + Math.min(99, rows.length);
  });
  return Math.max(0, points.indexOf(Math.max(...points)));
}

const TOTAL =
  /^(?:grand\s+)?(?:sub)?totals?\b|^sum\b|^in all\b|^summe\b|^gesamt|^total\b|^somme\b|^totaal\b|^totale\b/i;

/** A row that adds up the ones above it. */
export const isTotal = (row: Row, nameAt: number | null): boolean => {
  const cells = filled(row);
  const [first = ''] = cells;
  const name = nameAt === null ? first : cellText(row[nameAt]);
  const is = TOTAL.test(name) || (name === '' && TOTAL.test(first));
  // What is called so and lies on a shelf is a thing.
  return is && cells.slice(1).every(isFigure);
};

export interface LeftOut {
  /** As a spreadsheet counts them. */
  row: number;
  why: 'blank' | 'total' | 'heading';
}

/** The rows of the table below its heading, each with its number in the sheet, and those that are left out. */
export function rowsOf(
  sheet: Rows,
  headingAt: number,
  nameAt: number | null,
): { rows: { row: number; cells: Row }[]; leftOut: LeftOut[] } {
  const heading = JSON.stringify(sheet[headingAt]);
  const rows: { row: number; cells: Row }[] = [];
  const leftOut: LeftOut[] = [];
  sheet.slice(headingAt + 1).forEach((cells, i) => {
    const row = headingAt + i + 2;
    if (filled(cells).length === 0) leftOut.push({ row, why: 'blank' });
    else if (JSON.stringify(cells) === heading) leftOut.push({ row, why: 'heading' });
    else if (isTotal(cells, nameAt)) leftOut.push({ row, why: 'total' });
    else rows.push({ row, cells });
  });
  // Blank rows at the end are no rows.
  while (leftOut.at(-1)?.why === 'blank' && (leftOut.at(-1)?.row ?? 0) > (rows.at(-1)?.row ?? 0))
    leftOut.pop();
  return { rows, leftOut };
}
