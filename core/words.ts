/** "Ines", "Ines and Jo", "Ines, Jo and Mara". */
export function listInWords(names: readonly string[], last: 'and' | 'or' = 'and'): string {
  if (names.length < 2) return names[0] ?? '';
  return `${names.slice(0, -1).join(', ')} ${last} ${names[names.length - 1]}`;
}

export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** "Goggles and splash gloves": names of things, the first as it stands. */
export const thingsInWords = (names: readonly string[]): string =>
  listInWords(names.map((name, i) => (i === 0 ? name : lowerFirst(name))));

/** "1 check", "3 checks". */
export const counted = (n: number, noun: string, plural = `${noun}s`): string =>
  `${n} ${n === 1 ? noun : plural}`;

const ORDINALS =
  'first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth'.split(' ');

/** “second”; “number 13” where it is further on. */
export const ordinal = (n: number): string => ORDINALS[n - 1] ?? `number ${n}`;
