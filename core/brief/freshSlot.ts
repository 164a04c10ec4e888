import type { Demo, Method } from '../repertoire/types';
import type { Show, Slot } from './types';

/** What of a demonstration a slot begins with. */
export interface Bookable extends Pick<Demo, 'id' | 'usualPosition'> {
  methods: readonly Pick<Method, 'id' | 'oneShot'>[];
}

/** A slot with nothing in it, done once. */
export const plainSlot = (id: string): Slot => ({
  id,
  demoId: null,
  methodId: null,
  talk: null,
  performerId: null,
  positionId: null,
  goes: 1,
  again: 0,
  wantedGoes: null,
  fallback: 0,
  leads: [],
  pinned: false,
  mayLeaveOut: true,
  worth: 3,
  sideBySide: null,
});

/** A demo’s slot as it begins: its first method, at its usual position where the show has it; null without a method. */
export function freshSlot(
  show: Pick<Show, 'positions' | 'crew'>,
  demo: Bookable,
  id: string,
): Slot | null {
  const [method] = demo.methods;
  if (!method) return null;
  const usual = demo.usualPosition.toLowerCase();
  const position = show.positions.find((p) => p.name.toLowerCase() === usual) ?? show.positions[0];
  return {
    ...plainSlot(id),
    demoId: demo.id,
    methodId: method.id,
    performerId: show.crew[0] ?? null,
    positionId: position?.id ?? null,
    again: method.oneShot ? 0 : 1,
    fallback: 20,
  };
}
