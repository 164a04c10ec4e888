/** Days as people write them in a column: one order of day and month for all of it. */

export type DayOrder = 'dayFirst' | 'monthFirst';

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

/** Spreadsheets count days from here; 60 stood for a day that there never was. */
const SERIAL_FROM = Date.UTC(1899, 11, 30);
const DAY = 86_400_000;

const iso = (year: number, month: number, day: number): string | null => {
  const at = new Date(Date.UTC(year, month - 1, day));
  return at.getUTCFullYear() === year && at.getUTCMonth() === month - 1 && at.getUTCDate() === day
    ? at.toISOString().slice(0, 10)
    : null;
};
/** Two figures are of this century. */
const yearOf = (text: string): number => (text.length === 2 ? 2000 + Number(text) : Number(text));
const lastOf = (year: number, month: number): string | null =>
  month >= 1 && month <= 12
    ? iso(year, month, new Date(Date.UTC(year, month, 0)).getUTCDate())
    : null;
const monthOf = (word: string): number => {
  const name = word.toLowerCase().replace(/\.$/, '');
  return name.length < 3 ? 0 : MONTHS.findIndex((month) => month.startsWith(name)) + 1;
};

const FIGURES = /^(\d{1,2})[./-](\d{1,2})[./-](\d{2}|\d{4})$/;

/** The order of a column: what has a 13 or more in one place can’t have its month there. With a dot it is the day first. */
export function orderOf(cells: Iterable<string>): {
  order: DayOrder;
  sure: boolean;
  /** The cell that is in doubt; empty for none. */
  doubt: string;
} {
  let doubt = '';
  for (const cell of cells) {
    const found = FIGURES.exec(cell.trim());
    if (!found) continue;
    if (Number(found[1]) > 12 || cell.includes('.'))
      return { order: 'dayFirst', sure: true, doubt: '' };
    if (Number(found[2]) > 12) return { order: 'monthFirst', sure: true, doubt: '' };
    if (found[1] !== found[2]) doubt ||= cell.trim();
  }
  return { order: 'dayFirst', sure: doubt === '', doubt };
}

/** YYYY-MM-DD; null for what is no day. Where only the month is given, it is good to its last day. */
export function dayOf(text: string, order: DayOrder): string | null {
  const written = text.trim().replace(/[ T]\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?Z?$/, '');
  let found = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(written);
  if (found) return iso(Number(found[1]), Number(found[2]), Number(found[3]));
  found = FIGURES.exec(written);
  if (found) {
    const [first, second] = [Number(found[1]), Number(found[2])];
    const [day, month] = order === 'dayFirst' ? [first, second] : [second, first];
    return iso(yearOf(found[3] ?? ''), month, day);
  }
  found = /^(\d{1,2})(?:st|nd|rd|th)?[.\s-]+(\p{L}+\.?)[,\s-]+(\d{2}|\d{4})$/u.exec(written);
  if (found) return iso(yearOf(found[3] ?? ''), monthOf(found[2] ?? ''), Number(found[1]));
  found = /^(\p{L}+\.?)\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4})$/u.exec(written);
  if (found) return iso(yearOf(found[3] ?? ''), monthOf(found[1] ?? ''), Number(found[2]));
  found = /^(\d{1,2})[./-](\d{4})$/.exec(written);
  if (found) return lastOf(Number(found[2]), Number(found[1]));
  found = /^(\d{4})-(\d{1,2})$/.exec(written);
  if (found) return lastOf(Number(found[1]), Number(found[2]));
  found = /^(\p{L}{3,}\.?)[\s/-]+(\d{2}|\d{4})$/u.exec(written);
  if (found) return lastOf(yearOf(found[2] ?? ''), monthOf(found[1] ?? ''));
  // A day as a spreadsheet counts it, of this century.
  if (/^\d{5}$/.test(written) && Number(written) >= 36_526 && Number(written) < 73_051)
    return new Date(SERIAL_FROM + Number(written) * DAY).toISOString().slice(0, 10);
  return null;
}
