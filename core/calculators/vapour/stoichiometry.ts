import { OXYGEN_IN_AIR } from '../constants';
import { LIQUIDS, type LiquidId } from './liquids';

/**
 * Moles of oxygen that burn one mole of the liquid to carbon dioxide and water: c + h/4 − o/2.
 *
 * @returns 4.5 for propan-2-ol: 2 C₃H₈O + 9 O₂ → 6 CO₂ + 8 H₂O
 */
export function stoichiometricOxygen(liquid: LiquidId): number {
  const { carbon, hydrogen, oxygen } = LIQUIDS[liquid];
  return carbon + hydrogen / 4 - oxygen / 2;
}

/**
 * Share of vapour at which all of it and all of the oxygen burn, which is where it goes best.
 *
 * @returns per cent by volume
 * Source: balanced equation, oxygen 20.95 % of air.
 */
export function stoichiometricShare(liquid: LiquidId): number {
  return 100 / (1 + (stoichiometricOxygen(liquid) * 100) / OXYGEN_IN_AIR);
}
