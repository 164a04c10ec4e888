import { COLD, type ColdKind } from '../../repertoire/materials';
import { molarVolume } from '../air/molarVolume';
import { STANDARD_PRESSURE } from '../constants';
import { requireAtLeast } from '../require';

/** Moles in so many L of nitrogen or kg of dry ice. @throws RangeError on a negative amount */
export function molesOf(kind: ColdKind, amount: number): number {
  requireAtLeast('amount', amount, 0);
  return (amount * 1000 * COLD[kind].gramsPerBase) / COLD[kind].molarMass;
}

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
  return molesOf(kind, amount) * molarVolume(celsius, kPa);
}
