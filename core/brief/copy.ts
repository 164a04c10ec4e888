/** A show again: on another day, for other people, by the same crew or another. */
import { formatClock, parseClock } from '../time/clock';
import { forNextClass } from './classSet';
import type { Show } from './types';
import { NO_AUDIENCE_NEEDS, NO_CONDITIONS } from './types';

export interface Again {
  id: string;
  title: string;
  /** YYYY-MM-DD. */
  date: string;
  /** Who is in it, and who performs what, stays. */
  withCrew: boolean;
  /** Where it is; left out, where it was. */
  venueId?: string | null;
  /** Local time, HH:MM; left out, as it was. The other hours keep their distance to it. */
  start?: string;
  tour?: string;
}

const MINUTE = 60;
const LAST = 24 * 60 * MINUTE - MINUTE;

/** Whether it would run past midnight if it began then. */
export const runsPastMidnight = (
  show: Pick<Show, 'start' | 'hardFinish'>,
  start: string,
): boolean => parseClock(show.hardFinish) + parseClock(start) - parseClock(show.start) > LAST;

/** The hours as far from the start as they were, within the one day. */
function hoursFrom(
  show: Show,
  start: string,
): Pick<Show, 'arrival' | 'doors' | 'start' | 'hardFinish'> {
  const shift = parseClock(start) - parseClock(show.start);
  const moved = (clock: string, latest: number): number =>
    Math.min(latest, Math.max(0, parseClock(clock) + shift));
  const end = moved(show.hardFinish, LAST);
  const begin = moved(show.start, end - MINUTE);
  const doors = moved(show.doors, begin);
  return {
    arrival: formatClock(moved(show.arrival, doors)),
    doors: formatClock(doors),
    start: formatClock(begin),
    hardFinish: formatClock(end),
  };
}

/**
 * The same line-up on another day. What was asked of the one audience, agreed with the one place or measured on the one
 * day is not known of the next; what was ordered and fetched for the one is to be ordered again.
 */
export function showAgain(show: Show, again: Again): Show {
  const {
    id,
    title,
    date,
    withCrew,
    venueId = show.venueId,
    start = show.start,
    tour = show.tour,
  } = again;
  const elsewhere = venueId !== show.venueId;
  return {
    ...structuredClone(show),
    ...hoursFrom(show, start),
    id,
    title,
    date,
    tour,
    venueId,
    agreed: false,
    agreedWith: '',
    answers: [],
    // What this crew asks of its own accord it asks again; another host answers.
    questions: show.questions.map((question) => ({ ...question, answer: '' })),
    audienceNeeds: NO_AUDIENCE_NEEDS,
    youngest: null,
    // What was missing on the one day is there on the other, as far as anybody knows.
    swaps: [],
    conditions: NO_CONDITIONS,
    classSet: show.classSet && forNextClass(show.classSet),
    filming: withCrew ? structuredClone(show.filming) : [],
    cold: show.cold.map((plan) => ({ ...plan, ordered: null, measured: null })),
    crew: withCrew ? [...show.crew] : [],
    // The place’s circuits are the place’s, and the way there is another.
    positions: show.positions.map((position) =>
      elsewhere ? { ...position, circuitId: null } : { ...position },
    ),
    journeys: elsewhere ? [] : structuredClone(show.journeys),
    slots: structuredClone(show.slots).map((slot) =>
      withCrew ? slot : { ...slot, performerId: null },
    ),
  };
}

/** What of it holds for any day, place and crew. */
export const templateOf = (show: Show, id: string): Show =>
  showAgain(show, {
    id,
    title: show.title,
    date: show.date,
    withCrew: false,
    venueId: null,
    tour: '',
  });
