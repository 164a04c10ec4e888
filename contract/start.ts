/** A show begun from one sentence: a place and people by their names, demonstrations of one’s own or of the library. */
import { LONGEST_SHOW } from './brief';
import {
  ClockTime,
  DayDate,
  Id,
  Num,
  OneOf,
  OrNull,
  PartList,
  Text,
  TextList,
  Whole,
  Zone,
} from './fields';

export const STARTED_FROM = ['own', 'library'] as const;

export const MOST_CREW = 12;
/** Letters of a person’s name, and of a place’s. */
export const LONGEST_NAME = 60;
export const LONGEST_PLACE = 80;

export class StartSlotBody {
  @OneOf(STARTED_FROM)
  from!: (typeof STARTED_FROM)[number];

  @Id()
  demoId!: string;

  @Id()
  methodId!: string;

  /** Place in `crew` of who presents it; null for the first. */
  @OrNull()
  @Whole(0, MOST_CREW - 1)
  performer!: number | null;
}

export class StartBody {
  /** Empty for the name of the place, or of the day. */
  @Text(80)
  title!: string;

  @DayDate()
  date!: string;

  @ClockTime()
  start!: string;

  @Whole(1, LONGEST_SHOW)
  minutes!: number;

  @Zone()
  zone!: string;

  /** Name of the place; empty while there is none. */
  @Text(LONGEST_PLACE)
  venue!: string;

  @Whole(0, 20_000)
  audience!: number;

  @OrNull()
  @Num(0, 120)
  youngest!: number | null;

  @TextList(MOST_CREW, LONGEST_NAME)
  crew!: string[];

  @PartList(() => StartSlotBody, 60)
  slots!: StartSlotBody[];
}
