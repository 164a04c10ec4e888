/** Liquids whose vapour is lit, and what is known of them. */

export const LIQUID_IDS = ['ethanol', 'propan2ol', 'methanol'] as const;
export type LiquidId = (typeof LIQUID_IDS)[number];

export interface Liquid {
  name: string;
  /** Atoms in a molecule. */
  carbon: number;
  hydrogen: number;
  oxygen: number;
  /** g/mol. */
  molarMass: number;
  /** g/mL at 20 °C. */
  density: number;
  /** A, B, C of log10(p / mmHg) = A − B / (t / °C + C). */
  antoine: readonly [number, number, number];
  /** Pa s at 20 °C. */
  viscosity: number;
  /** Flammable range in air at 20 °C, per cent by volume. The lower end is the higher of what is published. */
  lower: number;
  /** The lower end as the lowest of the sources has it. */
  lowest: number;
  upper: number;
  /** Why it is off by default; empty for the others. */
  offBecause: string;
}

/**
 * Antoine constants from handbook tables, flammable ranges from NFPA 325 and the CRC Handbook, densities
 * and viscosities from the CRC Handbook: all from memory. Ethanol's lower limit is 3.3 % in NFPA 325 and
 * 3.1 % in IEC 60079-20-1 (from memory): between the two it may light.
 */
export const LIQUIDS: Record<LiquidId, Liquid> = {
  ethanol: {
    name: 'ethanol',
    carbon: 2,
    hydrogen: 6,
    oxygen: 1,
    molarMass: 46.069,
    density: 0.7893,
    antoine: [8.20417, 1642.89, 230.3],
    viscosity: 0.0012,
    lower: 3.3,
    lowest: 3.1,
    upper: 19,
    offBecause: '',
  },
  propan2ol: {
    name: 'propan-2-ol',
    carbon: 3,
    hydrogen: 8,
    oxygen: 1,
    molarMass: 60.096,
    density: 0.7855,
    antoine: [8.11778, 1580.92, 219.61],
    viscosity: 0.0024,
    lower: 2,
    lowest: 2,
    upper: 12.7,
    offBecause: '',
  },
  methanol: {
    name: 'methanol',
    carbon: 1,
    hydrogen: 4,
    oxygen: 1,
    molarMass: 32.042,
    density: 0.7914,
    antoine: [8.08097, 1582.271, 239.726],
    viscosity: 0.0006,
    lower: 6,
    lowest: 6,
    upper: 36,
    offBecause:
      'Methanol is toxic when breathed, drunk or on the skin, and its flame can hardly be seen. Take propan-2-ol or ethanol.',
  },
};

export const VAPOUR_SOURCE =
  'Antoine constants from handbook tables; flammable range NFPA 325, IEC 60079-20-1, CRC Handbook (source not checked)';
