import type { PlanSlot } from './types';

/** A slot of nobody, nowhere, with nothing to do: what others are set against. */
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
