import { molarVolume } from '../air/molarVolume';
import {
  calculator,
  choice,
  number,
  pressureInput,
  temperatureInput,
  toThreeFigures,
  workingStep,
} from '../calculator';

const GASES = {
  helium: { name: 'helium', molarMass: 4.0026, burns: 0 },
  hydrogen: { name: 'hydrogen', molarMass: 2.016, burns: 241.8 },
  methane: { name: 'methane (mains gas)', molarMass: 16.043, burns: 802.3 },
  propane: { name: 'propane, butane', molarMass: 44.096, burns: 2043 },
  air: { name: 'air', molarMass: 28.965, burns: 0 },
} as const satisfies Record<
  string,
  {
    name: string;
    /** g/mol. */
    molarMass: number;
    /** kJ/mol that it gives off when it burns, water as steam (CRC Handbook, from memory). */
    burns: number;
  }
>;

interface Balloon {
  gas: keyof typeof GASES;
  width: number;
  skin: number;
  temperature: number;
  pressure: number;
}

/** L of a round balloon. */
const litresOf = (v: Balloon): number => (Math.PI / 6) * (v.width / 10) ** 3;

/** g that it lifts, besides its skin. */
function liftOf(v: Balloon): number {
  const moles = litresOf(v) / molarVolume(v.temperature, v.pressure / 10);
  return moles * (GASES.air.molarMass - GASES[v.gas].molarMass) - v.skin;
}

/** What does a balloon lift, and what would its gas give off? */
export const balloon = calculator({
  id: 'balloon',
  family: 'gas',
  title: 'What does the balloon lift, and would its gas burn?',
  question: 'A balloon is filled with a gas: what can it carry, and how much energy is in it?',
  inputs: {
    gas: choice(
      'Filled with',
      Object.fromEntries(Object.entries(GASES).map(([id, { name }]) => [id, name])) as Record<
        keyof typeof GASES,
        string
      >,
      'helium',
    ),
    width: number({
      label: 'Across',
      unit: 'cm',
      least: 1,
      most: 1000,
      usual: 28,
      slide: [10, 100],
    }),
    skin: number({
      label: 'Skin and string weigh',
      unit: 'g',
      least: 0,
      most: 10_000,
      usual: 4,
      slide: [0, 50],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  grounds: {
    formula: 'lift = V·p/(R·T)·(28.97 − M) − skin; energy = n × heat of burning',
    validity: 'A round balloon at the pressure of the air: its skin presses by a few kPa more.',
    source: 'ideal gas; standard atomic masses; heats of burning CRC Handbook (source not checked)',
    check:
      'A litre of helium lifts about one gram, common practice; 10.1 kJ in a litre of hydrogen',
  },
  evaluate: (v) => {
    const { name, burns } = GASES[v.gas];
    const lift = liftOf(v);
    const litres = litresOf(v);
    const energy = (litres / molarVolume(v.temperature, v.pressure / 10)) * burns;
    const steps = [
      workingStep('Volume', `${toThreeFigures(litres)} L`, 'π/6·d³', 'geometry'),
      workingStep('Lift', `${toThreeFigures(lift)} g`, 'V·p/(R·T)·(28.97 − M) − skin', 'ideal gas'),
      workingStep(
        'Energy',
        `${toThreeFigures(energy)} kJ`,
        'n × heat of burning',
        'CRC Handbook (source not checked)',
      ),
    ];
    const shared = {
      figure: `lifts ${toThreeFigures(lift)} g`,
      limit: 'nothing that burns in a balloon; more lift than nothing to rise',
      source: 'ideal gas; heats of burning CRC Handbook (source not checked)',
      steps,
    };
    if (burns > 0)
      return {
        ...shared,
        level: 'stop',
        final: true,
        message: `${toThreeFigures(litres)} L of ${name} hold ${toThreeFigures(energy)} kJ: balloons of a gas that burns are not for a show.`,
        remedy: 'Fill it with helium, or with air. Nothing sets this aside.',
      };
    const rises = lift > 0;
    return {
      ...shared,
      level: 'ok',
      final: false,
      message: rises
        ? `Lifts ${toThreeFigures(lift)} g beyond its own weight.`
        : `Does not rise: ${toThreeFigures(-lift)} g too heavy.`,
      remedy: `${v.gas === 'helium' ? 'Nobody breathes it in: it takes the place of air. The bottle is chained upright. ' : ''}Latex: ask for allergies. Tie it down: it finds detectors and lamps.`,
    };
  },
  curve: { label: 'Lift', unit: 'g', at: liftOf, limits: () => [{ label: 'rises', value: 0 }] },
});
