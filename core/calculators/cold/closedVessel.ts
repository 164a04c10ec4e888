import { STANDARD_PRESSURE } from '../constants';
import { number, workingStep, calculator, temperatureInput, toThreeFigures } from '../calculator';
import { gasFrom } from './gasFrom';
import { littleColdKindInput } from './kind';

interface Vessel {
  kind: 'nitrogen' | 'dryIce';
  amount: number;
  holds: number;
  temperature: number;
}

/** bar above the room, if the vessel held: what is put in as gas in its volume. */
const pressureOf = (v: Vessel): number =>
  ((gasFrom(v.kind, v.amount / 1000, v.temperature) / v.holds) * STANDARD_PRESSURE) / 100;

/** Cold liquid or dry ice in a closed vessel: always a stop. */
export const closedVessel = calculator({
  id: 'closed-vessel',
  family: 'cold',
  title: 'Cold liquid or dry ice in a closed vessel',
  question: 'What pressure would it come to? It is a stop in every case.',
  inputs: {
    kind: littleColdKindInput('What is in it', 'dryIce'),
    amount: number({
      label: 'Amount, mL or g',
      unit: 'piece',
      also: ['mL', 'g'],
      least: 0.001,
      most: 10_000,
      usual: 50,
      slide: [5, 500],
    }),
    holds: number({
      label: 'Vessel',
      unit: 'L',
      least: 0.001,
      most: 200,
      usual: 0.5,
      slide: [0.25, 5],
    }),
    temperature: temperatureInput,
  },
  evaluate: (v) => ({
    level: 'stop',
    final: true,
    message: `Would come to ${toThreeFigures(pressureOf(v))} bar, and goes on rising until the vessel bursts.`,
    figure: `${toThreeFigures(pressureOf(v))} bar`,
    limit: 'never closed',
    source: 'ideal gas law; common practice of every supplier',
    remedy: 'Leave every vessel open to the air. Nothing sets this aside.',
    steps: [
      workingStep(
        'Pressure',
        `${toThreeFigures(pressureOf(v))} bar`,
        'gas at room temperature / volume × 1.01325 bar',
        'ideal gas',
      ),
    ],
  }),
  curve: { label: 'Pressure', unit: 'bar', at: pressureOf, limits: () => [] },
});
