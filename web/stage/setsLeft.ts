import { setsOf } from '../../core/kit/sets';
import type { Live, RunSlot } from '../../core/stage/types';
import type { OpenShow } from '../brief/useShow';

/** Sets that were brought for a slot and are not used yet; null where that is not known. */
export function setsLeftOf(open: OpenShow | null, slot: RunSlot, live: Live): number | null {
  const booked = open?.bundle.show.slots.find(({ id }) => id === slot.id);
  const method = open?.bundle.demos
    .find(({ id }) => id === slot.demoId)
    ?.methods.find(({ id }) => id === slot.methodId);
  if (!open || !booked || !method) return null;
  const { planned, spare } = setsOf(
    booked,
    method,
    open.answer.records,
    open.bundle.show.wantedChance,
  );
  const used = live.slots[slot.id]?.goes.length ?? 0;
  return Math.max(0, planned + spare - used);
}
