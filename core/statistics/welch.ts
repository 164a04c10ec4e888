import { fAbove } from './distributions';
import { summaryOf } from './summary';

/**
 * Chance of means so far apart where all are the same but spread differently (Welch 1951). Null where a group has no
 * spread of its own, or there is only one.
 */
export function welch(groups: readonly (readonly number[])[]): number | null {
  const k = groups.length;
  const parts = groups.map((group) => {
    const { n, mean, sd } = summaryOf(group);
    return { n, mean, weight: sd ? n / sd ** 2 : null };
  });
  if (k < 2 || parts.some(({ weight }) => weight === null)) return null;
  const weights = parts.reduce((all, { weight }) => all + (weight ?? 0), 0);
  const middle = parts.reduce((all, { mean, weight }) => all + mean * (weight ?? 0), 0) / weights;
  const between = parts.reduce(
    (all, { mean, weight }) => all + (weight ?? 0) * (mean - middle) ** 2,
    0,
  );
  const lack = parts.reduce(
    (all, { n, weight }) => all + (1 - (weight ?? 0) / weights) ** 2 / (n - 1),
    0,
  );
  const f = between / (k - 1) / (1 + (2 * (k - 2) * lack) / (k ** 2 - 1));
  return fAbove(f, k - 1, (k ** 2 - 1) / (3 * lack));
}
