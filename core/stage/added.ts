/** What of a run’s plan grows while it is gone through: a slot put in at the end, and what trials find out. */
import { claimsOf, type PinnedClaim } from './plan';
import type { RunPlan } from './types';

/**
 * The plan with one more slot of `now`, the show’s plan as it stands, after all others; its jobs as long before it as
 * planned there. The same plan where it has the slot already; null where `now` has no such slot.
 */
export function withAdded(plan: RunPlan, now: RunPlan, slotId: string): RunPlan | null {
  if (plan.slots.some(({ id }) => id === slotId)) return plan;
  const slot = now.slots.find(({ id }) => id === slotId);
  if (!slot) return null;
  const later = plan.end - slot.start;
  const end = slot.end + later;
  return {
    ...plan,
    end,
    slots: [...plan.slots, { ...slot, start: slot.start + later, end }],
    jobs: [
      ...plan.jobs,
      ...now.jobs
        .filter((job) => job.slot === slotId)
        .map(({ use, ...job }) => ({
          ...job,
          start: job.start + later,
          end: job.end + later,
          use: use && {
            at: use.at + later,
            from: use.from + later,
            until: use.until === null ? null : use.until + later,
          },
        })),
    ],
  };
}

/** The plan with what trials say by now. */
export const withClaims = (plan: RunPlan, claims: readonly PinnedClaim[]): RunPlan => ({
  ...plan,
  slots: plan.slots.map((slot) => ({ ...slot, claims: claimsOf(slot, claims) })),
});
