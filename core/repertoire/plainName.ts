/** Names as they are told apart. */

/** Names without what differs between one and many, and small from capital letters. */
export function plainName(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^\p{L}\p{N} -]/gu, ' ')
    .trim()
    .split(/\s+/)
    .map((word) => singular(word))
    .join(' ');
}

/** A word as it is said of one. English, by its ending. */
export function singular(word: string): string {
  if (word.length < 4 || /(?:ss|us|is)$/.test(word)) return word;
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(?:ch|sh|x|ss|zz)es$/.test(word)) return word.slice(0, -2);
  return word.replace(/s$/, '');
}
