/** What trials have to say to what is on stage: claims that are told, and a series that is gone through here. */
import type { Live, RunClaim, RunPlan, RunSlot } from './types';

export interface Tried {
  slot: RunSlot | null;
  claims: readonly RunClaim[];
  /** Series of this run of which something was read, the latest first, by id. */
  series: string[];
}

export function triedNow(plan: RunPlan, live: Pick<Live, 'slot' | 'readings'>): Tried {
  const slot = plan.slots.find(({ id }) => id === live.slot) ?? null;
  const read = new Set(live.readings.filter(({ value }) => value !== null).map((one) => one.slot));
  const series = plan.slots.flatMap(({ id, sideBySide }) =>
    sideBySide?.kind === 'series' && sideBySide.trialId !== null && read.has(id)
      ? [sideBySide.trialId]
      : [],
  );
  return { slot, claims: slot?.claims ?? [], series: [...new Set(series)].reverse() };
}
