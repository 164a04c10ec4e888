/** A lid, or the can under it, that a pressure throws off once it lets go. */
import { requireAtLeast } from '../require';
import { maximumHeight } from './projectile';

export interface Lid {
  /** kPa above the air's at which it lets go. */
  lets: number;
  /** mm across. */
  across: number;
  /** mm that it sits in or over the rim. */
  grip: number;
  /** g of what flies. */
  mass: number;
}

export interface Popped {
  /** m/s: pushed only while it still grips; and on for half its width more. */
  least: number;
  most: number;
  /** m straight up at the most, without drag. */
  up: number;
}

/**
 * Speed from the work of the pressure over a short way: v = √(2·Δp·A·s / m). How far the gas still pushes
 * once the seal has opened is taken as nothing to half the width: our own estimate.
 *
 * @throws RangeError without pressure, width or mass
 */
export function popOff(of: Lid): Popped {
  requireAtLeast('pressure', of.lets, 0, true);
  requireAtLeast('width', of.across, 0, true);
  requireAtLeast('grip', of.grip, 0);
  requireAtLeast('mass', of.mass, 0, true);
  const area = (Math.PI / 4) * (of.across / 1000) ** 2;
  const speed = (way: number): number =>
    Math.sqrt((2 * of.lets * 1000 * area * (way / 1000)) / (of.mass / 1000));
  const most = speed(of.grip + of.across / 2);
  return { least: speed(of.grip), most, up: maximumHeight(most) };
}
