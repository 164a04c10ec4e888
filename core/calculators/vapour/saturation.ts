import { STANDARD_PRESSURE } from '../constants';
import { requireAtLeast, requireTemperature } from '../require';
import { LIQUIDS, type LiquidId } from './liquids';

const KPA_PER_MMHG = 101.325 / 760;

/**
 * Pressure of the saturated vapour over a liquid: log10(p / mmHg) = A − B / (t + C).
 *
 * @param celsius temperature, °C; above absolute zero and above −C
 * @returns kPa
 * @throws RangeError at or below absolute zero
 * Source: Antoine equation, constants in `liquids.ts`.
 */
export function saturationPressure(liquid: LiquidId, celsius: number): number {
  requireTemperature(celsius);
  const [a, b, c] = LIQUIDS[liquid].antoine;
  // Below −C the equation turns over; there is no vapour to speak of long before.
  if (celsius <= -c + 30) return 0;
  return KPA_PER_MMHG * 10 ** (a - b / (celsius + c));
}

/**
 * Share of the air above a liquid that is its vapour once no more evaporates.
 *
 * @param kPa pressure of the air, kPa
 * @returns per cent by volume, at most 100
 * @throws RangeError at or below absolute zero, and without pressure
 */
export function saturatedShare(liquid: LiquidId, celsius: number, kPa = STANDARD_PRESSURE): number {
  requireAtLeast('pressure', kPa, 0, true);
  return Math.min(100, (saturationPressure(liquid, celsius) / kPa) * 100);
}

/**
 * Temperature at which the saturated vapour is this share of the air: the Antoine equation turned round.
 * At the lower limit of the flammable range this is where it starts to light, a little below the flash
 * point that is measured in a closed cup; at the upper limit it is where it becomes too rich.
 *
 * @param share per cent by volume, above 0 and at most 100
 * @returns °C
 * @throws RangeError on a share outside of that, and without pressure
 */
export function temperatureForShare(
  liquid: LiquidId,
  share: number,
  kPa = STANDARD_PRESSURE,
): number {
  requireAtLeast('share', share, 0, true);
  requireAtLeast('pressure', kPa, 0, true);
  const [a, b, c] = LIQUIDS[liquid].antoine;
  return b / (a - Math.log10(((share / 100) * kPa) / KPA_PER_MMHG)) - c;
}
