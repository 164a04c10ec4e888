/** A line of the kit of a method: what, how much, and for what it is counted. */
import { KIT_BASES, type KitBasis, type KitLine, type Substitute } from '../core/repertoire/types';
import { KIT_UNITS, type UnitId } from '../core/units/units';
import { Holds, Id, OneOf, OrNull, Part, PartList, Positive, Text, Whole, YesNo } from './fields';
import { StrengthBody } from './item';
import { sameFigureTwice, SettingFigureBody } from './settingFigure';

export class SubstituteBody implements Substitute {
  @Id()
  itemId!: string;

  @Positive(1_000_000)
  times!: number;

  @OneOf(KIT_UNITS)
  unit!: UnitId;

  @OrNull()
  @Holds<SubstituteBody>(({ figures }) => sameFigureTwice(figures))
  @PartList(() => SettingFigureBody, 10)
  figures!: SettingFigureBody[] | null;
}

export class KitLineBody implements KitLine {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @Positive(1_000_000)
  amount!: number;

  @OrNull()
  @Holds<KitLineBody>((line) =>
    line.most !== null && line.most <= line.amount ? 'must be more than the least' : null,
  )
  @Positive(1_000_000)
  most!: number | null;

  @OneOf(KIT_UNITS)
  unit!: UnitId;

  @OneOf(KIT_BASES)
  basis!: KitBasis;

  @Holds<KitLineBody>((line) =>
    (line.groupOf === null) === (line.basis === 'perGroup')
      ? line.groupOf === null
        ? 'must be given where it is for every so many'
        : 'must be empty where it is not for every so many'
      : null,
  )
  @OrNull()
  @Whole(1, 1000)
  groupOf!: number | null;

  @Holds<KitLineBody>((line) => {
    const ids = Array.isArray(line.instead) ? line.instead.map((one) => one?.itemId) : [];
    return ids.includes(line.itemId)
      ? 'must be other things than the one it stands in for'
      : new Set(ids).size < ids.length
        ? 'has the same thing twice'
        : null;
  })
  @PartList(() => SubstituteBody, 8)
  instead!: SubstituteBody[];

  @YesNo()
  chilled!: boolean;

  @OrNull()
  @Id()
  chilledIn!: string | null;

  @OrNull()
  @Part(() => StrengthBody)
  strength!: StrengthBody | null;

  @Text(200)
  note!: string;
}
