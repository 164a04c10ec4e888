/** What a method’s calculators say of it by itself, before there is a show: nothing of a day is known. */
import { type BindingContext, type Facts, resolveInputs } from '../calculators/bind';
import { evaluateOver } from '../calculators/range';
import { FACTS } from '../calculators/calculator';
import { findCalculator } from '../calculators/catalogue';
import { isolated } from './isolated';
import type { CalculatorBinding } from '../repertoire/care';
import type { Demo, Method, Phase, Task } from '../repertoire/types';
import { familyOf } from '../told/guess';
import { measuredOf } from '../readings/record';
import type { HouseholdSizes } from '../units/household';
import type { KitOptions } from '../kit/demand';
import { judgeBinding } from './calculatorVerdicts';
import type { Verdict } from './verdict';

export interface AloneVerdict {
  /** The step that it is about, by its words. */
  taskId: string;
  calculator: string;
  verdict: Verdict;
  /** What it comes to with a usual day’s figures in place of those that are not known; null where all are, or it can’t be. */
  usually: string | null;
}

const NO_FACTS = Object.fromEntries(FACTS.map((fact) => [fact, null])) as Facts;

/** Words that stand for a noise. */
const LOUD = /\b(?:ears?|bang|pops?|bursts?)\b/i;

const stems = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 3)
      .map((word) => word.slice(0, 5))
      .concat(LOUD.test(text) ? ['loud'] : []),
  ),
];

/**
 * The step whose words have most in common with what is calculated and from what: of those that are seen, else of those
 * that are prepared. In common with none: the last that is seen and is no talk.
 */
export function stepJudged(method: Method, binding: CalculatorBinding): Task | null {
  const calculator = findCalculator(binding.calculator);
  const bound = binding.inputs.map(
    ({ ref }) => method.settings.find(({ id }) => id === ref)?.name ?? '',
  );
  const labels = Object.values(calculator?.inputs ?? {}).map(({ label }) => label);
  const title = new Set(stems(calculator?.title ?? ''));
  const about = new Set(stems([...bound, ...labels].join(' ')));
  const likeness = ({ name, do: doing, cue, hazards }: Task): number =>
    stems(`${name} ${doing} ${cue} ${hazards.join(' ')}`).reduce(
      (sum, word) => sum + (title.has(word) ? 3 : 0) + (about.has(word) ? 1 : 0),
      0,
    );
  const most = (phase: Phase): Task | null =>
    method.tasks
      .filter((task) => task.phase === phase)
      .map((task) => ({ task, like: likeness(task) }))
      .reduce<{ task: Task | null; like: number }>(
        (best, one) => (one.like > best.like ? one : best),
        { task: null, like: 0 },
      ).task;
  const shown = method.tasks.filter(({ phase }) => phase === 'perform');
  const done = shown.filter(({ name }) => familyOf(name, 'perform', false) !== 'talk');
  return (
    most('perform') ?? most('prepare') ?? done.at(-1) ?? shown.at(-1) ?? method.tasks[0] ?? null
  );
}

/** Said of a day like most: no verdict, which only the day’s own figures give. */
function onUsualDay(binding: CalculatorBinding, context: BindingContext): string | null {
  const calculator = findCalculator(binding.calculator);
  if (!calculator) return null;
  const { values, ranges, missing, unsaid } = resolveInputs(calculator, binding.inputs, context);
  if (missing.length === 0 || unsaid.length > 0) return null;
  const evaluated = evaluateOver(calculator, values, ranges);
  return evaluated.ok ? evaluated.assessment.message : null;
}

/** One calculator of a method with what is known, by itself; one that fails is told as not known. */
export const judgedAlone = (
  { id, name }: Pick<Demo, 'id' | 'name'>,
  method: Pick<Method, 'id'>,
  binding: CalculatorBinding,
  context: BindingContext,
  /** Looked at besides; where it fails, so does the verdict. */
  besides: () => void = () => undefined,
): Verdict[] => {
  const subject = { key: `calculator:${binding.id}`, title: name, slotIds: [] };
  return isolated({ ...subject, kind: 'calculator' }, () => {
    const judged = judgeBinding(binding, context, subject, () => ({
      page: 'demo',
      id,
      methodId: method.id,
      part: 'calculations',
    }));
    besides();
    return judged ? [judged] : [];
  });
};

/** In the order they are bound. One that fails is told as not known, and takes no other with it. */
export function aloneVerdicts(
  demo: Pick<Demo, 'id' | 'name'>,
  method: Method,
  sizes: HouseholdSizes,
  { records = [] }: KitOptions = {},
): AloneVerdict[] {
  const known = records.find((one) => one.demoId === demo.id && one.methodId === method.id);
  const context: BindingContext = {
    settings: method.settings,
    facts: NO_FACTS,
    sizes,
    measured: measuredOf(method.results, known?.readings ?? []),
  };
  return method.calculators.flatMap((binding) => {
    const task = stepJudged(method, binding);
    if (!task) return [];
    let usually: string | null = null;
    const verdicts = judgedAlone(demo, method, binding, context, () => {
      usually = onUsualDay(binding, context);
    });
    return verdicts.map((verdict) => ({
      taskId: task.id,
      calculator: binding.calculator,
      verdict,
      usually,
    }));
  });
}
