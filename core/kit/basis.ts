import type { Show, Slot } from '../brief/types';
import type { ItemKind, KitLine, Method } from '../repertoire/types';
import { counted } from '../words';
import type { Sets } from './sets';

interface Times {
  /** On the day. */
  factor: number;
  /** Besides, for the rehearsals before it. */
  rehearsing: number;
  words: string;
}

type Planned = Pick<Sets, 'planned' | 'spare'>;

function onTheDay(
  basis: KitLine['basis'],
  method: Pick<Method, 'volunteers'>,
  audience: number,
  { planned, spare }: Planned,
): Omit<Times, 'rehearsing'> {
  switch (basis) {
    case 'perShow':
      return { factor: 1, words: 'for the show' };
    case 'perDay':
      return { factor: 1, words: 'for the day' };
    case 'perGo':
      return {
        factor: planned + spare,
        words:
          spare > 0
            ? `per go × ${counted(planned + spare, 'set')} (${planned} planned, ${spare} spare)`
            : `per go × ${counted(planned, 'go', 'goes')}`,
      };
    case 'perVolunteer':
      return {
        factor: method.volunteers,
        words: `per volunteer × ${counted(method.volunteers, 'volunteer')}`,
      };
    case 'perHead':
      return { factor: audience, words: `each × ${counted(audience, 'head')}` };
  }
}

/** How many times over a kit line is wanted, and how that is said. Nobody sits in a rehearsal's audience. */
export function timesWanted(
  line: Pick<KitLine, 'basis'>,
  method: Pick<Method, 'volunteers'>,
  show: Pick<Show, 'audience' | 'rehearsals'>,
  sets: Planned,
  kind: ItemKind,
): Times {
  const day = onTheDay(line.basis, method, show.audience, sets);
  const each = line.basis === 'perHead' ? 0 : line.basis === 'perGo' ? sets.planned : day.factor;
  // Only what is used up is wanted again: equipment comes back from a rehearsal.
  const rehearsing = kind === 'consumable' ? each * show.rehearsals : 0;
  return {
    ...day,
    rehearsing,
    words:
      rehearsing > 0 ? `${day.words}, and for ${counted(show.rehearsals, 'rehearsal')}` : day.words,
  };
}

/** How many of its equipment a slot has in hand while it is on: a spare set lies ready too. */
export const inHand = (
  line: Pick<KitLine, 'basis'>,
  slot: Pick<Slot, 'goes'>,
  method: Pick<Method, 'volunteers'>,
  audience: number,
): number => onTheDay(line.basis, method, audience, { planned: slot.goes, spare: 0 }).factor;
