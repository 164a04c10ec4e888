/** A show in one sentence: what is typed into its gaps, and what that comes to. */
import dayjs from 'dayjs';
import { LONGEST_SHOW } from '../../contract/brief';
import { LONGEST_NAME, LONGEST_PLACE, MOST_CREW } from '../../contract/start';
import type { BookingFacts } from '../../core/proposal/booking';
import { plainName } from '../../core/repertoire/plainName';
import { readTime } from '../../core/time/readTime';
import { zoneHere } from '../brief/dates';

export interface Sentence {
  /** “20 minutes” */
  length: string;
  /** YYYY-MM-DD */
  date: string;
  /** HH:MM */
  start: string;
  /** Name of the place. */
  place: string;
  /** “80” */
  people: string;
  /** “Ines, Jo” */
  crew: string;
}

/** The next Saturday, for which most people who begin have something to do. */
const nextSaturday = (): string => {
  const today = dayjs();
  return today.add((6 - today.day() + 7) % 7 || 7, 'day').format('YYYY-MM-DD');
};

export const firstSentence = (): Sentence => ({
  length: '20 minutes',
  date: nextSaturday(),
  start: '14:00',
  place: '',
  people: '60',
  crew: '',
});

export type SentenceFaults = Partial<Record<keyof Sentence, string>>;

/** Minutes of “20 minutes”, “half an hour” or a number alone; null for anything else. */
export function minutesOf(text: string): number | null {
  const plain = text.trim();
  if (/^\d{1,3}$/.test(plain)) return Number(plain);
  const seconds = readTime(plain);
  return seconds === null ? null : Math.round(seconds / 60);
}

/** Each name once, however it is written the second time. */
export function namesOf(text: string): string[] {
  const names = text
    .split(/,|\band\b|&/i)
    .map((name) => name.trim())
    .filter((name) => name !== '');
  const plain = names.map(plainName);
  return names.filter((_, i) => plain.indexOf(plain[i] ?? '') === i);
}

const CLOCK = /^([01]\d|2[0-3]):([0-5]\d)$/;
const MIDNIGHT = 24 * 60;

function startFault(start: string, minutes: number | null): SentenceFaults {
  const [, hour, minute] = CLOCK.exec(start) ?? [];
  if (hour === undefined) return { start: 'A time, such as 14:00' };
  const end = Number(hour) * 60 + Number(minute) + (minutes ?? 0);
  return end < MIDNIGHT ? {} : { start: 'It would go on past midnight' };
}

function crewFault(crew: string): SentenceFaults {
  const names = namesOf(crew);
  if (names.length > MOST_CREW) return { crew: `At most ${MOST_CREW} people` };
  const long = names.find((name) => name.length > LONGEST_NAME);
  return long === undefined ? {} : { crew: 'Names parted by commas' };
}

/** What is wrong with each gap, in words that stand beside it. */
export function faultsOf({ length, date, start, place, people, crew }: Sentence): SentenceFaults {
  const minutes = minutesOf(length);
  return {
    ...(minutes === null
      ? { length: 'A length, such as 20 minutes' }
      : minutes < 1
        ? { length: 'At least a minute' }
        : minutes > LONGEST_SHOW
          ? { length: 'At most 6 hours' }
          : {}),
    ...(/^\d{4}-\d\d-\d\d$/.test(date) && dayjs(date).isValid() ? {} : { date: 'A day' }),
    ...startFault(start, minutes),
    ...(place.trim().length > LONGEST_PLACE ? { place: 'A shorter name' } : {}),
    ...crewFault(crew),
    ...(/^\d{1,5}$/.test(people.trim()) && Number(people) <= 20_000
      ? {}
      : { people: 'A number of people' }),
  };
}

/** The facts of it; null while one of its gaps is wrong. */
export function bookingOf(sentence: Sentence): BookingFacts | null {
  const minutes = minutesOf(sentence.length);
  if (minutes === null || Object.keys(faultsOf(sentence)).length > 0) return null;
  return {
    title: sentence.place.trim(),
    date: sentence.date,
    start: sentence.start,
    minutes,
    audience: Number(sentence.people),
    youngest: null,
    zone: zoneHere(),
  };
}
