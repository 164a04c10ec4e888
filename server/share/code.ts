/** The code that a device comes in by: short enough to be read out in a hall, and good for a day. */
import { randomInt } from 'node:crypto';

/** Without what is mistaken for something else, read or heard, and without vowels: no code is a word. */
export const CODE_LETTERS = '2346789BCDFGHJKMNPQRTVWXYZ';
export const CODE_LENGTH = 6;

const HOUR = 3_600_000;
/** It ends at night, when no show is on, and not within so many hours of being made. */
const ENDS_AT = 4;
const AT_LEAST = 6 * HOUR;

export const newCode = (): string =>
  Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('');

/** As it was typed: small letters, spaces and dashes do no harm. */
export const readCode = (typed: string): string => typed.toUpperCase().replace(/[^0-9A-Z]/g, '');

/** When a code that is made now ends, in ms since 1970, by the clock on the wall here. */
export function codeEnds(now: number): number {
  const end = new Date(now);
  end.setHours(ENDS_AT, 0, 0, 0);
  while (end.getTime() < now + AT_LEAST) end.setDate(end.getDate() + 1);
  return end.getTime();
}
