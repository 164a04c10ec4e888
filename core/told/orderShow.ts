/** A running order that was read becomes slots of a show. */
import type { Bookable } from '../brief/freshSlot';
import { freshSlot, plainSlot } from '../brief/freshSlot';
import { freshPosition, MOST_POSITIONS, positionNamed } from '../brief/positions';
import type { Position, Show, Slot } from '../brief/types';
import { blankDemo, blankMethod, blankTask } from '../repertoire/blank';
import { MOST_GOES } from '../repertoire/limits';
import type { Demo, Task } from '../repertoire/types';
import { spreadOf } from './guess';
import type { OrderEntry } from './order';

/** Of a talk without a length, s. */
const TALK_SECONDS = 60;

/** Of a demonstration without a length, s. */
const DEMO_SECONDS = 180;

/** Words instead of a demonstration, by the first of the crew; its ends are guessed. */
export const talkSlot = (
  id: string,
  title: string,
  seconds: number | null,
  crew: readonly string[],
): Slot => ({
  ...plainSlot(id),
  talk: { title, time: spreadOf(seconds ?? TALK_SECONDS, 'talk'), say: '' },
  performerId: crew[0] ?? null,
  worth: 2,
});

/** Less than this between what is written and what its steps come to is the same, s. */
const SAME = 15;

/** What is written is not what its steps come to. */
export const differs = ({ seconds }: Pick<OrderEntry, 'seconds'>, bySteps: number): boolean =>
  seconds !== null && Math.abs(seconds - bySteps) > SAME;

export interface OrderedShow {
  slots: Slot[];
  /** The show’s own, and those that the order names besides. */
  positions: Position[];
  /** Who is named and not in its crew yet is in it. */
  crew: string[];
}

/**
 * The slots in their order. What is still to be written has to be by then: an entry of a demonstration that `demoOf`
 * doesn’t know is left out.
 */
export function orderedShow(
  entries: readonly OrderEntry[],
  show: Pick<Show, 'positions' | 'crew'>,
  demoOf: (id: string) => Bookable | undefined,
  newId: () => string,
): OrderedShow {
  const positions = [...show.positions];
  const crew = [...show.crew];
  const placed = (name: string): string | null => {
    const there = positionNamed(positions, name);
    if (there) return there.id;
    if (positions.length >= MOST_POSITIONS) return null;
    const made = freshPosition(positions, name, newId());
    positions.push(made);
    return made.id;
  };
  const slots = entries.flatMap((entry): Slot[] => {
    const { kind, demoId, methodId, position, personId, goes } = entry;
    const demo = demoId === null ? undefined : demoOf(demoId);
    const slot =
      kind === 'talk'
        ? talkSlot(newId(), entry.name, entry.seconds, crew)
        : demo
          ? freshSlot({ positions, crew }, demo, newId())
          : null;
    if (!slot) return [];
    if (personId !== null && !crew.includes(personId)) crew.push(personId);
    return [
      {
        ...slot,
        ...(methodId !== null && { methodId }),
        ...(position !== null && { positionId: placed(position) ?? slot.positionId }),
        performerId: personId ?? slot.performerId ?? crew[0] ?? null,
        ...(goes !== null && { goes: Math.min(MOST_GOES, Math.max(1, goes)) }),
      },
    ];
  });
  return { slots, positions, crew };
}

/** A demonstration of which no more is known than its name and how long it takes: one step, to be told later. */
export function demoToWrite({ name, seconds }: OrderEntry, newId: () => string): Demo {
  const step: Task = {
    ...blankTask(newId(), 'Show it', 'perform', spreadOf(seconds ?? DEMO_SECONDS, 'hand')),
    hands: [{ role: 'performer', count: 1, competence: null }],
    eachGo: true,
  };
  return blankDemo(newId(), name, [{ ...blankMethod(newId(), 'First method'), tasks: [step] }]);
}
