import { PEOPLE_AT_RISK, type PersonAtRisk, type Rating } from '../core/repertoire/care';
import { FAMILIES, type Family } from '../core/repertoire/families';
import {
  type Demo,
  HAZARDS,
  type Hazard,
  type HazardKind,
  type Method,
  RESIDUES,
  type Residue,
  type ResidueKind,
  type RuledOut,
  type Setting,
  TALK_PATTERNS,
  type TalkPattern,
} from '../core/repertoire/types';
import { figureUnit } from '../core/readings/conversions';
import { unitFor } from '../core/calculators/bind';
import { findCalculator } from '../core/calculators/catalogue';
import { kindInWords } from '../core/units/parse';
import { UNIT_IDS, type UnitId, dimensionOf } from '../core/units/units';
import {
  Holds,
  Id,
  Num,
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
import { PredictionBody } from './cues';
import { CareBody, NeedsBody, CalculatorBindingBody, VolunteerCardBody } from './care';
import { HandOutBody } from './handOut';
import { KitLineBody } from './kitLine';
import { FaceBody, OriginBody } from './look';
import { ChanceFigureBody, MethodResultBody, RESULTS_MOST, TimeFigureBody } from './measure';
import { PictureBody } from './pictures';
import { EstimateBody, HandBody, TaskBody } from './task';

export class SettingBody implements Setting {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Num(-1_000_000, 1_000_000)
  value!: number;

  @OrNull()
  @Holds<SettingBody>((s) =>
    s.most !== null && s.most <= s.value ? 'must be more than the first figure' : null,
  )
  @Num(-1_000_000, 1_000_000)
  most!: number | null;

  @OneOf(UNIT_IDS)
  unit!: UnitId;

  @Text(120)
  source!: string;
}

export class RatingBody implements Rating {
  @Whole(1, 5)
  likelihood!: number;

  @Whole(1, 5)
  severity!: number;
}

export class HazardBody implements Hazard {
  @OneOf(HAZARDS)
  kind!: HazardKind;

  @Text(300)
  control!: string;

  @OneOfList(PEOPLE_AT_RISK)
  atRisk!: PersonAtRisk[];

  @Text(200)
  firstAid!: string;

  @OrNull()
  @Num(0, 1000)
  figure!: number | null;

  @OrNull()
  @Part(() => RatingBody)
  before!: RatingBody | null;

  @OrNull()
  @Part(() => RatingBody)
  after!: RatingBody | null;
}

export class RuledOutBody implements RuledOut {
  @OneOf(HAZARDS)
  kind!: HazardKind;

  @Text(200, 1)
  why!: string;
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

function strayFetching({ volunteerCard, tasks }: MethodBody): string | null {
  const fetched = volunteerCard?.fetchedIn;
  if (fetched == null || !Array.isArray(tasks)) return null;
  return tasks.some((task) => task?.id === fetched) ? null : 'names a task that is not there';
}

/** A calculator bound to a setting that is not there, or that is of another kind. */
function straySetting({ calculators, settings }: MethodBody): string | null {
  if (!Array.isArray(calculators) || !Array.isArray(settings)) return null;
  for (const binding of calculators)
    for (const bound of Array.isArray(binding?.inputs) ? binding.inputs : []) {
      if (bound?.from !== 'setting') continue;
      const setting = settings.find((s) => s?.id === bound.ref);
      if (!setting) return `names a setting that is not there: “${bound.ref}”`;
      const input = findCalculator(binding.calculator)?.inputs[bound.input];
      if (input?.kind !== 'number' || !UNIT_IDS.includes(setting.unit)) continue;
      if (unitFor(input, setting.unit) === null)
        return `must have ${input.label} as ${kindInWords(dimensionOf(input.unit))}; “${setting.name}” is of another kind`;
    }
  return null;
}

/** A result that is read in a step that is not there. */
function strayResult({ results, tasks }: MethodBody): string | null {
  if (!Array.isArray(results) || !Array.isArray(tasks)) return null;
  const steps = new Set(tasks.map((task) => task?.id));
  const stray = results.find((one) => one?.task != null && !steps.has(one.task));
  return stray ? `is read in a step that is not there: “${stray.name}”` : null;
}

/** A calculator bound to something that is read and is not there, or is of another kind. */
function strayMeasured({ calculators, results }: MethodBody): string | null {
  if (!Array.isArray(calculators) || !Array.isArray(results)) return null;
  for (const binding of calculators)
    for (const bound of Array.isArray(binding?.inputs) ? binding.inputs : []) {
      if (bound?.from !== 'measured') continue;
      const result = results.find((one) => one?.id === bound.ref);
      if (!result) return `names a result that is not there: “${bound.ref}”`;
      const input = findCalculator(binding.calculator)?.inputs[bound.input];
      if (input?.kind !== 'number') continue;
      const { unitId } = figureUnit(result);
      if (unitId === null || unitFor(input, unitId) === null)
        return `must have ${input.label} as ${kindInWords(dimensionOf(input.unit))}; “${result.name}” is of another kind`;
    }
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

  @OrNull()
  @Part(() => PredictionBody)
  prediction!: PredictionBody | null;

  @Holds<MethodBody>(strayAfter)
  @PartList(() => TaskBody, 60)
  tasks!: TaskBody[];

  @PartList(() => KitLineBody, 80)
  kit!: KitLineBody[];

  @PartList(() => SettingBody, 30)
  settings!: SettingBody[];

  @PartList(() => HazardBody, 40)
  hazards!: HazardBody[];

  @YesNo()
  hazardsReviewed!: boolean;

  @PartList(() => RuledOutBody, 40)
  ruledOut!: RuledOutBody[];

  @Part(() => NeedsBody)
  needs!: NeedsBody;

  @Part(() => CareBody)
  care!: CareBody;

  @Holds<MethodBody>(strayFetching)
  @Part(() => VolunteerCardBody)
  volunteerCard!: VolunteerCardBody;

  @Holds<MethodBody>((method) => straySetting(method) ?? strayMeasured(method))
  @PartList(() => CalculatorBindingBody, 12)
  calculators!: CalculatorBindingBody[];

  @PartList(() => ResidueBody, 8)
  leaves!: ResidueBody[];

  @OneOfList(RESIDUES)
  forbids!: ResidueKind[];

  @Holds<MethodBody>(strayResult)
  @PartList(() => MethodResultBody, RESULTS_MOST)
  results!: MethodResultBody[];

  @PartList(() => TimeFigureBody, 600)
  figures!: TimeFigureBody[];

  @OrNull()
  @Part(() => ChanceFigureBody)
  chance!: ChanceFigureBody | null;

  @Whole(0, 100_000)
  priorWorked!: number;

  @Whole(0, 100_000)
  priorFailed!: number;
}

/** Characters of a demonstration as it was typed. */
export const MOST_TOLD = 20_000;

/** What is tried at home is one of its methods, with figures of that method. */
function strayAtHome({ handOut, methods }: DemoBody): string | null {
  if (!Array.isArray(methods)) return null;
  const method = handOut?.methodId
    ? methods.find((one) => one?.id === handOut.methodId)
    : methods[0];
  if (!method) return 'must name one of its methods';
  const known = Array.isArray(method.settings) ? method.settings.map((one) => one?.id) : [];
  return Array.isArray(handOut?.figures) &&
    handOut.figures.some((one) => !known.includes(one?.settingId))
    ? 'has a figure that its method does not have'
    : null;
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
  energy!: number;

  @OneOf(TALK_PATTERNS)
  talkPattern!: TalkPattern;

  @Text(500)
  pinnedNote!: string;

  @Text(40)
  usualPosition!: string;

  @OrNull()
  @OneOf(FAMILIES)
  family!: Family | null;

  @OrNull()
  @Part(() => FaceBody)
  face!: FaceBody | null;

  @Text(MOST_TOLD)
  told!: string;

  @OrNull()
  @Part(() => OriginBody)
  origin!: OriginBody | null;

  @OrNull()
  @Part(() => PictureBody)
  picture!: PictureBody | null;

  @Holds<DemoBody>(strayAtHome)
  @Part(() => HandOutBody)
  handOut!: HandOutBody;

  @Holds<DemoBody>((d) =>
    Array.isArray(d.methods) && d.methods.length === 0 ? 'must have at least one method' : null,
  )
  @PartList(() => MethodBody, 12)
  methods!: MethodBody[];
}
