/** Carbon dioxide in water. */
import { ABSOLUTE_ZERO, STANDARD_PRESSURE } from '../constants';
import { requireAtLeast, requireTemperature } from '../require';

/**
 * Moles of carbon dioxide that a litre of water holds under a kPa of it: 0.034 mol/(L atm) at 25 °C, falling
 * as exp(2400 K·(1/T − 1/298 K)).
 *
 * @param celsius °C
 * @returns mol/(L kPa)
 * @throws RangeError at or below absolute zero
 * Source: Henry's law constants, Sander (from memory).
 */
export function dissolves(celsius: number): number {
  requireTemperature(celsius);
  const kelvin = celsius - ABSOLUTE_ZERO;
  return (0.034 * Math.exp(2400 * (1 / kelvin - 1 / 298.15))) / STANDARD_PRESSURE;
}

/** kPa L/(mol K). */
const GAS = 8.314462618;

/**
 * Pressure of carbon dioxide over water in a closed vessel, once some of it has gone into the water.
 *
 * @param moles of carbon dioxide in all
 * @param liquid L of water
 * @param space L above it
 * @param celsius °C
 * @returns kPa, besides the air's
 * @throws RangeError on negative amounts, and where there is neither water nor space
 */
export function pressureOver(
  moles: number,
  liquid: number,
  space: number,
  celsius: number,
): number {
  requireAtLeast('gas', moles, 0);
  requireAtLeast('liquid', liquid, 0);
  requireAtLeast('space', space, 0);
  const kelvin = celsius - ABSOLUTE_ZERO;
  const holds = space / (GAS * kelvin) + dissolves(celsius) * liquid;
  requireAtLeast('room for gas', holds, 0, true);
  return moles / holds;
}
