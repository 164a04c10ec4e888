/** A booking out of five facts, as it is said in one sentence. */
import { blankShow } from '../brief/blank';
import type { Show } from '../brief/types';
import { formatClock, parseClock } from '../time/clock';

/** Minutes between arriving and the doors, and between the doors and the start, as it begins. Our own marks. */
const SET_UP = 75;
const DOORS = 15;
const LAST_MINUTE = 24 * 60 - 1;

export interface BookingFacts {
  title: string;
  /** YYYY-MM-DD. */
  date: string;
  /** HH:MM. */
  start: string;
  minutes: number;
  audience: number;
  youngest: number | null;
  zone: string;
}

const clock = (minute: number): string =>
  formatClock(Math.min(LAST_MINUTE, Math.max(0, minute)) * 60);

/** HH:MM of a hard finish so long after a start. No show goes on past midnight: what is too long ends then. */
export const finishAfter = (start: string, minutes: number): string =>
  clock(parseClock(start) / 60 + minutes);

/** With nothing in it yet. */
export function bookedShow(
  id: string,
  { title, date, start, minutes, audience, youngest, zone }: BookingFacts,
): Show {
  const begins = parseClock(start) / 60;
  return {
    ...blankShow(id, title, date, zone),
    arrival: clock(begins - DOORS - SET_UP),
    doors: clock(begins - DOORS),
    start,
    hardFinish: finishAfter(start, minutes),
    audience,
    youngest,
  };
}
