import { oneWay } from './anova';

const middleOf = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return ((sorted[Math.ceil(half) - 1] ?? 0) + (sorted[Math.floor(half)] ?? 0)) / 2;
};

/**
 * Chance of spreads as unlike as these where all groups spread alike; null where that can't be told. An analysis of
 * variance of the distances from each group's median (Brown and Forsythe 1974).
 */
export const unequalSpread = (groups: readonly (readonly number[])[]): number | null =>
  oneWay(
    groups.map((group) => {
      const middle = middleOf(group);
      return group.map((value) => Math.abs(value - middle));
    }),
  ).p;
