/** Where in the picture of a stock its days, its amounts and its labels stand. */
import { dayNumber } from '../../../core/time/days';
import type { StockStep } from '../../../core/inventory/stockAhead';

export const HEIGHT = 320;
const TOP = 84;
export const BASE = 246;
export const LEFT = 68;
/** Days of the past that are drawn. */
const PAST_MOST = 90;
/** Days ahead that are drawn at the least. */
const AHEAD_LEAST = 21;
/** Lanes for labels, from the top. */
const LANES = [14, 48];
const LABEL_WIDTH = 150;

export interface Frame {
  width: number;
  /** Where the past ends, and the future begins; the bottles stand between. */
  today: readonly [number, number];
  x: (day: string, isPast: boolean) => number;
  y: (base: number) => number;
  most: number;
}

export function frameOf(
  past: readonly StockStep[],
  ahead: readonly StockStep[],
  now: number,
  { width, today, bottles }: { width: number; today: string; bottles: number },
): Frame {
  const day = dayNumber(today);
  const first = Math.max(day - PAST_MOST, ...[past[0] ? dayNumber(past[0].day) - 2 : day - 7]);
  const last = Math.max(day + AHEAD_LEAST, ...ahead.map((step) => dayNumber(step.day))) + 3;
  const band = bottles > 0 ? Math.min(74 * bottles + 20, width * 0.3) : 24;
  const free = width - LEFT - band - 8;
  const pastEnd = LEFT + (past.length > 0 ? free * 0.24 : 0);
  const from = pastEnd + band;
  const most = Math.max(
    1e-9,
    now,
    ...past.map((one) => one.stock),
    ...ahead.map((one) => one.stock),
  );
  return {
    width,
    today: [pastEnd, from],
    most,
    x: (at, isPast) => {
      const n = dayNumber(at);
      return isPast
        ? LEFT + ((Math.max(first, n) - first) / Math.max(1, day - first)) * (pastEnd - LEFT)
        : from + ((n - day) / Math.max(1, last - day)) * (width - 8 - from);
    },
    y: (base) => BASE - (Math.max(0, base) / most) * (BASE - TOP),
  };
}

/** The line as a path of steps, from `start` on. */
export function stepPath(
  frame: Frame,
  steps: readonly StockStep[],
  start: number,
  isPast: boolean,
): string {
  const [pastEnd, from] = frame.today;
  let path = `M${isPast ? LEFT : from} ${frame.y(start)}`;
  for (const { day, stock } of steps) path += `H${frame.x(day, isPast)}V${frame.y(stock)}`;
  return `${path}H${isPast ? pastEnd : frame.width - 8}`;
}

export interface Label {
  step: StockStep;
  x: number;
  lane: number;
}

/** A label for each step in the first lane where it stands free; those that find none are left to the axis. */
export function labelsOf(frame: Frame, steps: readonly StockStep[]): Label[] {
  const ends = LANES.map(() => -Infinity);
  return steps.flatMap((step): Label[] => {
    const at = frame.x(step.day, false);
    const x = Math.min(at, frame.width - LABEL_WIDTH);
    const lane = ends.findIndex((end) => end <= x);
    if (lane < 0) return [];
    ends[lane] = x + LABEL_WIDTH;
    return [{ step, x, lane: LANES[lane] ?? 0 }];
  });
}

/** Round figures up the axis: nothing, the most, and a half where there is room. */
export const ticksOf = (most: number): number[] => {
  const unit = 10 ** Math.floor(Math.log10(most));
  const top = Math.floor(most / unit) * unit;
  return top >= 2 * unit ? [0, top / 2, top] : [0, top];
};
