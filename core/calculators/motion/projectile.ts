import { GRAVITY } from '../constants';
import { requireAtLeast } from '../require';

/**
 * Farthest a thrown thing lands, over level ground, at the angle that carries it farthest and without
 * the air's drag: v/g · √(v² + 2·g·h).
 *
 * @param speed m/s
 * @param height above the ground at which it is let go, m
 * @returns m
 * @throws RangeError on a negative speed or height
 * Source: mechanics; no drag is the far side.
 */
export function maximumRange(speed: number, height: number): number {
  requireAtLeast('speed', speed, 0);
  requireAtLeast('height', height, 0);
  return (speed / GRAVITY) * Math.sqrt(speed ** 2 + 2 * GRAVITY * height);
}

/** Highest it rises above where it is let go, thrown straight up, m: v² / 2g. */
export function maximumHeight(speed: number): number {
  requireAtLeast('speed', speed, 0);
  return speed ** 2 / (2 * GRAVITY);
}

/**
 * Longest that a thrown thing is in the air, thrown straight up: (v + √(v² + 2·g·h)) / g.
 *
 * @param speed m/s
 * @param height above the ground at which it is let go, m
 * @returns s
 * @throws RangeError on a negative speed or height
 */
export function flightTime(speed: number, height: number): number {
  requireAtLeast('speed', speed, 0);
  requireAtLeast('height', height, 0);
  return (speed + Math.sqrt(speed ** 2 + 2 * GRAVITY * height)) / GRAVITY;
}

/**
 * Speed and way at the end of an even push of something that gets lighter as evenly meanwhile:
 * v = (F/µ)·ln(m₀/m₁), s = (F/µ)·(t − (m₁/µ)·ln(m₀/m₁)), with µ what it loses in a second; without a loss
 * v = (F/m)·t, s = ½·(F/m)·t². Its own weight is not taken off, as it pushes sideways too.
 *
 * @param newtons thrust, N
 * @param kilograms mass at first, kg
 * @param seconds how long it burns, s
 * @param lost kg that are gone by the end
 * @throws RangeError on a negative thrust, time or loss, and without mass at the end
 */
export function afterThrust(
  newtons: number,
  kilograms: number,
  seconds: number,
  lost = 0,
): { speed: number; way: number } {
  requireAtLeast('thrust', newtons, 0);
  requireAtLeast('mass', kilograms, 0, true);
  requireAtLeast('time', seconds, 0);
  requireAtLeast('loss', lost, 0);
  requireAtLeast('mass at the end', kilograms - lost, 0, true);
  if (lost < kilograms * 1e-6 || seconds === 0) {
    const acceleration = newtons / kilograms;
    return { speed: acceleration * seconds, way: 0.5 * acceleration * seconds ** 2 };
  }
  const rate = lost / seconds;
  const log = Math.log(kilograms / (kilograms - lost));
  return {
    speed: (newtons / rate) * log,
    way: (newtons / rate) * (seconds - ((kilograms - lost) / rate) * log),
  };
}
