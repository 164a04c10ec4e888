import { GRAVITY } from '../constants';
import { calculator, number, toThreeFigures, workingStep } from '../calculator';

/** kJ/g of paraffin wax, g of oxygen and of carbon dioxide to a gram of it (C₂₅H₅₂; handbooks, from memory). */
const WAX = { heat: 43, oxygen: 3.45, dioxide: 3.12 };

interface Candle {
  first: number;
  later: number;
  minutes: number;
  mass: number;
  long: number;
  below: number;
}

/** g in a minute. */
const rateOf = (v: Candle): number => (v.first - v.later) / v.minutes;

/** Seconds until one end is lighter by so much that the candle leans by a tenth of a radian. */
function leansAfter(v: Candle): number {
  const turning = (v.mass * v.below) / 1000;
  const ahead = (0.1 * turning) / (v.long / 200);
  return (ahead / rateOf(v)) * 60;
}

/** s of one swing to and fro of a rod about a point a little above its middle. */
const swing = (v: Candle): number => {
  const inertia = (v.long / 100) ** 2 / 12 + (v.below / 1000) ** 2;
  return 2 * Math.PI * Math.sqrt(inertia / (GRAVITY * (v.below / 1000)));
};

/** How fast does a candle burn, and when does the candle see-saw tip? */
export const candle = calculator({
  id: 'candle',
  family: 'heat',
  title: 'How fast does the candle burn, and when does the see-saw tip?',
  question:
    'Weighed before and after: how much it burns and gives off, and how a candle lit at both ends on a needle swings.',
  inputs: {
    first: number({
      label: 'Weighed first',
      unit: 'g',
      least: 0.01,
      most: 5000,
      usual: 48,
      slide: [5, 200],
    }),
    later: number({
      label: 'Weighed later',
      unit: 'g',
      least: 0,
      most: 5000,
      usual: 47,
      slide: [5, 200],
    }),
    minutes: number({
      label: 'Burnt for',
      unit: 'min',
      least: 0.1,
      most: 1440,
      usual: 10,
      slide: [1, 60],
    }),
    mass: number({
      label: 'See-saw weighs',
      unit: 'g',
      least: 0.1,
      most: 5000,
      usual: 40,
      slide: [5, 200],
    }),
    long: number({ label: 'Long', unit: 'cm', least: 1, most: 200, usual: 22, slide: [5, 50] }),
    below: number({
      label: 'Needle above its middle',
      unit: 'mm',
      least: 0.1,
      most: 100,
      usual: 3,
      slide: [0.5, 20],
      change: 0.5,
    }),
  },
  faults: (v) => ({
    later: v.later >= v.first ? 'Later it weighs less than first' : undefined,
  }),
  grounds: {
    formula: 'rate = Δm/t; power = rate × 43 kJ/g; T = 2π·√((L²/12 + h²)/(g·h)); Δm·L/2 = 0.1·M·h',
    validity:
      'A plain wax candle in still air. The see-saw is a thin rod hung a little above its middle: the closer, the slower and the easier it tips. Drops fall from one end at a time.',
    source: 'mechanics; heat of burning of paraffin, handbooks (source not checked)',
    check:
      'A household candle burns some 5 to 8 g an hour and gives some 60 to 90 W, common practice',
  },
  evaluate: (v) => {
    const rate = rateOf(v);
    const watts = (rate / 60) * WAX.heat * 1000;
    const tips = leansAfter(v);
    const period = swing(v);
    const even = tips < 60;
    return {
      level: even ? 'ok' : 'watch',
      final: false,
      message: `${toThreeFigures(rate * 60)} g an hour, ${toThreeFigures(watts)} W. The see-saw leans after ${toThreeFigures(tips)} s and swings in ${toThreeFigures(period)} s.`,
      figure: `${toThreeFigures(rate * 60)} g an hour`,
      limit: 'leans within a minute, to be seen',
      source: 'mechanics; heat of burning of paraffin, handbooks (source not checked)',
      remedy: even
        ? 'A tray under both ends for the wax; nothing that burns within a metre; hair and sleeves away.'
        : 'Put the needle nearer to the middle, or start it with a finger.',
      steps: [
        workingStep('Burns', `${toThreeFigures(rate)} g in a minute`, '(first − later) / time'),
        workingStep(
          'Gives off',
          `${toThreeFigures(watts)} W`,
          'rate × 43 kJ/g',
          'handbooks (source not checked)',
        ),
        workingStep(
          'Takes and makes',
          `${toThreeFigures(rate * WAX.oxygen)} g of oxygen, ${toThreeFigures(rate * WAX.dioxide)} g of carbon dioxide in a minute`,
          'C₂₅H₅₂ + 38 O₂ → 25 CO₂ + 26 H₂O',
        ),
        workingStep('Leans after', `${toThreeFigures(tips)} s`, '0.1·M·h / (L/2) / rate'),
        workingStep(
          'Swings in',
          `${toThreeFigures(period)} s`,
          '2π·√((L²/12 + h²) / (g·h))',
          'mechanics',
        ),
      ],
    };
  },
  curve: {
    label: 'Leans after',
    unit: 's',
    at: leansAfter,
    limits: () => [{ label: 'a minute', value: 60 }],
  },
});
