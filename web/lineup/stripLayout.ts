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

/** Rows for labels that start at their x, so that none runs into the next; −1 when there is no room. */
export function labelRows(labels: readonly Label[], rows: number, pxPerLetter: number): number[] {
  const ends = Array.from({ length: rows }, () => -Infinity);
  return labels.map(({ text, x }) => {
    const row = ends.findIndex((end) => end + 6 <= x);
    if (row >= 0) ends[row] = x + text.length * pxPerLetter;
    return row;
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
