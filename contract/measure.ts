/** What is read, and how: at a go of a trial, and of a method. */
import {
  BETTER,
  type Better,
  type Conversion,
  CONVERSIONS,
  type ConversionId,
  type Given,
  type Measure,
  type MethodResult,
  QUANTITIES,
  type Quantity,
} from '../core/repertoire/measure';
import { type ChanceFigure, FIGURE_USES, type TimeFigure } from '../core/repertoire/types';
import { conversionOf, givenFaults, unitFault } from '../core/readings/conversions';
import {
  Holds,
  Id,
  Num,
  OneOf,
  OrNull,
  Part,
  PartList,
  Positive,
  Text,
  Whole,
  YesNo,
} from './fields';
import { EstimateBody } from './task';

/** Any reading and any amount. */
const ANY = 1e12;
/** What one method has read at a go, at the most. */
export const RESULTS_MOST = 6;

export class MeasureBody implements Measure {
  @Text(60, 1)
  name!: string;

  @OneOf(QUANTITIES)
  quantity!: Quantity;

  @Text(20)
  unit!: string;

  @OrNull()
  @Positive(ANY)
  resolution!: number | null;

  @Text(80)
  instrument!: string;

  @Text(200)
  how!: string;

  @Holds<MeasureBody>((measure) =>
    measure.better === 'near' && measure.target === null
      ? 'needs a target, near which a reading is best'
      : null,
  )
  @OneOf(BETTER)
  better!: Better;

  @OrNull()
  @Num(-ANY, ANY)
  target!: number | null;

  @OrNull()
  @Whole(0, 86_400)
  readFrom!: number | null;

  @Holds<MeasureBody>(({ readFrom, readUntil }) =>
    typeof readFrom === 'number' && typeof readUntil === 'number' && readUntil < readFrom
      ? 'must not be before the time it is read from'
      : null,
  )
  @OrNull()
  @Whole(0, 86_400)
  readUntil!: number | null;
}

export class GivenBody implements Given {
  @Id()
  id!: string;

  @Num(-ANY, ANY)
  value!: number;

  @Num(0, ANY)
  within!: number;
}

export class ConversionBody implements Conversion {
  @OneOf(CONVERSIONS)
  id!: ConversionId;

  @Holds<ConversionBody>(({ id, given }) => {
    if (!CONVERSIONS.includes(id) || !Array.isArray(given)) return null;
    const [fault] = givenFaults(conversionOf(id), given).values();
    return fault ? `won’t do: ${fault}` : null;
  })
  @PartList(() => GivenBody, 6)
  given!: GivenBody[];
}

/** Of another kind than what it is to become is made of, or in a unit of another kind. */
function strayConversion({ becomes, quantity, unit }: MethodResultBody): string | null {
  if (!becomes || !CONVERSIONS.includes(becomes.id) || typeof unit !== 'string') return null;
  const kind = conversionOf(becomes.id);
  if (kind.quantity !== quantity) return `can’t be made of a reading of that kind: ${kind.label}`;
  return unitFault(kind, unit);
}

export class MethodResultBody extends MeasureBody implements MethodResult {
  @Id()
  id!: string;

  @OrNull()
  @Id()
  task!: string | null;

  @OrNull()
  @Positive(ANY)
  within!: number | null;

  @Holds<MethodResultBody>(strayConversion)
  @OrNull()
  @Part(() => ConversionBody)
  becomes!: ConversionBody | null;
}

export class TimeFigureBody implements TimeFigure {
  @Id()
  id!: string;

  @Id()
  task!: string;

  @OrNull()
  @Id()
  performerId!: string | null;

  @OneOf(FIGURE_USES)
  use!: TimeFigure['use'];

  @YesNo()
  frozen!: boolean;

  @Part(() => EstimateBody)
  time!: EstimateBody;

  @Whole(0, 100_000)
  from!: number;

  @Num(0, 9_000_000_000_000)
  at!: number;
}

export class ChanceFigureBody implements ChanceFigure {
  @Whole(0, 1_000_000)
  worked!: number;

  @Whole(0, 1_000_000)
  failed!: number;

  @Num(0, 9_000_000_000_000)
  at!: number;
}
