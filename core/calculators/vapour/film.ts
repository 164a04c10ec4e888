import { GRAVITY } from '../constants';
import { requireAtLeast } from '../require';
import { LIQUIDS, type LiquidId } from './liquids';

/** A bottle is taken as a cylinder twice as high as it is wide: V = 4πr³. */
export const bottleRadius = (litres: number): number => Math.cbrt(litres / 1000 / (4 * Math.PI));

/** Wall and bottom of such a bottle, m². */
export const wettedArea = (litres: number): number => 9 * Math.PI * bottleRadius(litres) ** 2;

/**
 * The most liquid that clings to the wall of a bottle held upside down: the film on a plate drains to a
 * mean thickness of ⅔·√(µ·z / (ρ·g·t)). A wall that sheds the liquid keeps none, so that what is left is
 * between nothing and this.
 *
 * @param litres volume of the bottle, L
 * @param seconds how long it drains, s
 * @returns mL
 * @throws RangeError on a bottle of no volume, and without time to drain
 * Source: Jeffreys 1930, The draining of a vertical plate (from memory); viscosities in `liquids.ts`.
 */
export function mostFilm(liquid: LiquidId, litres: number, seconds: number): number {
  requireAtLeast('vessel', litres, 0, true);
  requireAtLeast('time', seconds, 0, true);
  const { viscosity, density } = LIQUIDS[liquid];
  const height = 4 * bottleRadius(litres);
  const thickness =
    (2 / 3) * Math.sqrt((viscosity * height) / (density * 1000 * GRAVITY * seconds));
  return thickness * wettedArea(litres) * 1_000_000;
}
