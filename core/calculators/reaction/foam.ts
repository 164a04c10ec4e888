import { molarVolume } from '../air/molarVolume';
import {
  choice,
  number,
  pressureInput,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
  type VerdictLevel,
} from '../calculator';
import { halfTime } from './catalysis';
import { molarMass } from './molarMass';
import {
  gramsPerLitre,
  massShareOf,
  PEROXIDE_KINDS,
  PEROXIDE_LIMITS,
  PEROXIDE_SOURCE,
  peroxideDensity,
  peroxideHazard,
  type PeroxideKind,
} from './peroxide';
import { react } from './react';
import { REACTION_SOURCE, REACTIONS } from './reactions';
import { temperatureRise } from './temperatureRise';
import { upperFirst } from '../../words';

/** °C at which foam scalds in a moment; common practice. */
const SCALDS = 60;
/** g/mol of potassium iodide. */
const IODIDE = 166.003;
/** s: half of it off in less than this is a jet, in more than that nobody waits for it. Our own marks. */
const PACE = { jet: 3, dull: 120 };

interface Foam {
  amount: number;
  strength: number;
  kind: PeroxideKind;
  water: number;
  catalyst: 'yeast' | 'iodide';
  dose: number;
  vessel: number;
  bore: number;
  temperature: number;
  pressure: number;
}

/**
 * Height of so much foam in a straight cylinder.
 *
 * @param litres L
 * @param bore diameter, cm
 * @returns m; 2.08 for 5.88 L in 6 cm
 */
export const columnHeight = (litres: number, bore: number): number =>
  litres / 1000 / ((Math.PI / 4) * (bore / 100) ** 2);

/** Diameter of what heaps up outside as half a ball, m. */
export const heapWidth = (litres: number): number =>
  2 * Math.cbrt((3 * Math.max(0, litres)) / 1000 / (2 * Math.PI));

function foamOf(v: Foam) {
  const perLitre = gramsPerLitre(v.strength, v.kind);
  const grams = (perLitre * v.amount) / 1000;
  const share = massShareOf(perLitre);
  const { gasMoles, heat } = react(REACTIONS.peroxide, { H2O2: grams / molarMass('H2O2') });
  const mass = Math.max(0.001, v.amount * peroxideDensity(Math.min(share, 60)) + v.water);
  const { reached, boiled } = temperatureRise(heat ?? 0, mass, v.temperature);
  const oxygen = gasMoles * molarVolume(v.temperature, v.pressure / 10);
  // What stays in bubbles is wet: the liquid is in the foam too.
  const foam = oxygen + (v.amount + v.water) / 1000;
  const litresOfMixture = (v.amount + v.water) / 1000;
  const warms = ((heat ?? 0) * 1000) / (mass * 4.18);
  return {
    perLitre,
    share,
    oxygen,
    foam,
    out: Math.max(0, foam - v.vessel),
    column: columnHeight(foam, v.bore),
    heat: heat ?? 0,
    reached,
    boiled,
    half:
      v.catalyst === 'iodide'
        ? halfTime(v.dose / IODIDE / Math.max(litresOfMixture, 1e-6), warms, v.temperature)
        : null,
  };
}

type State = ReturnType<typeof foamOf>;

function levelOf({ share, boiled, reached, half }: State): VerdictLevel {
  if (share >= PEROXIDE_LIMITS.corrosive) return 'stop';
  if (boiled > 0) return 'fix';
  const pace = half !== null && (half < PACE.jet || half > PACE.dull);
  return reached >= SCALDS || share >= PEROXIDE_LIMITS.eyeIrritation || pace ? 'watch' : 'ok';
}

