/** Which cold liquid, or dry ice, a sum is about. */
import { choice } from '../sum';

/** Amounts of it are in L or kg. */
export const coldKindInput = (label: string) =>
  choice(label, { nitrogen: 'liquid nitrogen (L)', dryIce: 'dry ice (kg)' }, 'nitrogen');

/** Amounts of it are in mL or g. */
export const littleColdKindInput = (label: string, usual: 'nitrogen' | 'dryIce') =>
  choice(label, { nitrogen: 'liquid nitrogen (mL)', dryIce: 'dry ice (g)' }, usual);
