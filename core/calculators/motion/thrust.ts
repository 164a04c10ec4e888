import { GRAVITY } from '../constants';
import { requireAtLeast } from '../require';
import { calculator, number, toThreeFigures, workingStep } from '../calculator';

/** N that a balance shows as so many grams. */
export const newtonsOf = (grams: number): number => (grams / 1000) * GRAVITY;

/** m that something rose which was in the air for so long, up and down, without drag: g·t²/8. */
export function heightFromFlight(seconds: number): number {
  requireAtLeast('time', seconds, 0);
  return (GRAVITY * seconds ** 2) / 8;
}

/** What a balance reading says of thrust, and a flight time of height. */
export const thrust = calculator({
  id: 'thrust',
  family: 'motion',
  title: 'What thrust does the balance show, and how high did it go?',
  question:
    'The vessel pushes down on a balance, or flew for some seconds: thrust, acceleration, height.',
  inputs: {
    reading: number({
      label: 'Balance showed more by',
      unit: 'g',
      least: 0,
      most: 1_000_000,
      usual: 600,
      slide: [0, 2000],
    }),
    mass: number({
      label: 'Weight of the vessel, filled',
      unit: 'g',
      least: 0.1,
      most: 1_000_000,
      usual: 300,
      slide: [10, 2000],
    }),
    aloft: number({
      label: 'In the air, up and down',
      unit: 's',
      least: 0,
      most: 120,
      usual: 2,
      slide: [0, 6],
    }),
  },
  grounds: {
    formula: 'F = reading × g; a = F/m − g upward; h = g·t²/8',
    validity:
      'A steady reading with the vessel held down. Height straight up and down, without drag: with drag it was lower.',
    source: 'mechanics, standard acceleration of free fall',
    check: '600 g are 5.88 N; 2.0 s in the air are 4.9 m',
  },
  evaluate: (v) => {
    const newtons = newtonsOf(v.reading);
    const up = newtons / (v.mass / 1000) - GRAVITY;
    const high = heightFromFlight(v.aloft);
    const lifts = up > 0;
    return {
      level: lifts ? 'ok' : 'watch',
      final: false,
      message: lifts
        ? `${toThreeFigures(newtons)} N: it sets off at ${toThreeFigures(up)} m/s². In the air for ${toThreeFigures(v.aloft)} s it rose ${toThreeFigures(high)} m.`
        : `${toThreeFigures(newtons)} N do not lift it: it weighs ${toThreeFigures(newtonsOf(v.mass))} N.`,
      figure: `${toThreeFigures(newtons)} N`,
      limit: `${toThreeFigures(newtonsOf(v.mass))} N, its own weight`,
      source: 'mechanics',
      remedy: 'Stand beside it, never over it; how far it may land is another calculation.',
      steps: [
        workingStep('Thrust', `${toThreeFigures(newtons)} N`, 'reading × 9.80665 m/s²'),
        workingStep('Upward', `${toThreeFigures(up)} m/s²`, 'F/m − g'),
        workingStep('Height', `${toThreeFigures(high)} m`, 'g·t² / 8', 'without drag'),
      ],
    };
  },
  curve: {
    label: 'Height',
    unit: 'm',
    at: (v) => heightFromFlight(v.aloft),
    limits: () => [],
  },
});
