/** Substances whose strength counts, and the ways in which strength is written. */

export const STRENGTH_KINDS = ['massShare', 'massPerVolume', 'volumes', 'molar'] as const;
/**
 * massShare: per cent by mass (g in 100 g); massPerVolume: g in 100 mL, sold as per cent too;
 * volumes: litres of oxygen at 0 °C and 1 atm from a litre, of peroxide; molar: mol/L.
 */
export type StrengthKind = (typeof STRENGTH_KINDS)[number];

export interface Strength {
  value: number;
  kind: StrengthKind;
}

export const SUBSTANCES = {
  peroxide: { name: 'hydrogen peroxide', molarMass: 34.0147, acidFrom: null },
  aceticAcid: { name: 'acetic acid', molarMass: 60.052, acidFrom: 0.8 },
  hydrochloricAcid: { name: 'hydrochloric acid', molarMass: 36.461, acidFrom: 0.2 },
  sulfuricAcid: { name: 'sulfuric acid', molarMass: 98.079, acidFrom: 0.3 },
  nitricAcid: { name: 'nitric acid', molarMass: 63.012, acidFrom: 0.2 },
  phosphoricAcid: { name: 'phosphoric acid', molarMass: 97.995, acidFrom: 0.5 },
  citricAcid: { name: 'citric acid', molarMass: 192.124, acidFrom: null },
  sodiumHydroxide: { name: 'sodium hydroxide', molarMass: 39.997, acidFrom: null },
  ammonia: { name: 'ammonia', molarMass: 17.031, acidFrom: null },
  hydrogencarbonate: { name: 'sodium hydrogencarbonate', molarMass: 84.007, acidFrom: null },
  potassiumIodide: { name: 'potassium iodide', molarMass: 166.003, acidFrom: null },
  ethanol: { name: 'ethanol', molarMass: 46.069, acidFrom: null },
  propan2ol: { name: 'propan-2-ol', molarMass: 60.096, acidFrom: null },
  salt: { name: 'sodium chloride', molarMass: 58.443, acidFrom: null },
  sugar: { name: 'sucrose', molarMass: 342.297, acidFrom: null },
} as const satisfies Record<
  string,
  {
    name: string;
    /** g/mol, from the standard atomic masses. */
    molarMass: number;
    /** Mass share from which the acid counts as concentrated, set low on purpose; common practice. */
    acidFrom: number | null;
  }
>;

export type SubstanceId = keyof typeof SUBSTANCES;
export const SUBSTANCE_IDS = Object.keys(SUBSTANCES) as SubstanceId[];
