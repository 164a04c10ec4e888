import { HOUSEHOLD, type HouseholdSizes } from './household';
import { type Dimension, type UnitId, UNITS, fromBase } from './units';

/** How a person likes amounts shown. */
export const SYSTEMS = ['metric', 'us'] as const;
export type System = (typeof SYSTEMS)[number];

/** At most three figures: an amount is poured, weighed or counted by hand. */
const trim = (value: number): string => {
  const size = Math.abs(value);
  const digits = size >= 100 ? 0 : size >= 10 ? 1 : size >= 0.1 || size === 0 ? 2 : 3;
  return String(Number(value.toFixed(digits)));
};

/** Units of a kind from the largest down; the first of which there is at least `from` reads best. */
const READABLE: Record<System, Partial<Record<Dimension, readonly [UnitId, number][]>>> = {
  metric: {
    volume: [
      ['L', 1],
      ['mL', 0],
    ],
    mass: [
      ['kg', 1],
      ['g', 0],
    ],
    length: [
      ['m', 1],
      ['cm', 0],
    ],
    temperature: [['degC', -Infinity]],
  },
  us: {
    volume: [
      ['gallon', 1],
      ['quart', 1],
      ['cup', 0.25],
      ['tbsp', 1],
      ['tsp', 0],
    ],
    mass: [
      ['lb', 1],
      ['oz', 0],
    ],
    length: [
      ['ft', 1],
      ['in', 0],
    ],
    temperature: [['degF', -Infinity]],
  },
};

/** The unit a total reads best in. */
export function readableUnit(base: number, dimension: Dimension, system: System): UnitId {
  const units = READABLE[system][dimension] ?? [];
  // A hair below the mark is the mark: 15.999 fl oz is not told in tablespoons.
  const found = units.find(([unit, from]) => fromBase(Math.abs(base), unit) >= from * (1 - 1e-9));
  return found?.[0] ?? 'piece';
}

const PLURALS: readonly UnitId[] = [
  ...(['cup', 'pint', 'quart', 'gallon', 'drop', 'squirt', 'stroke', 'pair', 'set'] as const),
];

const withUnit = (figures: string, amount: number, unit: UnitId): string => {
  if (unit === 'piece') return figures;
  const plural = amount > 1 && PLURALS.includes(unit);
  return `${figures} ${UNITS[unit].label}${plural ? 's' : unit === 'pinch' && amount > 1 ? 'es' : ''}`;
};

/** An amount with its unit, as typed: "2 cups", "12 mL". Counts of pieces stand alone. */
export const formatAmount = (amount: number, unit: UnitId): string =>
  withUnit(trim(amount), amount, unit);

/** The same with every figure of it, to be typed on. */
export const writeAmount = (amount: number, unit: UnitId): string =>
  withUnit(String(amount), amount, unit);

/** A base-unit total in the unit it reads best in; `counted` keeps "pair" or "set" for counts. */
export function formatTotal(
  base: number,
  dimension: Dimension,
  counted: UnitId = 'piece',
  system: System = 'metric',
): string {
  if (dimension === 'count') return formatAmount(base, counted);
  const unit = readableUnit(base, dimension, system);
  return formatAmount(fromBase(base, unit), unit);
}

const METRIC: readonly UnitId[] = ['mL', 'L', 'g', 'kg', 'm', 'cm', 'mm', 'degC'];

/** An amount as it was written, with what that comes to behind household measures: "2 tbsp (29.6 mL)". */
export function formatBoth(
  base: number,
  unit: UnitId,
  dimension: Dimension,
  { system = 'metric', sizes = HOUSEHOLD }: { system?: System; sizes?: HouseholdSizes } = {},
): string {
  const written = formatAmount(fromBase(base, unit, sizes), unit);
  if (dimension === 'count' || !READABLE[system][dimension]) return written;
  const plain = formatTotal(base, dimension, unit, system);
  const own = written === plain || (system === 'metric' && METRIC.includes(unit));
  return own ? plain : `${written} (${plain})`;
}

/** “12.1 kg”: a weight that is carried. */
export const kilograms = (grams: number): string => `${(grams / 1000).toFixed(1)} kg`;
