/** How a calculator's figure moves with one of its inputs, for a chart. */
import { inputFaults, usualValues } from './inputs';
import type { Limit, Calculator, Values } from './calculator';

export interface Curve {
  /** x in the input's unit, y in the figure's; y is null where the inputs do not go together. */
  points: { x: number; y: number | null }[];
  limits: Limit[];
  /** Where the inputs stand now; null while they can’t be calculated. */
  now: { x: number; y: number } | null;
}

/**
 * The figure over the slider of one input, the others held.
 *
 * @param over id of a number input
 * @param steps how many parts the slider is cut in
 * @returns null when the calculator draws nothing, or the input is no number
 */
export function curveOver(
  calculator: Calculator,
  values: Values,
  over: string,
  steps = 80,
): Curve | null {
  const input = calculator.inputs[over];
  const { curve } = calculator;
  if (!curve || input?.kind !== 'number') return null;
  const at = (x: number): number | null => {
    const moved = { ...values, [over]: x };
    if (Object.keys(inputFaults(calculator, moved)).length > 0) return null;
    const y = curve.at(moved);
    return Number.isFinite(y) ? y : null;
  };
  const [from, to] = input.slide;
  const points = Array.from({ length: steps + 1 }, (_, i) => {
    const x = from + ((to - from) * i) / steps;
    return { x, y: at(x) };
  });
  const x = values[over];
  const y = typeof x === 'number' ? at(x) : null;
  const fits = Object.keys(inputFaults(calculator, values)).length === 0;
  return {
    points,
    limits: fits ? curve.limits(values) : [],
    now: y === null || typeof x !== 'number' ? null : { x, y },
  };
}

/** Points from either end of a chart that a limit's label lies over. */
const UNDER_LABEL = 0.25;

/** The end of the chart at which the curve keeps farther off its limits, so that their labels can be read. */
export function labelSide({ points, limits }: Pick<Curve, 'points' | 'limits'>): 'start' | 'end' {
  const n = Math.ceil(points.length * UNDER_LABEL);
  const room = (part: Curve['points']): number =>
    Math.min(
      ...part.flatMap(({ y }) =>
        y === null ? [] : limits.map(({ value }) => Math.abs(y - value)),
      ),
    );
  return room(points.slice(-n)) > room(points.slice(0, n)) ? 'end' : 'start';
}

/** Whether the figure moves at all with an input. */
function moves(calculator: Calculator, over: string): boolean {
  const ys =
    curveOver(calculator, usualValues(calculator), over, 8)?.points.flatMap((p) => p.y ?? []) ?? [];
  return ys.length > 1 && Math.max(...ys) > Math.min(...ys);
}

/** The input whose slider is drawn at first: one that the day sets and that counts, or else the first that does. */
export function defaultCurveInput(calculator: Calculator): string {
  const numbers = Object.entries(calculator.inputs).flatMap(([id, input]) =>
    input.kind === 'number' && input.fact !== 'pressure' && moves(calculator, id)
      ? [{ id, input }]
      : [],
  );
  return (numbers.find(({ input }) => input.fact !== undefined) ?? numbers[0])?.id ?? '';
}
