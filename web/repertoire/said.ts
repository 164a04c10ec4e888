/** A setting as it is said in a sentence, and what that comes to. */
import { LONGEST_SHOW } from '../../contract/brief';
import { MOST_CREW } from '../../contract/start';
import type { Person } from '../../core/brief/types';
import type { Setting } from '../../core/proposal/setting';
import { minutesOf, namesOf } from '../start/sentence';

/** What stands in the gaps, as it is typed. */
export interface Said {
  /** “30 minutes” */
  length: string;
  where: Setting['where'];
  people: string;
  /** Years. */
  youngest: string;
  /** “Ines, Jo” */
  crew: string;
}

const figure = (value: number | null): string => (value === null ? '' : String(value));

export const saidOf = ({ minutes, where, audience, youngest, crew }: Setting): Said => ({
  length: minutes === null ? '' : `${minutes} minutes`,
  where,
  people: figure(audience),
  youngest: figure(youngest),
  crew: crew?.map(({ name }) => name).join(', ') ?? '',
});

export type SaidFaults = Partial<Record<keyof Said, string>>;

/** What is wrong with each gap. Nothing is wrong with one that is empty: nobody has said that yet. */
export function saidFaults({ length, people, youngest, crew }: Said): SaidFaults {
  const minutes = minutesOf(length);
  const isNumber = (text: string, most: number): boolean =>
    text.trim() === '' || (/^\d+$/.test(text.trim()) && Number(text) <= most);
  return {
    ...(length.trim() === '' || (minutes !== null && minutes >= 1 && minutes <= LONGEST_SHOW)
      ? {}
      : { length: 'A length up to 6 hours, such as 20 minutes' }),
    ...(isNumber(people, 20_000) ? {} : { people: 'A number of people' }),
    ...(isNumber(youngest, 120) ? {} : { youngest: 'Years' }),
    ...(namesOf(crew).length <= MOST_CREW ? {} : { crew: `At most ${MOST_CREW} people` }),
  };
}

/** Null while one of its gaps is wrong. `named` are the people of `crew`. */
export function settingSaid(said: Said, named: readonly Person[]): Setting | null {
  if (Object.keys(saidFaults(said)).length > 0) return null;
  const number = (text: string): number | null => (text.trim() === '' ? null : Number(text));
  return {
    minutes: minutesOf(said.length),
    where: said.where,
    audience: number(said.people),
    youngest: number(said.youngest),
    crew: namesOf(said.crew).length === 0 ? null : named,
  };
}
