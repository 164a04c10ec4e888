/** From what a method's input is bound to, to a value in the calculator's own unit. */
import type { BoundInput } from '../repertoire/care';
import type { Setting } from '../repertoire/types';
import type { HouseholdSizes } from '../units/household';
import { type UnitId, dimensionOf, fromBase, toBase } from '../units/units';
import type { FactId, NumberInput, Calculator, Values } from './calculator';

/** A fact of the day; null where it is not measured. In the base unit of its kind. */
export type Facts = Readonly<Record<FactId, number | null>>;

/** The unit in which a setting of that unit is read for an input; null when it is of another kind. */
export function unitFor(input: NumberInput, unit: UnitId): UnitId | null {
  const kind = dimensionOf(unit);
  return [input.unit, ...(input.also ?? [])].find((own) => dimensionOf(own) === kind) ?? null;
}

/** A setting's figure as the calculator calculates with it; null when it is of another kind. */
export function settingValue(
  input: NumberInput,
  setting: Setting,
  sizes?: HouseholdSizes,
): number | null {
  const unit = unitFor(input, setting.unit);
  return unit === null ? null : fromBase(toBase(setting.value, setting.unit, sizes), unit);
}

export interface ResolvedInputs {
  values: Values;
  /** Facts that are asked for and not known. */
  missing: FactId[];
  /** Where each figure comes from, by input. */
  from: Record<string, string>;
}

interface BindingContext {
  settings: readonly Setting[];
  facts: Facts;
  sizes?: HouseholdSizes;
}

/** The values of a calculator as bound; what is not bound is the day's fact, or else the usual value. */
export function resolveInputs(
  calculator: Calculator,
  inputs: readonly BoundInput[],
  { settings, facts, sizes }: BindingContext,
): ResolvedInputs {
  const missing: FactId[] = [];
  const values: Record<string, number | string> = {};
  const from: Record<string, string> = {};
  for (const [id, input] of Object.entries(calculator.inputs)) {
    const bound = inputs.find((one) => one.input === id);
    values[id] = input.usual;
    from[id] = 'usual value';
    if (input.kind === 'choice') {
      if (bound?.from === 'choice' && Object.hasOwn(input.options, bound.ref))
        values[id] = bound.ref;
      from[id] = 'as chosen';
      continue;
    }
    if (bound?.from === 'fixed' && bound.value !== null) {
      values[id] = bound.value;
      from[id] = 'as given';
      continue;
    }
    if (bound?.from === 'setting') {
      const setting = settings.find((one) => one.id === bound.ref);
      const value = setting ? settingValue(input, setting, sizes) : null;
      if (setting && value !== null) {
        values[id] = value;
        from[id] = `setting “${setting.name}”`;
      }
      continue;
    }
    const fact = bound?.from === 'day' ? (bound.ref as FactId) : input.fact;
    if (fact === undefined) continue;
    const known = facts[fact] ?? null;
    from[id] = 'the day';
    if (known === null) missing.push(fact);
    else values[id] = fromBase(known, input.unit);
  }
  return { values, missing: [...new Set(missing)], from };
}
