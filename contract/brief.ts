import { CREW_SAID, type CrewAnswer, type CrewSaid, type HostQuestion } from '../core/brief/agreed';
import {
  type AudienceNeeds,
  CONDITION_FIGURES,
  type ConditionFigure,
  type Conditions,
  JOURNEY_BY,
  type Journey,
  KNOWN,
  type Known,
  MARK_SHAPES,
  type MarkShape,
  type Person,
  type ColdPlan,
  type Position,
  type Show,
  SPARE_WISHES,
  type SparePolicy,
  type SpareWish,
} from '../core/brief/types';
import { type Swap } from '../core/repertoire/substitute';
import { COMPETENCES, type Competence } from '../core/repertoire/types';
import {
  ClockTime,
  DayDate,
  Holds,
  Id,
  IdList,
  Num,
  OneOf,
  OneOfList,
  OrNull,
  Part,
  PartList,
  Positive,
  Text,
  Whole,
  YesNo,
  Zone,
} from './fields';
import { ClassSetBody, FilmingBody } from './classSet';
import { SlotBody, WishesBody } from './slot';
import { PlaceBody } from './venue';

export class PersonBody implements Person {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Text(60)
  role!: string;

  @OneOfList(COMPETENCES)
  competences!: Competence[];

  @OneOf(KNOWN)
  heartDevice!: Known;

  @YesNo()
  mayWaive!: boolean;

  @OrNull()
  @Whole(60, 260)
  wordsPerMinute!: number | null;

  @Text(400)
  note!: string;
}

export class PositionBody implements Position {
  @Id()
  id!: string;

  @Text(40, 1)
  name!: string;

  @OneOf(MARK_SHAPES)
  mark!: MarkShape;

  @OrNull()
  @Part(() => PlaceBody)
  at!: PlaceBody | null;

  @OrNull()
  @Id()
  circuitId!: string | null;
}

/** What is wrong with a temperature, in °C; each told for what it is. */
function notTemperature(celsius: number): string | null {
  if (celsius <= -273.15) return 'must be above absolute zero, −273.15 °C';
  return celsius < -60 || celsius > 60 ? 'must be between −60 and 60 °C' : null;
}

const notHumidity = (percent: number): string | null =>
  percent < 0 || percent > 100 ? 'must be between 0 and 100 %' : null;

/** Beyond every figure that a day could have: what is narrower is told in its own words. */
const ANY = 1_000_000;

/** Figures of the day. Those that can't be are told for what they are. */
export class ConditionsBody implements Conditions {
  @OrNull()
  @Holds<ConditionsBody>((c) =>
    typeof c.temperature === 'number' ? notTemperature(c.temperature) : null,
  )
  @Num(-ANY, ANY)
  temperature!: number | null;

  @OrNull()
  @Holds<ConditionsBody>((c) => (typeof c.humidity === 'number' ? notHumidity(c.humidity) : null))
  @Num(-ANY, ANY)
  humidity!: number | null;

  @OrNull()
  @Whole(0, 50_000)
  people!: number | null;

  @OrNull()
  @Num(0, 60)
  wind!: number | null;

  @OrNull()
  @Num(500, 1100)
  pressure!: number | null;

  @OrNull()
  @Num(0, 130)
  sound!: number | null;

  @OneOfList(CONDITION_FIGURES)
  measured!: ConditionFigure[];

  @OrNull()
  @ClockTime()
  takenAt!: string | null;
}

export class AudienceNeedsBody implements AudienceNeeds {
  @OneOf(KNOWN)
  hearing!: Known;

  @OneOf(KNOWN)
  sight!: Known;

  @OneOf(KNOWN)
  movement!: Known;
}

export class JourneyBody implements Journey {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @OneOf(JOURNEY_BY)
  by!: Journey['by'];

  @OrNull()
  @Num(0.1, 1_000_000)
  volumeM3!: number | null;

  @OrNull()
  @Num(0, 1000)
  airChanges!: number | null;

  @OrNull()
  @Num(0, 10_000)
  minutes!: number | null;

  @Whole(0, 10_000)
  people!: number;

  @OrNull()
  @Positive(1_000_000)
  mostKg!: number | null;
}

export class CrewAnswerBody implements CrewAnswer {
  @Id()
  personId!: string;

  @OneOf(CREW_SAID)
  said!: CrewSaid;
}

export class HostQuestionBody implements HostQuestion {
  @Id()
  id!: string;

  @Text(160, 1)
  ask!: string;

  @Text(300)
  answer!: string;
}

export class MeasuredBody {
  @ClockTime()
  at!: string;

  @Num(0, 1_000_000)
  amount!: number;
}

export class ColdPlanBody implements ColdPlan {
  @Id()
  itemId!: string;

  @Whole(0, 14)
  daysBefore!: number;

  @ClockTime()
  collected!: string;

