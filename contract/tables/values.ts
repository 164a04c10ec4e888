/** Cells read as values; each reader answers with the value, or with what is wrong. */
import { type Amount, parseAmount } from '../../core/units/parse';
import { type UnitId, dimensionOf, fromBase, toBase } from '../../core/units/units';
import { figureOf } from './figures';

export type Read<T> = { value: T } | { fault: string };

export const isFault = <T>(read: Read<T>): read is { fault: string } => 'fault' in read;

/** A number with a decimal point or comma, thousands parted or not, with or without a currency. */
export function readNumber(text: string): Read<number> {
  const value = figureOf(text, '.') ?? Number(text.replace(/\s/g, ''));
  return text !== '' && Number.isFinite(value)
    ? { value }
    : { fault: `must be a number; it says “${text}”` };
}

const DAYS_IN: readonly [RegExp, number][] = [
  [/^d(?:ays?)?$/i, 1],
  [/^(?:wks?|weeks?)$/i, 7],
  [/^(?:months?|mths?)$/i, 30],
  [/^(?:y|yrs?|years?)$/i, 365],
];

/**
 * A number of days: “5”, “3 days”, “2 weeks”, “2–3 days”. Of a range the one that leaves less time: for a
 * delivery the `longest`, for what something keeps the shortest. A month is 30 days, a year 365.
 */
export function readDays(text: string, longest: boolean): Read<number> {
  const found = /^([\d.,]+)(?:\s*(?:-|–|to)\s*([\d.,]+))?\s*(\p{L}*)\.?$/u.exec(text);
  const word = found?.[3] ?? '';
  const days = word === '' ? 1 : DAYS_IN.find(([unit]) => unit.test(word))?.[1];
  const figures = [found?.[1], found?.[2]].flatMap((figure) => {
    const value = figure === undefined ? null : figureOf(figure, '.');
    return value === null ? [] : [value];
  });
  if (!found || days === undefined || figures.length === 0)
    return { fault: `must be a number of days, such as 5; it says “${text}”` };
  return { value: Math.round(days * (longest ? Math.max : Math.min)(...figures)) };
}

/** An amount of one kind in a given unit: “1.2 kg” in grams. A figure alone is in `bare`. */
export function readIn(text: string, unit: UnitId, bare: UnitId): Read<number> {
  // A figure alone, however small: spreadsheets write those with an exponent.
  const alone = Number(text);
  const parsed = Number.isFinite(alone)
    ? { ok: true as const, value: { amount: alone, unit: bare } }
    : parseAmount(text, { kind: dimensionOf(unit), bare });
  return parsed.ok
    ? { value: convertUnit(parsed.value, unit) }
    : { fault: `${parsed.message}; it says “${text}”` };
}

const convertUnit = ({ amount, unit }: Amount, to: UnitId): number =>
  unit === to ? amount : Number(fromBase(toBase(amount, unit), to).toPrecision(12));

const YES = ['yes', 'y', 'true', '1', 'x'];
const NO = ['no', 'n', 'false', '0', ''];

export function readYesNo(text: string): Read<boolean> {
  const word = text.toLowerCase();
  if (YES.includes(word)) return { value: true };
  return NO.includes(word) ? { value: false } : { fault: `must be yes or no; it says “${text}”` };
}

/** A word of a set, by its name here or in the interface. */
export function readWord<K extends string>(
  text: string,
  words: Readonly<Record<K, string>>,
): Read<K> {
  const wanted = text.toLowerCase();
  const found = (Object.entries(words) as [K, string][]).find(
    ([key, word]) => key.toLowerCase() === wanted || word.toLowerCase() === wanted,
  );
  return found
    ? { value: found[0] }
    : { fault: `must be one of: ${Object.values(words).join(', ')}; it says “${text}”` };
}

/** Several words of a set, with semicolons between. */
export function readWords<K extends string>(
  text: string,
  words: Readonly<Record<K, string>>,
): Read<K[]> {
  const read = readList(text).map((one) => readWord(one, words));
  const fault = read.find(isFault);
  return fault ?? { value: read.flatMap((one) => (isFault(one) ? [] : [one.value])) };
}

/** YYYY-MM-DD, or day, month and year in figures with dots, where the order is not in doubt. */
export function readDay(text: string): Read<string> {
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text);
  const day = dotted
    ? `${dotted[3]}-${(dotted[2] ?? '').padStart(2, '0')}-${(dotted[1] ?? '').padStart(2, '0')}`
    : text;
  const ms = /^\d{4}-\d{2}-\d{2}$/.test(day) ? Date.parse(`${day}T00:00:00Z`) : NaN;
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(day)
    ? { value: day }
    : { fault: `must be a date such as 2027-05-30; it says “${text}”` };
}

/** A figure with its unit, of any kind: “7 V”. */
export function readLimit(text: string): Read<Amount> {
  const parsed = parseAmount(text);
  return parsed.ok ? { value: parsed.value } : { fault: `${parsed.message}; it says “${text}”` };
}

export const readList = (text: string): string[] =>
  text
    .split(/[;,]/)
    .map((part) => part.trim())
    .filter(Boolean);
