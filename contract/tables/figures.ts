/** Figures as people write them in a column: one decimal mark for all of it, whichever its cells give away. */

export type DecimalMark = '.' | ',';

const CURRENCY = String.raw`[€$£¥]|[A-Z]{3}(?![A-Za-z])|kr\.?|Fr\.?`;
/** What is put before or after a figure and is no part of it. */
const AROUND = new RegExp(String.raw`^(?:${CURRENCY})\s*|\s*(?:${CURRENCY}|[,.][-–])$`, 'gu');

/** The currency that a cell names, as it stands there; null for none. */
const currencyIn = (text: string): string | null =>
  /[€$£¥]/u.exec(text)?.[0] ?? /\b(?:EUR|USD|GBP|CHF|SEK|NOK|DKK)\b/.exec(text)?.[0] ?? null;

/** Without currency, spaces and apostrophes, which only part thousands. */
const bare = (text: string): string =>
  text
    .trim()
    .replace(AROUND, '')
    .replace(/(\d)[\s’'](?=\d{3}(?!\d))/gu, '$1')
    .trim();

const other = (mark: string): DecimalMark => (mark === '.' ? ',' : '.');

/** What one figure says of its decimal mark: for sure, or only perhaps; null where it has none. */
function tells(figure: string): { mark: DecimalMark; sure: boolean } | null {
  const marks = figure.match(/[.,]/g) ?? [];
  const [first] = marks;
  if (!first) return null;
  const last = marks.at(-1) ?? first;
  // Both are there: the last of them parts the decimals.
  if (marks.some((mark) => mark !== first)) return { mark: last as DecimalMark, sure: true };
  if (marks.length > 1) return { mark: other(first), sure: true };
  const [whole = '', decimals = ''] = figure.split(first);
  const maybeThousands = decimals.length === 3 && /^[1-9]\d{0,2}$/.test(whole);
  return { mark: first as DecimalMark, sure: !maybeThousands };
}

const FIGURES = /\d(?:[\d.,]*\d)?/g;

export interface ColumnMark {
  mark: DecimalMark;
  /** Some cell leaves no doubt, or none has a mark at all; otherwise it is asked. */
  sure: boolean;
  /** The cell that is in doubt: “1.500”; empty for none. */
  doubt: string;
}

/**
 * The decimal mark of a column. Without a cell that is sure it is taken as `usual`, the mark of the table’s other
 * columns, and the reading is to be shown.
 */
export function markOf(cells: Iterable<string>, usual: DecimalMark | null = null): ColumnMark {
  let doubt = '';
  for (const cell of cells)
    for (const [figure] of bare(cell).matchAll(FIGURES)) {
      const told = tells(figure);
      if (told?.sure) return { mark: told.mark, sure: true, doubt: '' };
      if (told && doubt === '') doubt = cell.trim();
    }
  return { mark: usual ?? '.', sure: doubt === '', doubt };
}

const whole = (mark: DecimalMark): RegExp => {
  const group = mark === '.' ? ',' : String.raw`\.`;
  const point = mark === '.' ? String.raw`\.` : ',';
  return new RegExp(String.raw`^[+-]?(?:\d{1,3}(?:${group}\d{3})+|\d+)?(?:${point}\d*)?$`);
};
const WHOLE = { '.': whole('.'), ',': whole(',') };

/** A figure as it is written with a point and no thousands parted; null for what is none. */
function plainFigure(text: string, columnMark: DecimalMark): string | null {
  const figure = bare(text);
  const told = tells(figure);
  const mark = told?.sure ? told.mark : columnMark;
  if (!/\d/.test(figure) || !WHOLE[mark].test(figure)) return null;
  return figure.replaceAll(other(mark), '').replace(mark, '.');
}

/** A figure by its column’s mark, or by its own where it leaves no doubt; null for what is none. */
export function figureOf(text: string, columnMark: DecimalMark): number | null {
  const plain = plainFigure(text, columnMark);
  return plain === null ? null : Number(plain);
}

/** The same text with a point as its decimal mark and no thousands parted, for what reads amounts. */
export const pointed = (text: string, mark: DecimalMark): string =>
  text.replace(
    /\d(?:[\d.,]|[\s’'](?=\d{3}(?!\d)))*\d|\d/gu,
    (figure) => plainFigure(figure, mark) ?? figure,
  );

/** Currencies that cells name besides one’s own, by its code; nothing is converted. */
export function otherCurrencies(cells: Iterable<string>, own: string): string[] {
  const sign = new Intl.NumberFormat('en', { style: 'currency', currency: own })
    .formatToParts(0)
    .find(({ type }) => type === 'currency')?.value;
  const named = new Set<string>();
  for (const cell of cells) {
    const currency = currencyIn(cell);
    if (currency !== null && currency !== own && currency !== sign) named.add(currency);
  }
  return [...named];
}

/** As it would be read with one mark: “1.500 g” as 1.5 g or 1500 g. */
export const readAs = (text: string, mark: DecimalMark): string =>
  pointed(text, mark).replace(/\d+\.\d+/g, (figure) => String(Number(figure)));
