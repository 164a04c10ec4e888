/** A show begun from one sentence, all of it or nothing: the place, the crew, the demonstrations, the running order. */
import { randomUUID } from 'node:crypto';
import type { Versioned } from '../../contract/api';
import type { StartBody } from '../../contract/start';
import { blankPerson, blankVenue } from '../../core/brief/blank';
import { freshSlot } from '../../core/brief/freshSlot';
import type { Show, Slot, Venue } from '../../core/brief/types';
import { bookedShow } from '../../core/proposal/booking';
import { plainName } from '../../core/repertoire/plainName';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { HttpError } from '../http/errors';
import { takeFromLibrary } from '../library/routes';

/** The one that is called so; else a new one. */
function called<T extends { id: string; name: string }>(
  all: readonly T[],
  name: string,
  make: (id: string) => T,
): T {
  const wanted = plainName(name);
  return all.find((one) => plainName(one.name) === wanted) ?? make(randomUUID());
}

/** Ids in the order of the names: the same one twice where somebody is named twice. */
const idsOf = ({ people }: AppContext, names: readonly string[]): string[] =>
  names.map(
    (name) => called(people.list(), name, (id) => people.add(blankPerson(id, name.trim()))).id,
  );

/** Null for no name. */
export function placeCalled({ venues }: AppContext, written: string): Venue | null {
  const name = written.trim();
  return name === '' ? null : called(venues.list(), name, (id) => venues.add(blankVenue(id, name)));
}

/** Throws HttpError when a demonstration or a way of doing it is not there. */
export function startShow(context: AppContext, body: StartBody): Versioned<Show> {
  return written(context.db, () => {
    const { demos, shows } = context;
    const venue = placeCalled(context, body.venue);
    const crew = idsOf(context, body.crew);
    const fromLibrary = body.slots.filter(({ from }) => from === 'library');
    const taken = takeFromLibrary(
      context,
      fromLibrary.map(({ demoId }) => demoId),
    );
    const title = body.title.trim() || venue?.name || `Show of ${body.date}`;
    const show: Show = {
      ...bookedShow(randomUUID(), { ...body, title }),
      venueId: venue?.id ?? null,
      crew: [...new Set(crew)],
    };
    const slots = body.slots.map(({ from, demoId, methodId, performer }): Slot => {
      const own =
        from === 'library'
          ? (taken.demos.find(({ libraryId }) => libraryId === demoId)?.id ?? '')
          : demoId;
      const demo = demos.get(own);
      const method = demo.methods.find(({ id }) => id === methodId) ?? demo.methods[0];
      const slot = method && freshSlot(show, { ...demo, methods: [method] }, randomUUID());
      if (!slot) throw new HttpError(422, 'no_method', `${demo.name} has no way of being done.`);
      return { ...slot, performerId: crew[performer ?? 0] ?? null };
    });
    return shows.add({ ...show, slots });
  });
}
