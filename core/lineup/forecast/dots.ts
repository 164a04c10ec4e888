/** A hundred shows as dots that stand on one another where they end at about the same time. */
export interface Dot {
  /** Middle of the dot's stack, in seconds from the show's start. */
  at: number;
  /** From 0 at the bottom. */
  level: number;
  late: boolean;
}

/**
 * `ends` in order. A stack is `wide` seconds wide, and stacks are counted from the hard finish, so that
 * none has shows from both sides of it.
 */
export function stackDots(ends: readonly number[], hardFinish: number, wide: number): Dot[] {
  const heights = new Map<number, number>();
  return ends.map((end): Dot => {
    const late = end > hardFinish;
    // On the hard finish is in time, so stacks before it are closed at their right end.
    const stack = late
      ? Math.ceil((end - hardFinish) / wide) - 1
      : -Math.floor((hardFinish - end) / wide) - 1;
    const level = heights.get(stack) ?? 0;
    heights.set(stack, level + 1);
    return { at: hardFinish + (stack + 0.5) * wide, level, late };
  });
}

/** So many of many ends, evenly from the earliest to the latest: ten evenings out of a hundred. */
export function evenings(ends: readonly number[], count: number): number[] {
  const sorted = ends.toSorted((a, b) => a - b);
  if (sorted.length <= count) return sorted;
  return Array.from(
    { length: count },
    (_, i) => sorted[Math.floor(((i + 0.5) / count) * sorted.length)] ?? 0,
  );
}
