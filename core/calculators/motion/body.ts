/** Moments of inertia of a sitting person about the upright, arms out and drawn in. */
import { requireAtLeast } from '../require';

/**
 * Shares of body mass and of stature, and of a segment's own length (Winter, Biomechanics and Motor Control
 * of Human Movement; Drillis and Contini: from memory).
 */
const ARM = { mass: 0.05, length: 0.44, centre: 0.53, gyration: 0.645 };
const SHOULDER = 0.129;
const TRUNK = { mass: 0.578, halfWidth: 0.0955, halfDepth: 0.058 };
const THIGH = { mass: 0.1, length: 0.245, centre: 0.433, gyration: 0.323 };
const SHANK = { mass: 0.061, from: 0.2 };
const HIP = 0.05;

export interface Sitting {
  /** kg. */
  mass: number;
  /** m. */
  stature: number;
  /** kg in each hand. */
  weight: number;
  /** kg m² of what turns along. */
  stool: number;
}

/** kg m² of trunk, head and legs: an elliptic trunk, thighs forward, feet drawn back on the ring. */
export function restOfBody({ mass, stature }: Pick<Sitting, 'mass' | 'stature'>): number {
  requireAtLeast('mass', mass, 0, true);
  requireAtLeast('stature', stature, 0, true);
  const trunk = (TRUNK.mass * (TRUNK.halfWidth ** 2 + TRUNK.halfDepth ** 2)) / 4;
  const thighs =
    2 *
    THIGH.mass *
    ((THIGH.centre * THIGH.length) ** 2 + (THIGH.gyration * THIGH.length) ** 2 + HIP ** 2);
  const shanks = 2 * SHANK.mass * (SHANK.from ** 2 + HIP ** 2);
  return mass * stature ** 2 * (trunk + thighs + shanks);
}

/** kg m² of both arms stretched out sideways, with what is in the hands. */
export function armsOut({ mass, stature, weight }: Sitting): number {
  const length = ARM.length * stature;
  const shoulder = SHOULDER * stature;
  const arm =
    ARM.mass *
    mass *
    (shoulder ** 2 + 2 * shoulder * ARM.centre * length + (ARM.gyration * length) ** 2);
  return 2 * (arm + weight * (shoulder + length * 0.9) ** 2);
}

/** Where arms folded before the chest have their mass, as share of stature. Our own estimate. */
const FOLDED = 0.13;

/** kg m² of both arms folded before the chest, with what is in the hands. */
export const armsIn = ({ mass, stature, weight }: Sitting): number =>
  2 * (ARM.mass * mass + weight) * (FOLDED * stature) ** 2;

/** All that turns, arms out and drawn in, kg m². @throws RangeError without mass, stature, and on a negative weight */
export function inertiaOf(of: Sitting): { out: number; into: number } {
  requireAtLeast('weight', of.weight, 0);
  requireAtLeast('stool', of.stool, 0);
  const rest = restOfBody(of) + of.stool;
  return { out: rest + armsOut(of), into: rest + armsIn(of) };
}

/** kg and m of a usual person; growth charts give as much (from memory). */
export const PEOPLE = {
  child: { mass: 28, stature: 1.3 },
  youth: { mass: 50, stature: 1.6 },
  adult: { mass: 72, stature: 1.72 },
} as const;
