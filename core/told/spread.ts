/** A time with its ends, as one figure of it is changed. */
import type { Estimate } from '../repertoire/types';
import { spreadOf, type StepFamily } from './guess';

/** Its ends are those that are guessed from the likely time. */
export function isGuessed({ shortest, likely, longest }: Estimate, family: StepFamily): boolean {
  const guess = spreadOf(likely, family);
  return shortest === guess.shortest && longest === guess.longest;
}

/** Ends that were guessed are guessed anew; others are kept, and stretched as far as they have to be. */
export const withLikely = (from: Estimate, likely: number, family: StepFamily): Estimate =>
  isGuessed(from, family)
    ? spreadOf(likely, family)
    : {
        shortest: Math.min(from.shortest, likely),
        likely,
        longest: Math.max(from.longest, likely),
      };
