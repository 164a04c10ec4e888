import type { ShowAnswer } from '../../contract/api';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { followUpsFor, sharesFor } from '../ready/readiness';

/** Everything that a show's six stages compute from. Throws HttpError when there is no such show. */
export function showAnswer(context: AppContext, id: string): ShowAnswer {
  const bundle = context.bundles.readable(id);
  return {
    ...bundle,
    lots: context.ledger.stocked(bundle.items.map((item) => item.id)),
    version: context.shows.get(id).version,
    marks: context.marks.of(id),
    photos: context.photos.of(id),
    signed: context.signed.of(id),
    followUps: followUpsFor(context, bundle),
    packing: context.packMarks.of(id),
    records: recordsFor(context, bundle.demos),
    shares: sharesFor(context, id),
    performed: context.outcomes.wasPerformed(id),
  };
}
