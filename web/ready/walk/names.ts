import type { Stop, StopKind, StopPart } from '../../../core/ready/walk/stops';
import { upperFirst } from '../../../core/words';

const KIND: Readonly<Record<Exclude<StopKind, 'place'>, string>> = {
  arrival: 'Arrival',
  crew: 'Crew',
  doors: 'Doors',
  last: 'Last five minutes',
};

/** What a stop of the walk is called. */
export const stopName = ({ kind, place }: Pick<Stop, 'kind' | 'place'>): string =>
  kind === 'place' ? (place === '' ? 'No place in particular' : upperFirst(place)) : KIND[kind];

const PART: Readonly<Record<Exclude<StopPart, 'before'>, string>> = {
  room: 'The room',
  stands: 'Stands here',
  filled: 'Filled',
  tested: 'Tested',
  gear: 'Gear',
  clear: 'Kept clear',
};

export const partName = (part: StopPart, kind: StopKind): string =>
  part === 'before' ? (kind === 'last' ? 'Said and done' : 'From last time') : PART[part];
