/** Which cold liquid, or dry ice, a calculator is about. */
import { choice } from '../calculator';

/** Amounts of it are in L or kg. */
export const coldKindInput = (label: string) =>
  choice(label, { nitrogen: 'liquid nitrogen (L)', dryIce: 'dry ice (kg)' }, 'nitrogen');

/** Amounts of it are in mL or g. */
export const littleColdKindInput = (label: string, usual: 'nitrogen' | 'dryIce') =>
  choice(label, { nitrogen: 'liquid nitrogen (mL)', dryIce: 'dry ice (g)' }, usual);
