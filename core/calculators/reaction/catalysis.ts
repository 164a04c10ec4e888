/** How fast iodide takes peroxide apart while it heats itself. */
import { ABSOLUTE_ZERO, GAS_CONSTANT } from '../constants';
import { requireAtLeast } from '../require';

/** L/(mol s) at 25 °C, and J/mol (textbook kinetics of iodide and peroxide, from memory). */
const RATE = 0.0137;
const ACTIVATION = 56_000;

/** Longest that is looked at, s. */
const LONGEST = 3600;

/**
 * Seconds until half of the peroxide has come apart, without heat lost.
 *
 * @param iodide mol/L of iodide in the mixture
 * @param rise °C that the mixture warms up by in all
 * @param celsius °C at first
 * @returns s, at most an hour
 * @throws RangeError on a negative concentration or rise
 */
export function halfTime(iodide: number, rise: number, celsius: number): number {
  requireAtLeast('iodide', iodide, 0);
  requireAtLeast('rise', rise, 0);
  let [done, t] = [0, 0];
  while (done < 0.5 && t < LONGEST) {
    const kelvin = Math.min(100, celsius + rise * done) - ABSOLUTE_ZERO;
    const rate = RATE * iodide * Math.exp((-ACTIVATION / GAS_CONSTANT) * (1 / kelvin - 1 / 298.15));
    if (rate <= 0) return LONGEST;
    const dt = Math.min(0.01 / rate, LONGEST - t);
    done += rate * (1 - done) * dt;
    t += dt;
  }
  return t;
}
