/** Decisions on figures that the record offers. */
import { Id, OrNull, Part, PartList } from './fields';
import { TimeFigureBody } from './measure';

export class FigureDecisionBody {
  @Id()
  demoId!: string;

  @Id()
  methodId!: string;

  @Id()
  task!: string;

  /** Whose; null for anybody’s. */
  @OrNull()
  @Id()
  performerId!: string | null;

  /** Null takes back what was decided. */
  @OrNull()
  @Part(() => TimeFigureBody)
  figure!: TimeFigureBody | null;
}

/** Taken together, or none of them. */
export class FigureDecisionsBody {
  @PartList(() => FigureDecisionBody, 600)
  decisions!: FigureDecisionBody[];
}

/** What takes the decisions back again. */
export type FigureDecisionsAnswer = Pick<FigureDecisionsBody, 'decisions'>;
