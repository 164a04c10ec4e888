/**
 * A calculator that judges: numbers go in, a verdict comes out with its working, and a curve shows how the
 * figure moves. Calculators are picked from a list and bound to a method's settings and the day's conditions.
 */
import type { UnitId } from '../units/units';

/** From the worst to the best. A missing input is “unknown”, and never “ok”. */
export const LEVELS = ['stop', 'fix', 'unknown', 'watch', 'ok'] as const;
export type VerdictLevel = (typeof LEVELS)[number];

/** What is known of the day and the room, as the calculators ask for it. */
export const FACTS = [
  'temperature',
  'humidity',
  'people',
  'wind',
  'pressure',
  'roomVolume',
  'airChanges',
  'frontRow',
  'backRow',
  'sound',
  'youngest',
] as const;
export type FactId = (typeof FACTS)[number];

export interface NumberInput {
  kind: 'number';
  label: string;
  /** The calculator works in this unit; bounds and usual value are in it too. */
  unit: UnitId;
  least: number;
  most: number;
  usual: number;
  /** Units whose figures will do as they stand, where the calculator's own is a bare number. */
  also?: readonly UnitId[];
  /** Ends of the slider. */
  slide: readonly [number, number];
  /** The least change of it that one can make on the spot: one stroke, half a mL; none where it can't be changed. */
  change?: number;
  /** What of the day it usually is. */
  fact?: FactId;
}

export interface ChoiceInput<T extends string = string> {
  kind: 'choice';
  label: string;
  options: Readonly<Record<T, string>>;
  usual: T;
}

export type CalculatorInput = NumberInput | ChoiceInput;
type Inputs = Readonly<Record<string, CalculatorInput>>;

export type Values<I extends Inputs = Inputs> = {
  [K in keyof I]: I[K] extends NumberInput
    ? number
    : I[K] extends ChoiceInput<infer T>
      ? T
      : number | string;
};

/** One line of the working. */
export interface WorkingStep {
  label: string;
  value: string;
  formula: string;
  source: string;
}

export interface Assessment {
  /** “unknown” where something that decides was left unsaid. */
  level: VerdictLevel;
  /** A stop that no reason sets aside. */
  final: boolean;
  /** One sentence, with the figure in it. */
  message: string;
  figure: string;
  /** What the figure was held against. */
  limit: string;
  source: string;
  /** What would fix it, or what to watch; may be empty. */
  remedy: string;
  steps: WorkingStep[];
}

export interface Limit {
  label: string;
  value: number;
}

export const CALCULATOR_FAMILIES = [
  'vapour',
  'reaction',
  'cold',
  'air',
  'sound',
  'charge',
  'motion',
  'gas',
  'heat',
  'chance',
] as const;
export type CalculatorFamily = (typeof CALCULATOR_FAMILIES)[number];

/** What a calculator rests on, for the table of all of them. */
export interface Grounds {
  formula: string;
  /** For what it holds, and for what not. */
  validity: string;
  source: string;
  /** What its figures were held against, from outside of it. */
  check: string;
}

interface CalculatorParts<I extends Inputs> {
  id: string;
  family: CalculatorFamily;
  title: string;
  /** What it answers, as a presenter would ask it. */
  question: string;
  inputs: I;
  /** Inputs that do not count with these values; they are not asked for. */
  unused?: (values: Values<I>) => (keyof I)[];
  grounds: Grounds;
  /** What is wrong between two inputs, at the one to be changed. */
  faults?: (values: Values<I>) => { [K in keyof I]?: string };
  evaluate: (values: Values<I>) => Assessment;
  /** The figure that is drawn, and the limits beside it; null where there is nothing to draw. */
  curve: {
    label: string;
    unit: string;
    at: (values: Values<I>) => number;
    limits: (values: Values<I>) => Limit[];
  } | null;
}

export type Calculator = CalculatorParts<Inputs>;

/** Checks a calculator's values against its inputs where it is written; everybody else sees plain values. */
export const calculator = <const I extends Inputs>(parts: CalculatorParts<I>): Calculator =>
  parts as unknown as Calculator;

export const number = (input: Omit<NumberInput, 'kind'>): NumberInput => ({
  kind: 'number',
  ...input,
});

export const choice = <T extends string>(
  label: string,
  options: Readonly<Record<T, string>>,
  usual: NoInfer<T>,
): ChoiceInput<T> => ({ kind: 'choice', label, options, usual });

/** Inputs that several calculators have. */
export const temperatureInput = number({
  label: 'Temperature',
  unit: 'degC',
  least: -90,
  most: 60,
  usual: 20,
  slide: [0, 40],
  change: 1,
  fact: 'temperature',
});
export const pressureInput = number({
  label: 'Air pressure',
  unit: 'hPa',
  least: 500,
  most: 1100,
  usual: 1013.25,
  slide: [900, 1050],
  fact: 'pressure',
});

/** Three significant figures, as fine as measuring on stage is: “0.278”, “4.37”, “1240”. */
export const toThreeFigures = (value: number): string =>
  Math.abs(value) >= 1000 ? String(Math.round(value)) : String(Number(value.toPrecision(3)));

export const workingStep = (
  label: string,
  value: string,
  formula: string,
  source = '',
): WorkingStep => ({
  label,
  value,
  formula,
  source,
});
