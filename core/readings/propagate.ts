/** A figure with its standard uncertainty, and how uncertainty is carried through a formula. */

export interface Uncertain {
  value: number;
  /** Standard uncertainty, in the same unit: one standard deviation. */
  u: number;
}

/** Of a reading to the nearest `resolution`: evenly spread over it (JCGM 100:2008, 4.3.7 and F.2.2.1). */
export const ofResolution = (resolution: number): number => resolution / Math.sqrt(12);

/** “Give or take so much”, and nothing is known of how it is spread within (JCGM 100:2008, 4.3.7). */
export const ofLimits = (halfWidth: number): number => halfWidth / Math.sqrt(3);

/** Of several causes together, each independent of the others. */
export const together = (...us: readonly number[]): number => Math.hypot(...us);

/**
 * The figure a formula gives of independent inputs. Each input is moved by its standard uncertainty both ways, and
 * half of what that does counts; the effects are added as squares (JCGM 100:2008, 5.1.2 and 5.1.3, note 2).
 */
export function propagate(
  formula: (...values: number[]) => number,
  inputs: readonly Uncertain[],
): Uncertain {
  const values = inputs.map(({ value }) => value);
  const effects = inputs.map(({ value, u }, i) => {
    if (u === 0) return 0;
    return (formula(...values.with(i, value + u)) - formula(...values.with(i, value - u))) / 2;
  });
  return { value: formula(...values), u: together(...effects) };
}

/** Half the width of the interval that holds the truth in about 95 of 100 cases: twice the standard uncertainty. */
export const expanded = ({ u }: Uncertain): number => 2 * u;
