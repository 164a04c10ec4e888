import { molarVolume } from '../air/molarVolume';
import {
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

const hydrogen = (v: { metal: number; temperature: number; pressure: number }): number =>
  react(REACTIONS.aluminium, { Al: v.metal / molarMass('Al') }).gasMoles *
  molarVolume(v.temperature, v.pressure / 10);

/** Aluminium in alkali makes hydrogen: always a stop, calculated to show how much an accident makes. */
export const metalGas = calculator({
  id: 'metal-gas',
  family: 'reaction',
  title: 'Aluminium in alkali: how much hydrogen?',
  question: 'How much flammable gas would aluminium and alkali make? It is a stop in every case.',
  inputs: {
    metal: number({
      label: 'Aluminium',
      unit: 'g',
      least: 0.001,
      most: 100,
      usual: 1,
      slide: [0.1, 5],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  grounds: {
    formula: 'V = 3/2·n·R·T/p',
    validity: 'Told so that an accident can be judged. It is a stop in every case.',
    source: REACTION_SOURCE,
    check: '1 g gives 1.337 L at 20 °C',
  },
  evaluate: (v) => ({
    level: 'stop',
    final: true,
    message: `Makes ${toThreeFigures(hydrogen(v))} L of hydrogen: home-made flammable gas is not for a show.`,
    figure: `${toThreeFigures(hydrogen(v))} L of hydrogen`,
    limit: 'none is made; hydrogen lights from 4 to 75 %',
    source: `${REACTION_SOURCE}; range NFPA / CRC (source not checked)`,
    remedy: 'Leave it out. Keep alkali and aluminium apart in the boxes too.',
    steps: [
      workingStep(
        'Hydrogen',
        `${toThreeFigures(hydrogen(v))} L`,
        `${REACTIONS.aluminium.equation}; n × R·T / p`,
        'ideal gas',
      ),
    ],
  }),
  curve: { label: 'Hydrogen', unit: 'L', at: hydrogen, limits: () => [] },
});
