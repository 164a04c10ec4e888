/**
 * What warm things take from a cold liquid or from dry ice until they are as cold as it is.
 *
 * Only the heat that goes into turning liquid (or dry ice) to gas counts, not what the cold gas takes
 * on its way out: more is ordered rather than less.
 */
export const COLD_KINDS = ['nitrogen', 'dryIce'] as const;
export type ColdKind = (typeof COLD_KINDS)[number];

export const MATERIALS = [
  'aluminium',
  'stainless',
  'copper',
  'brass',
  'lead',
  'glass',
  'plastic',
  'rubber',
  'watery',
] as const;
/** watery: flowers, fruit and the like, which are mostly water and freeze. */
export type Material = (typeof MATERIALS)[number];

interface ColdFacts {
  /** kJ/kg to turn it to gas. */
  latent: number;
  /** g of one base unit: mL of nitrogen, g of dry ice. */
  gramsPerBase: number;
  /** g/mol. */
  molarMass: number;
  /** °C at which it turns to gas. */
  boilsAt: number;
}

/**
 * Nitrogen: heat of vaporisation 199 kJ/kg, 806 kg/m³ at 77.36 K (NIST Chemistry WebBook, from memory).
 * Dry ice: heat of sublimation 571 kJ/kg (handbooks, from memory). How much gas comes of it is calculated
 * from this by `gasFrom`.
 */
export const COLD: Record<ColdKind, ColdFacts> = {
  nitrogen: { latent: 199, gramsPerBase: 0.806, molarMass: 28.0134, boilsAt: -195.8 },
  dryIce: { latent: 571, gramsPerBase: 1, molarMass: 44.0095, boilsAt: -78.5 },
};

/**
 * kJ that one gram gives up from 300 K to 77 K and, for dry ice, to 195 K. Metals from the enthalpies
 * in cryogenic engineering handbooks (from memory); glass, plastic and rubber from mean heat capacities
 * (from memory); watery things from cooling water, freezing it (334 J/g) and cooling ice.
 */
const HEAT: Record<Material, Record<ColdKind, number>> = {
  aluminium: { nitrogen: 0.163, dryIce: 0.092 },
  stainless: { nitrogen: 0.085, dryIce: 0.048 },
  copper: { nitrogen: 0.074, dryIce: 0.04 },
  brass: { nitrogen: 0.075, dryIce: 0.04 },
  lead: { nitrogen: 0.028, dryIce: 0.0135 },
  glass: { nitrogen: 0.125, dryIce: 0.08 },
  plastic: { nitrogen: 0.29, dryIce: 0.19 },
  rubber: { nitrogen: 0.28, dryIce: 0.19 },
  watery: { nitrogen: 0.77, dryIce: 0.6 },
};

/** kJ that one gram of a material gives up until it is as cold. */
export const heatGiven = (kind: ColdKind, material: Material): number => HEAT[material][kind];

/**
 * Base units (mL of nitrogen, g of dry ice) that boil away while `grams` of a material cool down in it
 * from room temperature. Throws RangeError on a negative mass.
 */
export function coolDown(kind: ColdKind, material: Material, grams: number): number {
  if (!(grams >= 0)) throw new RangeError(`Not a mass: ${grams}`);
  const { latent, gramsPerBase } = COLD[kind];
  return (grams * heatGiven(kind, material)) / ((latent / 1000) * gramsPerBase);
}
