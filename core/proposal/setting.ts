/** What demonstrations have to go into, as far as anybody has said, and what of it is taken from a show. */
import type { Person, ShowBundle } from '../brief/types';
import { parseClock } from '../time/clock';
import { finishAfter } from './booking';
import type { FitWishes } from './fitWishes';

/** Null is what nobody has said. */
export interface Setting {
  minutes: number | null;
  where: 'indoors' | 'outdoors' | null;
  audience: number | null;
  youngest: number | null;
  crew: readonly Person[] | null;
}

export const NOTHING_SAID: Setting = {
  minutes: null,
  where: null,
  audience: null,
  youngest: null,
  crew: null,
};

export function settingOf({ show, venue, people }: ShowBundle): Setting {
  const crew = show.crew.flatMap((id) => people.find((person) => person.id === id) ?? []);
  return {
    minutes: Math.round((parseClock(show.hardFinish) - parseClock(show.start)) / 60),
    where: venue && (venue.outdoors ? 'outdoors' : 'indoors'),
    audience: show.audience,
    youngest: show.youngest,
    crew: crew.length > 0 ? crew : null,
  };
}

/** A booking in another setting, with nothing in it yet. */
export function inSetting(booking: ShowBundle, setting: Setting): ShowBundle {
  const { minutes, where, audience, youngest, crew } = setting;
  const { show, venue, people } = booking;
  const others = (crew ?? []).filter(({ id }) => people.every((person) => person.id !== id));
  return {
    ...booking,
    venue: venue && where ? { ...venue, outdoors: where === 'outdoors' } : venue,
    people: [...people, ...others],
    show: {
      ...show,
      slots: [],
      audience: audience ?? show.audience,
      youngest,
      hardFinish: minutes === null ? show.hardFinish : finishAfter(show.start, minutes),
      crew: crew?.map(({ id }) => id) ?? show.crew,
    },
  };
}

/** What nobody has said keeps nothing out. */
export const unsaidOf = ({
  minutes,
  where,
  crew,
}: Setting): Pick<FitWishes, 'where' | 'unsaid'> => ({
  where,
  unsaid: [
    ...(minutes === null ? (['time'] as const) : []),
    ...(crew === null ? (['crew'] as const) : []),
  ],
});
