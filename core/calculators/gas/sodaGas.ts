import { molarVolume } from '../air/molarVolume';
import { STANDARD_PRESSURE } from '../constants';
import { calculator, number, toThreeFigures, workingStep } from '../calculator';
import { dissolves, pressureOver } from './dissolved';

/** g/mol. */
const DIOXIDE = 44.0095;
/** Share of the bottle that comes out of a good one; common practice. */
const USUAL_SHARE = 2 / 3;
/** min: from 20 to 30 in hot water, and used soon after; common practice. */
const WARMING = { least: 20, most: 30 };
/** kPa above the air's that drink bottles are made to hold hot; common practice. */
const HOLDS = 600;

interface Soda {
  bottle: number;
  carbonated: number;
  left: number;
  temperature: number;
  cold: number;
}

/** L of gas at room pressure that the drink can still give off at a temperature, once it is open. */
const gives = (v: Soda, celsius: number): number =>
  Math.max(0, v.carbonated / DIOXIDE - dissolves(celsius) * STANDARD_PRESSURE) *
  v.bottle *
  molarVolume(celsius);

/** kPa above the air's in the closed bottle, with a twentieth of it empty. */
const closedAt = (v: Soda, celsius: number): number =>
  pressureOver((v.carbonated / DIOXIDE) * v.bottle, v.bottle, v.bottle * 0.05, celsius) -
  STANDARD_PRESSURE;

/** How much gas is in a bottle of soda, and what does warming it gain? */
export const sodaGas = calculator({
  id: 'soda-gas',
  family: 'gas',
  title: 'How much gas is in the soda, and what does warming gain?',
  question:
    'A closed bottle of soda is warmed before it is opened: how much more gas, how hard does it press, and how much of the bottle went out?',
  inputs: {
    bottle: number({ label: 'Bottle', unit: 'L', least: 0.1, most: 10, usual: 2, slide: [0.3, 3] }),
    carbonated: number({
      label: 'Carbon dioxide, g in a litre',
      unit: 'g',
      least: 0.1,
      most: 20,
      usual: 7,
      slide: [2, 10],
    }),
    cold: number({
      label: 'As it would be',
      unit: 'degC',
      least: 0,
      most: 60,
      usual: 20,
      slide: [0, 40],
      fact: 'temperature',
    }),
    temperature: number({
      label: 'Warmed to',
      unit: 'degC',
      least: 0,
      most: 60,
      usual: 35,
      slide: [5, 50],
      change: 1,
    }),
    left: number({
      label: 'Left in the bottle afterwards',
      unit: 'mL',
      least: 0,
      most: 10_000,
      usual: 650,
      slide: [0, 2000],
    }),
  },
  faults: (v) => ({
    left: v.left > v.bottle * 1000 ? 'No more is left than was in it' : undefined,
  }),
  grounds: {
    formula: 'gas = (c/M − k(t)·p₀)·V·R·T/p₀; k(t) = 0.034·exp(2400·(1/T − 1/298)) mol/(L atm)',
    validity:
      '0 to 60 °C, water with nothing else: sugar holds a little less. It is what can come off, not how fast. Closed: a twentieth of the bottle is empty.',
    source: 'Henry’s law constants, Sander (source not checked); ideal gas',
    check: '0.034 mol/L at 25 °C and 1 atm; two thirds of a 2 L bottle go out, common practice',
  },
  evaluate: (v) => {
    const warm = gives(v, v.temperature);
    const cool = gives(v, v.cold);
    const pressure = closedAt(v, v.temperature);
    const share = 1 - v.left / (v.bottle * 1000);
    const strained = pressure > HOLDS;
    const gain = cool > 0 ? warm / cool - 1 : 0;
    const short = share < USUAL_SHARE - 0.1;
    return {
      level: strained ? 'fix' : short ? 'watch' : 'ok',
      final: false,
      message: `${toThreeFigures(warm)} L of gas at ${toThreeFigures(v.temperature)} °C, ${toThreeFigures(Math.abs(gain) * 100)} % ${gain < 0 ? 'less' : 'more'} than at ${toThreeFigures(v.cold)} °C; ${toThreeFigures(share * 100)} % of the bottle went out.`,
      figure: `${toThreeFigures(warm)} L, ${toThreeFigures(share * 100)} % out`,
      limit: `about two thirds go out, common practice; ${HOLDS} kPa in the closed bottle`,
      source: 'Henry’s law constants, Sander (source not checked); common practice',
      remedy: [
        strained
          ? `The closed bottle presses with ${toThreeFigures(pressure)} kPa: less warm, and no old or scratched bottle.`
          : '',
        `Warm it closed for ${WARMING.least} to ${WARMING.most} min in hot water from the tap, open it soon after: open, it goes flat.`,
        short
          ? 'Less than usual went out: fresher, warmer, more sweets at once, or a narrower hole.'
          : '',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [
        workingStep(
          'Gas that can come off',
          `${toThreeFigures(warm)} L; ${toThreeFigures(cool)} L if it is not warmed`,
          '(c/M − k(t)·p₀)·V·R·T/p₀',
          'Henry’s law constants, Sander (source not checked)',
        ),
        workingStep(
          'Pressure in the closed bottle',
          `${toThreeFigures(pressure)} kPa above the air’s`,
          'n / (V/(R·T) + k·liquid)',
          'the same',
        ),
        workingStep(
          'Share that went out',
          `${toThreeFigures(share * 100)} %`,
          '1 − left / bottle; about two thirds, common practice',
        ),
      ],
    };
  },
  curve: {
    label: 'Gas that can come off',
    unit: 'L',
    at: (v) => gives(v, v.temperature),
    limits: () => [],
  },
});
