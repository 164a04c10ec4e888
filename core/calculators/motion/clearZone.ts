import { choice, number, workingStep, calculator, toThreeFigures } from '../calculator';
import { afterThrust } from './projectile';
import { type Ground, judgeZone, type Thrown, ZONE_SOURCE, zoneInputs, zoneOf } from './zone';

/** Drag coefficient of a ball, which is on the low side for what is thrown. */
const BALL = 0.4;

interface Launch {
  known: 'speed' | 'thrust';
  speed: number;
  thrust: number;
  burns: number;
  lost: number;
  mass: number;
  height: number;
  width: number;
  ground: Ground;
  wind: number;
  clear: number;
}

function thrown(v: Launch): Thrown {
  const push =
    v.known === 'thrust'
      ? { ...afterThrust(v.thrust, v.mass / 1000, v.burns, v.lost / 1000), pushed: v.burns }
      : { speed: v.speed, way: 0, pushed: 0 };
  return {
    ...push,
    height: v.height,
    mass: (v.mass - (v.known === 'thrust' ? v.lost : 0)) / 1000,
    width: v.width / 100,
    drag: BALL,
    wind: v.wind,
    ground: v.ground,
  };
}

/** How far must people be from something that is thrown or launched? */
export const clearZone = calculator({
  id: 'clear-zone',
  family: 'motion',
  title: 'How far must people be?',
  question: 'Something is thrown or launched: how far may it land, and is that much clear?',
  inputs: {
    known: choice('Known is', { speed: 'its speed', thrust: 'its thrust and burn time' }, 'speed'),
    speed: number({
      label: 'Speed',
      unit: 'mps',
      least: 0,
      most: 340,
      usual: 8,
      slide: [0, 40],
      change: 1,
    }),
    thrust: number({
      label: 'Thrust',
      unit: 'N',
      least: 0,
      most: 1000,
      usual: 5.9,
      slide: [0, 50],
    }),
    burns: number({ label: 'Burns for', unit: 's', least: 0, most: 60, usual: 0.3, slide: [0, 3] }),
    lost: number({
      label: 'Loses meanwhile',
      unit: 'g',
      least: 0,
      most: 100_000,
      usual: 0,
      slide: [0, 500],
    }),
    mass: number({
      label: 'Weight at first',
      unit: 'g',
      least: 0.001,
      most: 100_000,
      usual: 100,
      slide: [1, 1000],
    }),
    height: number({ label: 'Let go at', unit: 'm', least: 0, most: 100, usual: 1, slide: [0, 5] }),
    ...zoneInputs,
  },
  unused: (v) => [
    ...(v.known === 'speed' ? (['thrust', 'burns', 'lost'] as const) : (['speed'] as const)),
    ...(v.known === 'speed' && v.width === 0 ? (['mass'] as const) : []),
  ],
  faults: (v) => ({
    lost:
      v.known === 'thrust' && v.lost > v.mass * 0.98
        ? 'It can’t lose more than it weighs'
        : undefined,
  }),
  grounds: {
    formula: 'R = v/g·√(v² + 2gh); under thrust v = (F/µ)·ln(m₀/m₁); with drag stepped',
    validity:
      'Level ground, any angle. The bound leaves out drag, and nothing that only falls goes beyond it; a thing with lift, a gust or a bounce off a wall may. Hops are our own estimate.',
    source: ZONE_SOURCE,
    check:
      'v²/g at 45° (118 m at 34 m/s); terminal speed of a falling ball; stepped by hand in a test',
  },
  evaluate: (v) => {
    const of = thrown(v);
    const found = judgeZone(zoneOf(of), v.clear, 'slow it down, tether it, or catch it in a net.');
    return {
      ...found,
      final: false,
      source: ZONE_SOURCE,
      steps: [
        workingStep(
          'Speed',
          `${toThreeFigures(of.speed)} m/s`,
          v.known === 'thrust' ? '(F/µ)·ln(m₀/m₁), or F/m·t without a loss' : 'as given',
        ),
        ...found.steps,
      ],
    };
  },
  curve: {
    label: 'Lands within, without drag',
    unit: 'm',
    at: (v) => zoneOf(thrown(v)).bound,
    limits: (v) => [{ label: 'clear', value: v.clear }],
  },
});
