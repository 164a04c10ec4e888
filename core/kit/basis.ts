import type { Show } from '../brief/types';
import { timesOnTheDay } from '../repertoire/basis';
import type { ItemKind } from '../repertoire/item';
import type { KitLine, Method } from '../repertoire/types';
import { counted } from '../words';
import type { Sets } from './sets';

export interface Times {
  /** On the day. */
  factor: number;
  /** Besides, for the rehearsals before it. */
  rehearsing: number;
}

type Planned = Pick<Sets, 'planned' | 'spare'>;
type Counted = Pick<KitLine, 'basis' | 'groupOf'>;
type Crowd = Pick<Method, 'volunteers'>;
type Booked = Pick<Show, 'audience' | 'rehearsals'>;

/**
 * How many times over a kit line is wanted. Rehearsals take the planned goes, and nothing for an
 * audience. Only what is used up is wanted again: equipment comes back.
 */
export function timesWanted(
  line: Counted,
  method: Crowd,
  show: Booked,
  sets: Planned,
  kind: ItemKind,
): Times {
  const factor = timesOnTheDay(line, method, show.audience, sets);
  const forAudience = line.basis === 'perHead' || line.basis === 'perGroup';
  const each = forAudience
    ? 0
    : timesOnTheDay(line, method, show.audience, { planned: sets.planned, spare: 0 });
  return { factor, rehearsing: kind === 'consumable' ? each * show.rehearsals : 0 };
}

function dayInWords(
  { basis, groupOf }: Counted,
  factor: number,
  { planned, spare }: Planned,
): string {
  const goes = planned + spare;
  switch (basis) {
    case 'perShow':
      return 'for the show';
    case 'perDay':
      return 'for the day';
    case 'perGo':
      return spare > 0
        ? `per go × ${counted(factor, 'set')} (${planned} planned, ${spare} spare)`
        : `per go × ${counted(factor, 'go', 'goes')}`;
    case 'perVolunteer':
      return `per volunteer × ${counted(factor, 'volunteer')}`;
    case 'perVolunteerGo':
      return `per volunteer per go × ${counted(goes > 0 ? factor / goes : 0, 'volunteer')} × ${
        spare > 0
          ? `${counted(goes, 'set')} (${planned} planned, ${spare} spare)`
          : counted(goes, 'go', 'goes')
      }`;
    case 'perHead':
      return `each × ${counted(factor, 'head')}`;
    case 'perGroup':
      return `for every ${groupOf ?? 1} × ${counted(factor, 'group')}`;
  }
}

/** “per go × 2 goes, and for 1 rehearsal” */
export function timesInWords(
  line: Counted,
  { factor, rehearsing }: Times,
  rehearsals: number,
  sets: Planned,
): string {
  const day = dayInWords(line, factor, sets);
  return rehearsing > 0 ? `${day}, and for ${counted(rehearsals, 'rehearsal')}` : day;
}
