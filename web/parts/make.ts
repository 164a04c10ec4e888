/** Venues, people and things made where they are needed, by their names alone. Each answers with its id. */
import { blankPerson, blankVenue } from '../../core/brief/blank';
import { blankItem } from '../../core/repertoire/blank';
import { guessKind } from '../../core/told/things';
import { upperFirst } from '../../core/words';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';

export interface Make {
  /** “Put “tongs” into the store” */
  words: (name: string) => string;
  make: (name: string) => Promise<string>;
}

/** Listed at once, so that what names it can show it. */
async function made<T extends { id: string }>(path: string, value: T): Promise<string> {
  const added = await send<T>('POST', path, value);
  queryClient.setQueryData<T[]>([path], (known) => [...(known ?? []), added]);
  return added.id;
}

const VENUE: Make = {
  words: (name) => `A new venue “${name}”`,
  make: (name) => made('/venues', blankVenue(newId(), name.slice(0, 80))),
};
const PERSON: Make = {
  words: (name) => `A new person “${name}”`,
  make: (name) => made('/people', blankPerson(newId(), name.slice(0, 60))),
};
const THING: Make = {
  words: (name) => `Put “${name}” into the store`,
  make: (name) => {
    const called = upperFirst(name.slice(0, 80));
    return made('/items', blankItem(newId(), called, guessKind(called, 'piece')));
  },
};

export const MAKE = { venue: VENUE, person: PERSON, thing: THING };
