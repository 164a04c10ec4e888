import {
  type After,
  COMPETENCES,
  type Competence,
  type Demo,
  type Estimate,
  HAND_ROLES,
  HAZARDS,
  type Hand,
  type HandRole,
  type Hazard,
  type HazardKind,
  ITEM_KINDS,
  type HazardLabel,
  type Item,
  type ItemKind,
  KIT_BASES,
  type KitBasis,
  type KitLine,
  type Method,
  type Pack,
  PHASES,
  type Phase,
  RESIDUES,
  type Residue,
  type ResidueKind,
  type Setting,
  type Sign,
  TALK_PATTERNS,
  type TalkPattern,
  type Task,
} from '../core/repertoire/types';
import { HAZARD_CODES, PRECAUTION_CODES } from '../core/kit/ghs';
import { convertible } from '../core/store/convert';
import { COLD_KINDS, type ColdKind, MATERIALS, type Material } from '../core/repertoire/materials';
import {
  STRENGTH_KINDS,
  SUBSTANCE_IDS,
  type Strength,
  type StrengthKind,
  type SubstanceId,
} from '../core/repertoire/substances';
import { KIT_UNITS, UNIT_IDS, type UnitId, dimensionOf, isApproximate } from '../core/units/units';
import { kindInWords } from '../core/units/parse';
import {
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
  TextList,
  Whole,
  YesNo,
} from './fields';

/** Longest time of one task or lag, in seconds: two days, for what is steeped or frozen ahead. */
const LONGEST = 172_800;

export class EstimateBody implements Estimate {
  @Whole(0, LONGEST)
  shortest!: number;

  @Holds<EstimateBody>((e) => (e.likely < e.shortest ? 'must be at least the shortest time' : null))
  @Whole(0, LONGEST)
  likely!: number;

  @Holds<EstimateBody>((e) => (e.longest < e.likely ? 'must be at least the likely time' : null))
  @Whole(0, LONGEST)
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

  @Whole(0, LONGEST)
  least!: number;

  @OrNull()
  @Holds<AfterBody>((a) =>
    a.greatest !== null && a.greatest < a.least
      ? 'must be at least as long as the shortest wait'
      : null,
  )
  @Whole(0, LONGEST)
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

  @Text(600)
  say!: string;

  @Text(120)
  cue!: string;

  @TextList(8, 40)
  gearOn!: string[];

  @TextList(8, 40)
  gearOff!: string[];

  @Text(200)
  mind!: string;

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
}

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

export class KitLineBody implements KitLine {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @Positive(1_000_000)
  amount!: number;

  @OneOf(KIT_UNITS)
  unit!: UnitId;

  @OneOf(KIT_BASES)
  basis!: KitBasis;

  @Holds<KitLineBody>((line) =>
    Array.isArray(line.instead) && line.instead.includes(line.itemId)
      ? 'must be other things than the one it stands in for'
      : null,
  )
  @IdList(8)
  instead!: string[];

  @YesNo()
  chilled!: boolean;

  @OrNull()
  @Part(() => StrengthBody)
  strength!: StrengthBody | null;

  @Text(200)
  note!: string;
}

export class SettingBody implements Setting {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Num(-1_000_000, 1_000_000)
  value!: number;

  @OneOf(UNIT_IDS)
  unit!: UnitId;
}

export class HazardBody implements Hazard {
  @OneOf(HAZARDS)
  kind!: HazardKind;

  @Text(300)
  control!: string;
}

export class ResidueBody implements Residue {
  @Id()
  id!: string;

  @OneOf(RESIDUES)
  kind!: ResidueKind;

  @OneOf(['position', 'stage'])
  where!: 'position' | 'stage';

  @Part(() => EstimateBody)
  time!: EstimateBody;

  @PartList(() => HandBody, 6)
  hands!: HandBody[];
}

function strayAfter(method: MethodBody): string | null {
  if (!Array.isArray(method.tasks)) return null;
  const ids = new Set(method.tasks.map((task) => task?.id));
  for (const task of method.tasks)
    for (const lag of Array.isArray(task?.after) ? task.after : [])
      if (!ids.has(lag?.task))
        return `names a task that is not there: “${task.name}” comes after it`;
  return null;
}

export class MethodBody implements Method {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Text(400)
  summary!: string;

  @YesNo()
  oneShot!: boolean;

  @Whole(1, 20)
  goesAllowed!: number;

  @Whole(0, 60)
  volunteers!: number;

  @Text(400)
  warning!: string;

  @Holds<MethodBody>(strayAfter)
  @PartList(() => TaskBody, 60)
  tasks!: TaskBody[];

  @PartList(() => KitLineBody, 80)
  kit!: KitLineBody[];

  @PartList(() => SettingBody, 30)
  settings!: SettingBody[];

  @PartList(() => HazardBody, 20)
  hazards!: HazardBody[];

  @PartList(() => ResidueBody, 8)
  leaves!: ResidueBody[];

  @OneOfList(RESIDUES)
  forbids!: ResidueKind[];

  @Whole(0, 100_000)
  priorWorked!: number;

  @Whole(0, 100_000)
  priorFailed!: number;
}

export class DemoBody implements Demo {
  @Id()
  id!: string;

  @Text(80, 1)
  name!: string;

  @Text(200)
  hook!: string;

  @Text(600)
  idea!: string;

  @TextList(20, 40)
  keywords!: string[];

  @Whole(0, 120)
  ageFrom!: number;

  @Holds<DemoBody>((d) => (d.ageTo < d.ageFrom ? 'must be at least the youngest age' : null))
  @Whole(0, 120)
  ageTo!: number;

  @Whole(1, 5)
  lift!: number;

  @OneOf(TALK_PATTERNS)
  talkPattern!: TalkPattern;

  @Text(1000)
  volunteerCard!: string;

  @Text(500)
  pinnedNote!: string;

  @Text(40)
  usualPosition!: string;

  @Holds<DemoBody>((d) =>
    Array.isArray(d.methods) && d.methods.length === 0 ? 'must have at least one method' : null,
  )
  @PartList(() => MethodBody, 12)
  methods!: MethodBody[];
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
  @Whole(1, 1000)
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

  @Holds(unlikePack)
  @PartList(() => PackBody, 12)
  packs!: PackBody[];

  @Text(400)
  note!: string;
}
