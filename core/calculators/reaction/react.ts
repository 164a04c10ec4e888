import { requireAtLeast } from '../require';
import type { Reaction } from './reactions';

export interface Yield {
  /** Formula of what is used up first; of several at once, the first in the equation. */
  limiting: string;
  /** Moles left over of each that goes in. */
  left: Record<string, number>;
  gasMoles: number;
  /** kJ given off; null when not known. */
  heat: number | null;
}

/**
 * What comes of putting these amounts together, the reaction going to its end.
 *
 * @param moles of each that goes in, by formula; what is not named is there in plenty
 * @returns what limits it, what is left over, the gas and the heat
 * @throws RangeError on a negative amount, and when nothing of what goes in is named
 */
export function react(reaction: Reaction, moles: Readonly<Record<string, number>>): Yield {
  const given = reaction.takes.filter((part) => part.formula in moles);
  const first = given[0];
  if (!first) throw new RangeError('Nothing to react');
  for (const { formula } of given) requireAtLeast(formula, moles[formula] ?? 0, 0);
  const runs = (part: { formula: string; moles: number }): number =>
    (moles[part.formula] ?? 0) / part.moles;
  const least = given.reduce((best, part) => (runs(part) < runs(best) ? part : best), first);
  const extent = runs(least);
  const gas = reaction.gives.find((part) => part.formula === reaction.gas);
  return {
    limiting: least.formula,
    left: Object.fromEntries(
      given.map((part) => [
        part.formula,
        Math.max(0, (moles[part.formula] ?? 0) - extent * part.moles),
      ]),
    ),
    gasMoles: extent * (gas?.moles ?? 0),
    heat: reaction.heat === null ? null : extent * reaction.heat,
  };
}
