/** Where things stand on the stage strip: two time scales side by side, and labels that don't collide. */
export interface Scale {
  /** Pixels for a show time in seconds. */
  x(seconds: number): number;
  /** Show time in seconds for pixels. */
  at(x: number): number;
  /** Left edge of the preparation, of the show, and the right edge. */
  left: number;
  zero: number;
  right: number;
}

/** Preparation gets a quarter of the width at most, at its own scale; the show gets the rest. */
export function makeScale(first: number, last: number, left: number, right: number): Scale {
  const before = Math.max(60, -first);
  const share = first < 0 ? Math.min(0.25, Math.max(0.14, before / (before + last) / 2)) : 0.03;
  const zero = left + (right - left) * share;
  const early = (zero - left) / before;
  const late = (right - zero) / Math.max(1, last);
  return {
    left,
    zero,
    right,
    x: (seconds) => zero + seconds * (seconds < 0 ? early : late),
    at: (x) => (x - zero) / (x < zero ? early : late),
  };
}

export interface Label {
  text: string;
  x: number;
}

/** Where in a row something else is drawn: from x to x. */
type Taken = readonly (readonly [from: number, to: number])[];

export interface PlacedLabel {
  /** −1 when there is no room. */
  row: number;
  x: number;
  /** Whether it begins or ends at its x. */
  anchor: 'start' | 'end';
}

/** Between two labels, and between a label and what else is drawn, px. */
const APART = 6;

/**
 * Labels in the first row with room, so that none runs into the next or into what else is drawn there. One that would
 * run into that ends before it, as long as that is not before its x.
 */
export function placeLabels(
  labels: readonly Label[],
  rows: readonly Taken[],
  pxPerLetter: number,
): PlacedLabel[] {
  const ends = rows.map(() => -Infinity);
  return labels.map(({ text, x }) => {
    const width = text.length * pxPerLetter;
    for (const [row, taken] of rows.entries()) {
      const inWay = taken.find(([from, to]) => from < x + width + APART && to > x);
      const end = inWay ? inWay[0] - APART : x + width;
      const begin = end - width;
      const isFree = !taken.some(([from, to]) => from < end && to > begin);
      if (begin < (ends[row] ?? -Infinity) + APART || !isFree || end <= x) continue;
      ends[row] = end;
      return inWay ? { row, x: end, anchor: 'end' } : { row, x, anchor: 'start' };
    }
    return { row: -1, x, anchor: 'start' };
  });
}

/** The text, cut with an ellipsis where it would be wider than the room there is. */
export function shorten(text: string, room: number, pxPerLetter: number): string {
  const most = Math.max(1, Math.floor(room / pxPerLetter));
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
}

/** Round steps of time for an axis, in seconds. */
const STEPS = [60, 120, 300, 600, 900, 1800, 3600];

/** The finest step whose labels have room. */
export const tickStep = (scale: Scale, room: number): number =>
  STEPS.find((step) => scale.x(step) - scale.x(0) >= room) ?? 3600;

/** As short as a bracket that says so many minutes may be drawn, px. */
const BRACKET_LEAST = 14;

/**
 * A stretch of time to draw on both scales, so that the one is seen against the other: the shortest round one that
 * can be seen among the preparation. Null where none fits there.
 */
export function sameStretch(scale: Scale): number | null {
  const { left, zero, right } = scale;
  const inPreparation = (seconds: number): number => zero - scale.x(-seconds);
  const fits = STEPS.find((seconds) => inPreparation(seconds) >= BRACKET_LEAST);
  if (fits === undefined || inPreparation(fits) > zero - left) return null;
  return scale.x(fits) <= right ? fits : null;
}
