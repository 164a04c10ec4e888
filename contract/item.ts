/** A thing of the store: how it is counted, carried, bought, labelled. */
import { HAZARD_CODES, PRECAUTION_CODES } from '../core/kit/ghs';
import { COLD_KINDS, type ColdKind, MATERIALS, type Material } from '../core/repertoire/materials';
import {
  STRENGTH_KINDS,
  SUBSTANCE_IDS,
  type Strength,
  type StrengthKind,
  type SubstanceId,
} from '../core/repertoire/substances';
import {
  type HazardLabel,
  ITEM_KINDS,
  LIDS,
  type Lid,
  type Item,
  type ItemKind,
  type Measured,
  OUTLINES,
  type Outline,
  type Pack,
  STOWS,
  type Stow,
} from '../core/repertoire/item';
import { convertible } from '../core/inventory/convert';
import { kindInWords } from '../core/units/parse';
import { KIT_UNITS, UNIT_IDS, type UnitId, dimensionOf, isApproximate } from '../core/units/units';
import {
  Holds,
  Id,
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
} from './fields';

export class StrengthBody implements Strength {
  @Holds<StrengthBody>((s) =>
    (s.kind === 'massShare' || s.kind === 'massPerVolume') && s.value > 100
      ? 'must be at most 100 %'
      : null,
  )
  @Positive(1000)
  value!: number;

  @OneOf(STRENGTH_KINDS)
  kind!: StrengthKind;
}

/** Stock is counted in what is always as large: no drops, squirts, strokes or pinches. */
export const STOCK_UNITS = KIT_UNITS.filter((unit) => !isApproximate(unit));

/** Most money of one pack, in minor units. */
const DEAREST = 100_000_000;

export class PackBody implements Pack {
  @Id()
  id!: string;

  @Positive(1_000_000)
  amount!: number;

  @OneOf(STOCK_UNITS)
  unit!: UnitId;

  @Whole(0, DEAREST)
  price!: number;

  @Whole(0, 365)
  leadDays!: number;

  @Text(80)
  supplier!: string;

  @OrNull()
  @Whole(0, 3650)
  keeps!: number | null;

  @OrNull()
  @Whole(1, 365)
  hireDays!: number | null;
}

export class HazardLabelBody implements HazardLabel {
  @OneOf(['none', 'warning', 'danger'])
  signal!: HazardLabel['signal'];

  @OneOfList(HAZARD_CODES)
  hazards!: string[];

  @OneOfList(PRECAUTION_CODES)
  precautions!: string[];
}

/** A pack of another kind than the stock is counted in, and nothing known to turn one into the other. */
function unlikePack(item: ItemBody): string | null {
  if (!Array.isArray(item.packs) || !STOCK_UNITS.includes(item.unit)) return null;
  const kind = dimensionOf(item.unit);
  const wrong = item.packs.find(
    (pack) => STOCK_UNITS.includes(pack?.unit) && !convertible(dimensionOf(pack.unit), kind, item),
  );
  if (!wrong) return null;
  return `must be sold by ${kindInWords(kind).replace(/^an? /, '')}, as it is counted in the store; or give what it weighs`;
}

/** What is used up is not hired; what comes back does not go off in its pack. */
function misplacedPack({ kind, packs }: ItemBody): string | null {
  if (!Array.isArray(packs)) return null;
  return kind === 'consumable'
    ? packs.some((pack) => pack?.hireDays != null)
      ? 'must be bought: what is used up can’t be hired'
      : null
    : packs.some((pack) => pack?.keeps != null)
      ? 'must have no days to keep: only what is used up goes off'
      : null;
}

export class TestLimitsBody implements Measured {
  @OneOf(UNIT_IDS)
  unit!: UnitId;

  @OrNull()
  @Num(-1_000_000, 1_000_000)
  least!: number | null;

  @OrNull()
  @Holds<TestLimitsBody>((m) =>
    m.most === null && m.least === null
      ? 'must be given, or the least: without either there is nothing to keep to'
      : m.most !== null && m.least !== null && m.most < m.least
        ? 'must be at least the least'
        : null,
  )
  @Num(-1_000_000, 1_000_000)
  most!: number | null;
}

export class ItemBody implements Item {
  @Id()
  id!: string;

  @Text(80, 1)
  name!: string;

  @OneOf(ITEM_KINDS)
  kind!: ItemKind;

  @Text(120)
  functionTest!: string;

  @YesNo()
  testHolds!: boolean;

  @OrNull()
  @Part(() => TestLimitsBody)
  testMeasures!: TestLimitsBody | null;

  @OrNull()
  @Whole(0, 1000)
  owned!: number | null;

  @YesNo()
  atVenue!: boolean;

  @OneOf(STOCK_UNITS)
  unit!: UnitId;

  @Num(0, 90)
  waste!: number;

  @OrNull()
  @Positive(25)
  density!: number | null;

  @OrNull()
  @Positive(1_000_000)
  gramsEach!: number | null;

  @OrNull()
  @OneOf(MATERIALS)
  material!: Material | null;

  @Holds<ItemBody>((item) =>
    !STOCK_UNITS.includes(item.unit)
      ? null
      : item.cold === 'nitrogen' && dimensionOf(item.unit) !== 'volume'
        ? 'must be counted by volume, such as L, as a liquid'
        : item.cold === 'dryIce' && dimensionOf(item.unit) !== 'mass'
          ? 'must be counted by weight, such as kg, as dry ice'
          : null,
  )
  @OrNull()
  @OneOf(COLD_KINDS)
  cold!: ColdKind | null;

  @OneOf(LIDS)
  lid!: Lid;

  @OrNull()
  @Positive(1_000_000)
  holds!: number | null;

  @OrNull()
  @Num(0, 100_000)
  boilsOff!: number | null;

  @OrNull()
  @OneOf(SUBSTANCE_IDS)
  substance!: SubstanceId | null;

  @OrNull()
  @Part(() => StrengthBody)
  strength!: StrengthBody | null;

  @Part(() => HazardLabelBody)
  label!: HazardLabelBody;

  @OrNull()
  @Whole(1, 3650)
  keepsOpen!: number | null;

  @OrNull()
  @Whole(1, 3650)
  testEvery!: number | null;

  @OrNull()
  @Id()
  boxId!: string | null;

  @OrNull()
  @OneOf(OUTLINES)
  outline!: Outline | null;

  @OneOfList(STOWS)
  stows!: Stow[];

  @Holds(misplacedPack)
  @Holds(unlikePack)
  @PartList(() => PackBody, 12)
  packs!: PackBody[];

  @Text(400)
  note!: string;
}
