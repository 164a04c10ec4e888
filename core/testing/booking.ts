/** Bookings with nothing in them yet, and people of whom it is known what they are used to. */
import { usualPositions } from '../brief/blank';
import type { Person, ShowBundle, Venue } from '../brief/types';
import type { Item } from '../repertoire/item';
import { bundle as madeBundle } from './bundle';

export const person = (id: string, competences: Person['competences'] = []): Person => ({
  id,
  name: id,
  role: '',
  competences,
  heartDevice: 'no',
  wordsPerMinute: null,
  mayWaive: true,
  note: '',
});

/** Two in the afternoon, for which these things could be needed. */
export const bookingOf =
  (items: Item[]) =>
  (
    minutes: number,
    people: Person[],
    more: Partial<ShowBundle['show']> = {},
    venue: Venue | null = null,
  ): ShowBundle => {
    const made = madeBundle([]);
    return {
      ...made,
      venue,
      people,
      demos: [],
      items,
      show: {
        ...made.show,
        arrival: '12:00',
        doors: '13:45',
        start: '14:00',
        hardFinish: `14:${String(minutes).padStart(2, '0')}`,
        venueId: venue?.id ?? null,
        crew: people.map(({ id }) => id),
        positions: usualPositions(),
        slots: [],
        ...more,
      },
    };
  };
