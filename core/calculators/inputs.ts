/** What is wrong with the inputs of a calculator, told at each. */
import { UNITS } from '../units/units';
import { type NumberInput, type Calculator, toThreeFigures, type Values } from './calculator';

const within = (input: NumberInput): string => {
  const unit = UNITS[input.unit].label;
  return `${toThreeFigures(input.least)} to ${toThreeFigures(input.most)} ${unit}`;
};

/** Why a number can't be an input; null when it can. */
export function numberFault(input: NumberInput, value: number): string | null {
  const label = input.label;
  if (!Number.isFinite(value)) return `${label} must be a number`;
  if (input.unit === 'degC' && value <= -273.15)
    return `${label} must be above absolute zero, −273.15 °C`;
  if (value === 0 && input.least > 0) return `${label} must be more than nothing`;
  if (
    input.unit === 'percent' &&
    input.least === 0 &&
    input.most === 100 &&
    (value < 0 || value > 100)
  )
    return `${label} must be between 0 and 100 %`;
  if (value < 0 && input.least >= 0) return `${label} must not be negative`;
  if (value < input.least || value > input.most) return `${label} must be within ${within(input)}`;
  return null;
}

/** Faults by the input they are told at; empty when the calculator can be calculated. */
export function inputFaults(calculator: Calculator, values: Values): Record<string, string> {
  const faults: Record<string, string> = {};
  for (const [id, input] of Object.entries(calculator.inputs)) {
    const value = values[id];
    if (input.kind === 'choice') {
      if (typeof value !== 'string' || !Object.hasOwn(input.options, value))
        faults[id] = `${input.label} must be one of: ${Object.values(input.options).join(', ')}`;
      continue;
    }
    const fault =
      typeof value === 'number' ? numberFault(input, value) : `${input.label} is missing`;
    if (fault) faults[id] = fault;
  }
  if (Object.keys(faults).length > 0 || !calculator.faults) return faults;
  return Object.fromEntries(
    Object.entries(calculator.faults(values)).filter(
      (entry): entry is [string, string] => !!entry[1],
    ),
  );
}

/** The values a calculator begins with. */
export const usualValues = (calculator: Calculator): Values =>
  Object.fromEntries(Object.entries(calculator.inputs).map(([id, input]) => [id, input.usual]));
