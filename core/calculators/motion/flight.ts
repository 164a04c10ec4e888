/** Flight through air that holds back with the square of the speed. */
import { GRAVITY } from '../constants';
import { requireAtLeast } from '../require';

/** kg/m³ of air at 20 °C and 101.325 kPa. */
export const AIR_DENSITY = 1.204;

export interface Flyer {
  /** kg. */
  mass: number;
  /** Diameter of what meets the air, m; 0 for no drag. */
  diameter: number;
  /** Drag coefficient. */
  drag: number;
}

export interface Landing {
  /** m from where it was let go, over level ground. */
  way: number;
  /** m/s along and down as it lands. */
  along: number;
  down: number;
  /** s in the air. */
  time: number;
}

/** Steps a flight is cut into, over its drag-free time. */
const STEPS = 400;

/**
 * Where a flight at one angle lands, by the midpoint rule.
 *
 * @param speed m/s
 * @param angle above the horizontal, rad
 * @param height at which it is let go, m
 * @throws RangeError on a negative speed or height, and without mass
 */
export function landingAt(of: Flyer, speed: number, angle: number, height: number): Landing {
  requireAtLeast('speed', speed, 0);
  requireAtLeast('height', height, 0);
  requireAtLeast('mass', of.mass, 0, true);
  const hold = (AIR_DENSITY * of.drag * (Math.PI / 4) * of.diameter ** 2) / (2 * of.mass);
  const up = speed * Math.sin(angle);
  const longest = (up + Math.sqrt(up ** 2 + 2 * GRAVITY * height)) / GRAVITY;
  const dt = Math.max(longest, 1e-6) / STEPS;
  let [x, y, vx, vy, t] = [0, height, speed * Math.cos(angle), up, 0];
  const pull = (ux: number, uy: number): [number, number] => {
    const v = Math.hypot(ux, uy);
    return [-hold * v * ux, -GRAVITY - hold * v * uy];
  };
  for (let i = 0; i < 20 * STEPS; i++) {
    const [ax, ay] = pull(vx, vy);
    const [mx, my] = [vx + (ax * dt) / 2, vy + (ay * dt) / 2];
    const [bx, by] = pull(mx, my);
    const next = y + my * dt;
    if (next <= 0 && my < 0) {
      const part = y / (y - next);
      return { way: x + mx * dt * part, along: mx, down: -my, time: t + dt * part };
    }
    [x, y, vx, vy, t] = [x + mx * dt, next, vx + bx * dt, vy + by * dt, t + dt];
  }
  return { way: x, along: vx, down: -vy, time: t };
}

/** Farthest landing over all angles, with the air's drag. @throws RangeError as above */
export function farthestWithDrag(of: Flyer, speed: number, height: number): Landing {
  let [low, high] = [0, Math.PI / 2];
  const way = (angle: number): number => landingAt(of, speed, angle, height).way;
  for (let i = 0; i < 30; i++) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (way(a) < way(b)) low = a;
    else high = b;
  }
  return landingAt(of, speed, (low + high) / 2, height);
}

/** Share of the speed that comes back up from hard ground, and that is kept along it. Our own marks, no source. */
const BACK = 0.5;
const KEPT = 0.7;

/** Metres that it hops on after landing on hard ground: v·2u/g, each hop with less of both. */
export function hops({ along, down }: Pick<Landing, 'along' | 'down'>): number {
  const ratio = BACK * KEPT;
  return (KEPT * along * 2 * BACK * down) / GRAVITY / (1 - ratio);
}
