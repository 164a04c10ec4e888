/** Which calculators of a method calculates with one of its settings. */
import type { Method } from '../repertoire/types';
import { type Dimension, dimensionOf } from '../units/units';
import { findCalculator } from './catalogue';

export interface SettingUse {
  /** Titles of the calculators, in the order of the method. */
  calculators: string[];
  /** Kinds of unit that do for all of them; null for any, where none calculates with it. */
  kinds: Dimension[] | null;
}

export function usesOf(
  { calculators }: Pick<Method, 'calculators'>,
  settingId: string,
): SettingUse {
  const found = calculators.flatMap((binding) => {
    const calculator = findCalculator(binding.calculator);
    return binding.inputs.flatMap((bound) => {
      const input = calculator?.inputs[bound.input];
      if (bound.from !== 'setting' || bound.ref !== settingId) return [];
      if (!calculator || input?.kind !== 'number') return [];
      const units = [input.unit, ...(input.also ?? [])];
      return [{ title: calculator.title, kinds: [...new Set(units.map(dimensionOf))] }];
    });
  });
  const [first, ...others] = found;
  return {
    calculators: [...new Set(found.map(({ title }) => title))],
    kinds: first
      ? first.kinds.filter((kind) => others.every(({ kinds }) => kinds.includes(kind)))
      : null,
  };
}
