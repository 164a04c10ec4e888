/** A show again, once or on a tour; and running orders that are kept to begin from. */
import type { Show } from '../core/brief/types';
import type { TourLine } from '../core/kit/tourKit';
import { ShowBody } from './brief';
import { LONGEST_PLACE } from './start';
import { ClockTime, DayDate, Holds, Id, OrNull, Part, PartList, Text, YesNo } from './fields';

/** Days that are made at once. */
export const MOST_STOPS = 30;

export class StopBody {
  /** Empty for one made of the show’s and the place’s. */
  @Text(80)
  title!: string;

  @DayDate()
  date!: string;

  /** Null for the hour it has; the others move with it. */
  @OrNull()
  @ClockTime()
  start!: string | null;

  /** Name of the place, made where there is none of it; empty for no place yet. */
  @Text(LONGEST_PLACE)
  venue!: string;
}

export class AgainBody {
  /** Who is in it and who performs what. */
  @YesNo()
  withCrew!: boolean;

  /** Name of the tour that all of them, the first too, are part of; empty for none. */
  @Text(80)
  tour!: string;

  @Holds<AgainBody>((a) =>
    Array.isArray(a.stops) && a.stops.length === 0 ? 'must name at least one day' : null,
  )
  @PartList(() => StopBody, MOST_STOPS)
  stops!: StopBody[];
}

/** In the order they were asked for. */
export interface AgainAnswer {
  shows: { id: string; title: string }[];
}

/** A running order kept to begin from: a show without day, place, crew and agreement of its own. */
export interface Template {
  id: string;
  name: string;
  show: Show;
}

export class TemplateBody implements Template {
  @Id()
  id!: string;

  @Text(80, 1)
  name!: string;

  @Part(() => ShowBody)
  show!: ShowBody;
}

/** What a tour takes along, over those of its shows that are still to come. */
export interface TourAnswer {
  shows: { id: string; title: string; date: string }[];
  lines: TourLine[];
  /** Titles of shows that are not counted, because something of them can’t be read. */
  unread: string[];
}
