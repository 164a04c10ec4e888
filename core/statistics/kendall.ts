import { normalBelow } from './distributions';

/** Agreement of two orders. */
export interface RankAgreement {
  /** Kendall's τ-b, −1 (the reverse) to 1 (the same); null where one of them orders nothing. */
  tau: number | null;
  /** Two-sided chance of as much agreement by accident; null without τ. */
  p: number | null;
  /** Pairs in the same order in both, and in the opposite one. */
  agree: number;
  differ: number;
}

/** Things whose orders are counted through; more, and those with ties, are judged by the normal curve. */
const COUNTED_MOST = 60;

/**
 * Kendall 1938, with ties as in 1945 (τ-b). Without ties and up to 60 things p is exact, from the number of orders
 * with so many inversions; otherwise by the normal curve with the variance corrected for ties. Takes time in the
 * square of their number.
 */
export function kendall(first: readonly number[], second: readonly number[]): RankAgreement {
  if (first.length !== second.length) throw new RangeError('Two orders of different things.');
  const n = first.length;
  let agree = 0;
  let differ = 0;
  for (let i = 0; i < n; i++)
    for (let j = 0; j < i; j++) {
      const sign =
        Math.sign((first[i] ?? 0) - (first[j] ?? 0)) *
        Math.sign((second[i] ?? 0) - (second[j] ?? 0));
      if (sign > 0) agree++;
      else if (sign < 0) differ++;
    }
  const pairs = (n * (n - 1)) / 2;
  const ties = [first, second].map(tiesIn);
  const [a = [], b = []] = ties;
  const inTies = (sizes: readonly number[]): number =>
    sizes.reduce((all, t) => all + (t * (t - 1)) / 2, 0);
  const spread = Math.sqrt((pairs - inTies(a)) * (pairs - inTies(b)));
  if (!(spread > 0)) return { tau: null, p: null, agree, differ };
  const tau = (agree - differ) / spread;
  const tied = a.length > 0 || b.length > 0;
  const p =
    tied || n > COUNTED_MOST
      ? byNormal(n, agree - differ, a, b)
      : byCount(n, Math.max(agree, differ));
  return { tau, p, agree, differ };
}

/** Sizes of the groups of equal values. */
function tiesIn(values: readonly number[]): number[] {
  const sizes = new Map<number, number>();
  for (const value of values) sizes.set(value, (sizes.get(value) ?? 0) + 1);
  return [...sizes.values()].filter((size) => size > 1);
}

/** Share of the orders of n things with as many pairs, or more, on one side; both sides. */
function byCount(n: number, most: number): number {
  let orders = [1];
  for (let i = 2; i <= n; i++) {
    // The i-th thing can go before 0 to i − 1 of those before it.
    const next = new Array<number>(orders.length + i - 1).fill(0);
    orders.forEach((count, inversions) => {
      for (let k = 0; k < i; k++) next[inversions + k] = (next[inversions + k] ?? 0) + count / i;
    });
    orders = next;
  }
  const above = orders.slice(most).reduce((all, share) => all + share, 0);
  return Math.min(1, 2 * above);
}

function byNormal(n: number, score: number, a: readonly number[], b: readonly number[]): number {
  const over = (sizes: readonly number[], of: (t: number) => number): number =>
    sizes.reduce((all, t) => all + of(t), 0);
  const five = (t: number): number => t * (t - 1) * (2 * t + 5);
  const three = (t: number): number => t * (t - 1) * (t - 2);
  const two = (t: number): number => t * (t - 1);
  const variance =
    (five(n) - over(a, five) - over(b, five)) / 18 +
    (n > 2 ? (over(a, three) * over(b, three)) / (9 * three(n)) : 0) +
    (over(a, two) * over(b, two)) / (2 * two(n));
  return Math.min(1, 2 * normalBelow(-Math.abs(score) / Math.sqrt(variance)));
}
