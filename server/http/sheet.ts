import writeExcel from 'write-excel-file/node';

/** A cell of a table that goes into a file: text, or a number that can be added up. */
export type Cell = string | number | null;

/** Characters about, so that nothing is cut in the first look. */
const WIDEST = 60;

/**
 * Rows as a spreadsheet file; the first is the heading. Text is written as text, so that nothing in it
 * is ever run as a formula.
 */
export async function sheetFile(
  title: string,
  rows: readonly (readonly Cell[])[],
): Promise<Buffer> {
  const [head = []] = rows;
  const width = (column: number): number =>
    Math.min(WIDEST, Math.max(8, ...rows.map((row) => String(row[column] ?? '').length + 2)));
  return writeExcel(
    rows.map((row, i) =>
      head.map((_, column) => {
        const value = row[column] ?? null;
        const bold = i === 0 ? ({ fontWeight: 'bold' } as const) : {};
        return typeof value === 'number'
          ? { type: Number, value, ...bold }
          : { type: String, value: value ?? '', ...bold };
      }),
    ),
    {
      sheet: title.slice(0, 31),
      columns: head.map((_, i) => ({ width: width(i) })),
      stickyRowsCount: 1,
    },
  ).toBuffer();
}
