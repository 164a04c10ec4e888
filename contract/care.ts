/** What a method asks of the room and of people, and the calculators that judge it. */
import {
  type BoundInput,
  type Care,
  EXTINGUISHERS,
  type Extinguisher,
  INPUT_FROM,
  MUST_NOT,
  type MustNot,
  NEVER,
  type Needs,
  type Never,
  type CalculatorBinding,
  type VolunteerCard,
  WHERES,
} from '../core/repertoire/care';
import { HAND_ROLES, type HandRole } from '../core/repertoire/types';
import { CALCULATOR_IDS, findCalculator } from '../core/calculators/catalogue';
import { numberFault } from '../core/calculators/inputs';
import { FACTS } from '../core/calculators/calculator';
import {
  Holds,
  Id,
  Num,
  OneOf,
  OneOfList,
  OrNull,
  PartList,
  Text,
  TextList,
  YesNo,
} from './fields';

export class CareBody implements Care {
  @Text(300)
  disposal!: string;

  @OneOf(EXTINGUISHERS)
  extinguisher!: Extinguisher;

  @OrNull()
  @OneOf(HAND_ROLES)
  heldBy!: HandRole | null;

  @OneOfList(NEVER)
  never!: Never[];
}

export class NeedsBody implements Needs {
  @OneOf(WHERES)
  where!: Needs['where'];

  @YesNo()
  water!: boolean;

  @YesNo()
  drain!: boolean;

  @YesNo()
  dark!: boolean;

  @YesNo()
  levelFloor!: boolean;

  @OrNull()
  @Num(0.5, 100)
  ceilingM!: number | null;

  @OrNull()
  @Num(0.1, 500)
  clearM!: number | null;

  @OrNull()
  @Num(0, 60)
  windMost!: number | null;

  @OrNull()
  @Num(1, 100_000)
  powerW!: number | null;
}

export class VolunteerCardBody implements VolunteerCard {
  @Text(1000)
  suits!: string;

  @OneOfList(MUST_NOT)
  mustNot!: MustNot[];

  @Text(300)
  ask!: string;

  @Text(300)
  letGo!: string;

  @TextList(8, 40)
  gear!: string[];

  @TextList(12, 200)
  steps!: string[];

  @Text(300)
  wayOff!: string;

  @OrNull()
  @Id()
  fetchedIn!: string | null;
}

export class BoundInputBody implements BoundInput {
  @Id()
  input!: string;

  @OneOf(INPUT_FROM)
  from!: BoundInput['from'];

  @Holds<BoundInputBody>((bound) =>
    bound.from === 'day' && !(FACTS as readonly string[]).includes(bound.ref)
      ? `must be one of: ${FACTS.join(', ')}`
      : bound.from === 'setting' && bound.ref === ''
        ? 'must name a setting of the method'
        : bound.from === 'measured' && bound.ref === ''
          ? 'must name a result of the method'
          : null,
  )
  @Text(64)
  ref!: string;

  @Holds<BoundInputBody>((bound) =>
    bound.from === 'fixed' && bound.value === null ? 'must be a number' : null,
  )
  @OrNull()
  @Num(-1_000_000, 1_000_000)
  value!: number | null;
}

/** An input the calculator has not, a choice it does not offer, a figure out of its bounds. */
function strayInput({ calculator: id, inputs }: CalculatorBindingBody): string | null {
  const calculator = findCalculator(id);
  if (!calculator || !Array.isArray(inputs)) return null;
  for (const bound of inputs) {
    const input = calculator.inputs[bound?.input];
    if (!input) return `names an input that “${calculator.title}” does not have: “${bound?.input}”`;
    if ((input.kind === 'choice') !== (bound.from === 'choice'))
      return `must give ${input.label} as ${input.kind === 'choice' ? 'a choice' : 'a figure'}`;
    if (input.kind === 'choice' && !(bound.ref in input.options))
      return `must choose ${input.label} from: ${Object.keys(input.options).join(', ')}`;
    // A fact of another kind would be taken in the wrong unit.
    if (input.kind === 'number' && bound.from === 'day' && bound.ref !== input.fact)
      return `can’t take ${input.label} from that fact of the day`;
    const given = bound.from === 'fixed' || bound.from === 'measured';
    if (input.kind === 'number' && given && typeof bound.value === 'number') {
      const fault = numberFault(input, bound.value);
      if (fault) return `has a figure that won’t do: ${fault}`;
    }
  }
  const names = inputs.map((bound) => bound.input);
  return new Set(names).size === names.length ? null : 'has the same input twice';
}

export class CalculatorBindingBody implements CalculatorBinding {
  @Id()
  id!: string;

  @OneOf(CALCULATOR_IDS)
  calculator!: string;

  @Holds(strayInput)
  @PartList(() => BoundInputBody, 20)
  inputs!: BoundInputBody[];
}
