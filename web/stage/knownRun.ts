/** What a device knows of a run, and what it makes of answers that come in any order. */
import type { StoredRun } from '../../contract/stage';
import type { StoredEvent } from '../../core/stage/types';

/** Place of the last event that is known; 0 for none. */
export const lastSeq = (run: StoredRun | null): number => run?.events.at(-1)?.seq ?? 0;

/** Events are only ever added: a reading of the same run with fewer was overtaken on its way. */
export const newerRun = (known: StoredRun | null, read: StoredRun | null): StoredRun | null =>
  known && read?.id === known.id && lastSeq(read) < lastSeq(known) ? known : read;

/** The run with what follows on what is known of it; null when something before that is missing. */
export function withEvents(known: StoredRun, events: readonly StoredEvent[]): StoredRun | null {
  const from = lastSeq(known);
  const added = events.filter((event) => event.seq > from);
  if (added.length === 0) return known;
  return added[0]?.seq === from + 1 ? { ...known, events: [...known.events, ...added] } : null;
}
