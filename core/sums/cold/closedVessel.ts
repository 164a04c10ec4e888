import { STANDARD_PRESSURE } from '../constants';
import { number, step, sum, temperatureInput, three } from '../sum';
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
export const closedVessel = sum({
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
  reckon: (v) => ({
    level: 'stop',
    final: true,
    says: `Would come to ${three(pressureOf(v))} bar, and goes on rising until the vessel bursts.`,
    figure: `${three(pressureOf(v))} bar`,
    limit: 'never closed',
    source: 'ideal gas law; common practice of every supplier',
    todo: 'Leave every vessel open to the air. Nothing sets this aside.',
    steps: [
      step(
        'Pressure',
        `${three(pressureOf(v))} bar`,
        'gas at room temperature / volume × 1.01325 bar',
        'ideal gas',
      ),
    ],
  }),
  curve: { label: 'Pressure', unit: 'bar', at: pressureOf, limits: () => [] },
});
