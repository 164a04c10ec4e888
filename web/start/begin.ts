import type { StartBody } from '../../contract/start';
import type { Person, Show, Slot } from '../../core/brief/types';
import type { BookingFacts } from '../../core/proposal/booking';
import { send } from '../app/api';
import type { Stock } from './useProposed';

interface Begun {
  facts: BookingFacts;
  /** By its name; empty while there is none. */
  place: string;
  people: readonly Person[];
  slots: readonly Slot[];
}

/** Begins a show with this order: people and the place are made where there is nobody of that name, demos are taken. */
export const beginShow = ({ facts, place, people, slots }: Begun, stock: Stock): Promise<Show> => {
  const body: StartBody = {
    ...facts,
    venue: place.trim(),
    crew: people.map(({ name }) => name),
    slots: slots.flatMap(({ demoId, methodId, performerId }) =>
      demoId === null || methodId === null
        ? []
        : [
            {
              from: stock.isOwn(demoId) ? ('own' as const) : ('library' as const),
              demoId,
              methodId,
              performer: Math.max(
                0,
                people.findIndex(({ id }) => id === performerId),
              ),
            },
          ],
    ),
  };
  return send<Show>('POST', '/shows/start', body);
};
