/** Solutions that are thinned: when they are strong, what is worn, how warm it gets. */
import { requireAtLeast } from '../require';

export const STRONG_IDS = [
  'thin',
  'peroxide',
  'aceticAcid',
  'hydrochloricAcid',
  'sodiumHydroxide',
  'ammonia',
  'alcohol',
  'concentratedAcid',
] as const;
export type StrongId = (typeof STRONG_IDS)[number];

export interface Strong {
  name: string;
  /** Per cent by mass from which it irritates, and from which it burns; null where it does not. */
  irritates: number | null;
  burns: number | null;
  /** Per cent by mass of the strongest that is sold. */
  strongest: number;
  /** g/mol; null where no heat is calculated. */
  molarMass: number | null;
  /**
   * kJ that one mole has given off once it is in so many moles of water (heats of solution of the CRC
   * Handbook and NBS tables, from memory). Only differences count.
   */
  heats: readonly (readonly [water: number, kJ: number])[];
  gear: string;
  order: string;
}

const BURNS_GEAR =
  'Splash goggles, gloves that keep it off, sleeves; water to rinse with in reach; a window open.';

/** Limits by mass after Regulation (EC) 1272/2008, Annex VI (from memory). */
export const STRONG: Record<StrongId, Strong> = {
  thin: {
    name: 'a mild solution of something else',
    irritates: null,
    burns: null,
    strongest: 100,
    molarMass: null,
    heats: [],
    gear: '',
    order: '',
  },
  peroxide: {
    name: 'hydrogen peroxide',
    irritates: 5,
    burns: 8,
    strongest: 50,
    molarMass: 34.0147,
    heats: [
      [0, 0],
      [1, 1.9],
      [3, 2.9],
      [10, 3.3],
      [200, 3.5],
    ],
    gear: 'Splash goggles and gloves for whoever pours; nothing that rusts or burns touches it.',
    order: 'Peroxide into water, in a clean vessel that stays open.',
  },
  aceticAcid: {
    name: 'acetic acid',
    irritates: 10,
    burns: 25,
    strongest: 100,
    molarMass: 60.052,
    heats: [
      [0, 0],
      [200, 1.5],
    ],
    gear: `${BURNS_GEAR} Above 90 % its vapour lights: no flame.`,
    order: 'Acid into water, a little at a time, stirring: never water into acid.',
  },
  hydrochloricAcid: {
    name: 'hydrochloric acid',
    irritates: 10,
    burns: 25,
    strongest: 37,
    molarMass: 36.461,
    heats: [
      [1, 26.2],
      [2, 48.8],
      [3, 56.9],
      [4, 61.2],
      [5, 64],
      [10, 69.5],
      [20, 71.8],
      [50, 73.3],
      [200, 74.2],
    ],
    gear: `${BURNS_GEAR} It fumes: outdoors or under a hood.`,
    order: 'Acid into water, a little at a time, stirring: never water into acid.',
  },
  sodiumHydroxide: {
    name: 'sodium hydroxide',
    irritates: 0.5,
    burns: 2,
    strongest: 100,
    molarMass: 39.997,
    heats: [
      [0, 0],
      [1, 15],
      [2, 23],
      [3, 28.9],
      [4, 34.4],
      [5, 37.8],
      [10, 42.5],
      [20, 42.9],
      [200, 44.5],
    ],
    gear: BURNS_GEAR,
    order: 'Into cold water, a little at a time, stirring: never water onto it. No aluminium.',
  },
  ammonia: {
    name: 'ammonia',
    irritates: 3,
    burns: 10,
    strongest: 32,
    molarMass: 17.031,
    heats: [
      [1, 29.5],
      [2, 32],
      [5, 33.6],
      [10, 34.1],
      [200, 34.6],
    ],
    gear: `${BURNS_GEAR} It takes the breath: outdoors or under a hood.`,
    order: 'Ammonia into water. Never near bleach.',
  },
  alcohol: {
    name: 'alcohol',
    irritates: null,
    burns: null,
    strongest: 100,
    molarMass: null,
    heats: [],
    gear: 'Goggles; no flame and no spark, here and wherever it stands.',
    order: 'Stock bottle closed and carried away at once.',
  },
  concentratedAcid: {
    name: 'sulfuric, nitric or another concentrated acid',
    irritates: null,
    burns: 0,
    strongest: 100,
    molarMass: null,
    heats: [],
    gear: '',
    order: '',
  },
};

/** kJ that a mole has given off in so many moles of water: between the two nearest of the table. */
export function heatIn({ heats }: Pick<Strong, 'heats'>, water: number): number {
  const after = heats.findIndex(([moles]) => moles >= water);
  const [above, below] = [heats[after], heats[after - 1]];
  if (after < 0) return heats.at(-1)?.[1] ?? 0;
  if (!above || !below) return heats[0]?.[1] ?? 0;
  const share = (water - below[0]) / (above[0] - below[0]);
  return below[1] + share * (above[1] - below[1]);
}

/**
 * kJ given off when a solution is thinned.
 *
 * @param grams of what is dissolved
 * @param before, after g of water it is in
 * @returns kJ; 0 where it is not known, which `molarMass` of null says
 * @throws RangeError on negative amounts
 */
export function heatOfThinning(of: Strong, grams: number, before: number, after: number): number {
  requireAtLeast('dissolved', grams, 0);
  requireAtLeast('water before', before, 0);
  requireAtLeast('water after', after, 0);
  if (of.molarMass === null || grams === 0) return 0;
  const moles = grams / of.molarMass;
  const ratio = (water: number): number => water / 18.015 / moles;
  return moles * (heatIn(of, ratio(after)) - heatIn(of, ratio(before)));
}
