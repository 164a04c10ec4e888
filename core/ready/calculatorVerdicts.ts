/** Each method's own calculators, with the day's figures. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { CalculatorBinding } from '../repertoire/care';
import type { Method } from '../repertoire/types';
import { type BindingContext, type ResolvedInputs, resolveInputs } from '../calculators/bind';
import { findCalculator } from '../calculators/catalogue';
import { edgesOf, passes } from '../calculators/edge';
import { evaluateOver } from '../calculators/range';
import { UNITS } from '../units/units';
import {
  type Assessment,
  workingStep,
  type WorkingStep,
  type Calculator,
  type FactId,
  toThreeFigures,
  type Values,
} from '../calculators/calculator';
import { listInWords, lowerFirst, upperFirst } from '../words';
import type { KitOptions } from '../kit/demand';
import { bindingContext } from './bindings';
import { FACT_WORDS } from './facts';
import { isolated } from './isolated';
import { DAY_FIGURES, type Verdict, type VerdictPlace, verdict } from './verdict';

/** The numbers that were put in, as lines of the working. */
function inputSteps(
  calculator: Calculator,
  values: Values,
  from: Readonly<Record<string, string>>,
): WorkingStep[] {
  const unused = new Set((calculator.unused?.(values) ?? []).map(String));
  return Object.entries(calculator.inputs)
    .filter(([id]) => !unused.has(id))
    .map(([id, input]) => {
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

const sentence = (words: string): string => `${upperFirst(words)}.`;

/** Facts that are put in with the venue, and with the brief; all others are measured on the day. */
const OF_VENUE: readonly FactId[] = ['roomVolume', 'airChanges', 'frontRow', 'backRow'];
const OF_BRIEF: readonly FactId[] = ['youngest'];

/** Where what is not known is put in; what the desk can answer comes before what only the day can. */
function placeOf(
  { venue }: ShowBundle,
  { demo, method }: Pick<ResolvedSlot, 'demo'> & { method: Method },
  { missing, unsaid }: Pick<ResolvedInputs, 'missing' | 'unsaid'>,
): VerdictPlace {
  if (unsaid.length > 0)
    return { page: 'demo', id: demo.id, methodId: method.id, part: 'calculations' };
  if (missing.some((fact) => OF_VENUE.includes(fact)))
    return venue ? { page: 'venue', id: venue.id } : { page: 'brief' };
  return missing.some((fact) => OF_BRIEF.includes(fact)) ? { page: 'brief' } : DAY_FIGURES;
}

/** What would have to be known before it is a pass; null when all of it is. */
function notKnown(
  calculator: Calculator,
  { missing, expected, unsaid }: Pick<ResolvedInputs, 'missing' | 'expected' | 'unsaid'>,
  assessment: Assessment,
): Pick<Verdict, 'level' | 'message' | 'remedy'> | null {
  if (assessment.final) return null;
  const asks = [
    ...missing.map((fact) => FACT_WORDS[fact]),
    ...(unsaid.length > 0 ? [`say in the demo: ${listInWords(unsaid.map(lowerFirst))}`] : []),
  ];
  if (asks.length > 0)
    return {
      level: 'unknown',
      message: `${calculator.title} Not known.`,
      remedy: sentence(asks.join('; ')),
    };
  if (expected.length > 0 && passes(assessment.level))
    return {
      level: 'unknown',
      message: `Only expected so far. ${assessment.message}`,
      remedy: sentence(listInWords(expected.map((fact) => FACT_WORDS[fact]))),
    };
  return null;
}

/** A pass that a little change undoes is at the edge; a fault that a little change mends says by how much. */
function withEdge(calculator: Calculator, values: Values, of: Assessment): Assessment {
  const words = edgesOf(calculator, values).map((edge) => edge.words);
  if (words.length === 0 || of.level === 'stop') return of;
  if (!passes(of.level)) return { ...of, remedy: `Would do: ${words.join(', or ')}. ${of.remedy}` };
  return {
    ...of,
    level: 'watch',
    message: /^at the edge/i.test(of.message) ? of.message : `At the edge. ${of.message}`,
    remedy: `No longer with ${words.join(', or ')}. ${of.remedy}`.trim(),
  };
}

type Subject = Pick<Verdict, 'key' | 'title' | 'slotIds'>;

/** One calculator with what is known here; null for one that there isn’t. `place`: where what is not known is put in. */
export function judgeBinding(
  binding: CalculatorBinding,
  context: BindingContext,
  subject: Subject,
  place: (resolved: ResolvedInputs) => VerdictPlace,
): Verdict | null {
  const calculator = findCalculator(binding.calculator);
  if (!calculator) return null;
  const resolved = resolveInputs(calculator, binding.inputs, context);
  const { values, ranges, from } = resolved;
  const shared = { ...subject, kind: 'calculator' as const };
  const steps = inputSteps(calculator, values, from);
  const evaluated = evaluateOver(calculator, values, ranges);
  if (!evaluated.ok)
    return verdict({
      ...shared,
      level: 'unknown',
      message: `${calculator.title} Can’t be calculated: ${Object.values(evaluated.faults).join('; ')}.`,
      remedy: 'Correct the setting in the demo.',
      steps,
    });
  const { steps: working, ...assessment } =
    Object.keys(ranges).length === 0
      ? withEdge(calculator, values, evaluated.assessment)
      : evaluated.assessment;
  const notYet = notKnown(calculator, resolved, evaluated.assessment);
  const open = notYet && { ...notYet, place: place(resolved) };
  // What is not known has no figure of its own: the one at hand stands on usual values.
  if (open && (resolved.missing.length > 0 || resolved.unsaid.length > 0))
    return verdict({ ...shared, ...open, steps });
  return verdict({ ...shared, ...assessment, ...open, steps: [...steps, ...working] });
}

const keyOf = (slotId: string, { id }: CalculatorBinding): string => `calculator:${slotId}:${id}`;

/** Verdicts of the calculators that the show's methods are bound to, in running order. */
export const calculatorVerdicts = (bundle: ShowBundle, options: KitOptions = {}): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) => {
    const { slot, demo, method } = resolved;
    return method.calculators.flatMap((binding) => {
      const subject = { key: keyOf(slot.id, binding), title: demo.name, slotIds: [slot.id] };
      return isolated({ ...subject, kind: 'calculator' }, () => {
        const judged = judgeBinding(
          binding,
          bindingContext(bundle, resolved, options),
          subject,
          (open) => placeOf(bundle, resolved, open),
        );
        return judged ? [judged] : [];
      });
    });
  });
