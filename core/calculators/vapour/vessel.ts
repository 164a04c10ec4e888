/** Inputs that the calculators about a vessel of vapour share. */
import { number } from '../calculator';

export const vesselInput = number({
  label: 'Vessel',
  unit: 'L',
  least: 0.001,
  most: 30,
  usual: 2,
  slide: [0.5, 20],
});

/** Air that one stroke of a pump moves. */
export const strokeInput = number({
  label: 'One stroke',
  unit: 'mL',
  least: 0.001,
  most: 2000,
  usual: 250,
  slide: [50, 500],
});
