/** Decisions on figures that the record offers. */
import type { ChanceFigure } from '../core/repertoire/types';
import { Id, OrNull, Part, PartList } from './fields';
import { ChanceFigureBody, TimeFigureBody } from './measure';

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

export class ChanceDecisionBody {
  @Id()
  demoId!: string;

  @Id()
  methodId!: string;

  /** Null lets the record count. */
  @OrNull()
  @Part(() => ChanceFigureBody)
  chance!: ChanceFigure | null;
}

/** Taken together, or none of them. */
export class FigureDecisionsBody {
  @PartList(() => FigureDecisionBody, 600)
  decisions!: FigureDecisionBody[];

  @PartList(() => ChanceDecisionBody, 600)
  chances!: ChanceDecisionBody[];
}

/** What takes the decisions back again. */
export type FigureDecisionsAnswer = FigureDecisionsBody;
