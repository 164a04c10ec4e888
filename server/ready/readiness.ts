import type { FollowUp } from '../../contract/day';
import type { ShowBundle } from '../../core/brief/types';
import type { Share } from '../../core/inventory/allocate';
import { timelineOf } from '../../core/lineup/timelineOf';
import { type ReadinessContext, type Readiness, readiness } from '../../core/ready/go';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { isDamage } from '../entity';

/** Open follow-ups that a show is to check; none once it has been performed: they are for the next. */
export function followUpsFor(
  { followUps, outcomes }: AppContext,
  { show }: ShowBundle,
): FollowUp[] {
  if (outcomes.wasPerformed(show.id)) return [];
  const demos = new Set(show.slots.map((slot) => slot.demoId));
  return followUps
    .list()
    .filter(
      (one) =>
        !one.done && (one.showId === show.id || (one.demoId !== null && demos.has(one.demoId))),
    )
    .map(({ version: _version, ...one }) => one);
}

/** What the store has for a show; null where something that shows take can't be read. */
export function sharesFor({ upcomingNeeds }: AppContext, showId: string): Share[] | null {
  try {
    return upcomingNeeds.sharesOf(showId);
  } catch (error) {
    if (!isDamage(error)) throw error;
    return null;
  }
}

/** What a show's readiness depends on besides the show. */
export const readinessContext = (context: AppContext, bundle: ShowBundle): ReadinessContext => ({
  marks: context.marks.of(bundle.show.id),
  followUps: followUpsFor(context, bundle),
  records: recordsFor(context, bundle.demos),
  shares: sharesFor(context, bundle.show.id),
  performed: context.outcomes.wasPerformed(bundle.show.id),
});

/** A show's checks and verdicts as they stand. Throws Refusal when there is no such show. */
export function readinessOf(context: AppContext, showId: string): Readiness {
  const bundle = context.bundles.of(showId);
  return readiness(bundle, timelineOf(bundle), readinessContext(context, bundle));
}
