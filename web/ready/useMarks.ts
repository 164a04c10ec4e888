import { useCallback } from 'react';
import type { Mark } from '../../core/ready/go';
import { serverNow } from '../app/live';
import { usePreferences } from '../app/preferences';
import { tick } from '../app/ticks';

export type Said = Pick<Mark, 'state' | 'reason' | 'value'>;

/** Ticks and waivers of a show: shown at once, and sent when the server can be reached. */
export function useMarks(showId: string): (key: string, said: Said | null) => void {
  const me = usePreferences((state) => state.me);
  return useCallback(
    (key, said) =>
      tick(showId, {
        list: 'marks',
        key,
        mark: said && { ...said, key, by: me, at: serverNow() },
      }),
    [showId, me],
  );
}
