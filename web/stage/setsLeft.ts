import { setsForShow } from '../../core/kit/sets';
import type { Live, RunSlot } from '../../core/stage/types';
import type { OpenShow } from '../brief/useShow';

/** Sets that were brought for a slot and are not used yet; null where that is not known. */
export function setsLeftOf(open: OpenShow | null, slot: RunSlot, live: Live): number | null {
  const sets = open && setsForShow(open.bundle, open.answer.records).get(slot.id);
  if (!sets) return null;
  const used = live.slots[slot.id]?.goes.length ?? 0;
  return Math.max(0, sets.planned + sets.spare - used);
}
