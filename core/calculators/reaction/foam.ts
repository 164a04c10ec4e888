import { molarVolume } from '../air/molarVolume';
import {
  choice,
  number,
  pressureInput,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { molarMass } from './molarMass';
import { react } from './react';
import { REACTION_SOURCE, REACTIONS } from './reactions';
import { temperatureRise } from './temperatureRise';

/** g/mL at 20 °C: 30 % by mass has 1.108, and it grows nearly evenly from water. */
const densityOf = (massShare: number): number => 0.998 + ((1.108 - 0.998) * massShare) / 30;

/** From this share by mass peroxide burns skin at once; classed corrosive from 8 % (from memory). */
const CORROSIVE = 8;
/** °C at which foam scalds in a moment; common practice. */
const SCALDS = 60;

interface Foam {
  amount: number;
  strength: number;
  kind: 'massShare' | 'massPerVolume' | 'volumes';
  water: number;
  temperature: number;
  pressure: number;
}

/** Grams of peroxide in a litre. Volume strength counts the oxygen at 0 °C and 1 atm from a litre. */
function gramsPerLitre(v: Foam): number {
  switch (v.kind) {
    case 'massPerVolume':
      return v.strength * 10;
    case 'massShare':
      return v.strength * 10 * densityOf(v.strength);
    case 'volumes':
      return (v.strength / molarVolume(0)) * 2 * molarMass('H2O2');
  }
}

function foamOf(v: Foam) {
  const grams = (gramsPerLitre(v) * v.amount) / 1000;
  const share = gramsPerLitre(v) / 10;
  const { gasMoles, heat } = react(REACTIONS.peroxide, { H2O2: grams / molarMass('H2O2') });
  const mass = v.amount * densityOf(Math.min(share, 60)) + v.water;
  return {
    share,
    oxygen: gasMoles * molarVolume(v.temperature, v.pressure / 10),
    heat: heat ?? 0,
    ...temperatureRise(heat ?? 0, Math.max(mass, 0.001), v.temperature),
  };
}

/** Peroxide foam: how much oxygen, how hot? */
export const foam = calculator({
  id: 'foam',
  family: 'reaction',
  title: 'How tall and how hot is the foam?',
  question:
    'Peroxide comes apart by a catalyst: how much oxygen does it give, and how hot does it get?',
  inputs: {
    amount: number({
      label: 'Peroxide',
      unit: 'mL',
      least: 0.001,
      most: 2000,
      usual: 50,
      slide: [10, 200],
    }),
    strength: number({
      label: 'Strength',
      unit: 'piece',
      also: ['percent'],
      least: 0.001,
      most: 200,
      usual: 6,
      slide: [1, 35],
    }),
    kind: choice(
      'Strength is in',
      { massShare: '% by mass', massPerVolume: '% (g in 100 mL)', volumes: 'volume strength' },
      'massShare',
    ),
    water: number({
      label: 'Water and soap too',
      unit: 'mL',
      least: 0,
      most: 2000,
      usual: 10,
      slide: [0, 200],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  faults: (v) => ({
    strength:
      v.kind !== 'volumes' && v.strength > 60
        ? 'Strength must be at most 60 %: stronger peroxide is not for a stage'
        : undefined,
  }),
  evaluate: (v) => {
    const { share, oxygen, heat, reached, boiled } = foamOf(v);
    const corrosive = share >= CORROSIVE;
    const level = boiled > 0 ? 'fix' : reached >= SCALDS || corrosive ? 'watch' : 'ok';
    const hot =
      boiled > 0
        ? 'it boils, and throws scalding foam'
        : `it reaches ${toThreeFigures(reached)} °C`;
    return {
      level,
      final: false,
      message: `${toThreeFigures(oxygen)} L of oxygen, and ${hot}.`,
      figure: `${toThreeFigures(reached)} °C, ${toThreeFigures(oxygen)} L`,
      limit: `boils at 100 °C; scalds from ${SCALDS} °C; corrosive from ${CORROSIVE} %`,
      source: REACTION_SOURCE,
      remedy: [
        boiled > 0
          ? 'Take less, or thin it with water beforehand, until it stays below boiling.'
          : '',
        corrosive ? 'Splash gloves and goggles for whoever pours; nobody touches the foam.' : '',
        'No flame near: oxygen comes off.',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [
        workingStep(
          'Strength',
          `${toThreeFigures(share)} g in 100 mL`,
          v.kind === 'volumes' ? 'volume ÷ 22.414 L/mol × 2 × M' : 'as written, with the density',
        ),
        workingStep(
          'Oxygen',
          `${toThreeFigures(oxygen)} L`,
          `${REACTIONS.peroxide.equation}; n × R·T / p`,
          'ideal gas',
        ),
        workingStep(
          'Heat',
          `${toThreeFigures(heat)} kJ`,
          '98 kJ for each mole of peroxide',
          'enthalpies of formation (CRC, source not checked)',
        ),
        workingStep(
          'Temperature',
          `${toThreeFigures(reached)} °C${boiled > 0 ? `, ${toThreeFigures(boiled)} g boil off` : ''}`,
          't + heat / (4.18 J/(g K) × mass); no heat lost',
        ),
      ],
    };
  },
  curve: {
    label: 'Temperature reached',
    unit: '°C',
    at: (v) => foamOf(v).reached,
    limits: () => [
      { label: 'scalds', value: SCALDS },
      { label: 'boils', value: 100 },
    ],
  },
});
