/** Tonight as spans of show time: what has been, what is on stage, and what is still to come. */
import { comingUp } from './fold';
import { gapBefore, leftInSlot } from './project';
import type { Live, RunPlan } from './types';

export interface RibbonSpan {
  slot: string;
  /** Place in the planned order, from 1. */
  number: number;
  from: number;
  to: number;
  state: 'done' | 'current' | 'coming';
}

/** `now` is show time. Spans come in the order of the night; what was left out has none. */
export function ribbonOf(plan: RunPlan, live: Live, now: number): RibbonSpan[] {
  const number = (id: string): number => plan.slots.findIndex((slot) => slot.id === id) + 1;
  const past = plan.slots
    .flatMap((slot): RibbonSpan[] => {
      const fact = live.slots[slot.id];
      if (fact?.startedAt == null || fact.endedAt === null || slot.id === live.slot) return [];
      const { startedAt: from, endedAt: to } = fact;
      return [{ slot: slot.id, number: number(slot.id), from, to, state: 'done' }];
    })
    .sort((a, b) => a.from - b.from);
  const spans = [...past];
  let clock = now;
  const current = plan.slots.find((slot) => slot.id === live.slot);
  if (current) {
    const from = live.slots[current.id]?.startedAt ?? now;
    clock = now + leftInSlot(current, live, now);
    spans.push({
      slot: current.id,
      number: number(current.id),
      from,
      to: clock,
      state: 'current',
    });
  }
  if (live.phase === 'finished') return spans;
  for (const slot of comingUp(plan, live)) {
    const from = clock + gapBefore(plan, plan.slots.indexOf(slot));
    clock = from + slot.end - slot.start;
    spans.push({ slot: slot.id, number: number(slot.id), from, to: clock, state: 'coming' });
  }
  return spans;
}