function remedyOf(of: State): string {
  const { words, gear } = peroxideHazard(of.share);
  return [
    of.boiled > 0
      ? 'Take less, or thin it with water beforehand, until it stays below boiling.'
      : '',
    of.reached >= SCALDS
      ? 'Steam and scalding foam: nobody touches it, audience and volunteers out of the splash, a tray under it.'
      : '',
    words ? `${upperFirst(words)}. ${gear}` : '',
    of.half !== null && of.half > PACE.dull ? 'Slow: more catalyst, or warmer.' : '',
    of.half !== null && of.half < PACE.jet
      ? 'A jet: step back at once, less catalyst, a wider neck.'
      : '',
    'No flame near: oxygen comes off. What is wet is dried before high voltage.',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Peroxide foam: how much, how tall, how hot, how fast? */
export const foam = calculator({
  id: 'foam',
  family: 'reaction',
  title: 'How tall and how hot is the foam?',
  question:
    'Peroxide comes apart by a catalyst: how much foam and oxygen, how tall in its vessel, how hot, how fast?',
  inputs: {
    amount: number({
      label: 'Peroxide',
      unit: 'mL',
      least: 0.001,
      most: 2000,
      usual: 50,
      slide: [10, 200],
      change: 5,
    }),
    strength: number({
      label: 'Strength',
      unit: 'piece',
      also: ['percent'],
      least: 0.001,
      most: 200,
      usual: 3,
      slide: [1, 35],
    }),
    kind: choice('Strength is in', PEROXIDE_KINDS, 'massShare'),
    water: number({
      label: 'Water and soap too',
      unit: 'mL',
      least: 0,
      most: 2000,
      usual: 10,
      slide: [0, 200],
      change: 5,
    }),
    catalyst: choice('Catalyst', { yeast: 'yeast', iodide: 'potassium iodide' }, 'yeast'),
    dose: number({
      label: 'Iodide',
      unit: 'g',
      least: 0,
      most: 200,
      usual: 2,
      slide: [0.5, 20],
      change: 0.5,
    }),
    vessel: number({
      label: 'Vessel holds',
      unit: 'L',
      least: 0.01,
      most: 100,
      usual: 0.5,
      slide: [0.1, 5],
    }),
    bore: number({
      label: 'Bore of a straight cylinder',
      unit: 'cm',
      least: 0.5,
      most: 100,
      usual: 6,
      slide: [2, 20],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  unused: (v) => (v.catalyst === 'yeast' ? ['dose'] : []),
  faults: (v) => ({
    strength:
      v.kind !== 'volumes' && v.strength > 60
        ? 'Strength must be at most 60 %: stronger peroxide is not for a stage'
        : undefined,
  }),
  grounds: {
    formula:
      'O₂ = n/2 · R·T/p; foam = O₂ + liquid; height = foam / (π·d²/4); t + heat/(4.18 J/(g K)·mass); half-time from k·[I⁻], warming itself',
    validity:
      'All of the peroxide comes apart, all the oxygen is caught in bubbles, no heat is lost: the tall and the hot side. Foam leaves a neck in a heap, not in a column. Rate for iodide only.',
    source: `${REACTION_SOURCE}; ${PEROXIDE_SOURCE}`,
    check:
      '3 % w/v is 9.9 volume and warms by 21 °C; 30 % by mass is 109.5 volume; 5.88 L in 6 cm are 2.08 m; half a US cup of 3 % gives 1.25 L',
  },
  evaluate: (v) => {
    const of = foamOf(v);
    const { share, perLitre, oxygen, foam: litres, out, column, heat, reached, boiled, half } = of;
    const hot =
      boiled > 0
        ? 'it boils, and throws steam and scalding foam'
        : `it reaches ${toThreeFigures(reached)} °C`;
    const tall =
      out > 0
        ? `${toThreeFigures(out)} L come out, a heap ${toThreeFigures(heapWidth(out) * 100)} cm wide`
        : 'none comes out of the vessel';
    return {
      level: levelOf(of),
      final: false,
      message: `${toThreeFigures(oxygen)} L of oxygen in ${toThreeFigures(litres)} L of foam: ${tall}, and ${hot}.`,
      figure: `${toThreeFigures(reached)} °C, ${toThreeFigures(litres)} L`,
      limit: `boils at 100 °C; scalds from ${SCALDS} °C; eyes irritated from 5 % and damaged from 8 %, skin irritated from 35 % and burnt from 50 %, by mass`,
      source: `${REACTION_SOURCE}; ${PEROXIDE_SOURCE}`,
      remedy: remedyOf(of),
      steps: [
        workingStep(
          'Strength',
          `${toThreeFigures(share)} % by mass, ${toThreeFigures(perLitre / 10)} g in 100 mL`,
          v.kind === 'volumes' ? 'volume ÷ 22.414 L/mol × 2 × M' : 'as written, with the density',
        ),
        workingStep(
          'Oxygen',
          `${toThreeFigures(oxygen)} L`,
          `${REACTIONS.peroxide.equation}; n × R·T / p`,
          'ideal gas',
        ),
        workingStep(
          'Height',
          `${toThreeFigures(column)} m in a straight ${toThreeFigures(v.bore)} cm, if all of it stayed up`,
          'foam / (π·d² / 4)',
          'geometry',
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
        workingStep(
          'Half of it off after',
          half === null
            ? 'not calculated for yeast; 7 g for 120 mL, stirred in lukewarm water, common practice'
            : half >= 3600
              ? 'more than an hour'
              : `${toThreeFigures(half)} s`,
          'k = 0.0137 L/(mol s) at 25 °C, 56 kJ/mol, warming itself',
          'textbook kinetics (source not checked)',
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
