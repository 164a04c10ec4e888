import Papa from 'papaparse';
import { disarmed } from '../../contract/tables/table';

/** Rows as a CSV file (RFC 4180); the mark at the start lets spreadsheets see that it is UTF-8. */
export const csvFile = (rows: readonly (readonly (string | number | null)[])[]): string =>
  `\uFEFF${Papa.unparse(
    rows.map((row) => row.map((cell) => (typeof cell === 'string' ? disarmed(cell) : cell))),
    { newline: '\r\n' },
  )}\r\n`;

/** Without the line breaks at its end; counted from the end, whatever there is before. */
function withoutLastBreaks(text: string): string {
  let end = text.length;
  while (end > 0 && (text[end - 1] === '\n' || text[end - 1] === '\r')) end--;
  return text.slice(0, end);
}

/** Rows of a CSV text; commas, semicolons and tabs are told apart. Empty lines are kept: rows are counted. */
export const csvRows = (text: string): string[][] =>
  Papa.parse<string[]>(withoutLastBreaks(text.replace(/^\uFEFF/, ''))).data;
