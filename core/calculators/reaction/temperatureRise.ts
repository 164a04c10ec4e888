import { requireAtLeast, requireTemperature } from '../require';

/** J/(g K) of water, and near enough of thin solutions (CRC Handbook, from memory). */
const WATER_HEAT = 4.18;
/** kJ/g to turn water at 100 °C to steam (CRC Handbook, from memory). */
const STEAM_HEAT = 2.257;

/**
 * How warm a watery mixture gets when no heat is lost, which is the hot side.
 *
 * @param kJ heat given off, kJ; may be negative
 * @param grams mass of the mixture, g
 * @param celsius temperature it begins at, °C
 * @returns the temperature reached, °C, at most 100, and the water that boils off, g
 * @throws RangeError without mass, and at or below absolute zero
 */
export function temperatureRise(
  kJ: number,
  grams: number,
  celsius: number,
): { reached: number; boiled: number } {
  requireAtLeast('mass', grams, 0, true);
  requireTemperature(celsius);
  const reached = celsius + (kJ * 1000) / (grams * WATER_HEAT);
  if (reached <= 100) return { reached, boiled: 0 };
  const over = ((reached - 100) * grams * WATER_HEAT) / 1000;
  return { reached: 100, boiled: Math.min(grams, over / STEAM_HEAT) };
}
