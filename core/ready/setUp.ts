import type { Check } from './checks';

export interface SetUp {
  /** Seconds before the start at which the first of what is looked at is begun. */
  from: number;
  /** Seconds between when the crew comes and that; negative where it would have to come earlier. */
  spare: number;
}

/** From when on setting up takes, counted back from the start; null where nothing is set up. */
export function setUpOf(
  checks: readonly Pick<Check, 'due' | 'takes'>[],
  arrival: number,
): SetUp | null {
  if (checks.length === 0) return null;
  const first = Math.min(...checks.map(({ due, takes }) => due - takes));
  return { from: -first, spare: first - arrival };
}
