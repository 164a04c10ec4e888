/** What somebody is booked for, what they said to it, and where two of them are at once. */
import { type CrewAnswer, type CrewSaid, saidBy } from './agreed';
import type { Show, Slot } from './types';

/** Of a show, what somebody’s bookings are told from. */
export interface Booked extends Pick<
  Show,
  'id' | 'title' | 'date' | 'arrival' | 'hardFinish' | 'crew'
> {
  answers: readonly CrewAnswer[];
  /** Its slots. */
  order: readonly Pick<Slot, 'performerId'>[];
}

export interface Booking<S extends Booked> {
  show: S;
  /** Null while they were not asked. */
  said: CrewSaid | null;
  /** So many of its slots are theirs. */
  performs: number;
  /** Other shows of theirs that want them at the same time, but for those they said no to. */
  atOnce: S[];
}

/** From being there to the end, on the same day. */
const overlap = (a: Booked, b: Booked): boolean =>
  a.id !== b.id && a.date === b.date && a.arrival < b.hardFinish && b.arrival < a.hardFinish;

/** Of these shows those that have somebody in their crew, in their order. */
export function bookingsOf<S extends Booked>(personId: string, shows: readonly S[]): Booking<S>[] {
  const theirs = shows.filter(({ crew }) => crew.includes(personId));
  const wanted = theirs.filter(({ answers }) => saidBy(answers, personId) !== 'no');
  return theirs.map((show) => {
    const said = saidBy(show.answers, personId);
    return {
      show,
      said,
      performs: show.order.filter(({ performerId }) => performerId === personId).length,
      atOnce: said === 'no' ? [] : wanted.filter((other) => overlap(show, other)),
    };
  });
}
