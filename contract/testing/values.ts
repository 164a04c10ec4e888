/** Small random values that others are made of. */
import fc from 'fast-check';

/** Words as people write them, quotes, accents, emoji and line breaks included. */
const LETTERS = [...'abc XYZ 019.,;:"\'«»%&<>=+-@éßøЖ日\n\t', '🧪', '👩‍🔬'];
export const words = (max: number, min = 0): fc.Arbitrary<string> =>
  fc
    .array(fc.constantFrom(...LETTERS), { maxLength: Math.floor(max / 6) })
    .map((letters) => letters.join(''))
    .map((text) => (text.trim().length < min ? `x${text}` : text));
export const wordList = (length: number): fc.Arbitrary<string[]> =>
  fc.uniqueArray(words(length, 1), { maxLength: 3 });
export const yes = fc.boolean();
export const orNull = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.option(value);
export const whole = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
export const number = (min: number, max: number): fc.Arbitrary<number> =>
  fc.double({ min, max, noNaN: true }).map((value) => (value === 0 ? 0 : value));
/** Ids that differ within one list. */
export const numbered = <T>(prefix: string, all: readonly T[]): (T & { id: string })[] =>
  all.map((value, i) => ({ ...value, id: `${prefix}${i}` }));
