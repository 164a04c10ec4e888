/** Carbon dioxide and nitrogen as they are, where the ideal gas law no longer holds. */
import { ABSOLUTE_ZERO } from '../constants';
import { requireAtLeast, requireTemperature } from '../require';
import type { ColdKind } from '../../repertoire/materials';

/** Vapour pressure over liquid carbon dioxide, °C and bar, triple point to critical point (NIST Chemistry WebBook, from memory). */
const VAPOUR: readonly (readonly [celsius: number, bar: number])[] = [
  [-56.56, 5.18],
  [-50, 6.83],
  [-40, 10.05],
  [-30, 14.28],
  [-20, 19.7],
  [-10, 26.49],
  [0, 34.85],
  [10, 45.02],
  [20, 57.29],
  [25, 64.34],
  [30, 72.14],
  [30.98, 73.77],
];

/**
 * Vapour pressure of liquid carbon dioxide: log p between two of the table evenly in 1/T.
 *
 * @returns bar; null above 31 °C, where there is no liquid, and below −56.6 °C, where there is none either
 * @throws RangeError at or below absolute zero
 */
export function vapourPressure(celsius: number): number | null {
  requireTemperature(celsius);
  const after = VAPOUR.findIndex(([t]) => t >= celsius);
  const [above, below] = [VAPOUR[after], VAPOUR[after - 1]];
  if (after < 0 || !above) return null;
  if (!below) return celsius === above[0] ? above[1] : null;
  const inverse = (t: number): number => 1 / (t - ABSOLUTE_ZERO);
  const share = (inverse(celsius) - inverse(below[0])) / (inverse(above[0]) - inverse(below[0]));
  return Math.exp(Math.log(below[1]) + share * (Math.log(above[1]) - Math.log(below[1])));
}

/** K, bar and acentric factor (NIST, from memory). */
const CRITICAL: Record<ColdKind, { kelvin: number; bar: number; acentric: number }> = {
  dryIce: { kelvin: 304.13, bar: 73.77, acentric: 0.224 },
  nitrogen: { kelvin: 126.19, bar: 33.96, acentric: 0.0372 },
};

/** L bar/(mol K). */
const GAS = 0.08314462618;

/**
 * Pressure of so much gas in so much room, after Peng and Robinson 1976.
 *
 * @param moles in a litre
 * @returns bar; Infinity where the molecules would not go in
 * @throws RangeError on a negative density and at or below absolute zero
 */
export function realGasPressure(kind: ColdKind, moles: number, celsius: number): number {
  requireAtLeast('density', moles, 0);
  requireTemperature(celsius);
  if (moles === 0) return 0;
  const { kelvin: tc, bar: pc, acentric: w } = CRITICAL[kind];
  const kelvin = celsius - ABSOLUTE_ZERO;
  const kappa = 0.37464 + 1.54226 * w - 0.26992 * w ** 2;
  const a = ((0.45724 * (GAS * tc) ** 2) / pc) * (1 + kappa * (1 - Math.sqrt(kelvin / tc))) ** 2;
  const b = (0.0778 * GAS * tc) / pc;
  const volume = 1 / moles;
  if (volume <= b) return Infinity;
  return (GAS * kelvin) / (volume - b) - a / (volume * (volume + b) + b * (volume - b));
}

/**
 * Pressure that a cold liquid or dry ice comes to in a closed vessel once all of it is as warm as the room.
 * Carbon dioxide that is too dense to be all gas turns liquid, and then has the vapour pressure of that.
 *
 * @param moles in a litre of the vessel
 * @returns bar in all; Infinity where liquid fills the vessel
 */
export function closedPressure(kind: ColdKind, moles: number, celsius: number): number {
  const asGas = realGasPressure(kind, moles, celsius);
  if (kind === 'nitrogen') return asGas;
  const liquid = vapourPressure(celsius);
  if (liquid === null) return Math.max(0, asGas);
  // Between the gas and the liquid the equation runs through a loop that nature does not.
  if (moles <= densityAt(celsius, liquid, 'gas')) return Math.max(0, asGas);
  return moles >= densityAt(celsius, liquid, 'liquid') ? asGas : liquid;
}

/** mol/L: no liquid carbon dioxide is denser. */
const DENSEST = 37;

/** mol/L at which the equation has a pressure, on the side of the gas or of the liquid. */
function densityAt(celsius: number, bar: number, side: 'gas' | 'liquid'): number {
  const above = (n: number): boolean => realGasPressure('dryIce', n, celsius) >= bar;
  const step = 0.05;
  let [low, high] = [0, DENSEST];
  if (side === 'gas') {
    while (low < DENSEST && !above(low + step)) low += step;
    high = low + step;
  } else {
    while (high > 0 && above(high - step)) high -= step;
    low = high - step;
  }
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (above(middle)) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
