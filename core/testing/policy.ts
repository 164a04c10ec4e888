import type { SlotPolicy } from '../lineup/forecast/types';

/** Of a slot that can’t fail and may be left out, unless said otherwise. */
export const policy = (over: Partial<SlotPolicy> = {}): SlotPolicy => ({
  again: 0,
  fallback: 0,
  mayLeaveOut: true,
  worth: 3,
  record: null,
  performed: true,
  times: new Map(),
  ...over,
});
