/** Arguments of the calculators are checked before they are used; what is wrong here is a mistake of ours. */

/** Throws RangeError unless the number is finite and at least `least` (or above it). */
export function requireAtLeast(name: string, value: number, least: number, above = false): void {
  if (!Number.isFinite(value) || value < least || (above && value === least))
    throw new RangeError(`${name} must be ${above ? 'above' : 'at least'} ${least}: ${value}`);
}

/** Throws RangeError unless the temperature, °C, is above absolute zero. */
export const requireTemperature = (celsius: number): void =>
  requireAtLeast('temperature', celsius, -273.15, true);
