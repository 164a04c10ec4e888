/** One strength written in another way. */
import {
  type Strength,
  type StrengthKind,
  SUBSTANCES,
  type SubstanceId,
} from '../repertoire/substances';

/** Litres of a mole of gas at 0 °C and 101.325 kPa; gas constant of CODATA. */
const MOLAR_VOLUME = 22.414;

/** g/mL of water at 20 °C (CRC Handbook, from memory). */
export const WATER = 0.9982;

/** What a strength is calculated from, and what of it is not known. */
export interface Solution {
  substance: SubstanceId;
  strength: Strength;
  /** g/mL; only needed between shares by mass and the others. */
  density: number | null;
}

/**
 * Grams of the substance in a litre of the solution; null when that takes a density that is not given.
 * Volume strength counts the oxygen of hydrogen peroxide, 2 H₂O₂ → 2 H₂O + O₂, and of nothing else.
 */
export function gramsPerLitre({ substance, strength, density }: Solution): number | null {
  const { molarMass } = SUBSTANCES[substance];
  switch (strength.kind) {
    case 'massPerVolume':
      return strength.value * 10;
    case 'molar':
      return strength.value * molarMass;
    case 'massShare':
      return density === null ? null : strength.value * 10 * density;
    case 'volumes':
      return substance === 'peroxide' ? (strength.value / MOLAR_VOLUME) * 2 * molarMass : null;
  }
}

/** The share by mass, 0 to 1; null when that takes a density that is not given. */
export function massShare(solution: Solution): number | null {
  if (solution.strength.kind === 'massShare') return solution.strength.value / 100;
  const grams = gramsPerLitre(solution);
  if (grams === null || solution.density === null) return null;
  return grams / (solution.density * 1000);
}

/** The same strength written as `kind`; null when it can't be. */
export function writtenAs(solution: Solution, kind: StrengthKind): Strength | null {
  const { molarMass } = SUBSTANCES[solution.substance];
  if (kind === solution.strength.kind) return solution.strength;
  if (kind === 'massShare') {
    const share = massShare(solution);
    return share === null ? null : { value: share * 100, kind };
  }
  const grams = gramsPerLitre(solution);
  if (grams === null) return null;
  switch (kind) {
    case 'massPerVolume':
      return { value: grams / 10, kind };
    case 'molar':
      return { value: grams / molarMass, kind };
    case 'volumes':
      return solution.substance === 'peroxide'
        ? { value: (grams / molarMass / 2) * MOLAR_VOLUME, kind }
        : null;
  }
}

const short = (value: number): string => String(Number(value.toPrecision(3)));

/** “3 % (g in 100 mL)”, “10 volume”, “0.5 mol/L”. */
export function strengthText({ value, kind }: Strength): string {
  switch (kind) {
    case 'massShare':
      return `${short(value)} % by mass`;
    case 'massPerVolume':
      return `${short(value)} % (g in 100 mL)`;
    case 'volumes':
      return `${short(value)} volume`;
    case 'molar':
      return `${short(value)} mol/L`;
  }
}
