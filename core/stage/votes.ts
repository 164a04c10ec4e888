/** What an audience expected, what it thinks after it has seen, and how much of what was to be learned it learned. */
import { cameTrue, type Prediction } from '../repertoire/cues';
import { handsOf } from './screen';
import type { Live, RunPlan } from './types';

/** Share of the hands that are up for an option, 0 to 1; null where none are. */
export function shareOf(hands: readonly number[] | null, option: number): number | null {
  const all = (hands ?? []).reduce((sum, one) => sum + one, 0);
  return all === 0 ? null : (hands?.[option] ?? 0) / all;
}

/**
 * Normalised gain: of what could be learned, the part that was, (after − before) / (1 − before). Negative where fewer
 * are right than before; null where all were right already, and where either was not counted. Source: Hake 1998.
 */
export const gainOf = (before: number | null, after: number | null): number | null =>
  before === null || after === null || before >= 1 ? null : (after - before) / (1 - before);

/** Hands for a share of the people in the room, as one estimates it with a look. */
export const estimated = (share: number, people: number): number => Math.round(share * people);

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** “Right: 25 % before, 75 % after; gain 0.67”; null where nothing was counted, or what is right is open. */
export function gainWords(before: number | null, after: number | null): string | null {
  const shares = [
    before === null ? '' : `${percent(before)} before`,
    after === null ? '' : `${percent(after)} after`,
  ].filter((words) => words !== '');
  const gain = gainOf(before, after);
  return shares.length === 0
    ? null
    : `Right: ${shares.join(', ')}${gain === null ? '' : `; gain ${gain.toFixed(2)}`}`;
}

export interface Vote {
  slotId: string;
  name: string;
  prediction: Prediction;
  before: readonly number[] | null;
  after: readonly number[] | null;
  /** Place of the option that came true; null where none did, and while no go has been seen. */
  came: number | null;
  /** Share for the answer; null where nobody was counted, or what comes true is open. */
  rightBefore: number | null;
  rightAfter: number | null;
  gain: number | null;
}

/** Of each slot whose question was counted, in the order of the show. */
export const votesOf = (
  plan: Pick<RunPlan, 'slots'>,
  live: Pick<Live, 'tallies' | 'talliesAfter' | 'slots'>,
): Vote[] =>
  plan.slots.flatMap(({ id, name, prediction }): Vote[] => {
    const before = handsOf(live, id);
    const after = handsOf(live, id, 'after');
    if (!prediction || (before === null && after === null)) return [];
    const { answer } = prediction;
    const last = live.slots[id]?.goes.at(-1);
    const rightBefore = answer === null ? null : shareOf(before, answer);
    const rightAfter = answer === null ? null : shareOf(after, answer);
    return [
      {
        slotId: id,
        name,
        prediction,
        before,
        after,
        came: last ? cameTrue(prediction, last.outcome === 'failed') : null,
        rightBefore,
        rightAfter,
        gain: gainOf(rightBefore, rightAfter),
      },
    ];
  });
