import { airToReachShare, shareAfterVentilation } from '../air/ventilation';
import { OXYGEN_IN_AIR } from '../constants';
import { number, workingStep, calculator, toThreeFigures } from '../calculator';
import { strokeInput, vesselInput } from './vessel';

/** Per cent of oxygen below which air counts as short of it; OSHA 29 CFR 1910.146. */
const ENOUGH = 19.5;

const burntLeft = (v: { vessel: number; strokes: number; stroke: number }): number =>
  shareAfterVentilation(v.vessel, (v.strokes * v.stroke) / 1000);

/** Once the vapour has burnt: how much airing before another go is worth trying? */
export const anotherGo = calculator({
  id: 'another-go',
  family: 'vapour',
  title: 'Another go in the same vessel?',
  question: 'The vessel is full of burnt gas. How much airing before another go is worth trying?',
  inputs: {
    vessel: vesselInput,
    strokes: number({
      label: 'Strokes of air',
      unit: 'piece',
      least: 0,
      most: 500,
      usual: 20,
      slide: [0, 60],
      change: 1,
    }),
    stroke: strokeInput,
    pace: number({
      label: 'Time of one stroke',
      unit: 's',
      least: 0,
      most: 60,
      usual: 1.5,
      slide: [0.5, 5],
    }),
  },
  grounds: {
    formula: 'oxygen = 20.95 % · (1 − e^(−n·v/V)); strokes = −V·ln(1 − 19.5/20.95)/v',
    validity:
      'All the oxygen taken as burnt, air well mixed. It says nothing of how hot the vessel still is.',
    source: 'well-mixed dilution; OSHA 29 CFR 1910.146',
    check: '54 % left after five quarter-litre strokes in 2 L, common practice',
  },
  evaluate: (v) => {
    const oxygen = OXYGEN_IN_AIR * (1 - burntLeft(v));
    const air = airToReachShare(v.vessel, 1 - ENOUGH / OXYGEN_IN_AIR);
    const needed = Math.ceil((air * 1000) / v.stroke);
    const fits = oxygen >= ENOUGH;
    return {
      level: fits ? 'ok' : 'fix',
      final: false,
      message: fits
        ? `Aired enough: ${toThreeFigures(oxygen)} % oxygen in the vessel again.`
        : `Not yet: ${toThreeFigures(oxygen)} % oxygen in the vessel. It takes ${needed} strokes, ${toThreeFigures(needed * v.pace)} s.`,
      figure: `${toThreeFigures(oxygen)} % oxygen`,
      limit: `${ENOUGH} %`,
      source: 'OSHA 29 CFR 1910.146, taken as the mark for fresh air',
      remedy: fits
        ? 'Cool to the hand, no flame near, before anything is poured in.'
        : `Give it ${needed} strokes, or take a fresh vessel; cool to the hand before anything is poured in.`,
      steps: [
        workingStep(
          'Burnt gas left',
          `${toThreeFigures(burntLeft(v) * 100)} %`,
          'e^(−strokes · stroke / vessel)',
          'well-mixed dilution; all oxygen taken as burnt',
        ),
        workingStep('Oxygen', `${toThreeFigures(oxygen)} %`, '20.95 % × (1 − burnt gas left)'),
        workingStep(
          'Strokes it takes',
          String(needed),
          '−vessel · ln(1 − 19.5 / 20.95) / stroke, rounded up',
        ),
      ],
    };
  },
  curve: {
    label: 'Oxygen in the vessel',
    unit: '%',
    at: (v) => OXYGEN_IN_AIR * (1 - burntLeft(v)),
    limits: () => [{ label: 'worth trying from here', value: ENOUGH }],
  },
});
