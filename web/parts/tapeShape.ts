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
