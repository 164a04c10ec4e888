/** From what a method's input is bound to, to a value in the calculator's own unit. */
import type { BoundInput } from '../repertoire/care';
import type { Setting } from '../repertoire/types';
import { HOUSEHOLD, type HouseholdSizes, spreadOf } from '../units/household';
import { type UnitId, dimensionOf, fromBase, toBase } from '../units/units';
import type { FactId, NumberInput, Calculator, Values } from './calculator';
import { counted } from '../words';
import type { Ranges } from './range';

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

/** From what to what a setting may be, as the calculator calculates with it; null where it is one figure. */
export function settingRange(
  input: NumberInput,
  setting: Setting,
  sizes: HouseholdSizes = HOUSEHOLD,
): readonly [number, number] | null {
  const spread = spreadOf(setting.unit, sizes);
  if (setting.most === null && spread === 1) return null;
  const least = settingValue(input, { ...setting, value: setting.value / spread }, sizes);
  const most = settingValue(
    input,
    { ...setting, value: (setting.most ?? setting.value) * spread },
    sizes,
  );
  return least === null || most === null ? null : [Math.min(least, most), Math.max(least, most)];
}

export interface ResolvedInputs {
  values: Values;
  /** Inputs that are no single figure. */
  ranges: Ranges;
  /** Facts that are asked for and not known. */
  missing: FactId[];
  /** Facts that are only expected. */
  expected: FactId[];
  /** Labels of inputs that nothing says and no fact gives. */
  unsaid: string[];
  /** Where each figure comes from, by input. */
  from: Record<string, string>;
}

/** The mean of what was read at a method’s goes. */
export interface MeasuredFigure {
  /** What was read. */
  name: string;
  value: number;
  /** From the least to the most that a go has shown, each with its uncertainty. */
  least: number;
  most: number;
  /** Null where it is in words of somebody’s own. */
  unit: UnitId | null;
  /** From so many readings. */
  n: number;
}

/** A measured figure as the calculator calculates with it; null when it is of another kind. */
export function measuredAs(
  input: NumberInput,
  { value, least, most, unit: measured }: MeasuredFigure,
): Pick<MeasuredFigure, 'value' | 'least' | 'most'> | null {
  const unit = measured === null ? null : unitFor(input, measured);
  if (unit === null || measured === null) return null;
  const as = (figure: number): number => fromBase(toBase(figure, measured), unit);
  // What its uncertainty reaches beyond the bounds can’t be.
  const within = (figure: number): number => Math.min(input.most, Math.max(input.least, figure));
  return { value: as(value), least: within(as(least)), most: within(as(most)) };
}

export interface BindingContext {
  settings: readonly Setting[];
  facts: Facts;
  /** Which of the facts nobody has measured yet. */
  expected?: ReadonlySet<FactId>;
  sizes?: HouseholdSizes;
  /** What was measured of the method, by the ids of its results. */
  measured?: ReadonlyMap<string, MeasuredFigure>;
}

/**
 * The values of a calculator as bound; what is not bound is the day's fact. An input that neither gives is
 * unsaid: its usual value stands in, for the working only.
 */
export function resolveInputs(
  calculator: Calculator,
  inputs: readonly BoundInput[],
  { settings, facts, expected = new Set(), sizes, measured = new Map() }: BindingContext,
): ResolvedInputs {
  const values: Record<string, number | string> = {};
  const ranges: Record<string, readonly [number, number]> = {};
  const from: Record<string, string> = {};
  /** Inputs that wait for something, with what they wait for. */
  const unsaid = new Map<string, string>();
  const missing = new Map<string, FactId>();
  const awaited = new Map<string, FactId>();
  for (const [id, input] of Object.entries(calculator.inputs)) {
    const bound = inputs.find((one) => one.input === id);
    values[id] = input.usual;
    from[id] = 'not said; the usual value';
    if (input.kind === 'choice') {
      if (bound?.from === 'choice' && Object.hasOwn(input.options, bound.ref)) {
        values[id] = bound.ref;
        from[id] = 'as chosen';
      } else unsaid.set(id, input.label);
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
      if (!setting || value === null) {
        unsaid.set(id, input.label);
        continue;
      }
      values[id] = value;
      from[id] = `setting “${setting.name}”`;
      const range = settingRange(input, setting, sizes);
      if (range) ranges[id] = range;
      continue;
    }
    if (bound?.from === 'measured') {
      const figure = measured.get(bound.ref);
      const own = figure && measuredAs(input, figure);
      if (own) {
        values[id] = own.value;
        from[id] = `measured: ${figure.name}, ${counted(figure.n, 'reading')}`;
        if (own.least < own.most) ranges[id] = [own.least, own.most];
      } else if (bound.value !== null) {
        values[id] = bound.value;
        from[id] = 'as given, until it is measured';
      } else unsaid.set(id, input.label);
      continue;
    }
    const fact = bound?.from === 'day' ? (bound.ref as FactId) : input.fact;
    if (fact === undefined) {
      unsaid.set(id, input.label);
      continue;
    }
    const known = facts[fact] ?? null;
    from[id] = expected.has(fact) ? 'expected' : 'the day';
    if (known === null) missing.set(id, fact);
    else {
      values[id] = fromBase(known, input.unit);
      if (expected.has(fact)) awaited.set(id, fact);
    }
  }
  // What does not count with the other values is not asked for.
  const unused = new Set((calculator.unused?.(values) ?? []).map(String));
  const asked = <T>(of: ReadonlyMap<string, T>): T[] => [
    ...new Set([...of].flatMap(([id, value]) => (unused.has(id) ? [] : [value]))),
  ];
  return {
    values,
    ranges: Object.fromEntries(Object.entries(ranges).filter(([id]) => !unused.has(id))),
    missing: asked(missing),
    expected: asked(awaited),
    unsaid: asked(unsaid),
    from,
  };
}
