/**
 * What words without a fixed size stand for. The one place where they are set; a person may set others.
 * mL for drop, squirt and stroke (of a hand pump), g for pinch. All are common practice.
 */
export interface HouseholdSizes {
  drop: number;
  squirt: number;
  stroke: number;
  pinch: number;
}

/**
 * How far a word without a fixed size may be off: from its size over this to its size times this. Our own
 * marks; who has measured their own squirt has set it, and then it is what it is.
 */
const HOUSEHOLD_SPREAD: Readonly<HouseholdSizes> = {
  drop: 1.3,
  squirt: 1.6,
  stroke: 1.2,
  pinch: 1.6,
};

export const HOUSEHOLD: Readonly<HouseholdSizes> = {
  drop: 0.05,
  squirt: 5,
  stroke: 250,
  pinch: 0.4,
};

/** What a word may be off by; 1 for what has a fixed size, and for sizes that somebody set. */
export function spreadOf(unit: string, sizes: HouseholdSizes): number {
  if (!(unit in HOUSEHOLD)) return 1;
  const word = unit as keyof HouseholdSizes;
  return sizes[word] === HOUSEHOLD[word] ? HOUSEHOLD_SPREAD[word] : 1;
}
