/** Each method's own calculators, with the day's figures. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { CalculatorBinding } from '../repertoire/care';
import type { Method } from '../repertoire/types';
import { resolveInputs } from '../calculators/bind';
import { findCalculator } from '../calculators/catalogue';
import { inputFaults } from '../calculators/inputs';
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
  // What nobody has measured may not pass for a usual day; but what is never done is never done.
  if (missing.length > 0) {
    const anyway = calculator.evaluate(values);
    if (!anyway.final) {
      const asked = listInWords(missing.map((fact) => FACT_WORDS[fact]));
      return verdict({
        ...shared,
        level: 'unknown',
        message: `${calculator.title} Not known.`,
        remedy: `${asked.charAt(0).toUpperCase()}${asked.slice(1)}.`,
        steps,
      });
    }
  }
  const faults = Object.values(inputFaults(calculator, values));
  if (faults.length > 0)
    return verdict({
      ...shared,
      level: 'unknown',
      message: `${calculator.title} Can’t be calculated: ${faults.join('; ')}.`,
      remedy: 'Correct the setting in the demo.',
      steps,
    });
  const {
    level,
    final,
    message,
    figure,
    limit,
    source,
    remedy,
    steps: working,
  } = calculator.evaluate(values);
  return verdict({
    ...shared,
    level,
    final,
    message,
    figure,
    limit,
    source,
    remedy,
    steps: [...steps, ...working],
  });
}

/** Verdicts of the calculators that the show's methods are bound to, in running order. */
export const calculatorVerdicts = (bundle: ShowBundle): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) =>
    resolved.method.calculators.flatMap((binding) => judgeOne(bundle, resolved, binding) ?? []),
  );
