/** What a demonstration is worth in a show that is chosen, and what its order is weighed by. */
import type { Weights } from '../brief/wishes';
import { atLeastOne } from '../chance/success';
import type { SlotPolicy } from '../lineup/forecast/types';
import type { Option } from './fits';

/** Points of a demonstration of one minute and of middling energy that always works. Our own mark. */
const POINTS = 100;
/** Energy that counts as much as it is. */
export const MIDDLING = 3;
/** What this audience saw last time is worth so much of what it would be. Our own mark. */
const SEEN_SHARE = 0.25;
/** Chance of working of what was never done here. Our own mark. */
const UNTRIED = 0.8;

/**
 * What orders are weighed by while it is chosen what is in them. What ends too late is no choice at all, so how late it
 * would be weighs little; and a minute of waiting is worth it for something more to see. Our own marks.
 */
export function choosingWeights(weights: Weights): Weights {
  const deadAir = weights.deadAir * 0.4;
  return { ...weights, deadAir, late: deadAir };
}

/** What it is worth to an audience: longer is more, but not in proportion; louder is more; what fails is less. */
export function pointsOf(
  { demo, seconds }: Pick<Option, 'demo' | 'seconds'>,
  policy: SlotPolicy | undefined,
  isSeen: boolean,
): number {
  const record = policy?.record ?? null;
  const each = record && record.worked + record.failed > 0 ? chanceOf(record) : UNTRIED;
  const works = atLeastOne(each, 1 + (policy?.again ?? 0));
  const size = 1 + seconds / 60;
  return (POINTS * size * (2 + demo.energy) * works * (isSeen ? SEEN_SHARE : 1)) / (2 + MIDDLING);
}

const chanceOf = ({ worked, failed }: { worked: number; failed: number }): number =>
  (worked + 0.5) / (worked + failed + 1);