  @OrNull()
  @Id()
  vesselId!: string | null;

  @YesNo()
  vesselWarm!: boolean;

  @Num(0, 80)
  pourLoss!: number;

  @Num(0, 300)
  reserve!: number;

  @OrNull()
  @Num(0, 1_000_000)
  ordered!: number | null;

  @OrNull()
  @Part(() => MeasuredBody)
  measured!: MeasuredBody | null;
}

/** Longest from start to hard finish, in minutes. */
export const LONGEST_SHOW = 360;

const minutes = (clock: unknown): number => {
  const [h, m] = typeof clock === 'string' ? clock.split(':').map(Number) : [];
  return (h ?? NaN) * 60 + (m ?? NaN);
};

/** Other than itself, and no chain of them: what stands in is there. */
export class SwapBody implements Swap {
  @Id()
  itemId!: string;

  @Holds<SwapBody>(({ itemId, by }) =>
    itemId === by ? 'must be another thing than the one it stands in for' : null,
  )
  @Id()
  by!: string;
}

export class SparePolicyBody implements SparePolicy {
  @OneOf(SPARE_WISHES)
  wish!: SpareWish;

  @OrNull()
  @Whole(0, 100_000_000)
  mostCost!: number | null;

  @OrNull()
  @Num(0, 10_000_000)
  mostGrams!: number | null;
}

export class ShowBody implements Show {
  @Id()
  id!: string;

  @Text(80, 1)
  title!: string;

  @Text(80)
  tour!: string;

  @DayDate()
  date!: string;

  @Zone()
  zone!: string;

  @ClockTime()
  arrival!: string;

  @Holds<ShowBody>((s) =>
    minutes(s.doors) < minutes(s.arrival) ? 'must not be before arrival' : null,
  )
  @ClockTime()
  doors!: string;

  @Holds<ShowBody>((s) => (minutes(s.start) < minutes(s.doors) ? 'must not be before doors' : null))
  @ClockTime()
  start!: string;

  @Holds<ShowBody>((s) => {
    const length = minutes(s.hardFinish) - minutes(s.start);
    if (length <= 0) return 'must be after the start';
    return length > LONGEST_SHOW ? 'must be within 6 hours of the start' : null;
  })
  @ClockTime()
  hardFinish!: string;

  @OrNull()
  @Id()
  venueId!: string | null;

  @Whole(0, 20_000)
  audience!: number;

  @Text(200)
  audienceNote!: string;

  @OrNull()
  @Num(0, 120)
  youngest!: number | null;

  @Part(() => AudienceNeedsBody)
  audienceNeeds!: AudienceNeedsBody;

  @PartList(() => JourneyBody, 20)
  journeys!: JourneyBody[];

  @YesNo()
  agreed!: boolean;

  @Text(120)
  agreedWith!: string;

  @Holds<ShowBody>(({ answers }) => {
    const ids = Array.isArray(answers) ? answers.map((one) => one?.personId) : [];
    return new Set(ids).size === ids.length ? null : 'has two answers of the same person';
  })
  @PartList(() => CrewAnswerBody, 12)
  answers!: CrewAnswerBody[];

  @PartList(() => HostQuestionBody, 40)
  questions!: HostQuestionBody[];

  @IdList(12)
  crew!: string[];

  @PartList(() => PositionBody, 8)
  positions!: PositionBody[];

  @PartList(() => SlotBody, 60)
  slots!: SlotBody[];

  @Part(() => WishesBody)
  wishes!: WishesBody;

  @Whole(0, 20)
  rehearsals!: number;

  @Num(50, 99.9)
  wantedChance!: number;

  @Part(() => SparePolicyBody)
  sparePolicy!: SparePolicyBody;

  @Holds<ShowBody>(({ swaps }) => {
    const ids = Array.isArray(swaps) ? swaps.map((one) => one?.itemId) : [];
    return new Set(ids).size === ids.length ? null : 'has two things for the same one';
  })
  @PartList(() => SwapBody, 100)
  swaps!: SwapBody[];

  @Holds<ShowBody>((s) => {
    const ids = Array.isArray(s.cold) ? s.cold.map((plan) => plan?.itemId) : [];
    return new Set(ids).size === ids.length ? null : 'has two plans for the same thing';
  })
  @PartList(() => ColdPlanBody, 4)
  cold!: ColdPlanBody[];

  @Part(() => ConditionsBody)
  conditions!: ConditionsBody;

  @Holds<ShowBody>(({ filming }) => {
    const cameras = Array.isArray(filming) ? filming.map((one) => one?.camera) : [];
    return new Set(cameras).size === cameras.length ? null : 'has the same camera twice';
  })
  @PartList(() => FilmingBody, 8)
  filming!: FilmingBody[];

  @OrNull()
  @Part(() => ClassSetBody)
  classSet!: ClassSetBody | null;

  @Text(2000)
  note!: string;
}
