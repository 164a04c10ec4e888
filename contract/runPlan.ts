/** What a run was planned to be, as a show file carries it. */
import { MARK_SHAPES, type MarkShape, SIDE_BY_SIDE } from '../core/brief/types';
import type { ReadyWindow } from '../core/lineup/readyWindow';
import type { Job, RunClaim, RunPlan, RunSlot, RunStations, RunStep } from '../core/stage/types';
import { Id, Num, OneOf, OrNull, Part, PartList, Text, TextList, Whole, YesNo } from './fields';
import { PredictionBody, StepCueBody } from './cues';
import { MethodResultBody, RESULTS_MOST } from './measure';
import { StationNameBody, STATIONS_MOST } from './slot';
import { StepWords } from './task';

/** Claims that one slot tells, at the most. */
const CLAIMS_MOST = 20;

class RunPositionBody {
  @Text(40)
  name!: string;

  @OneOf(MARK_SHAPES)
  mark!: MarkShape;
}

class RunStepBody extends StepWords implements RunStep {
  @Text(400)
  warn!: string;

  @Text(400)
  clear!: string;

  @TextList(20, 1100)
  brief!: string[];

  @TextList(4, 1100)
  letGo!: string[];

  @Id()
  task!: string;

  @Text(80)
  name!: string;

  @Num(0, 172_800)
  seconds!: number;

  @YesNo()
  eachGo!: boolean;

  @YesNo()
  between!: boolean;

  @PartList(() => StepCueBody, 20)
  cues!: StepCueBody[];
}

class RunStationsBody implements RunStations {
  @OneOf(SIDE_BY_SIDE)
  kind!: RunStations['kind'];

  @OrNull()
  @Id()
  trialId!: string | null;

  @PartList(() => StationNameBody, STATIONS_MOST)
  stations!: StationNameBody[];
}

class RunClaimBody implements RunClaim {
  @Id()
  trialId!: string;

  @Text(400, 1)
  words!: string;

  @Text(600)
  evidence!: string;

  @Text(1000)
  reasoning!: string;
}

class RunSlotBody implements RunSlot {
  @Id()
  id!: string;

  @OrNull()
  @Id()
  demoId!: string | null;

  @OrNull()
  @Id()
  methodId!: string | null;

  @Text(80)
  name!: string;

  @Text(80)
  methodName!: string;

  @OrNull()
  @Part(() => RunPositionBody)
  position!: RunPositionBody | null;

  @Text(60)
  performer!: string;

  @OrNull()
  @Id()
  performerId!: string | null;

  @OrNull()
  @Part(() => PredictionBody)
  prediction!: PredictionBody | null;

  @Num(-1e6, 1e6)
  start!: number;

  @Num(-1e6, 1e6)
  end!: number;

  @Whole(1, 20)
  goes!: number;

  @Whole(1, 20)
  goesAllowed!: number;

  @YesNo()
  oneShot!: boolean;

  @YesNo()
  mayLeaveOut!: boolean;

  @Whole(1, 5)
  worth!: number;

  @PartList(() => RunStepBody, 60)
  steps!: RunStepBody[];

  @PartList(() => MethodResultBody, Math.max(RESULTS_MOST, STATIONS_MOST))
  results!: MethodResultBody[];

  @OrNull()
  @Part(() => RunStationsBody)
  sideBySide!: RunStationsBody | null;

  @PartList(() => RunClaimBody, CLAIMS_MOST)
  claims!: RunClaimBody[];
}

class JobUseBody implements ReadyWindow {
  @Num(-1e6, 1e6)
  at!: number;

  @Num(-1e6, 1e6)
  from!: number;

  @OrNull()
  @Num(-1e6, 1e6)
  until!: number | null;
}

class JobBody implements Job {
  @Id()
  slot!: string;

  @Id()
  task!: string;

  @Text(80)
  name!: string;

  @TextList(60, 60)
  people!: string[];

  @Num(-1e6, 1e6)
  start!: number;

  @Num(-1e6, 1e6)
  end!: number;

  @OrNull()
  @Part(() => JobUseBody)
  use!: JobUseBody | null;
}

export class RunPlanBody implements RunPlan {
  @Text(80)
  title!: string;

  @Num(0, 9_000_000_000_000)
  startsAt!: number;

  @Num(0, 1e6)
  hardFinish!: number;

  @Num(0, 1e6)
  end!: number;

  @PartList(() => RunSlotBody, 60)
  slots!: RunSlotBody[];

  @PartList(() => JobBody, 4000)
  jobs!: JobBody[];
}
