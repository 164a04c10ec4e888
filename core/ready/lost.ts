import type { ShowBundle } from '../brief/types';
import { lostSlots } from '../lineup/fromBundle';
import { type Verdict, verdict } from './verdict';

/** A slot of which nothing is known can't be judged, and is not passed over. */
export const lostVerdicts = (bundle: ShowBundle): Verdict[] =>
  lostSlots(bundle).map((slot) =>
    verdict({
      key: `lost:${slot.id}`,
      kind: 'caution',
      level: 'fix',
      title: `Slot ${bundle.show.slots.indexOf(slot) + 1}`,
      message: 'Its demo is gone, or can’t be read: nothing of it is planned, packed or checked.',
      remedy: 'Take it out of the line-up, or bring its demo back.',
      slotIds: [slot.id],
    }),
  );
