import type { Random } from '../chance/random';

/** Numbers of the standard normal distribution (Box and Muller 1958). */
export const normalFrom =
  ({ next }: Random) =>
  (): number =>
    Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
