/** Wishes that can't all be kept, whatever the order. */
import type { SlotPair, Wishes } from '../../brief/wishes';
import { listInWords } from '../../words';
import type { PlanSlot } from '../types';

type Named = Pick<PlanSlot, 'id' | 'name' | 'pinned'>;

/** “B before C”, because it was wished or because both are pinned so. */
interface Before extends SlotPair {
  pinned: boolean;
}

/** The shortest circle of “before” that runs through a wish, as the slots on it; null when there is none. */
function circleOf(wish: SlotPair, all: readonly Before[]): Before[] | null {
  const cameBy = new Map<string, Before | null>([[wish.second, null]]);
  const queue = [wish.second];
  for (const at of queue) {
    for (const step of all) {
      if (step.first !== at || cameBy.has(step.second)) continue;
      cameBy.set(step.second, step);
      queue.push(step.second);
    }
  }
  if (!cameBy.has(wish.first)) return null;
  const way: Before[] = [];
  for (let step = cameBy.get(wish.first) ?? null; step; step = cameBy.get(step.first) ?? null)
    way.unshift(step);
  return [{ ...wish, pinned: false }, ...way];
}

/**
 * Sentences about what contradicts itself; empty where the wishes can be looked for. A wish about a slot
 * that the show no longer has asks for nothing.
 */
export function wishFaults(slots: readonly Named[], { before, apart, weights }: Wishes): string[] {
  const nameOf = (id: string): string => slots.find((slot) => slot.id === id)?.name ?? '';
  const placeOf = (id: string): number => slots.findIndex((slot) => slot.id === id);
  const isThere = ({ first, second }: SlotPair): boolean =>
    placeOf(first) >= 0 && placeOf(second) >= 0;
  const pins = slots.filter((slot) => slot.pinned);
  const held = (first: Named, second: Named): Before => ({
    first: first.id,
    second: second.id,
    pinned: true,
  });
  const [opener, closer] = [slots[0], slots.at(-1)].map((slot) => (slot?.pinned ? slot : null));
  const pinned = slots.flatMap((slot): Before[] => {
    const after = pins.find((other) => placeOf(other.id) > placeOf(slot.id));
    return [
      ...(opener && slot !== opener ? [held(opener, slot)] : []),
      ...(closer && slot !== closer ? [held(slot, closer)] : []),
      ...(slot.pinned && after ? [held(slot, after)] : []),
    ];
  });
  const wished = before.filter(isThere);
  const all = [...wished.map((wish) => ({ ...wish, pinned: false })), ...pinned];
  const say = ({ first, second, pinned: byPins }: Before): string => {
    if (!byPins) return `${nameOf(first)} before ${nameOf(second)}`;
    if (first === opener?.id) return `${nameOf(first)} pinned first`;
    if (second === closer?.id) return `${nameOf(second)} pinned last`;
    return `${nameOf(second)} pinned after ${nameOf(first)}`;
  };
  const circles = new Map<string, string>();
  for (const wish of wished) {
    const circle = wish.first === wish.second ? [{ ...wish, pinned: false }] : circleOf(wish, all);
    if (!circle) continue;
    const key = circle
      .map(({ first }) => first)
      .sort()
      .join();
    if (!circles.has(key)) circles.set(key, `${listInWords(circle.map(say))} can’t all be kept`);
  }
  const isPinned = (id: string): boolean => pins.some((slot) => slot.id === id);
  const side = apart.filter(isThere).flatMap(({ first, second }): string[] => {
    const names = `${nameOf(first)} and ${nameOf(second)}`;
    if (first === second) return [`${nameOf(first)} can’t be kept away from itself`];
    if (slots.length === 2) return [`${names} are all there is: they can’t be kept apart`];
    const beside = Math.abs(placeOf(first) - placeOf(second)) === 1;
    return beside && isPinned(first) && isPinned(second)
      ? [`${names} are pinned side by side and wanted apart`]
      : [];
  });
  const heavy = Object.values(weights).every((weight) => Number.isFinite(weight) && weight >= 0)
    ? []
    : ['What a part weighs must be a number, and not less than nothing'];
  return [...circles.values(), ...side, ...heavy];
}
