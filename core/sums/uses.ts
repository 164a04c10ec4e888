/** Which sums of a method reckon with one of its settings. */
import type { Method } from '../repertoire/types';
import { type Dimension, dimensionOf } from '../units/units';
import { sumOf } from './catalogue';

export interface SettingUse {
  /** Titles of the sums, in the order of the method. */
  sums: string[];
  /** Kinds of unit that do for all of them; null for any, where none reckons with it. */
  kinds: Dimension[] | null;
}

export function usesOf({ sums }: Pick<Method, 'sums'>, settingId: string): SettingUse {
  const found = sums.flatMap((binding) => {
    const sum = sumOf(binding.sum);
    return binding.inputs.flatMap((bound) => {
      const input = sum?.inputs[bound.input];
      if (bound.from !== 'setting' || bound.ref !== settingId) return [];
      if (!sum || input?.kind !== 'number') return [];
      const units = [input.unit, ...(input.also ?? [])];
      return [{ title: sum.title, kinds: [...new Set(units.map(dimensionOf))] }];
    });
  });
  const [first, ...others] = found;
  return {
    sums: [...new Set(found.map(({ title }) => title))],
    kinds: first
      ? first.kinds.filter((kind) => others.every(({ kinds }) => kinds.includes(kind)))
      : null,
  };
}
