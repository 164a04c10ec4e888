/** Hydrogen peroxide: its strength however it is written, and what it does at which strength. */
import { molarVolume } from '../air/molarVolume';
import { molarMass } from './molarMass';

export const PEROXIDE_KINDS = {
  massShare: '% by mass',
  massPerVolume: '% (g in 100 mL)',
  volumes: 'volume strength',
} as const;
export type PeroxideKind = keyof typeof PEROXIDE_KINDS;

/** g/mL at 20 °C: 30 % by mass has 1.108, and it grows nearly evenly from water. */
export const peroxideDensity = (massShare: number): number =>
  0.998 + ((1.108 - 0.998) * massShare) / 30;

/** Grams of peroxide in a litre. Volume strength counts the oxygen at 0 °C and 1 atm from a litre. */
export function gramsPerLitre(strength: number, kind: PeroxideKind): number {
  switch (kind) {
    case 'massPerVolume':
      return strength * 10;
    case 'massShare':
      return strength * 10 * peroxideDensity(strength);
    case 'volumes':
      return (strength / molarVolume(0)) * 2 * molarMass('H2O2');
  }
}

/** Per cent by mass of so many grams in a litre: the density turned round. */
export function massShareOf(grams: number): number {
  const slope = (1.108 - 0.998) / 30;
  return (-0.998 + Math.sqrt(0.998 ** 2 + (4 * slope * grams) / 10)) / (2 * slope);
}

/**
 * Per cent by mass from which it counts as such: Regulation (EC) 1272/2008, Annex VI (from memory); sale to
 * the public in the EU: Regulation (EU) 2019/1148 (from memory).
 */
export const PEROXIDE_LIMITS = {
  eyeIrritation: 5,
  eyeDamage: 8,
  publicSale: 12,
  skinIrritation: 35,
  corrosive: 50,
} as const;

export const PEROXIDE_SOURCE =
  'Regulation (EC) 1272/2008, Annex VI; Regulation (EU) 2019/1148 (source not checked)';

export interface PeroxideHazard {
  /** In a few words; empty below every limit. */
  words: string;
  /** What is worn and minded. */
  gear: string;
}

export function peroxideHazard(massShare: number): PeroxideHazard {
  const { eyeIrritation, eyeDamage, publicSale, skinIrritation, corrosive } = PEROXIDE_LIMITS;
  const sale =
    massShare > publicSale
      ? ' Above 12 % the public may not buy or keep it in the EU: ask which rules hold here.'
      : '';
  if (massShare >= corrosive)
    return {
      words: `burns the skin and feeds fire from ${corrosive} % by mass`,
      gear: `Not for a stage.${sale}`,
    };
  if (massShare >= skinIrritation)
    return {
      words: `irritates the skin from ${skinIrritation} % and damages eyes from ${eyeDamage} % by mass`,
      gear: `Splash goggles and face shield, gloves that keep it off, sleeves; water to rinse with in reach.${sale}`,
    };
  if (massShare >= eyeDamage)
    return {
      words: `damages eyes from ${eyeDamage} % by mass`,
      gear: `Splash goggles and gloves for whoever pours, water to rinse with in reach; it whitens skin.${sale}`,
    };
  if (massShare >= eyeIrritation)
    return {
      words: `irritates eyes from ${eyeIrritation} % by mass`,
      gear: 'Goggles for whoever pours.',
    };
  return { words: '', gear: '' };
}
