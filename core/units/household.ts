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

export const HOUSEHOLD: Readonly<HouseholdSizes> = {
  drop: 0.05,
  squirt: 5,
  stroke: 250,
  pinch: 0.4,
};
