import { STANDARD_PRESSURE } from '../constants';
import { calculator, number, temperatureInput, toThreeFigures, workingStep } from '../calculator';
import { closedPressure } from './carbonDioxide';
import { gasFrom, molesOf } from './gasFrom';
import { littleColdKindInput } from './kind';

interface Vessel {
  kind: 'nitrogen' | 'dryIce';
  amount: number;
  holds: number;
  temperature: number;
}

/** bar in all, if the vessel held. */
const pressureOf = (v: Vessel): number =>
  closedPressure(v.kind, molesOf(v.kind, v.amount / 1000) / v.holds, v.temperature);

/** bar as an ideal gas would have it, for the working. */
const idealOf = (v: Vessel): number =>
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
  grounds: {
    formula:
      'Peng and Robinson 1976 for the gas; where carbon dioxide turns liquid, its vapour pressure from the table',
    validity:
      'All of it as warm as the room. A vessel full of liquid has no figure: it bursts. Nothing of this says what a vessel holds.',
    source: 'NIST Chemistry WebBook; Peng and Robinson 1976 (sources not checked)',
    check: '57.3 bar at 20 °C, 5.18 bar at the triple point, NIST; ideal gas when thin',
  },
  evaluate: (v) => {
    const bar = pressureOf(v);
    const full = !Number.isFinite(bar) || bar > 2000;
    const figure = full ? 'more than 2,000 bar' : `${toThreeFigures(bar)} bar`;
    return {
      level: 'stop',
      final: true,
      message: full
        ? 'Fills the vessel as a liquid: it bursts long before it is as warm as the room.'
        : `Would come to ${figure}, and bursts the vessel on the way.`,
      figure,
      limit: 'never closed',
      source:
        'Peng and Robinson 1976; vapour pressure NIST Chemistry WebBook (sources not checked); common practice of every supplier',
      remedy:
        'Leave every vessel open to the air. Nothing sets this aside. A small soft can whose lid pops off is another calculation.',
      steps: [
        workingStep(
          'Pressure',
          figure,
          'real gas; liquid carbon dioxide at its vapour pressure',
          'Peng and Robinson 1976; NIST (sources not checked)',
        ),
        workingStep(
          'As an ideal gas',
          `${toThreeFigures(idealOf(v))} bar`,
          'gas at room temperature / volume × 1.01325 bar',
          'which is wrong above some tens of bar',
        ),
      ],
    };
  },
  curve: {
    label: 'Pressure',
    unit: 'bar',
    at: (v) => Math.min(2000, pressureOf(v)),
    limits: () => [],
  },
});
