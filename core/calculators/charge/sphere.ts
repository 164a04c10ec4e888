import { requireAtLeast } from '../require';

/** F/m; CODATA. */
const PERMITTIVITY = 8.8541878128e-12;

/** V/m at which dry air breaks down; handbook value. */
export const BREAKDOWN = 3e6;

/** Capacitance of a sphere far from everything, F: 4π·ε₀·r. @throws RangeError without a radius (m) */
export function capacitance(radius: number): number {
  requireAtLeast('radius', radius, 0, true);
  return 4 * Math.PI * PERMITTIVITY * radius;
}

/** Highest voltage of a smooth sphere in dry air, V: breakdown field × radius (m). */
export function topVoltage(radius: number): number {
  requireAtLeast('radius', radius, 0, true);
  return BREAKDOWN * radius;
}

/** Energy of a charged capacitor, J: ½·C·U². */
export const energy = (farads: number, volts: number): number => 0.5 * farads * volts ** 2;
