/** A verdict over ranges of the inputs: the worst of it, and which of them to measure first. */
import {
  LEVELS,
  type Assessment,
  type Calculator,
  type Values,
  toThreeFigures,
} from './calculator';
import { evaluateChecked, type Evaluated } from './evaluate';
import { UNITS } from '../units/units';
import { listInWords, lowerFirst } from '../words';

/** Least and most of an input, in the calculator's own unit. */
export type Ranges = Readonly<Record<string, readonly [least: number, most: number]>>;

/** More ranges than these are looked at one at a time besides their ends together. */
const TOGETHER = 4;

const middle = ([least, most]: readonly [number, number]): number => (least + most) / 2;

/** All ends and middles of a few inputs together; of many, the ends together and each by itself. */
function corners(values: Values, ranges: Ranges): Values[] {
  const ids = Object.keys(ranges);
  const at = (id: string): readonly [number, number] => ranges[id] ?? [0, 0];
  const all = ids
    .slice(0, TOGETHER)
    .reduce<Values[]>(
      (found, id) =>
        found.flatMap((one) =>
          [at(id)[0], middle(at(id)), at(id)[1]].map((value) => ({ ...one, [id]: value })),
        ),
      [{ ...values, ...Object.fromEntries(ids.map((id) => [id, middle(at(id))])) }],
    );
  const others = ids
    .slice(TOGETHER)
    .flatMap((id) => at(id).flatMap((value) => all.map((one) => ({ ...one, [id]: value }))));
  return [...all, ...others];
}

const rank = ({ level, final }: Pick<Assessment, 'level' | 'final'>): number =>
  LEVELS.indexOf(level) - (final ? 0.5 : 0);

/** The input whose range moves the figure most, the others at their middles; of equals the first. */
export function measureFirst(
  calculator: Calculator,
  values: Values,
  ranges: Ranges,
): string | null {
  const ids = Object.keys(ranges);
  const at = (id: string): readonly [number, number] => ranges[id] ?? [0, 0];
  const middles = {
    ...values,
    ...Object.fromEntries(ids.map((id) => [id, middle(at(id))])),
  };
  const spread = (id: string): number => {
    const ends = at(id).map((value) => ({ ...middles, [id]: value }));
    const found = ends.map((one) => evaluateChecked(calculator, one));
    const [a, b] = found.map((one) => (one.ok ? rank(one.assessment) : -1));
    const [low, high] = ends.map((one) => calculator.curve?.at(one) ?? 0);
    const moved = Math.abs((high ?? 0) - (low ?? 0)) / (Math.abs((high ?? 0) + (low ?? 0)) || 1);
    // What changes the verdict counts before what only changes the figure.
    return Math.abs((a ?? 0) - (b ?? 0)) * 10 + moved;
  };
  const spreads = ids.map((id) => ({ id, spread: spread(id) }));
  const widest = spreads.reduce<(typeof spreads)[number] | null>(
    (best, one) => (best && best.spread >= one.spread ? best : one),
    null,
  );
  return widest?.id ?? null;
}

function rangeWords(
  calculator: Calculator,
  id: string,
  [least, most]: readonly [number, number],
): string {
  const input = calculator.inputs[id];
  const unit =
    input?.kind === 'number' && input.unit !== 'piece' ? ` ${UNITS[input.unit].label}` : '';
  return `${lowerFirst(input?.label ?? id)} ${toThreeFigures(least)} to ${toThreeFigures(most)}${unit}`;
}

/**
 * Judges a calculator whose inputs may be ranges. The verdict is the worst of the ends and middles; what
 * can't be calculated anywhere in a range is told as it would be by itself.
 */
export function evaluateOver(calculator: Calculator, values: Values, ranges: Ranges): Evaluated {
  const ids = Object.keys(ranges);
  if (ids.length === 0) return evaluateChecked(calculator, values);
  const found = corners(values, ranges).map((at) => ({ at, of: evaluateChecked(calculator, at) }));
  const fault = found.find(({ of }) => !of.ok);
  if (fault) return fault.of;
  const judged = found.flatMap(({ at, of }) => (of.ok ? [{ at, assessment: of.assessment }] : []));
  const worst = judged.reduce((a, b) => (rank(b.assessment) < rank(a.assessment) ? b : a));
  const best = judged.reduce((a, b) => (rank(b.assessment) > rank(a.assessment) ? b : a));
  const first = measureFirst(calculator, values, ranges);
  const over = listInWords(ids.map((id) => rangeWords(calculator, id, ranges[id] ?? [0, 0])));
  const differs = worst.assessment.level !== best.assessment.level;
  const label = first === null ? '' : lowerFirst(calculator.inputs[first]?.label ?? first);
  const { curve } = calculator;
  const figures = curve ? judged.map(({ at }) => curve.at(at)).filter(Number.isFinite) : [];
  const unit = curve ? ` ${curve.unit}` : '';
  const span =
    figures.length > 0
      ? `${toThreeFigures(Math.min(...figures))} to ${toThreeFigures(Math.max(...figures))}${unit}`
      : '';
  return {
    ok: true,
    assessment: {
      ...worst.assessment,
      message: differs
        ? `With ${over} it depends. At the worst: ${lowerFirst(worst.assessment.message)}`
        : `${worst.assessment.message.replace(/\.$/, '')}, at the worst over ${over}.`,
      remedy: [differs ? `Measure ${label} first.` : '', worst.assessment.remedy]
        .filter(Boolean)
        .join(' '),
      steps: [
        {
          label: 'Over the range',
          value: span ? `${lowerFirst(curve?.label ?? '')} ${span}` : over,
          formula: `worst of the ends and middles of ${over}${label ? `; ${label} counts most` : ''}`,
          source: '',
        },
        ...worst.assessment.steps,
      ],
    },
  };
}
