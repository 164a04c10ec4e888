import { requireAtLeast } from '../require';
import { choice, number, workingStep, calculator, toThreeFigures } from '../calculator';
import { inertiaOf, PEOPLE, type Sitting } from './body';

/**
 * Turning speed after the arms are drawn in: I₁·ω₁ = I₂·ω₂.
 *
 * @param speed before, in any unit
 * @param out, into moments of inertia before and after, in the same unit
 * @returns the speed in its unit
 * @throws RangeError without a moment of inertia
 */
export function speedAfterDrawingIn(speed: number, out: number, into: number): number {
  requireAtLeast('inertia', out, 0, true);
  requireAtLeast('inertia', into, 0, true);
  return (speed * out) / into;
}

interface Turn {
  who: keyof typeof PEOPLE | 'measured';
  start: number;
  mass: number;
  stature: number;
  weight: number;
  stool: number;
  most: number;
}

const sitting = (v: Turn): Sitting => ({
  ...(v.who === 'measured' ? { mass: v.mass, stature: v.stature / 100 } : PEOPLE[v.who]),
  weight: v.weight,
  stool: v.stool,
});

function spinOf(v: Turn): { fast: number; out: number; into: number; ratio: number } {
  const { out, into } = inertiaOf(sitting(v));
  return { fast: speedAfterDrawingIn(v.start, out, into), out, into, ratio: out / into };
}

/** Someone on a turning stool draws the arms in: how fast does it get? */
export const turning = calculator({
  id: 'turning',
  family: 'motion',
  title: 'How fast with the arms in?',
  question:
    'Someone sits on a turning stool and draws the arms in: how fast, and how fast to begin at the most?',
  inputs: {
    who: choice(
      'Who sits on it',
      {
        child: 'a child of about nine',
        youth: 'a youth of about fourteen',
        adult: 'an adult',
        measured: 'of this weight and height',
      },
      'adult',
    ),
    mass: number({
      label: 'Weight of the person',
      unit: 'kg',
      least: 10,
      most: 200,
      usual: 72,
      slide: [20, 120],
    }),
    stature: number({
      label: 'Height of the person',
      unit: 'cm',
      least: 80,
      most: 230,
      usual: 172,
      slide: [110, 200],
    }),
    start: number({
      label: 'Turns with arms out',
      unit: 'rpm',
      least: 0,
      most: 300,
      usual: 15,
      slide: [0, 40],
      change: 1,
    }),
    weight: number({
      label: 'Weight in each hand',
      unit: 'kg',
      least: 0,
      most: 20,
      usual: 0.5,
      slide: [0, 3],
    }),
    stool: number({
      label: 'Seat that turns along',
      unit: 'kgm2',
      least: 0,
      most: 5,
      usual: 0.05,
      slide: [0, 1],
    }),
    most: number({
      label: 'No faster than',
      unit: 'rpm',
      least: 0.001,
      most: 300,
      usual: 40,
      slide: [10, 90],
    }),
  },
  unused: (v) => (v.who === 'measured' ? [] : ['mass', 'stature']),
  grounds: {
    formula:
      'I₁·ω₁ = I₂·ω₂; arm m·(d² + 2·d·c·L + k²·L²) about the middle; trunk an ellipse, thighs forward',
    validity:
      'Sitting upright, feet on the ring, arms straight out or folded. Friction of the bearing is left out. People differ: a fifth more or less.',
    source:
      'conservation of angular momentum; Winter, Biomechanics and Motor Control of Human Movement; Drillis and Contini (source not checked)',
    check: 'About twice as fast with small weights, common practice',
  },
  evaluate: (v) => {
    const { fast, out, into, ratio } = spinOf(v);
    const begin = v.most / ratio;
    const fits = fast <= v.most;
    return {
      level: fits ? (fast > v.most * 0.9 ? 'watch' : 'ok') : 'fix',
      final: false,
      message: `${toThreeFigures(fast)} turns a minute with the arms in, ${toThreeFigures(ratio)} times as fast${fits ? '' : `: more than ${toThreeFigures(v.most)}`}.`,
      figure: `${toThreeFigures(fast)} turns/min`,
      limit: `${toThreeFigures(v.most)} turns/min, as you set it`,
      source: 'conservation of angular momentum; body segments after Winter (source not checked)',
      remedy: `Start at ${toThreeFigures(begin)} turns a minute at the most. Let it run down before anybody steps off; a hand beside them.`,
      steps: [
        workingStep(
          'Arms out',
          `${toThreeFigures(out)} kg m²`,
          'trunk and legs + 2·m·(d² + 2·d·c·L + k²·L²) + weights',
          'Winter; Drillis and Contini (source not checked)',
        ),
        workingStep(
          'Arms in',
          `${toThreeFigures(into)} kg m²`,
          'trunk and legs + arms and weights before the chest',
        ),
        workingStep(
          'Speed',
          `${toThreeFigures(fast)} turns/min`,
          'ω₁ · I₁ / I₂',
          'angular momentum',
        ),
      ],
    };
  },
  curve: {
    label: 'Turns with arms in',
    unit: 'turns/min',
    at: (v) => spinOf(v).fast,
    limits: (v) => [{ label: 'no faster than', value: v.most }],
  },
});
