import { useCallback } from 'react';
import type { PackMarkKind } from '../../core/kit/packing';
import { serverNow } from '../app/live';
import { usePreferences } from '../app/preferences';
import { tick } from '../app/ticks';

/** Ticks while packing: shown at once; two people may tick at the same time, and neither waits for the other. */
export function usePackMarks(
  showId: string,
): (key: string, kind: PackMarkKind, on: boolean) => void {
  const me = usePreferences((state) => state.me);
  return useCallback(
    (key, kind, on) =>
      tick(showId, {
        list: 'packing',
        key,
        kind,
        mark: on ? { key, kind, by: me, at: serverNow() } : null,
      }),
    [showId, me],
  );
}
