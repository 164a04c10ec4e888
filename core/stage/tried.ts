/** What trials have to say to what is on stage: claims that are told, and a series that is gone through here. */
import type { Live, RunClaim, RunPlan, RunSlot } from './types';

export interface Tried {
  slot: RunSlot | null;
  claims: readonly RunClaim[];
  /** Series of this run of which something was read, the latest first, by id. */
  series: string[];
  /** It is about what is on stage. */
  here: boolean;
}

export function triedNow(plan: RunPlan, live: Pick<Live, 'slot' | 'readings'>): Tried {
  const slot = plan.slots.find(({ id }) => id === live.slot) ?? null;
  const isSeries = slot?.sideBySide?.kind === 'series';
  const read = new Set(live.readings.filter(({ value }) => value !== null).map((one) => one.slot));
  const series = plan.slots.flatMap(({ id, sideBySide }) =>
    sideBySide?.kind === 'series' && sideBySide.trialId !== null && read.has(id)
      ? [sideBySide.trialId]
      : [],
  );
  const own = slot?.claims ?? [];
  return {
    slot,
    // What is being found out is told as it comes.
    claims: own.filter(({ trialId }) => !series.includes(trialId)),
    series: [...new Set(series)].reverse(),
    here: own.length > 0 || (isSeries && read.has(slot.id)),
  };
}
