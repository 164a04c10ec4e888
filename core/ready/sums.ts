/** Each method's own sums, with the day's figures. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { SumBinding } from '../repertoire/care';
import type { Method } from '../repertoire/types';
import { resolveInputs } from '../sums/bind';
import { sumOf } from '../sums/catalogue';
import { inputFaults } from '../sums/inputs';
import { UNITS } from '../units/units';
import { step, type Step, type Sum, three, type Values } from '../sums/sum';
import { listInWords } from '../words';
import { FACT_WORDS, factsAt } from './facts';
import { type Verdict, verdict } from './verdict';

/** The numbers that were put in, as lines of the working. */
function putIn(sum: Sum, values: Values, from: Readonly<Record<string, string>>): Step[] {
  return Object.entries(sum.inputs).map(([id, input]) => {
    const value = values[id];
    if (input.kind === 'choice')
      return step(input.label, input.options[String(value)] ?? String(value), from[id] ?? '');
    const unit = input.unit === 'piece' ? '' : ` ${UNITS[input.unit].label}`;
    return step(input.label, `${three(Number(value))}${unit}`, from[id] ?? '');
  });
}

function judgeOne(
  bundle: ShowBundle,
  { slot, demo, method }: Pick<ResolvedSlot, 'slot' | 'demo'> & { method: Method },
  binding: SumBinding,
): Verdict | null {
  const sum = sumOf(binding.sum);
  if (!sum) return null;
  const { values, missing, from } = resolveInputs(sum, binding.inputs, {
    settings: method.settings,
    facts: factsAt(bundle, slot),
    sizes: bundle.household,
  });
  const shared = {
    key: `sum:${slot.id}:${binding.id}`,
    kind: 'sum' as const,
    title: demo.name,
    slotIds: [slot.id],
  };
  const steps = putIn(sum, values, from);
  // What nobody has measured may not pass for a usual day; but what is never done is never done.
  if (missing.length > 0) {
    const anyway = sum.reckon(values);
    if (!anyway.final) {
      const asked = listInWords(missing.map((fact) => FACT_WORDS[fact]));
      return verdict({
        ...shared,
        level: 'unknown',
        says: `${sum.title} Not known.`,
        todo: `${asked.charAt(0).toUpperCase()}${asked.slice(1)}.`,
        steps,
      });
    }
  }
  const faults = Object.values(inputFaults(sum, values));
  if (faults.length > 0)
    return verdict({
      ...shared,
      level: 'unknown',
      says: `${sum.title} Can’t be reckoned: ${faults.join('; ')}.`,
      todo: 'Put the setting right in the demo.',
      steps,
    });
  const { level, final, says, figure, limit, source, todo, steps: working } = sum.reckon(values);
  return verdict({
    ...shared,
    level,
    final,
    says,
    figure,
    limit,
    source,
    todo,
    steps: [...steps, ...working],
  });
}

/** Verdicts of the sums that the show's methods are bound to, in running order. */
export const sumVerdicts = (bundle: ShowBundle): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) =>
    resolved.method.sums.flatMap((binding) => judgeOne(bundle, resolved, binding) ?? []),
  );
