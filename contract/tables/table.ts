/** Tables from and for spreadsheets: columns, their headings, and which heading means which column. */

export interface Column<K extends string = string> {
  key: K;
  /** Heading when written, and the name of the column in messages. */
  title: string;
  /** Other headings that are taken to mean it, in lower case. */
  also?: readonly string[];
  /** What its cells are read as; words when left out. */
  reads?: 'figure' | 'day';
}

export interface RowFault {
  /** Counted as a spreadsheet does: the heading is row 1. */
  row: number;
  /** Heading of the column; empty when it is the row as a whole. */
  column: string;
  message: string;
}

/** A heading as headings are told apart: in small letters, without the unit that its figures are in. */
export const plainHeading = (heading: string): string =>
  plain(heading.replace(/[([][^()[\]]{0,12}[)\]]\s*$|\s(?:mL|ml|[lL]|kg|g)\s*$/, ''));

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}%]+/gu, ' ')
    .trim();

/** The column that each heading of a file seems to mean; null where none does. No column is taken twice. */
export function guessMapping<K extends string>(
  headings: readonly string[],
  columns: readonly Column<K>[],
): (K | null)[] {
  const taken = new Set<K>();
  return headings.map((heading) => {
    const written = [plain(heading), plainHeading(heading)];
    const found = columns.find(
      ({ key, title, also = [] }) =>
        !taken.has(key) &&
        [plain(title), plain(key), ...also].some((name) => written.includes(name)),
    );
    if (!found) return null;
    taken.add(found.key);
    return found.key;
  });
}

/** What a spreadsheet would run as a formula, with the apostrophes that already keep it from that. */
const FORMULA = /^'*[=+\-@\t\r]/;

/** A cell that a spreadsheet would run gets an apostrophe before it, which spreadsheets show as plain text. */
export const disarmed = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);

/** The cell as it was before `disarmed`. */
export const rearmed = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;
