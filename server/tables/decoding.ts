/** How the letters of a text file are written: told by its mark, or by what its bytes can be. */
import iconv from 'iconv-lite';
import type { Encoding } from '../../contract/tables/file';

export interface Decoded {
  text: string;
  encoding: Encoding;
  /** By a mark, or because nothing else fits; otherwise another can be chosen. */
  sure: boolean;
}

const MARKS: readonly [Encoding, readonly number[]][] = [
  ['utf-8', [0xef, 0xbb, 0xbf]],
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
];

const decode = (bytes: Uint8Array, encoding: Encoding): string =>
  iconv.decode(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength), encoding);

/** Letters and signs of tables in the languages that are written so; the others are what a wrong reading leaves. */
const LATIN = /[äöüßéèêëàâáãåæøœçñíìîïóòôõúùûýÄÖÜÉÈÀÁÅÆØÇÑÓÚ°µ€£²³½¼×–’“”]/gu;
const CYRILLIC = /[а-яё]{2,}/giu;

/** More letters of one language in a row than words with accents have. */
const RUN = /[\u0080-\u00ff]{4,}/u;

/** How well a reading fits: letters that are used, in the language that is written so. */
function points(text: string, encoding: Encoding): number {
  if (encoding === 'windows-1251')
    return (text.match(CYRILLIC) ?? []).reduce((sum, word) => sum + word.length, 0);
  return text.match(LATIN)?.length ?? 0;
}

/** The reading of bytes that are no Unicode: in runs they are Cyrillic, otherwise whichever leaves more that is used. */
function oldReading(bytes: Uint8Array): Decoded {
  const latin = decode(bytes, 'windows-1252');
  const candidates: readonly Encoding[] = RUN.test(latin)
    ? ['windows-1251', 'windows-1252', 'macintosh']
    : ['windows-1252', 'macintosh'];
  let best = { text: latin, encoding: 'windows-1252' as Encoding, points: -1 };
  for (const encoding of candidates) {
    const text = decode(bytes, encoding);
    const its = points(text, encoding);
    if (its > best.points) best = { text, encoding, points: its };
  }
  return { text: best.text, encoding: best.encoding, sure: false };
}

/** The text of a file, by its mark, as Unicode where it is that, otherwise by which reading fits best. */
export function decoded(bytes: Uint8Array, asked: Encoding | null = null): Decoded {
  if (asked !== null) return { text: decode(bytes, asked), encoding: asked, sure: false };
  for (const [encoding, mark] of MARKS)
    if (mark.every((byte, i) => bytes[i] === byte))
      return { text: decode(bytes, encoding), encoding, sure: true };
  const zeros = [0, 0];
  bytes.forEach((byte, i) => {
    if (byte === 0) zeros[i % 2] = (zeros[i % 2] ?? 0) + 1;
  });
  // Every other byte of plain letters is nothing in UTF-16.
  for (const [side, encoding] of [
    [1, 'utf-16le'],
    [0, 'utf-16be'],
  ] as const)
    if ((zeros[side] ?? 0) > bytes.length / 8)
      return { text: decode(bytes, encoding), encoding, sure: true };
  try {
    return {
      text: new TextDecoder('utf-8', { fatal: true }).decode(bytes),
      encoding: 'utf-8',
      sure: true,
    };
  } catch {
    return oldReading(bytes);
  }
}
