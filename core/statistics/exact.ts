import { randomFrom } from '../chance/random';

/** How often something came out as wanted, of so many times. */
export interface Share {
  yes: number;
  n: number;
}

export interface ExactTest {
  /** Chance of a table as unlikely as this one, or more so, where the chance of yes is the same everywhere. */
  p: number;
  /** Drawn at random where there are too many tables to go through. */
  drawn: boolean;
}

/** Tables that are gone through; where there may be more, so many are drawn. */
const TABLES_MOST = 500_000;
const DRAWS = 100_000;
/** Tables as unlikely as this one are counted with it in spite of rounding, as is usual. */
const AS_UNLIKELY = 1e-7;

/** ln n! for each n up to `most`. */
function logFactorials(most: number): Float64Array {
  const table = new Float64Array(most + 1);
  for (let i = 2; i <= most; i++) table[i] = (table[i - 1] ?? 0) + Math.log(i);
  return table;
}

/**
 * Fisher's exact test of yes and no over several groups, all numbers at the edge held (Fisher 1935 for two groups,
 * Freeman and Halton 1951 for more). 1 where nothing could differ: one group, or all the same.
 */
export function fisherExact(groups: readonly Share[]): ExactTest {
  const total = groups.reduce((all, { n }) => all + n, 0);
  const yes = groups.reduce((all, group) => all + group.yes, 0);
  const ln = logFactorials(total);
  // Logarithms, because factorials overflow at 171.
  const choose = (n: number, k: number): number => (ln[n] ?? 0) - (ln[k] ?? 0) - (ln[n - k] ?? 0);
  const all = choose(total, yes);
  const seen = groups.reduce((log, group) => log + choose(group.n, group.yes), 0);
  const counts = (log: number): boolean => log <= seen + AS_UNLIKELY;
  const tables = groups.slice(1).reduce((many, { n }) => many * (Math.min(n, yes) + 1), 1);
  if (tables > TABLES_MOST) return { p: drawnShare(groups, yes, choose, counts), drawn: true };
  const after = groups.map((_, i) => groups.slice(i + 1).reduce((room, { n }) => room + n, 0));
  const go = (i: number, left: number, log: number): number => {
    const n = groups[i]?.n ?? 0;
    const room = after[i] ?? 0;
    let p = 0;
    for (let k = Math.max(0, left - room); k <= Math.min(n, left); k++) {
      const next = log + choose(n, k);
      if (i === groups.length - 1) p += counts(next) ? Math.exp(next - all) : 0;
      else p += go(i + 1, left - k, next);
    }
    return p;
  };
  return { p: groups.length === 0 ? 1 : Math.min(1, go(0, yes, 0)), drawn: false };
}

/** Of tables drawn with the same edges, the share that is as unlikely; the one that was seen counts as one of them. */
function drawnShare(
  groups: readonly Share[],
  yes: number,
  choose: (n: number, k: number) => number,
  counts: (log: number) => boolean,
): number {
  const random = randomFrom(1);
  const total = groups.reduce((all, { n }) => all + n, 0);
  let found = 1;
  for (let i = 0; i < DRAWS; i++) {
    let left = yes;
    let room = total;
    let log = 0;
    for (const { n } of groups) {
      let got = 0;
      for (let one = 0; one < n; one++, room--)
        if (random.below(room) < left) {
          got++;
          left--;
        }
      log += choose(n, got);
    }
    if (counts(log)) found++;
  }
  return found / (DRAWS + 1);
}
