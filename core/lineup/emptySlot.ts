import type { PlanSlot } from './types';

/** A slot without performer, position or tasks: for activities that belong to no slot. */
export const emptySlot = (): PlanSlot => ({
  id: '',
  name: '',
  performerId: null,
  positionId: null,
  goes: 1,
  pinned: false,
  tasks: [],
  uses: [],
  leaves: [],
  forbids: [],
  leads: [],
});
