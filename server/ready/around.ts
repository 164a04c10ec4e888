import type { FollowUp } from '../../contract/day';
import type { ShowBundle } from '../../core/brief/types';
import { timelineOf } from '../../core/lineup/fromBundle';
import { type Around, type Readiness, readiness } from '../../core/ready/go';
import { fold } from '../../core/stage/fold';
import { recordsFor } from '../after/records';
import type { Area } from '../area';

/** Open follow-ups that a show is to check; none once it has been performed: they are for the next. */
export function followUpsFor({ followUps, runs }: Area, { show }: ShowBundle): FollowUp[] {
  const performed = runs
    .list(show.id)
    .some((run) => run.kind === 'performance' && fold(run.plan, run.events).phase === 'finished');
  if (performed) return [];
  const demos = new Set(show.slots.map((slot) => slot.demoId));
  return followUps
    .list()
    .filter(
      (one) =>
        !one.done && (one.showId === show.id || (one.demoId !== null && demos.has(one.demoId))),
    )
    .map(({ version: _version, ...one }) => one);
}

/** What a show's readiness depends on besides the show. */
export const around = (area: Area, bundle: ShowBundle): Around => ({
  marks: area.marks.of(bundle.show.id),
  followUps: followUpsFor(area, bundle),
  records: recordsFor(area, bundle.demos),
});

/** A show's checks and verdicts as they stand. Throws Refusal when there is no such show. */
export function readyFor(area: Area, showId: string): Readiness {
  const bundle = area.bundles.of(showId);
  return readiness(bundle, timelineOf(bundle), around(area, bundle));
}
