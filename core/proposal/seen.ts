/** What people at a place have seen of us: it is not proposed to them again. */
import { dayAfter } from '../time/days';

/** A show as far as that goes; dates are YYYY-MM-DD. */
export interface ShownThere {
  date: string;
  venueId: string | null;
  /** Performances that came to their end. */
  performed: number;
  order: readonly { demoId: string | null }[];
}

/** By then most are others, or have forgotten it. */
const REMEMBERED = 2 * 365;

/** Ids of demonstrations performed at the place within two years before the day. Nobody is anywhere without a place. */
export function seenBefore(
  shows: readonly ShownThere[],
  venueId: string | null,
  date: string,
): ReadonlySet<string> {
  const from = dayAfter(date, -REMEMBERED);
  return new Set(
    shows
      .filter(
        (show) =>
          venueId !== null &&
          show.venueId === venueId &&
          show.performed > 0 &&
          show.date < date &&
          show.date >= from,
      )
      .flatMap(({ order }) => order.flatMap(({ demoId }) => demoId ?? [])),
  );
}
