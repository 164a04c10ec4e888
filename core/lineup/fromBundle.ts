/** From a show and everything around it to what the engine reads, and the way back to names. */
import type { ShowBundle, Slot } from '../brief/types';
import type { Demo, Method } from '../repertoire/types';
import { parseClock } from '../time/clock';
import { schedule } from './schedule';
import type { LineupInput, PlanSlot, Timeline } from './types';

/** Slack between preparing a slot and its block, where it delays nothing. */
const MARGIN_SECONDS = 60;

export interface ResolvedSlot {
  slot: Slot;
  demo: Demo;
  method: Method;
}

/** Slots with their demo and method, in running order; one whose demo is missing is left out. */
export function resolveSlots(bundle: ShowBundle): ResolvedSlot[] {
  return bundle.show.slots.flatMap((slot) => {
    const demo = bundle.demos.find((d) => d.id === slot.demoId);
    const method = demo?.methods.find((m) => m.id === slot.methodId) ?? demo?.methods[0];
    return demo && method ? [{ slot, demo, method }] : [];
  });
}

export function lineupInput(bundle: ShowBundle): LineupInput {
  const { show } = bundle;
  const start = parseClock(show.start);
  const crew = show.crew.flatMap((id) => bundle.people.find((person) => person.id === id) ?? []);
  return {
    arrival: parseClock(show.arrival) - start,
    hardFinish: parseClock(show.hardFinish) - start,
    margin: MARGIN_SECONDS,
    crew,
    positions: show.positions,
    slots: resolveSlots(bundle).map(({ slot, demo, method }): PlanSlot => ({
      id: slot.id,
      name: demo.name,
      performerId: slot.performerId,
      positionId: slot.positionId,
      goes: slot.goes,
      pinned: slot.pinned,
      tasks: method.tasks,
    })),
  };
}

/** The timeline of a show. */
export const timelineOf = (bundle: ShowBundle): Timeline => schedule(lineupInput(bundle));
