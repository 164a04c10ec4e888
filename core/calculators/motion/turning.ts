import { requireAtLeast } from '../require';
import { number, workingStep, calculator, toThreeFigures } from '../calculator';

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

/** Someone on a turning stool draws the weights in: how fast does it get? */
export const turning = calculator({
  id: 'turning',
  family: 'motion',
  title: 'How fast with the arms in?',
  question:
    'Someone turns on a stool and draws the weights in: how fast, and how fast to begin at the most?',
  inputs: {
    start: number({
      label: 'Turns with arms out',
      unit: 'rpm',
      least: 0,
      most: 300,
      usual: 15,
      slide: [0, 40],
    }),
    still: number({
      label: 'Person and stool, arms in',
      unit: 'kgm2',
      least: 0.001,
      most: 20,
      usual: 1.5,
      slide: [0.5, 5],
    }),
    weight: number({
      label: 'Weight in each hand',
      unit: 'kg',
      least: 0,
      most: 20,
      usual: 1,
      slide: [0, 3],
    }),
    out: number({
      label: 'Held out at',
      unit: 'cm',
      least: 0,
      most: 150,
      usual: 75,
      slide: [20, 100],
    }),
    into: number({
      label: 'Drawn in to',
      unit: 'cm',
      least: 0,
      most: 150,
      usual: 15,
      slide: [5, 60],
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
  faults: (v) => ({ into: v.into > v.out ? 'Drawn in must be nearer than held out' : undefined }),
  evaluate: (v) => {
    const { fast, wide, narrow } = spinOf(v);
    const begin = (v.most * narrow) / wide;
    const fits = fast <= v.most;
    return {
      level: fits ? (fast > v.most * 0.9 ? 'watch' : 'ok') : 'fix',
      final: false,
      message: fits
        ? `${toThreeFigures(fast)} turns a minute with the arms in.`
        : `${toThreeFigures(fast)} turns a minute with the arms in: more than ${toThreeFigures(v.most)}.`,
      figure: `${toThreeFigures(fast)} turns/min`,
      limit: `${toThreeFigures(v.most)} turns/min, as you set it`,
      source: 'conservation of angular momentum',
      remedy: `Start at ${toThreeFigures(begin)} turns a minute at the most. Let it run down before anybody steps off; a hand beside them.`,
      steps: [
        workingStep(
          'Arms out',
          `${toThreeFigures(wide)} kg m²`,
          'I + 2·m·r²; the arms are taken as in I',
        ),
        workingStep('Arms in', `${toThreeFigures(narrow)} kg m²`, 'I + 2·m·r²'),
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

function spinOf(v: { start: number; still: number; weight: number; out: number; into: number }): {
  fast: number;
  wide: number;
  narrow: number;
} {
  const inertia = (cm: number): number => v.still + 2 * v.weight * (cm / 100) ** 2;
  const wide = inertia(v.out);
  const narrow = inertia(v.into);
  return { fast: speedAfterDrawingIn(v.start, wide, narrow), wide, narrow };
}
