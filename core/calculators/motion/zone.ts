/** How far something may come to rest: a bound without drag, and an estimate with it. */
import { type Assessment, number, choice, toThreeFigures, workingStep } from '../calculator';
import { farthestWithDrag, hops } from './flight';
import { flightTime, maximumHeight, maximumRange } from './projectile';

export const GROUNDS = { soft: 'soft: it stays where it lands', hard: 'hard: it hops on' } as const;
export type Ground = keyof typeof GROUNDS;

export interface Thrown {
  /** m/s as it is let go, or once the push is over. */
  speed: number;
  /** m above the ground. */
  height: number;
  /** m and s of the push before. */
  way: number;
  pushed: number;
  /** kg. */
  mass: number;
  /** m across; 0 where it is not known, and only the bound is told. */
  width: number;
  /** Drag coefficient of the estimate. */
  drag: number;
  /** m/s. */
  wind: number;
  ground: Ground;
}

export interface Zone {
  /** m: no angle carries it farther, if the air held nothing back. */
  bound: number;
  /** m: with the air's drag, at the angle that carries it farthest. The bound where it can't be estimated. */
  estimate: number;
  /** m above where it is let go. */
  up: number;
}

export function zoneOf(of: Thrown): Zone {
  // Whichever way it was pushed: no farther off when the push ends, and no higher.
  const from = of.height + of.way;
  const ground = of.ground === 'hard';
  const even = maximumRange(of.speed, from);
  const falling = Math.sqrt(of.speed ** 2 + 2 * 9.80665 * from) / Math.SQRT2;
  const bound =
    even +
    of.way +
    of.wind * (flightTime(of.speed, from) + of.pushed) +
    (ground ? hops({ along: falling, down: falling }) : 0);
  const up = maximumHeight(of.speed) + of.way;
  if (of.width <= 0) return { bound, estimate: bound, up };
  const flyer = { mass: of.mass, diameter: of.width, drag: of.drag };
  const landing = farthestWithDrag(flyer, of.speed, from);
  const estimate =
    landing.way + of.way + of.wind * (landing.time + of.pushed) + (ground ? hops(landing) : 0);
  return { bound, estimate: Math.min(bound, estimate), up };
}

const m = (value: number): string => `${toThreeFigures(value)} m`;

export const ZONE_SOURCE =
  'mechanics: without drag at the angle that carries it farthest, and with drag of the square of the speed';

/** Both told, against what is clear. */
export function judgeZone(
  zone: Zone,
  clear: number,
  remedy: string,
): Pick<Assessment, 'level' | 'message' | 'figure' | 'limit' | 'remedy' | 'steps'> {
  const { bound, estimate, up } = zone;
  const both = bound - estimate > 0.05 * bound;
  const figure = both ? `${m(estimate)} with drag, ${m(bound)} without` : m(bound);
  const keep = 'Line of fire clear and said aloud before each go; nothing costly in it.';
  const shared = {
    figure,
    limit: `${m(clear)} clear`,
    steps: [
      workingStep(
        'Farthest without drag',
        m(bound),
        'v/g·√(v² + 2gh) + s + wind × time in the air, + hops; h is let go at + s, the way while pushed',
        'mechanics',
      ),
      workingStep(
        'Farthest with drag',
        both ? m(estimate) : 'as without: its width is not given, or it hardly counts',
        'm·dv/dt = −m·g − ½·ρ·c·A·v·v, stepped; at the angle that carries it farthest',
        'an estimate: how it turns in the air decides',
      ),
      workingStep('Highest', m(up), 'v² / 2g + way while pushed', 'mechanics, without drag'),
    ],
  };
  if (estimate > clear)
    return {
      ...shared,
      level: 'fix',
      message: `May land ${m(estimate)} away${both ? ` (${m(bound)} if the air held nothing back)` : ''}, and only ${m(clear)} are clear.`,
      remedy: `Move people back to ${Math.ceil(estimate)} m, ${remedy}`,
    };
  if (bound > clear)
    return {
      ...shared,
      level: 'watch',
      message: `Within ${m(clear)} by the estimate of ${m(estimate)} only; if the air held nothing back it would be ${m(bound)}.`,
      remedy: `Throw it once with nobody there, and measure. ${keep}`,
    };
  const edge = bound > clear * 0.9;
  return {
    ...shared,
    level: edge ? 'watch' : 'ok',
    message: `${edge ? 'At the edge: lands' : 'Lands'} within ${m(bound)}; ${m(clear)} are clear.`,
    remedy: keep,
  };
}

/** Inputs that whatever is thrown or launched has. */
export const zoneInputs = {
  width: number({
    label: 'Across',
    unit: 'cm',
    least: 0,
    most: 200,
    usual: 0,
    slide: [0, 30],
  }),
  ground: choice('Ground', GROUNDS, 'hard'),
  wind: number({
    label: 'Wind',
    unit: 'mps',
    least: 0,
    most: 60,
    usual: 0,
    slide: [0, 15],
    fact: 'wind',
  }),
  clear: number({
    label: 'Clear distance',
    unit: 'm',
    least: 0,
    most: 1000,
    usual: 15,
    slide: [0, 50],
    change: 1,
    fact: 'frontRow',
  }),
} as const;
