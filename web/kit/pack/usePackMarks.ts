import { useCallback } from 'react';
import type { PackMarkKind } from '../../../core/kit/packing';
import { serverNow } from '../../app/live';
import { usePreferences } from '../../app/preferences';
import { tick } from '../../app/ticks';

/** How much is in, of how much; null where it is not counted, and for a tick that is taken off. */
export interface Ticked {
  amount: number | null;
  of: number | null;
}

export type PutMark = (key: string, kind: PackMarkKind, now: Ticked | null) => void;

/** Ticks while packing: shown at once; two people may tick at the same time, and neither waits for the other. */
export function usePackMarks(showId: string): PutMark {
  const me = usePreferences((state) => state.me);
  return useCallback(
    (key, kind, now) =>
      tick(showId, {
        list: 'packing',
        key,
        kind,
        mark: now && { key, kind, by: me, at: serverNow(), ...now },
      }),
    [showId, me],
  );
}
