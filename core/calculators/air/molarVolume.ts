import { ABSOLUTE_ZERO, GAS_CONSTANT, STANDARD_PRESSURE } from '../constants';
import { requireAtLeast, requireTemperature } from '../require';

/**
 * Litres that one mole of an ideal gas fills: V = R·T / p.
 *
 * @param celsius temperature, °C
 * @param kPa pressure, kPa
 * @returns L/mol; 22.414 at 0 °C and 101.325 kPa
 * @throws RangeError at or below absolute zero, and without pressure
 * Source: ideal gas law with the CODATA gas constant.
 */
export function molarVolume(celsius: number, kPa = STANDARD_PRESSURE): number {
  requireTemperature(celsius);
  requireAtLeast('pressure', kPa, 0, true);
  return (GAS_CONSTANT * (celsius - ABSOLUTE_ZERO)) / kPa;
}
