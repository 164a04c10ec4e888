import type { Assessment, Calculator, Values } from './calculator';
import { inputFaults } from './inputs';

export type Evaluated =
  | { ok: true; assessment: Assessment }
  /** What is wrong with the inputs, by input. */
  | { ok: false; faults: Record<string, string> };

/** Checks the inputs, and only then calculates: a calculator is never asked what it has no answer to. */
export function evaluateChecked(calculator: Calculator, values: Values): Evaluated {
  const faults = inputFaults(calculator, values);
  return Object.keys(faults).length > 0
    ? { ok: false, faults }
    : { ok: true, assessment: calculator.evaluate(values) };
}
