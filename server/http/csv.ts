import Papa from 'papaparse';

/** Rows of text as a CSV file (RFC 4180); the mark at the start lets spreadsheets see that it is UTF-8. */
export const csvFile = (rows: readonly (readonly string[])[]): string =>
  `\uFEFF${Papa.unparse(
    rows.map((row) => row.map(plain)),
    { newline: '\r\n' },
  )}\r\n`;

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it, which spreadsheets
 * show as plain text.
 */
const plain = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);
