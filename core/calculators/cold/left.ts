import { requireAtLeast } from '../require';
import {
  number,
  pressureInput,
  type Assessment,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { gasFrom } from './gasFrom';
import { coldKindInput } from './kind';

/**
 * What is left of a cold liquid that boils away by itself, evenly.
 *
 * @param amount at first, in any unit
 * @param rate that unit in an hour
 * @param hours how long it stands
 * @returns the same unit, at least 0
 * @throws RangeError on a negative amount, rate or time
 */
export function leftAfter(amount: number, rate: number, hours: number): number {
  requireAtLeast('amount', amount, 0);
  requireAtLeast('rate', rate, 0);
  requireAtLeast('time', hours, 0);
  return Math.max(0, amount - rate * hours);
}

interface Standing {
  kind: 'nitrogen' | 'dryIce';
  amount: number;
  rate: number;
  hours: number;
  needed: number;
  temperature: number;
  pressure: number;
}

const UNIT = { nitrogen: 'L', dryIce: 'kg' } as const;

const leftOf = (v: Standing): number => leftAfter(v.amount, v.rate, v.hours);

function judge(v: Standing): Assessment {
  const unit = UNIT[v.kind];
  const left = leftOf(v);
  const enough = left >= v.needed;
  const gone = v.amount - left;
  const gas = gasFrom(v.kind, gone, v.temperature, v.pressure / 10);
  // The ratio that is told of a litre: what it fills at the temperature of the room.
  const ratio = gasFrom(v.kind, 1, v.temperature, v.pressure / 10);
  return {
    level: enough ? (left < v.needed * 1.15 ? 'watch' : 'ok') : 'fix',
    final: false,
    message: enough
      ? `${toThreeFigures(left)} ${unit} left of ${toThreeFigures(v.amount)}; ${toThreeFigures(v.needed)} needed.`
      : `Only ${toThreeFigures(left)} ${unit} left of ${toThreeFigures(v.amount)}, and ${toThreeFigures(v.needed)} are needed.`,
    figure: `${toThreeFigures(left)} ${unit}`,
    limit: `${toThreeFigures(v.needed)} ${unit} needed`,
    source: 'even boil-off, as the maker of the vessel states it; ideal gas law',
    remedy: enough
      ? 'Its gas takes the place of air: never closed, never in a shut car or store.'
      : `Fetch ${Math.ceil((v.needed + v.rate * v.hours) * 10) / 10} ${unit} or more, fetch it later, or take a better vessel.`,
    steps: [
      workingStep('Boiled away', `${toThreeFigures(gone)} ${unit}`, 'amount an hour × hours'),
      workingStep('Left', `${toThreeFigures(left)} ${unit}`, 'amount − that'),
      workingStep(
        'Gas it made',
        `${toThreeFigures(gas)} L`,
        `1 ${unit} makes ${toThreeFigures(ratio)} L at ${toThreeFigures(v.temperature)} °C and ${toThreeFigures(v.pressure)} hPa: n·R·T / p`,
        'ideal gas',
      ),
    ],
  };
}

/** How much cold liquid is left when it is wanted, and how much gas has it made? */
export const coldLeft = calculator({
  id: 'cold-left',
  family: 'cold',
  title: 'How much cold liquid is left?',
  question:
    'It boils away by itself from the supplier’s counter on: is there enough when it is wanted, and what gas did it make?',
  inputs: {
    kind: coldKindInput('What it is'),
    amount: number({
      label: 'Fetched, L or kg',
      unit: 'piece',
      also: ['L', 'kg'],
      least: 0.001,
      most: 500,
      usual: 5,
      slide: [1, 30],
    }),
    rate: number({
      label: 'Boils off',
      unit: 'perHour',
      least: 0,
      most: 100,
      usual: 0.05,
      slide: [0, 1],
    }),
    hours: number({
      label: 'Until it is wanted',
      unit: 'h',
      least: 0,
      most: 1000,
      usual: 24,
      slide: [0, 72],
    }),
    needed: number({
      label: 'Needed, L or kg',
      unit: 'piece',
      also: ['L', 'kg'],
      least: 0,
      most: 500,
      usual: 3,
      slide: [0, 20],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  grounds: {
    formula: 'left = amount − rate × hours; gas n·R·T/p',
    validity: 'An even boil-off, as the maker states it for a vessel that stands still and cold.',
    source: 'ideal gas; rate of the vessel’s maker',
    check: '3 mL of nitrogen fill a 2 L bottle, common practice; 692 times at 20 °C',
  },
  evaluate: judge,
  curve: {
    label: 'Left',
    unit: 'L or kg',
    at: leftOf,
    limits: (v) => [{ label: 'needed', value: v.needed }],
  },
});
