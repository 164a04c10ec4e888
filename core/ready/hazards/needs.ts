/** What answers each kind of hazard. The words of a control are asked of every one. */
import type { Extinguisher } from '../../repertoire/care';
import type { HazardKind } from '../../repertoire/types';

export type Answer =
  | 'eyes'
  | 'hands'
  | 'ears'
  /** Gloves, or something in the kit to hold it with. */
  | 'held'
  /** Protected eyes, or enough distance. */
  | 'eyesOrDistance'
  | 'distance'
  | 'calculation'
  | 'calculationOrDistance'
  | 'extinguisher'
  /** Said to the room before it. */
  | 'words'
  | 'volunteerCard'
  | 'heartDevices'
  | 'figure';

export const ANSWERS: Record<HazardKind, readonly Answer[]> = {
  openFlame: ['extinguisher', 'distance'],
  flammableVapour: ['extinguisher', 'distance', 'eyes', 'calculation'],
  oxidiser: ['eyes'],
  corrosive: ['eyes', 'hands'],
  cryogen: ['eyes', 'hands', 'distance'],
  asphyxiant: ['calculation'],
  hot: ['held'],
  loud: ['calculation', 'words'],
  projectile: ['distance', 'calculation'],
  shatter: ['eyesOrDistance'],
  pressure: ['eyes', 'calculationOrDistance'],
  highVoltage: ['calculation', 'distance', 'words', 'heartDevices'],
  strongMagnet: ['heartDevices'],
  slip: [],
  splash: ['eyesOrDistance'],
  smoke: ['words'],
  flashingLight: ['words', 'figure'],
  allergen: ['words'],
  lifting: [],
  volunteerMoved: ['volunteerCard'],
  ultraviolet: ['eyes', 'distance'],
  laser: ['figure'],
  dust: [],
  carbonMonoxide: [],
  toxicVapour: [],
  eatenAfterwards: ['words'],
  compressedGas: [],
  gasBalloons: ['calculation'],
  workAtHeight: [],
  trailingCables: [],
  latex: ['words'],
  photosensitive: ['words', 'figure'],
};

/**
 * Calculators that answer a kind. Whatever takes the place of air is judged for the whole room besides,
 * over the whole show.
 */
export const CALCULATED_BY: Partial<Record<HazardKind, readonly string[]>> = {
  flammableVapour: ['will-it-light'],
  asphyxiant: ['cold-in-room', 'cold-left', 'cold-in-water', 'fizz'],
  loud: ['bang'],
  projectile: ['clear-zone', 'water-rocket', 'vacuum-launcher', 'popping-lid', 'fizz'],
  pressure: ['water-rocket', 'popping-lid', 'fizz', 'soda-gas', 'closed-vessel', 'vacuum-launcher'],
  highVoltage: ['dome'],
  gasBalloons: ['balloon'],
};

/** What puts out a fire of it; water spreads burning liquid, and conducts. Common practice: the label on it decides. */
export const PUTS_OUT: Partial<Record<HazardKind, readonly Extinguisher[]>> = {
  openFlame: ['water', 'foam', 'carbonDioxide', 'powder', 'blanket', 'sand'],
  flammableVapour: ['foam', 'carbonDioxide', 'powder', 'blanket', 'sand'],
};

/** Flashes a second from which a seizure is more likely: three (WCAG 2.2, 2.3.1; from memory). */
export const FLASHES_MOST = 3;
/** Classes of laser (IEC 60825-1, from memory): 1 and 2 for an audience, 3 not without somebody trained, 4 not at all. */
export const LASER = { audience: 2, never: 4 };
