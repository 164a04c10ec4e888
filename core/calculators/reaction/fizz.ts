import { molarVolume } from '../air/molarVolume';
import {
  choice,
  number,
  pressureInput,
  type Assessment,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { molarMass } from './molarMass';
import { react } from './react';
import { REACTION_SOURCE, REACTIONS } from './reactions';

const ACIDS = { vinegar: 'C2H4O2', citric: 'C6H8O7' } as const;

interface Fizz {
  acid: keyof typeof ACIDS;
  amount: number;
  strength: number;
  carbonate: number;
  holds: number;
  closed: 'open' | 'closed';
  temperature: number;
  pressure: number;
}

function fizzOf(v: Fizz) {
  const acid = ACIDS[v.acid];
  const result = react(REACTIONS[v.acid], {
    [acid]: (v.amount * v.strength) / 100 / molarMass(acid),
    NaHCO3: v.carbonate / molarMass('NaHCO3'),
  });
  return { ...result, acid, litres: result.gasMoles * molarVolume(v.temperature, v.pressure / 10) };
}

function judge(v: Fizz): Assessment {
  const { litres, limiting, left, acid } = fizzOf(v);
  const over =
    limiting === 'NaHCO3'
      ? `${toThreeFigures((left[acid] ?? 0) * molarMass(acid))} g of acid`
      : `${toThreeFigures((left.NaHCO3 ?? 0) * molarMass('NaHCO3'))} g of hydrogencarbonate`;
  const shared = {
    final: false,
    figure: `${toThreeFigures(litres)} L of carbon dioxide`,
    limit: `the bag or vessel holds ${toThreeFigures(v.holds)} L`,
    source: REACTION_SOURCE,
    steps: [
      workingStep(
        'Used up first',
        limiting === 'NaHCO3' ? 'the hydrogencarbonate' : 'the acid',
        REACTIONS[v.acid].equation,
      ),
      workingStep('Left over', over, 'what goes in − what the other one takes'),
      workingStep('Gas', `${toThreeFigures(litres)} L`, 'n × R·T / p', 'ideal gas'),
    ],
  };
  if (v.closed === 'closed' && litres > v.holds)
    return {
      ...shared,
      level: 'stop',
      message: `${toThreeFigures(litres)} L of gas into a closed ${toThreeFigures(v.holds)} L: it bursts.`,
      remedy: 'Leave it open, or take less than it holds.',
    };
  const message = `${toThreeFigures(litres)} L of carbon dioxide; ${over} left over.`;
  if (v.closed === 'closed')
    return {
      ...shared,
      level: 'watch',
      message,
      remedy: `Comes to ${toThreeFigures(litres / v.holds)} times the room’s pressure above it where it can’t stretch: only in what is made for that, pointed away from people.`,
    };
  const full = litres > v.holds * 0.9;
  return {
    ...shared,
    level: full ? 'watch' : 'ok',
    message,
    remedy: full ? 'More gas than it holds: the rest goes into the room.' : '',
  };
}

/** Hydrogencarbonate and an acid: how much gas, and what is left over? */
export const fizz = calculator({
  id: 'fizz',
  family: 'reaction',
  title: 'How much gas from acid and hydrogencarbonate?',
  question: 'How much carbon dioxide comes off, which of the two is left over, and does it fit?',
  inputs: {
    acid: choice(
      'Acid',
      { vinegar: 'vinegar (acetic acid)', citric: 'citric acid in water' },
      'vinegar',
    ),
    amount: number({
      label: 'Acid solution',
      unit: 'mL',
      least: 0.001,
      most: 5000,
      usual: 100,
      slide: [10, 500],
    }),
    strength: number({
      label: 'Strength (g in 100 mL)',
      unit: 'percent',
      least: 0.001,
      most: 100,
      usual: 5,
      slide: [1, 20],
    }),
    carbonate: number({
      label: 'Hydrogencarbonate',
      unit: 'g',
      least: 0.001,
      most: 1000,
      usual: 7,
      slide: [1, 60],
    }),
    holds: number({
      label: 'Bag or vessel',
      unit: 'L',
      least: 0.001,
      most: 1000,
      usual: 3,
      slide: [0.5, 10],
    }),
    closed: choice('It stands', { open: 'open, or stretches', closed: 'closed' }, 'open'),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  evaluate: judge,
  curve: {
    label: 'Carbon dioxide',
    unit: 'L',
    at: (v) => fizzOf(v).litres,
    limits: (v) => [{ label: 'holds', value: v.holds }],
  },
});
