/** How near a verdict is to another one, in what one can change on the spot. */
import {
  type Calculator,
  type NumberInput,
  toThreeFigures,
  type Values,
  type VerdictLevel,
} from './calculator';
import { evaluateChecked } from './evaluate';
import { formatAmount } from '../units/format';
import { lowerFirst } from '../words';

export interface Edge {
  input: string;
  label: string;
  /** By so much, in the input's unit; negative for less. */
  by: number;
  /** What the verdict is then. */
  level: VerdictLevel;
  words: string;
}

/** A verdict that lets the show start. */
export const passes = (level: VerdictLevel): boolean => level === 'ok' || level === 'watch';

function wordsOf(input: NumberInput, by: number): string {
  const amount =
    input.unit === 'piece' ? toThreeFigures(Math.abs(by)) : formatAmount(Math.abs(by), input.unit);
  return `${lowerFirst(input.label)} ${amount} ${by > 0 ? 'more' : 'less'}`;
}

/**
 * The least changes of single inputs that turn a pass into none, or the other way round.
 *
 * @param within how many of an input's least changes are looked at each way
 * @returns the nearest of each input, counted in its least change; nothing where the values can't be calculated
 */
export function edgesOf(calculator: Calculator, values: Values, within = 2): Edge[] {
  const now = evaluateChecked(calculator, values);
  if (!now.ok) return [];
  const passing = passes(now.assessment.level);
  const unused = calculator.unused?.(values) ?? [];
  return Object.entries(calculator.inputs).flatMap(([id, input]): Edge[] => {
    if (input.kind !== 'number' || input.change === undefined || unused.includes(id)) return [];
    const value = Number(values[id]);
    for (let n = 1; n <= within; n++)
      for (const by of [n * input.change, -n * input.change]) {
        const moved = value + by;
        if (moved < input.least || moved > input.most) continue;
        const then = evaluateChecked(calculator, { ...values, [id]: moved });
        if (!then.ok || passes(then.assessment.level) === passing) continue;
        return [
          {
            input: id,
            label: input.label,
            by,
            level: then.assessment.level,
            words: wordsOf(input, by),
          },
        ];
      }
    return [];
  });
}
