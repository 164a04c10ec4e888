/**
 * How faces are drawn: on a grid of 96 by 72, standing on a strip of tape at 66. Solid ink with cuts of the ground, and
 * ember for the one moment that is the effect. Each shape is SVG markup of our own; nothing of anybody’s is put into it.
 */
import { tapePath } from '../parts/tapeShape';

export const INK = 'fill="currentColor"';
/** Cut out of the ink. */
export const GROUND = 'fill="var(--face-ground)"';
export const EMBER = 'fill="var(--face-ember)"';

const round = (n: number): number => Number(n.toFixed(2));

export const shape = (d: string, paint = INK, more = ''): string =>
  `<path d="${d}" ${paint} ${more}/>`;
export const disc = (x: number, y: number, r: number, paint = INK, more = ''): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" ${paint} ${more}/>`;
export const discs = (
  all: readonly (readonly [x: number, y: number, r: number])[],
  paint = INK,
): string => all.map(([x, y, r]) => disc(x, y, r, paint)).join('');
export const oval = (
  x: number,
  y: number,
  rx: number,
  ry: number,
  paint = INK,
  more = '',
): string => `<ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" ${paint} ${more}/>`;
export const box = (
  x: number,
  y: number,
  w: number,
  h: number,
  paint = INK,
  rx = 0,
  more = '',
): string => `<rect x="${x}" y="${y}" width="${w}" height="${h}" rx="${rx}" ${paint} ${more}/>`;

type Stroke = 'ink' | 'ground' | 'ember';
const STROKES: Readonly<Record<Stroke, string>> = {
  ink: 'currentColor',
  ground: 'var(--face-ground)',
  ember: 'var(--face-ember)',
};
export const line = (d: string, width = 3, stroke: Stroke = 'ink', more = ''): string =>
  `<path d="${d}" fill="none" stroke="${STROKES[stroke]}" stroke-width="${width}" stroke-linejoin="round" ${more}/>`;
export const ring = (
  x: number,
  y: number,
  r: number,
  width: number,
  stroke: Stroke = 'ink',
  more = '',
): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${STROKES[stroke]}" stroke-width="${width}" ${more}/>`;

/** An edge of ground round a shape, where it lies over another. */
export const cut = (width = 2.5): string =>
  `stroke="var(--face-ground)" stroke-width="${width}" paint-order="stroke" stroke-linejoin="round"`;

export const dashes = (pattern: string): string => `stroke-dasharray="${pattern}"`;

/** A star with n points, from radius a to b. */
export function burst(x: number, y: number, a: number, b: number, n: number, turn = 0): string {
  const points = Array.from({ length: n * 2 }, (_, k) => {
    const radius = k % 2 ? b : a;
    const angle = turn + (Math.PI * k) / n;
    return `${round(x + radius * Math.cos(angle))} ${round(y + radius * Math.sin(angle))}`;
  });
  return `M${points.join('L')}Z`;
}

/** A disc cut with pinking shears. */
export const pinkedDisc = (x: number, y: number, r: number, n: number, depth = 2): string =>
  burst(x, y, r, r - depth, n);

export const tape = tapePath;
export const floor = (x = 12, width = 72): string => shape(tapePath(x, 66, width, 4.5));
export const turned = (inside: string, degrees: number, x: number, y: number): string =>
  `<g transform="rotate(${degrees} ${x} ${y})">${inside}</g>`;
export const moved = (inside: string, x: number, y: number, more = ''): string =>
  `<g transform="translate(${x} ${y}) ${more}">${inside}</g>`;

export const flame = (x: number, y: number, h: number, w = h * 0.36): string =>
  `M${x} ${round(y - h)}C${round(x + w * 0.3)} ${round(y - h * 0.7)} ${round(x + w)} ${round(y - h * 0.5)} ${round(x + w)} ${round(y - h * 0.28)}` +
  `C${round(x + w)} ${round(y - h * 0.08)} ${round(x + w * 0.5)} ${y} ${x} ${y}` +
  `C${round(x - w * 0.5)} ${y} ${round(x - w)} ${round(y - h * 0.08)} ${round(x - w)} ${round(y - h * 0.28)}` +
  `C${round(x - w)} ${round(y - h * 0.5)} ${round(x - w * 0.2)} ${round(y - h * 0.6)} ${x} ${round(y - h)}Z`;

export const balloonShape = (x: number, y: number, a: number, b: number): string =>
  `M${x} ${y - b}C${round(x + a * 1.2)} ${y - b} ${round(x + a * 1.25)} ${round(y + b * 0.35)} ${x + 2} ${y + b}H${x - 2}` +
  `C${round(x - a * 1.25)} ${round(y + b * 0.35)} ${round(x - a * 1.2)} ${y - b} ${x} ${y - b}Z`;

/** A stemmed glass: its rim, half as wide as w, at y; its bowl so deep; its foot. */
export const stemGlass = (x: number, y: number, w: number, deep: number, foot: number): string =>
  shape(
    `M${x - w} ${y}H${x + w}C${x + w} ${y + deep * 0.75} ${x + w * 0.55} ${y + deep} ${x + 2} ${y + deep}V${foot - 3}` +
      `L${x + w * 0.7} ${foot - 1.5}V${foot}H${x - w * 0.7}V${foot - 1.5}L${x - 2} ${foot - 3}V${y + deep}` +
      `C${x - w * 0.55} ${y + deep} ${x - w} ${y + deep * 0.75} ${x - w} ${y}Z`,
  );

/** A bottle with a neck, standing on the floor. */
export const bottle = (inside = ''): string =>
  shape(
    'M37.500 1H58.500V5.500H56V17C66 20 71 26 71 33V60A4 4 0 0 1 67 64H29A4 4 0 0 1 25 60V33C25 26 30 20 40 17V5.500H37.500Z',
  ) +
  shape('M44 5.500H52V20C62.500 22.500 67 28 67 34V60H29V34C29 28 34.500 22.500 44 20Z', GROUND) +
  inside;

/** A bowl with its rim at y. */
export const bowl = (y = 46, left = 22, right = 74): string =>
  shape(
    `M${left} ${y}H${right}L${right - 5} 61A4 4 0 0 1 ${right - 9} 64H${left + 9}A4 4 0 0 1 ${left + 5} 61Z`,
  );

/** A straight glass, w wide, from y down to the floor; empty inside. */
export const tumbler = (x: number, y: number, w: number): string =>
  shape(`M${x} ${y}H${x + w}V60A4 4 0 0 1 ${x + w - 4} 64H${x + 4}A4 4 0 0 1 ${x} 60Z`) +
  box(x + 3, y, w - 6, 61 - y, GROUND);
