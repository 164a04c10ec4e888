/**
 * Differences from the first of some readings, taken in decimals as they were written: 1000000000000.4 less
 * 1000000000000.3 is 0.1, which it is not in binary. What is computed from them keeps its figures, however large
 * the readings are beside their differences.
 */
export interface Offsets {
  origin: number;
  /** Each reading less the origin, in order. */
  offsets: number[];
}

/** Decimal places that are aligned exactly; readings further apart than this are subtracted as they are. */
const PLACES_MOST = 60;

interface Decimal {
  digits: bigint;
  /** Power of ten that the digits are multiplied by. */
  power: number;
}

/** The shortest decimal that stands for a number: what was typed, as long as it had up to 15 digits. */
function decimalOf(value: number): Decimal {
  const [mantissa = '0', exponent = '0'] = value.toExponential().split('e');
  const [whole = '0', fraction = ''] = mantissa.split('.');
  return { digits: BigInt(whole + fraction), power: Number(exponent) - fraction.length };
}

/** Throws RangeError for a reading that is no finite number. */
export function offsetsOf(values: readonly number[]): Offsets {
  if (values.some((value) => !Number.isFinite(value)))
    throw new RangeError('A reading is no number.');
  const [origin = 0] = values;
  const decimals = values.map(decimalOf);
  const powers = decimals.filter(({ digits }) => digits !== 0n).map(({ power }) => power);
  const least = powers.reduce((a, b) => Math.min(a, b), 0);
  const most = powers.reduce((a, b) => Math.max(a, b), 0);
  if (most - least > PLACES_MOST) return { origin, offsets: values.map((v) => v - origin) };
  const aligned = decimals.map(({ digits, power }) =>
    digits === 0n ? 0n : digits * 10n ** BigInt(power - least),
  );
  const [first = 0n] = aligned;
  return { origin, offsets: aligned.map((digits) => Number(`${digits - first}e${least}`)) };
}
