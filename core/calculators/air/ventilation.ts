import { requireAtLeast } from '../require';

/**
 * Share of the first content of a vessel that is left after fresh air has been let through it, well
 * mixed: e^(−v / V).
 *
 * @param litres volume of the vessel, L
 * @param through fresh air let through in all, L
 * @returns 0 to 1; 0.54 after 5 strokes of 0.25 L in 2 L
 * @throws RangeError on a vessel of no volume and on less than no air
 * Source: well-mixed dilution.
 */
export function shareAfterVentilation(litres: number, through: number): number {
  requireAtLeast('vessel', litres, 0, true);
  requireAtLeast('air', through, 0);
  return Math.exp(-through / litres);
}

/**
 * Fresh air that leaves this share of the first content, well mixed: −V · ln(share).
 *
 * @param share above 0, at most 1
 * @returns L
 * @throws RangeError on a vessel of no volume and on a share outside of that
 */
export function airToReachShare(litres: number, share: number): number {
  requireAtLeast('vessel', litres, 0, true);
  requireAtLeast('share', share, 0, true);
  return share >= 1 ? 0 : -litres * Math.log(share);
}
