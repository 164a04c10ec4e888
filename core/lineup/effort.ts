/** How long to look for times before the best so far is taken, in steps of the search. */
export const EFFORT = {
  /** For a bound: it is one however short the look. */
  bound: 30_000,
  /** For one of very many that are tried, most of which come to nothing. */
  trial: 400_000,
  /** For a page that waits. */
  quick: 4_000_000,
  /** For one show that may take its time. */
  thorough: 60_000_000,
} as const;
