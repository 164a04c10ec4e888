import { molarVolume } from '../air/molarVolume';
import { STANDARD_PRESSURE } from '../constants';
import { requireAtLeast } from '../require';
import { LIQUIDS, type LiquidId } from './liquids';
import { saturatedShare } from './saturation';

interface Vessel {
  liquid: LiquidId;
  /** L. */
  litres: number;
  /** °C. */
  celsius: number;
  /** kPa. */
  kPa?: number;
}

/**
 * Liquid that saturates a vessel of air: V · share / molar volume · M / density.
 *
 * @returns mL; 0.28 for propan-2-ol in 2 L at 20 °C
 * @throws RangeError on a vessel of no volume, at or below absolute zero, and without pressure
 */
export function doseToSaturate({
  liquid,
  litres,
  celsius,
  kPa = STANDARD_PRESSURE,
}: Vessel): number {
  return doseForShare({
    liquid,
    litres,
    celsius,
    kPa,
    share: saturatedShare(liquid, celsius, kPa),
  });
}

/**
 * Liquid whose vapour is this share of a vessel of air.
 *
 * @param of.share per cent by volume
 * @returns mL
 * @throws RangeError on a vessel of no volume, at or below absolute zero, and without pressure
 */
export function doseForShare({
  liquid,
  litres,
  celsius,
  kPa = STANDARD_PRESSURE,
  share,
}: Vessel & { share: number }): number {
  requireAtLeast('vessel', litres, 0, true);
  const { molarMass, density } = LIQUIDS[liquid];
  const moles = (litres * share) / 100 / molarVolume(celsius, kPa);
  return (moles * molarMass) / density;
}

/**
 * Vapour in a vessel after a dose has been swirled round in it: all of the dose, or as much as saturates
 * the air; the rest stays liquid.
 *
 * @param of.millilitres the dose, mL
 * @returns the vapour's share, per cent by volume, and the liquid left, mL
 * @throws RangeError on a negative dose, a vessel of no volume, at or below absolute zero
 */
export function vapourFromDose({ millilitres, ...vessel }: Vessel & { millilitres: number }): {
  share: number;
  left: number;
} {
  requireAtLeast('dose', millilitres, 0);
  const full = doseToSaturate(vessel);
  const most = saturatedShare(vessel.liquid, vessel.celsius, vessel.kPa);
  if (millilitres >= full) return { share: most, left: millilitres - full };
  return { share: (most * millilitres) / full, left: 0 };
}
