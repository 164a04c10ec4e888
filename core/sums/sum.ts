/**
 * A sum that judges: numbers go in, a verdict comes out with its working, and a curve shows how the
 * figure moves. Sums are picked from a list and bound to a method's settings and the day's conditions.
 */
import type { UnitId } from '../units/units';

/** From the worst to the best. A missing input is “unknown”, and never “fits”. */
export const LEVELS = ['stop', 'fix', 'unknown', 'watch', 'fits'] as const;
export type Level = (typeof LEVELS)[number];

/** What is known of the day and the room, as the sums ask for it. */
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
] as const;
export type FactId = (typeof FACTS)[number];

export interface NumberInput {
  kind: 'number';
  label: string;
  /** The sum reckons in this unit; bounds and usual value are in it too. */
  unit: UnitId;
  least: number;
  most: number;
  usual: number;
  /** Units whose figures will do as they stand, where the sum's own is a bare number. */
  also?: readonly UnitId[];
  /** Ends of the slider. */
  slide: readonly [number, number];
  /** What of the day it usually is. */
  fact?: FactId;
}

export interface ChoiceInput<T extends string = string> {
  kind: 'choice';
  label: string;
  options: Readonly<Record<T, string>>;
  usual: T;
}

export type SumInput = NumberInput | ChoiceInput;
type Inputs = Readonly<Record<string, SumInput>>;

export type Values<I extends Inputs = Inputs> = {
  [K in keyof I]: I[K] extends NumberInput
    ? number
    : I[K] extends ChoiceInput<infer T>
      ? T
      : number | string;
};

/** One line of the working. */
export interface Step {
  label: string;
  value: string;
  formula: string;
  source: string;
}

export interface Reckoned {
  level: Exclude<Level, 'unknown'>;
  /** A stop that no reason sets aside. */
  final: boolean;
  /** One sentence, with the figure in it. */
  says: string;
  figure: string;
  /** What the figure was held against. */
  limit: string;
  source: string;
  /** What would mend it, or what to mind; may be empty. */
  todo: string;
  steps: Step[];
}

export interface Limit {
  label: string;
  value: number;
}

export const SUM_FAMILIES = [
  'vapour',
  'reaction',
  'cold',
  'air',
  'sound',
  'charge',
  'motion',
  'chance',
] as const;
export type SumFamily = (typeof SUM_FAMILIES)[number];

interface SumParts<I extends Inputs> {
  id: string;
  family: SumFamily;
  title: string;
  /** What it answers, as a presenter would ask it. */
  question: string;
  inputs: I;
  /** What is wrong between two inputs, at the one to be changed. */
  faults?: (values: Values<I>) => { [K in keyof I]?: string };
  reckon: (values: Values<I>) => Reckoned;
  /** The figure that is drawn, and the limits beside it; null where there is nothing to draw. */
  curve: {
    label: string;
    unit: string;
    at: (values: Values<I>) => number;
    limits: (values: Values<I>) => Limit[];
  } | null;
}

export type Sum = SumParts<Inputs>;

/** Checks a sum's values against its inputs where it is written; everybody else sees plain values. */
export const sum = <const I extends Inputs>(parts: SumParts<I>): Sum => parts as unknown as Sum;

export const number = (input: Omit<NumberInput, 'kind'>): NumberInput => ({
  kind: 'number',
  ...input,
});

export const choice = <T extends string>(
  label: string,
  options: Readonly<Record<T, string>>,
  usual: NoInfer<T>,
): ChoiceInput<T> => ({ kind: 'choice', label, options, usual });

/** Inputs that several sums have. */
export const temperatureInput = number({
  label: 'Temperature',
  unit: 'degC',
  least: -90,
  most: 60,
  usual: 20,
  slide: [0, 40],
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

/** Three figures, as far as anybody measures on stage: “0.278”, “4.37”, “1240”. */
export const three = (value: number): string =>
  Math.abs(value) >= 1000 ? String(Math.round(value)) : String(Number(value.toPrecision(3)));

export const step = (label: string, value: string, formula: string, source = ''): Step => ({
  label,
  value,
  formula,
  source,
});
