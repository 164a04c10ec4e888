import type { Lot } from './types';

/** Things of an item as they come, with nothing said of them yet. */
export const blankLot = (id: string, itemId: string): Lot => ({
  id,
  itemId,
  place: '',
  expiry: null,
  opened: null,
  state: 'good',
  lastTest: null,
  note: '',
});
