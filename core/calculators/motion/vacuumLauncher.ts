import { ABSOLUTE_ZERO } from '../constants';
import { requireAtLeast } from '../require';
import {
  calculator,
  number,
  pressureInput,
  temperatureInput,
  toThreeFigures,
  workingStep,
} from '../calculator';
import { type Ground, judgeZone, type Thrown, ZONE_SOURCE, zoneInputs, zoneOf } from './zone';

export interface Tube {
  /** mm. */
  bore: number;
  /** m the thing is pushed along. */
  long: number;
  /** g. */
  mass: number;
  /** kPa of what pushes behind it over what is before it. */
  difference: number;
  /** N that hold it back. */
  friction: number;
  /** kg/m³ of the air that follows it. */
  density: number;
}

/**
 * Speed at the end of a tube whose air was drawn out, when the air of the room pushes the thing along and
 * has to follow it: ((m + ρAx)·v)² = 2·(pA − F)·(m·x + ½ρA·x²).
 *
 * @returns m/s; never more than √(p/ρ). 0 where friction holds it.
 * @throws RangeError without bore, mass or way
 * Source: mechanics; the air that follows is taken on at rest.
 */
export function vacuumSpeed(of: Tube): number {
  requireAtLeast('bore', of.bore, 0, true);
  requireAtLeast('mass', of.mass, 0, true);
  requireAtLeast('way', of.long, 0, true);
  const opening = (Math.PI / 4) * (of.bore / 1000) ** 2;
  const push = of.difference * 1000 * opening - of.friction;
  if (push <= 0) return 0;
  const mass = of.mass / 1000;
  const air = of.density * opening * of.long;
  return Math.sqrt(2 * push * of.long * (mass + air / 2)) / (mass + air);
}

interface Launcher {
  bore: number;
  long: number;
  mass: number;
  drawn: number;
  friction: number;
  temperature: number;
  pressure: number;
  height: number;
  width: number;
  ground: Ground;
  wind: number;
  clear: number;
}

const tube = (v: Launcher, friction: number): Tube => ({
  bore: v.bore,
  long: v.long,
  mass: v.mass,
  difference: ((v.pressure / 10) * v.drawn) / 100,
  friction,
  density: (v.pressure * 100) / (287.05 * (v.temperature - ABSOLUTE_ZERO)),
});

const thrown = (v: Launcher, speed: number): Thrown => ({
  speed,
  height: v.height,
  way: 0,
  pushed: 0,
  mass: v.mass / 1000,
  width: v.width / 100,
  drag: 0.4,
  wind: v.wind,
  ground: v.ground,
});

/** A light thing shot along a tube that was pumped empty. */
export const vacuumLauncher = calculator({
  id: 'vacuum-launcher',
  family: 'motion',
  title: 'How fast out of the vacuum launcher?',
  question:
    'A tube is pumped empty and opened behind a light ball: its speed at the most, with friction, and how far it goes.',
  inputs: {
    bore: number({ label: 'Bore', unit: 'mm', least: 1, most: 300, usual: 42, slide: [20, 80] }),
    long: number({
      label: 'Pushed along',
      unit: 'm',
      least: 0.05,
      most: 10,
      usual: 1.5,
      slide: [0.3, 3],
      change: 0.1,
    }),
    mass: number({
      label: 'Weight of the ball',
      unit: 'g',
      least: 0.1,
      most: 5000,
      usual: 2.7,
      slide: [1, 60],
    }),
    drawn: number({
      label: 'Of the air drawn out',
      unit: 'percent',
      least: 0,
      most: 100,
      usual: 95,
      slide: [10, 100],
      change: 5,
    }),
    friction: number({
      label: 'Friction',
      unit: 'N',
      least: 0,
      most: 1000,
      usual: 2,
      slide: [0, 50],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
    height: number({ label: 'Let go at', unit: 'm', least: 0, most: 20, usual: 1, slide: [0, 3] }),
    ...zoneInputs,
  },
  grounds: {
    formula: '((m + ρAx)·v)² = 2·(Δp·A − F)·(m·x + ½ρA·x²); at the most √(Δp/ρ)',
    validity:
      'A ball that closes the bore and a membrane that opens at once. Leaks past it make it slower. The bound is without friction; sound speed is never passed.',
    source: `mechanics; ${ZONE_SOURCE}`,
    check: 'Long tube: √(p/ρ) = 290 m/s at 101.3 kPa and 20 °C; heavy thing: ½mv² = p·A·x',
  },
  evaluate: (v) => {
    const most = vacuumSpeed(tube(v, 0));
    const held = vacuumSpeed(tube(v, v.friction));
    const zone = judgeZone(
      zoneOf(thrown(v, most)),
      v.clear,
      'and catch it in a closed box with a soft back that it can’t leave.',
    );
    return {
      ...zone,
      final: false,
      message: `Up to ${toThreeFigures(most)} m/s, ${toThreeFigures(held)} with that friction. ${zone.message}`,
      remedy: `${zone.remedy} Nobody before either end; eyes covered; the tube looked over for cracks before it is pumped.`,
      source: `mechanics; ${ZONE_SOURCE}`,
      steps: [
        workingStep(
          'Speed at the most',
          `${toThreeFigures(most)} m/s`,
          '((m + ρAx)·v)² = 2·Δp·A·(m·x + ½ρA·x²)',
          'mechanics',
        ),
        workingStep('With friction', `${toThreeFigures(held)} m/s`, 'the same with Δp·A − F'),
        workingStep('Energy', `${toThreeFigures((v.mass / 2000) * most ** 2)} J`, '½·m·v²'),
        ...zone.steps,
      ],
    };
  },
  curve: {
    label: 'Speed at the most',
    unit: 'm/s',
    at: (v) => vacuumSpeed(tube(v, 0)),
    limits: () => [],
  },
});
