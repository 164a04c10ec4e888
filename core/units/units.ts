/**
 * Units as presenters write them. Each kind of quantity is held in one base unit:
 * mL, g, piece, m, s, °C, kPa, %, V, turns/min, m/s, N, W, dB, times an hour, kg m², T.
 *
 * Sources: US cup, tablespoon, teaspoon, fluid ounce, pint, quart and gallon from NIST Handbook 44,
 * Appendix C; ounce and pound (avoirdupois), inch and foot from the same. Drop, squirt, stroke and pinch
 * have no fixed size: theirs are in `household.ts`, and they are marked approximate.
 */
import { HOUSEHOLD, type HouseholdSizes } from './household';

export type Dimension =
  | 'volume'
  | 'mass'
  | 'count'
  | 'length'
  | 'time'
  | 'temperature'
  | 'pressure'
  | 'share'
  | 'voltage'
  | 'turning'
  | 'speed'
  | 'force'
  | 'power'
  | 'level'
  | 'rate'
  | 'inertia'
  | 'field';

interface UnitFacts {
  label: string;
  dimension: Dimension;
  /** Base units in one of this unit. */
  factor: number;
  /** Base units at zero of this unit; only temperature scales have one. */
  offset?: number;
  approximate?: boolean;
}

export const UNITS = {
  mL: { label: 'mL', dimension: 'volume', factor: 1 },
  L: { label: 'L', dimension: 'volume', factor: 1000 },
  m3: { label: 'm³', dimension: 'volume', factor: 1_000_000 },
  tsp: { label: 'tsp', dimension: 'volume', factor: 4.92892159375 },
  tbsp: { label: 'tbsp', dimension: 'volume', factor: 14.78676478125 },
  flOz: { label: 'fl oz', dimension: 'volume', factor: 29.5735295625 },
  cup: { label: 'cup', dimension: 'volume', factor: 236.5882365 },
  pint: { label: 'pint', dimension: 'volume', factor: 473.176473 },
  quart: { label: 'quart', dimension: 'volume', factor: 946.352946 },
  gallon: { label: 'gallon', dimension: 'volume', factor: 3785.411784 },
  drop: { label: 'drop', dimension: 'volume', factor: HOUSEHOLD.drop, approximate: true },
  squirt: { label: 'squirt', dimension: 'volume', factor: HOUSEHOLD.squirt, approximate: true },
  stroke: { label: 'stroke', dimension: 'volume', factor: HOUSEHOLD.stroke, approximate: true },
  g: { label: 'g', dimension: 'mass', factor: 1 },
  kg: { label: 'kg', dimension: 'mass', factor: 1000 },
  oz: { label: 'oz', dimension: 'mass', factor: 28.349523125 },
  lb: { label: 'lb', dimension: 'mass', factor: 453.59237 },
  pinch: { label: 'pinch', dimension: 'mass', factor: HOUSEHOLD.pinch, approximate: true },
  piece: { label: 'piece', dimension: 'count', factor: 1 },
  pair: { label: 'pair', dimension: 'count', factor: 1 },
  set: { label: 'set', dimension: 'count', factor: 1 },
  m: { label: 'm', dimension: 'length', factor: 1 },
  cm: { label: 'cm', dimension: 'length', factor: 0.01 },
  mm: { label: 'mm', dimension: 'length', factor: 0.001 },
  in: { label: 'in', dimension: 'length', factor: 0.0254 },
  ft: { label: 'ft', dimension: 'length', factor: 0.3048 },
  s: { label: 's', dimension: 'time', factor: 1 },
  min: { label: 'min', dimension: 'time', factor: 60 },
  h: { label: 'h', dimension: 'time', factor: 3600 },
  degC: { label: '°C', dimension: 'temperature', factor: 1 },
  degF: { label: '°F', dimension: 'temperature', factor: 5 / 9, offset: -160 / 9 },
  kPa: { label: 'kPa', dimension: 'pressure', factor: 1 },
  bar: { label: 'bar', dimension: 'pressure', factor: 100 },
  psi: { label: 'psi', dimension: 'pressure', factor: 6.894757293168361 },
  hPa: { label: 'hPa', dimension: 'pressure', factor: 0.1 },
  percent: { label: '%', dimension: 'share', factor: 1 },
  ppm: { label: 'ppm', dimension: 'share', factor: 0.0001 },
  V: { label: 'V', dimension: 'voltage', factor: 1 },
  kV: { label: 'kV', dimension: 'voltage', factor: 1000 },
  rpm: { label: 'turns/min', dimension: 'turning', factor: 1 },
  mps: { label: 'm/s', dimension: 'speed', factor: 1 },
  kmh: { label: 'km/h', dimension: 'speed', factor: 1 / 3.6 },
  mph: { label: 'mph', dimension: 'speed', factor: 0.44704 },
  N: { label: 'N', dimension: 'force', factor: 1 },
  gf: { label: 'gf', dimension: 'force', factor: 0.00980665 },
  W: { label: 'W', dimension: 'power', factor: 1 },
  kW: { label: 'kW', dimension: 'power', factor: 1000 },
  dB: { label: 'dB', dimension: 'level', factor: 1 },
  perHour: { label: 'an hour', dimension: 'rate', factor: 1 },
  kgm2: { label: 'kg m²', dimension: 'inertia', factor: 1 },
  T: { label: 'T', dimension: 'field', factor: 1 },
} as const satisfies Record<string, UnitFacts>;

export type UnitId = keyof typeof UNITS;

export const UNIT_IDS = Object.keys(UNITS) as UnitId[];

const facts = (unit: UnitId): UnitFacts => UNITS[unit];

export const dimensionOf = (unit: UnitId): Dimension => facts(unit).dimension;

export const isApproximate = (unit: UnitId): boolean => facts(unit).approximate ?? false;

const factorOf = (unit: UnitId, sizes: HouseholdSizes): number =>
  unit in sizes ? sizes[unit as keyof HouseholdSizes] : facts(unit).factor;

/** The amount in the base unit of its kind; `sizes` are what household words stand for. */
export function toBase(amount: number, unit: UnitId, sizes: HouseholdSizes = HOUSEHOLD): number {
  return amount * factorOf(unit, sizes) + (facts(unit).offset ?? 0);
}

/** A base-unit amount in the given unit. */
export function fromBase(base: number, unit: UnitId, sizes: HouseholdSizes = HOUSEHOLD): number {
  return (base - (facts(unit).offset ?? 0)) / factorOf(unit, sizes);
}

/** The unit that amounts of a kind are kept in. */
export const BASE_UNIT: Record<Dimension, UnitId> = {
  volume: 'mL',
  mass: 'g',
  count: 'piece',
  length: 'm',
  time: 's',
  temperature: 'degC',
  pressure: 'kPa',
  share: 'percent',
  voltage: 'V',
  turning: 'rpm',
  speed: 'mps',
  force: 'N',
  power: 'W',
  level: 'dB',
  rate: 'perHour',
  inertia: 'kgm2',
  field: 'T',
};

/** Units a kit line may be written in: things are packed by volume, mass, count or length. */
export const KIT_UNITS = UNIT_IDS.filter(
  (id) => ['volume', 'mass', 'count', 'length'].includes(dimensionOf(id)) && id !== 'm3',
);
