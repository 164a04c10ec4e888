/**
 * How the pictograms of the harmonised system are drawn: a black symbol on white in a red square set on its point. Our
 * own drawings after the standard’s shapes; paths in a field of 100 by 100.
 */
import type { Pictogram } from './pictograms';

export interface PictogramPath {
  d: string;
  fill: 'symbol' | 'paper' | 'none';
  /** Width of its line; 0 for none. */
  line: number;
}

export const PICTOGRAM_FRAME = 'M50 4 96 50 50 96 4 50Z';
export const PICTOGRAM_RED = '#C8102E';

const solid = (d: string): PictogramPath => ({ d, fill: 'symbol', line: 0 });
const white = (d: string): PictogramPath => ({ d, fill: 'paper', line: 0 });
const lined = (d: string, line = 4): PictogramPath => ({ d, fill: 'none', line });
const disc = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;

/** A flame whose foot is at (50, y). */
const flame = (y: number, size: number): string => {
  const at = (x: number, up: number): string => `${50 + x * size} ${y - up * size}`;
  return `M${at(0, 0)}C${at(-14, -1)} ${at(-17, 12)} ${at(-12, 21)}C${at(-9, 27)} ${at(-3, 31)} ${at(-4, 42)}C${at(5, 36)} ${at(9, 28)} ${at(7, 20)}C${at(10, 22)} ${at(11, 25)} ${at(11, 28)}C${at(18, 18)} ${at(16, 1)} ${at(0, 0)}Z`;
};

export const PICTOGRAM_SHAPES: Record<Pictogram, readonly PictogramPath[]> = {
  explosive: [
    solid(disc(47, 60, 14)),
    lined('M57 49 62 43', 5),
    solid('M62 22l3 11 8-7-3 11 11-1-9 7 8 7-11-1 1 10-7-8-7 5 2-9-8-3 9-4-5-8 8 3Z'),
    solid('M30 40l-8-6 4 10Z M28 56l-10 1 9 4Z M33 73l-7 7 10-2Z'),
  ],
  flame: [solid(flame(68, 1)), white(flame(66, 0.36)), lined('M34 74H66', 5)],
  oxidiser: [
    solid(flame(52, 0.74)),
    white(flame(51, 0.24)),
    lined(disc(50, 61, 10), 6),
    lined('M34 77H66', 5),
  ],
  gasCylinder: [
    solid('M30 62 58 34a7 7 0 0 1 10 0 7 7 0 0 1 0 10L40 72a7 7 0 0 1-10 0 7 7 0 0 1 0-10Z'),
    solid('M66 30 73 23 79 29 72 36Z'),
  ],
  corrosion: [
    solid('M24 37 45 28 48 35 27 44Z'),
    solid('M55 28 76 37 73 44 52 35Z'),
    solid('M44 40q4 6 0 8-4-2 0-8Z M56 40q4 6 0 8-4-2 0-8Z'),
    solid('M26 62H46V57H41L43 54 38 50 36 54 32 50 26 53Z'),
    solid('M53 68V64l8-4 6-7q4-3 9-1l2 2v14Z'),
    white('M56 56q4-4 9 0l-4 5-6 1Z'),
    solid('M26 65H48V70H26Z'),
  ],
  skull: [
    solid('M50 20c-12 0-18 8-18 17 0 6 3 9 6 12v6h24v-6c3-3 6-6 6-12 0-9-6-17-18-17Z'),
    white(disc(43, 38, 4.5)),
    white(disc(57, 38, 4.5)),
    white('M50 43 53 49H47Z'),
    white('M44 51H46V56H44Z M49 51H51V56H49Z M54 51H56V56H54Z'),
    lined('M34 61 66 75 M66 61 34 75', 5.5),
  ],
  health: [
    solid(disc(50, 27, 9)),
    solid('M26 72c0-20 8-33 24-33s24 13 24 33Z'),
    white(
      'M50 44l2.4 6.2 6.1-2.7-2.7 6.1 6.2 2.4-6.2 2.4 2.7 6.1-6.1-2.7-2.4 6.2-2.4-6.2-6.1 2.7 2.7-6.1-6.2-2.4 6.2-2.4-2.7-6.1 6.1 2.7Z',
    ),
  ],
  exclamation: [solid('M43 23H57L54 58H46Z'), solid(disc(50, 69, 6))],
  environment: [
    solid('M24 70H78V73H24Z'),
    lined('M62 70V34 M62 54 71 44 M62 48 54 38 M62 40 68 31', 4),
    solid('M26 62c6-9 16-9 22-3l6-5v14l-6-5c-6 6-16 6-22-1Z'),
    white('M32 59l3 3m0-3-3 3'),
    white(disc(33, 61, 1.8)),
  ],
};

/** The whole pictogram as a drawing of its own, for paper. */
export function pictogramSvg(pictogram: Pictogram): string {
  const paths = PICTOGRAM_SHAPES[pictogram].map(({ d, fill, line }) => {
    const paint = fill === 'symbol' ? '#000' : fill === 'paper' ? '#fff' : 'none';
    const stroke = line > 0 ? ` stroke="#000" stroke-width="${line}"` : '';
    return `<path d="${d}" fill="${paint}"${stroke}/>`;
  });
  const frame = `<path d="${PICTOGRAM_FRAME}" fill="#fff" stroke="${PICTOGRAM_RED}" stroke-width="6"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${frame}${paths.join('')}</svg>`;
}
