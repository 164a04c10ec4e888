/** What was read at a go outside of any show. */
import { CONDITION_FIGURES, type ConditionFigure } from '../core/brief/types';
import { Holds, Id, Num, OneOf, OrNull, PartList, Text } from './fields';

/** Any reading. */
const ANY = 1e12;

export class DayFigureBody {
  @OneOf(CONDITION_FIGURES)
  name!: ConditionFigure;

  @Num(-1e6, 1e6)
  value!: number;
}

/** A reading as it is put in, or put right. What was read first is kept by the server. */
export class ReadingBody {
  @Id()
  methodId!: string;

  /** Id of what the method has read. */
  @Id()
  result!: string;

  @Num(-ANY, ANY)
  value!: number;

  /** Milliseconds since 1970. */
  @Num(0, 9_000_000_000_000)
  at!: number;

  @OrNull()
  @Id()
  by!: string | null;

  @Text(200)
  note!: string;

  /** The day's figures, each once. */
  @Holds<ReadingBody>(({ conditions }) =>
    Array.isArray(conditions) &&
    new Set(conditions.map((one) => one?.name)).size < conditions.length
      ? 'has the same figure twice'
      : null,
  )
  @PartList(() => DayFigureBody, 6)
  conditions!: DayFigureBody[];
}

/** A reading as it is kept. */
export interface BenchReading extends ReadingBody {
  id: string;
  demoId: string;
  first: number;
}
