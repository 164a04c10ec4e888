import type { ColdKind } from '../../repertoire/materials';
import { molarVolume } from '../air/molarVolume';
import { STANDARD_PRESSURE } from '../constants';
import { requireAtLeast } from '../require';

/**
 * Nitrogen: 806 kg/m³ at its boiling point, 77.36 K (NIST Chemistry WebBook, from memory), M = 28.0134.
 * Dry ice is weighed: M = 44.0095.
 */
const MOLES: Record<ColdKind, number> = { nitrogen: 806 / 28.0134, dryIce: 1000 / 44.0095 };

/**
 * Gas that comes of a litre of liquid nitrogen, or a kilogram of dry ice.
 *
 * @param amount L of nitrogen, kg of dry ice
 * @param celsius temperature of the room, °C
 * @param kPa pressure, kPa
 * @returns L; 692 from a litre of nitrogen and 547 from a kilogram of dry ice, at 20 °C and 101.325 kPa
 * @throws RangeError on a negative amount, at or below absolute zero, and without pressure
 * Source: ideal gas law.
 */
export function gasFrom(
  kind: ColdKind,
  amount: number,
  celsius: number,
  kPa = STANDARD_PRESSURE,
): number {
  requireAtLeast('amount', amount, 0);
  return amount * MOLES[kind] * molarVolume(celsius, kPa);
}
