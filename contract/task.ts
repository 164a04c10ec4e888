/** Tasks of a method: how long, by whom, after what, and the words of each. */
import { SAY_MOST } from '../core/repertoire/script';
import { LONGEST_TASK } from '../core/repertoire/limits';
import {
  type After,
  COMPETENCES,
  type Competence,
  type Estimate,
  HAND_ROLES,
  HAZARDS,
  type Hand,
  type HandRole,
  type HazardKind,
  PHASES,
  type Phase,
  type Sign,
  type Task,
} from '../core/repertoire/types';
import {
  Holds,
  Id,
  OneOf,
  OneOfList,
  OrNull,
  Part,
  PartList,
  Text,
  TextList,
  Whole,
  YesNo,
} from './fields';
import { StepCueBody } from './cues';
import { CameraViewBody, PictureBody } from './pictures';

export class EstimateBody implements Estimate {
  @Whole(0, LONGEST_TASK)
  shortest!: number;

  @Holds<EstimateBody>((e) => (e.likely < e.shortest ? 'must be at least the shortest time' : null))
  @Whole(0, LONGEST_TASK)
  likely!: number;

  @Holds<EstimateBody>((e) => (e.longest < e.likely ? 'must be at least the likely time' : null))
  @Whole(0, LONGEST_TASK)
  longest!: number;
}

export class HandBody implements Hand {
  @OneOf(HAND_ROLES)
  role!: HandRole;

  @Whole(1, 12)
  count!: number;

  @OrNull()
  @OneOf(COMPETENCES)
  competence!: Competence | null;
}

export class AfterBody implements After {
  @Id()
  task!: string;

  @Whole(0, LONGEST_TASK)
  least!: number;

  @OrNull()
  @Holds<AfterBody>((a) =>
    a.greatest !== null && a.greatest < a.least
      ? 'must be at least as long as the shortest wait'
      : null,
  )
  @Whole(0, LONGEST_TASK)
  greatest!: number | null;
}

export class SignBody implements Sign {
  @Text(80, 1)
  watchFor!: string;

  @Whole(0, 3600)
  waitLeast!: number;

  @Holds<SignBody>((s) =>
    s.waitMost < s.waitLeast ? 'must be at least as long as the shortest wait' : null,
  )
  @Whole(0, 3600)
  waitMost!: number;
}

/** What is done and said in a step, planned or being performed. */
export class StepWords {
  @Text(300)
  do!: string;

  @Text(SAY_MOST)
  say!: string;

  @Text(120)
  cue!: string;

  @TextList(8, 40)
  gearOn!: string[];

  @TextList(8, 40)
  gearOff!: string[];

  @Text(200)
  careful!: string;

  @OrNull()
  @Part(() => SignBody)
  sign!: SignBody | null;
}

export class TaskBody extends StepWords implements Task {
  @Id()
  id!: string;

  @Text(80, 1)
  name!: string;

  @OneOf(PHASES)
  phase!: Phase;

  @Part(() => EstimateBody)
  time!: EstimateBody;

  @Holds<TaskBody>((t) =>
    t.phase === 'settle' && Array.isArray(t.hands) && t.hands.length > 0
      ? 'must be empty: what settles runs by itself'
      : null,
  )
  @PartList(() => HandBody, 6)
  hands!: HandBody[];

  @OneOf(['stage', 'wings'])
  place!: 'stage' | 'wings';

  @PartList(() => AfterBody, 12)
  after!: AfterBody[];

  @YesNo()
  eachGo!: boolean;

  @OneOfList(HAZARDS)
  hazards!: HazardKind[];

  @PartList(() => StepCueBody, 20)
  cues!: StepCueBody[];

  @OrNull()
  @Part(() => PictureBody)
  picture!: PictureBody | null;

  @PartList(() => CameraViewBody, 8)
  views!: CameraViewBody[];
}
