/** Constants that several families of calculators share. */

/** J/(mol K); CODATA. */
export const GAS_CONSTANT = 8.314462618;

/** kPa; the standard atmosphere. */
export const STANDARD_PRESSURE = 101.325;

/** m/s²; the standard acceleration of free fall. */
export const GRAVITY = 9.80665;

/** Per cent by volume of dry air. */
export const OXYGEN_IN_AIR = 20.95;

/** Per cent by volume: 420 ppm, as outdoors in these years (from memory). */
export const CARBON_DIOXIDE_OUTDOORS = 0.042;

/** °C. */
export const ABSOLUTE_ZERO = -273.15;
