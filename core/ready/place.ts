/** Where a verdict is put right that does not say so itself. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Verdict, VerdictKind, VerdictPlace } from './verdict';

const PART: Partial<Record<VerdictKind, Extract<VerdictPlace, { page: 'demo' }>['part']>> = {
  hazard: 'hazards',
  calculator: 'calculations',
  caution: 'care',
};

/** By its kind: with the demonstration, the venue, on the plan, or else in the line-up. */
function usualPlace(bundle: ShowBundle, { kind, slotIds }: Verdict): VerdictPlace {
  const { venue } = bundle;
  const part = PART[kind];
  const of = slotIds.length === 1 ? slotIds[0] : undefined;
  const slot = part && resolveSlots(bundle).find((one) => one.slot.id === of);
  if (part && slot) return { page: 'demo', id: slot.demo.id, methodId: slot.method.id, part };
  switch (kind) {
    case 'room':
    case 'power':
    case 'air':
      return venue ? { page: 'venue', id: venue.id } : { page: 'brief' };
    case 'distance':
      return { page: 'ready', part: 'plan' };
    case 'booking':
    case 'journey':
      return { page: 'brief' };
    case 'kit':
      return { page: 'kit' };
    default:
      return { page: 'lineup' };
  }
}

/** The same verdicts, each with a place. */
export const withPlaces = (bundle: ShowBundle, verdicts: readonly Verdict[]): Verdict[] =>
  verdicts.map((one) => (one.place ? one : { ...one, place: usualPlace(bundle, one) }));
