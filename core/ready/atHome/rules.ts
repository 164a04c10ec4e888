/** What may leave the stage for a kitchen. Local rules and the supplier’s safety data sheet come before all of it. */
import type { Facts } from '../../calculators/bind';
import type { HazardKind } from '../../repertoire/types';

export const HOME_RULES = ['never', 'adult', 'alone'] as const;
/** The strictest first. */
export type HomeRule = (typeof HOME_RULES)[number];

export const stricter = (a: HomeRule, b: HomeRule): HomeRule =>
  HOME_RULES.indexOf(a) <= HOME_RULES.indexOf(b) ? a : b;

/**
 * With whom each hazard may be met at home: our own marks, set low on purpose; common practice. What takes training,
 * equipment or a permit on stage is never handed out.
 */
export const HAZARD_AT_HOME: Readonly<Record<HazardKind, HomeRule>> = {
  openFlame: 'adult',
  flammableVapour: 'never',
  oxidiser: 'never',
  corrosive: 'never',
  cryogen: 'never',
  asphyxiant: 'never',
  hot: 'adult',
  loud: 'adult',
  projectile: 'adult',
  shatter: 'adult',
  pressure: 'adult',
  highVoltage: 'never',
  strongMagnet: 'adult',
  slip: 'alone',
  splash: 'adult',
  smoke: 'never',
  flashingLight: 'never',
  allergen: 'adult',
  lifting: 'adult',
  volunteerMoved: 'adult',
  ultraviolet: 'never',
  laser: 'never',
  dust: 'never',
  carbonMonoxide: 'never',
  toxicVapour: 'never',
  eatenAfterwards: 'adult',
  compressedGas: 'never',
  gasBalloons: 'never',
  workAtHeight: 'never',
  trailingCables: 'adult',
  latex: 'adult',
  photosensitive: 'never',
};

/** Of anything with a warning on its label at the most so many mL or g; our own mark, no source. */
export const LABELLED_MOST = 100;

/** Everybody stands closer than this at home, m; what needs more room is done outdoors. */
export const ROOM_CLEAR = 1.5;
/** Lowest ceiling that is reckoned with, m. */
export const ROOM_CEILING = 2.2;

/**
 * A small kitchen that is hardly aired, with everybody at arm’s length, so that what it says holds in larger rooms; our
 * own marks, no source. In the base unit of each kind.
 */
export const KITCHEN: Omit<Facts, 'youngest'> = {
  temperature: 20,
  humidity: 50,
  people: 3,
  wind: 0,
  pressure: 101.3,
  roomVolume: 20_000_000,
  airChanges: 0.5,
  frontRow: 0.5,
  backRow: 3,
  sound: 40,
};
