/** Cells read as values; each reader answers with the value, or with what is wrong. */
import { type Amount, parseAmount } from '../../core/units/parse';

export type Read<T> = { value: T } | { fault: string };

export const isFault = <T>(read: Read<T>): read is { fault: string } => 'fault' in read;

/** A number with a decimal point or comma. */
export function readNumber(text: string): Read<number> {
  const value = Number(text.replace(/\s/g, '').replace(',', '.'));
  return text !== '' && Number.isFinite(value)
    ? { value }
    : { fault: `must be a number; it says “${text}”` };
}

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
