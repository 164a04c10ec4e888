import type { ShowBundle } from '../../brief/types';
import { resolveSlots } from '../fromBundle';
import type { SlotTraits } from './objective';

/** What the order search needs to know of each slot beside its times. */
export const traitsOf = (bundle: ShowBundle): Map<string, SlotTraits> =>
  new Map(
    resolveSlots(bundle).map(({ slot, demo, method }) => [
      slot.id,
      {
        energy: demo.energy,
        family: demo.id,
        volunteer: method.volunteers > 0,
        loud: method.hazards.some((hazard) => hazard.kind === 'loud'),
      },
    ]),
  );
