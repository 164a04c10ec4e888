/** Each method's own calculators, with the day's figures. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { CalculatorBinding } from '../repertoire/care';
import type { Method } from '../repertoire/types';
import { resolveInputs } from '../calculators/bind';
import { findCalculator } from '../calculators/catalogue';
import { evaluateChecked } from '../calculators/evaluate';
import { UNITS } from '../units/units';
import {
  workingStep,
  type WorkingStep,
  type Calculator,
  toThreeFigures,
  type Values,
} from '../calculators/calculator';
import { listInWords } from '../words';
import { FACT_WORDS, dayFactsAt } from './facts';
import { isolated } from './isolated';
import { type Verdict, verdict } from './verdict';

/** The numbers that were put in, as lines of the working. */
function inputSteps(
  calculator: Calculator,
  values: Values,
  from: Readonly<Record<string, string>>,
): WorkingStep[] {
  return Object.entries(calculator.inputs).map(([id, input]) => {
    const value = values[id];
    if (input.kind === 'choice')
      return workingStep(
        input.label,
        input.options[String(value)] ?? String(value),
        from[id] ?? '',
      );
    const unit = input.unit === 'piece' ? '' : ` ${UNITS[input.unit].label}`;
    return workingStep(input.label, `${toThreeFigures(Number(value))}${unit}`, from[id] ?? '');
  });
}

function judgeOne(
  bundle: ShowBundle,
  { slot, demo, method }: Pick<ResolvedSlot, 'slot' | 'demo'> & { method: Method },
  binding: CalculatorBinding,
): Verdict | null {
  const calculator = findCalculator(binding.calculator);
  if (!calculator) return null;
  const { values, missing, from } = resolveInputs(calculator, binding.inputs, {
    settings: method.settings,
    facts: dayFactsAt(bundle, slot),
    sizes: bundle.household,
  });
  const shared = {
    key: `calculator:${slot.id}:${binding.id}`,
    kind: 'calculator' as const,
    title: demo.name,
    slotIds: [slot.id],
  };
  const steps = inputSteps(calculator, values, from);
  const evaluated = evaluateChecked(calculator, values);
  if (!evaluated.ok)
    return verdict({
      ...shared,
      level: 'unknown',
      message: `${calculator.title} Can’t be calculated: ${Object.values(evaluated.faults).join('; ')}.`,
      remedy: 'Correct the setting in the demo.',
      steps,
    });
  const { steps: working, ...assessment } = evaluated.assessment;
  // What is not measured is unknown, not a usual day; a use that is never allowed is refused all the same.
  if (missing.length > 0 && !assessment.final) {
    const asked = listInWords(missing.map((fact) => FACT_WORDS[fact]));
    return verdict({
      ...shared,
      level: 'unknown',
      message: `${calculator.title} Not known.`,
      remedy: `${asked.charAt(0).toUpperCase()}${asked.slice(1)}.`,
      steps,
    });
  }
  return verdict({ ...shared, ...assessment, steps: [...steps, ...working] });
}

/** Verdicts of the calculators that the show's methods are bound to, in running order. */
export const calculatorVerdicts = (bundle: ShowBundle): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) =>
    resolved.method.calculators.flatMap((binding) =>
      isolated(
        {
          key: `calculator:${resolved.slot.id}:${binding.id}`,
          kind: 'calculator',
          title: resolved.demo.name,
          slotIds: [resolved.slot.id],
        },
        () => [judgeOne(bundle, resolved, binding) ?? []].flat(),
      ),
    ),
  );
