/** Changes to a running order that can be tried on the engine's input and then made to the show. */
import type { Show } from '../brief/types';
import type { SlotPair } from '../brief/wishes';
import { formatClock, parseClock } from '../time/clock';
import type { LineupInput, PlanPerson, PlanSlot } from './types';

export type Change =
  | { kind: 'order'; slots: string[] }
  | { kind: 'performer'; slot: string; person: string }
  | { kind: 'position'; slot: string; position: string }
  /** A known person joins the crew. */
  | { kind: 'crew'; person: string }
  | { kind: 'leaveOut'; slot: string }
  /** The crew arrives this many seconds earlier. */
  | { kind: 'arrival'; seconds: number }
  /** One more pair of hands, no person in particular. */
  | { kind: 'hands' }
  /** So many in all of a thing of which there are too few. */
  | { kind: 'bring'; item: string; owned: number }
  /** A greatest lag of the method is drawn out. */
  | { kind: 'window'; slot: string; task: string; after: string; greatest: number };

/** Everybody's competences in one: what one more pair of hands would have to be at the most. */
const oneMore = (input: LineupInput): PlanPerson => ({
  id: 'one-more',
  name: 'one more',
  competences: [...new Set(input.crew.flatMap((person) => person.competences))],
});

const withSlot = (input: LineupInput, id: string, change: Partial<PlanSlot>): LineupInput => ({
  ...input,
  slots: input.slots.map((slot) => (slot.id === id ? { ...slot, ...change } : slot)),
});

/** What the engine would read after the change. `others` are people who are not of the crew. */
export function changeInput(
  input: LineupInput,
  change: Change,
  others: readonly PlanPerson[],
): LineupInput {
  switch (change.kind) {
    case 'order':
      return {
        ...input,
        slots: change.slots.flatMap((id) => input.slots.find((slot) => slot.id === id) ?? []),
      };
    case 'performer':
      return withSlot(input, change.slot, { performerId: change.person });
    case 'position':
      return withSlot(input, change.slot, { positionId: change.position });
    case 'crew':
      return {
        ...input,
        crew: [...input.crew, ...others.filter((person) => person.id === change.person)],
      };
    case 'leaveOut':
      return { ...input, slots: input.slots.filter((slot) => slot.id !== change.slot) };
    case 'arrival':
      return { ...input, arrival: input.arrival - change.seconds };
    case 'hands':
      return { ...input, crew: [...input.crew, oneMore(input)] };
    case 'bring':
      return {
        ...input,
        equipment: input.equipment.map((entry) =>
          entry.id === change.item ? { ...entry, owned: change.owned } : entry,
        ),
      };
    case 'window': {
      const slot = input.slots.find((s) => s.id === change.slot);
      const tasks = slot?.tasks.map((task) =>
        task.id === change.task
          ? {
              ...task,
              after: task.after.map((lag) =>
                lag.task === change.after ? { ...lag, greatest: change.greatest } : lag,
              ),
            }
          : task,
      );
      return withSlot(input, change.slot, tasks ? { tasks } : {});
    }
  }
}

/** The show without these slots, and without wishes about them. */
export function withoutSlots(show: Show, ids: readonly string[]): Show {
  const stays = ({ first, second }: SlotPair): boolean =>
    !ids.includes(first) && !ids.includes(second);
  return {
    ...show,
    slots: show.slots.filter((slot) => !ids.includes(slot.id)),
    wishes: {
      ...show.wishes,
      before: show.wishes.before.filter(stays),
      apart: show.wishes.apart.filter(stays),
    },
  };
}

/** The show with the slots in this order. */
export const inOrder = (show: Show, ids: readonly string[]): Show => ({
  ...show,
  slots: ids.flatMap((id) => show.slots.find((slot) => slot.id === id) ?? []),
});

/** The show with a task of a slot done at least so long before its block; 0 for no such wish. */
export const withLead = (show: Show, slotId: string, task: string, seconds: number): Show => ({
  ...show,
  slots: show.slots.map((slot) =>
    slot.id === slotId
      ? {
          ...slot,
          leads: [
            ...slot.leads.filter((lead) => lead.task !== task),
            ...(seconds > 0 ? [{ task, seconds }] : []),
          ],
        }
      : slot,
  ),
});

/** The show with the change made; null where it is not the show that has to change. */
export function changeShow(show: Show, change: Change): Show | null {
  switch (change.kind) {
    case 'order':
      return inOrder(show, change.slots);
    case 'performer':
    case 'position': {
      const named =
        change.kind === 'performer'
          ? { performerId: change.person }
          : { positionId: change.position };
      return {
        ...show,
        slots: show.slots.map((slot) => (slot.id === change.slot ? { ...slot, ...named } : slot)),
      };
    }
    case 'crew':
      return { ...show, crew: [...show.crew, change.person] };
    case 'leaveOut':
      return withoutSlots(show, [change.slot]);
    case 'arrival': {
      const earlier = parseClock(show.arrival) - Math.ceil(change.seconds / 60) * 60;
      return earlier < 0 ? null : { ...show, arrival: formatClock(earlier) };
    }
    case 'hands':
    case 'bring':
    case 'window':
      return null;
  }
}
