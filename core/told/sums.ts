/** What a told method comes to, before it is anybody’s: seconds, and how much of it is guessed. */
import type { Phase } from '../repertoire/types';
import type { ToldMethod, ToldStep } from './types';

/** Likely seconds of steps, one after another. */
export const likelySum = (steps: readonly ToldStep[]): number =>
  steps.reduce((sum, { time }) => sum + time.likely, 0);

export const stepsIn = (
  { steps }: Pick<ToldMethod, 'steps'>,
  phases: readonly Phase[],
): ToldStep[] => steps.filter(({ phase }) => phases.includes(phase));

/** Seconds that the audience sees of it. */
export const showSeconds = (method: Pick<ToldMethod, 'steps'>): number =>
  likelySum(stepsIn(method, ['perform']));

/** Steps whose time nobody said. */
export const guessedTimes = ({ steps }: Pick<ToldMethod, 'steps'>): number =>
  steps.filter(({ time }) => time.said === 'none').length;
