import type { Demo, Method } from '../repertoire/types';
import type { Show, Slot } from './types';

/** What of a demonstration a slot begins with. */
export interface Bookable extends Pick<Demo, 'id' | 'usualPosition'> {
  methods: readonly Pick<Method, 'id' | 'oneShot'>[];
}

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
    id,
    demoId: demo.id,
    methodId: method.id,
    performerId: show.crew[0] ?? null,
    positionId: position?.id ?? null,
    talk: null,
    goes: 1,
    again: method.oneShot ? 0 : 1,
    fallback: 20,
    leads: [],
    pinned: false,
    mayLeaveOut: true,
    worth: 3,
    sideBySide: null,
  };
}
