/** The outline of cloth tape cut with pinking shears. */
import type { MarkShape } from '../../core/brief/types';

const round = (n: number): number => Number(n.toFixed(2));

/** Outline of a strip of tape with zig-zag ends, a tooth for about every 6 px. */
export function tapePath(x: number, y: number, width: number, height: number): string {
  const teeth = Math.max(2, Math.round(height / 6));
  const depth = Math.min(width > 120 ? 6 : 3, height / 7, width / 3);
  const pitch = height / teeth;
  const right = Array.from(
    { length: teeth },
    (_, i) =>
      `L${round(x + width - depth)} ${round(y + pitch * (i + 0.5))}L${round(x + width)} ${round(y + pitch * (i + 1))}`,
  );
  const left = Array.from({ length: teeth }, (_, i) => {
    const k = teeth - 1 - i;
    return `L${round(x)} ${round(y + pitch * (k + 0.5))}L${round(x + depth)} ${round(y + pitch * k)}`;
  });
  return `M${round(x + depth)} ${round(y)}H${round(x + width)}${right.join('')}H${round(x + depth)}${left.join('')}Z`;
}

/** A figure of the condensed face is so many times its size wide, at its normal width and at its narrowest. */
const FIGURE = 0.62;
const NARROW_FIGURE = 0.5;
/** What teeth at both ends take of a piece, px. */
const TEETH = 6;
/** Smaller figures are not read, px. */
const LEAST_FIGURE = 9;

/** How large a figure of so many letters may be on a piece of tape; null where it would run over its ends. */
export function figureOn(
  width: number,
  letters: number,
  size: number,
): { size: number; narrow: boolean } | null {
  const room = width - TEETH;
  if (letters * size * FIGURE <= room) return { size, narrow: false };
  const smaller = Math.floor(room / (Math.max(1, letters) * NARROW_FIGURE));
  return smaller >= LEAST_FIGURE ? { size: Math.min(size, smaller), narrow: true } : null;
}

/** Zig-zag ends of tape as a clip path, for a box of any width: so many teeth a side, so deep in px. */
export function pinked(teeth: number, depth: number): string {
  const edge = Array.from({ length: teeth * 2 + 1 }, (_, i) => ({
    inset: i % 2 ? depth : 0,
    down: (i / (teeth * 2)) * 100,
  }));
  const left = edge.map(({ inset, down }) => `${inset}px ${down}%`);
  const right = edge.map(({ inset, down }) => `calc(100% - ${inset}px) ${100 - down}%`);
  return `polygon(${[...left, ...right].join(', ')})`;
}

/** The colour of tape at a position; of what stands nowhere in particular it is plain. Figures on it can be read. */
export const tapeFill = (mark: MarkShape | null): string =>
  mark ? `var(--tape-${mark})` : 'var(--muted)';
