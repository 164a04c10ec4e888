import { type Dimension, type UnitId, UNITS, fromBase } from './units';

const trim = (value: number): string => {
  const digits = Math.abs(value) >= 100 ? 0 : Math.abs(value) >= 10 ? 1 : 2;
  return String(Number(value.toFixed(digits)));
};

/** The unit a total reads best in: litres from 1,000 mL, kilograms from 1,000 g, centimetres below 1 m. */
function readableUnit(base: number, dimension: Dimension): UnitId {
  switch (dimension) {
    case 'volume':
      return base >= 1000 ? 'L' : 'mL';
    case 'mass':
      return base >= 1000 ? 'kg' : 'g';
    case 'length':
      return base >= 1 ? 'm' : 'cm';
    default:
      return 'piece';
  }
}

/** An amount with its unit, as typed: "2 cups", "12 mL". Counts of pieces stand alone. */
export function formatAmount(amount: number, unit: UnitId): string {
  if (unit === 'piece') return trim(amount);
  const plural =
    amount > 1 &&
    ['cup', 'pint', 'quart', 'gallon', 'drop', 'squirt', 'pair', 'set'].includes(unit);
  return `${trim(amount)} ${UNITS[unit].label}${plural ? 's' : unit === 'pinch' && amount > 1 ? 'es' : ''}`;
}

/** A base-unit total in the unit it reads best in; `counted` keeps "pair" or "set" for counts. */
export function formatTotal(base: number, dimension: Dimension, counted: UnitId = 'piece'): string {
  if (dimension === 'count') return formatAmount(base, counted);
  const unit = readableUnit(base, dimension);
  return formatAmount(fromBase(base, unit), unit);
}
