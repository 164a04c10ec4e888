import type { Show } from '../../core/brief/types';
import { serverNow } from '../app/live';
import { useNow } from '../stage/liveRun';
import { instantOf } from './dates';

/** Before this, and after it, the hour on the clock says nothing about the show, ms. */
const DAY = 24 * 3600 * 1000;

/** Seconds from the show’s midnight, while it is its day; null on another. */
export function useNowOf({ date, zone }: Pick<Show, 'date' | 'zone'>): number | null {
  const now = useNow(serverNow, 10_000);
  const since = now - instantOf(date, '00:00', zone);
  return since >= 0 && since < DAY ? since / 1000 : null;
}
