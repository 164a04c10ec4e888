/** The stage at one moment: what is being shown, who is where, what must be clear. */
import type { ShowBundle } from '../../brief/types';
import { resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import { type Ring, ringsOf } from '../plan';

export interface Moment {
  /** Slots that the audience watches; two where one hands over to the next. */
  slotIds: string[];
  /** Clear distances that hold. */
  rings: Ring[];
  /** Who works at which position. */
  people: { personId: string; positionId: string }[];
}

/** What is so at a time, in seconds from the show’s start. Who has nothing to do is nowhere. */
export function momentOf(bundle: ShowBundle, timeline: Timeline, at: number): Moment {
  const holds = ({ start, end }: { start: number; end: number }): boolean =>
    start <= at && at < end;
  const people = new Map<string, string>();
  for (const task of timeline.tasks)
    if (task.position !== null && holds(task))
      for (const personId of task.people) people.set(personId, task.position);
  return {
    slotIds: timeline.blocks.filter(holds).map(({ slot }) => slot),
    rings: ringsOf(bundle, timeline).filter(({ from, until }) => from <= at && at < until),
    people: [...people].map(([personId, positionId]) => ({ personId, positionId })),
  };
}

export interface Span {
  slotId: string;
  demoName: string;
  /** In the order of the show, from 1. */
  number: number;
  positionId: string | null;
  from: number;
  until: number;
}

/** The slots as the audience sees them, for a line to choose a moment on. */
export const spansOf = (bundle: ShowBundle, timeline: Timeline): Span[] =>
  resolveSlots(bundle).flatMap(({ slot, demo }): Span[] => {
    const block = timeline.blocks.find((one) => one.slot === slot.id);
    return block
      ? [
          {
            slotId: slot.id,
            demoName: demo.name,
            number: bundle.show.slots.findIndex(({ id }) => id === slot.id) + 1,
            positionId: slot.positionId,
            from: block.start,
            until: block.end,
          },
        ]
      : [];
  });

/** The moment to begin with: in the middle of the widest clear distance, else of the first slot; 0 for an empty show. */
export function firstMoment(bundle: ShowBundle, timeline: Timeline): number {
  const widest = ringsOf(bundle, timeline).toSorted((a, b) => b.radius - a.radius)[0];
  const [first] = spansOf(bundle, timeline);
  const span = widest ?? first;
  return span ? Math.round((span.from + span.until) / 2) : 0;
}
