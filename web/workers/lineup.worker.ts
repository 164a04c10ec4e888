/** Heavy sums of the line-up, away from the page's own thread. */
import { expose } from 'comlink';
import { type Mend, mender } from '../../core/lineup/mend';
import type { SlotTraits } from '../../core/lineup/order/objective';
import type { SearchLimits } from '../../core/lineup/order/permute';
import { type Suggestion, suggestOrder, type Wishes } from '../../core/lineup/order/suggest';
import type { LineupInput, Timeline } from '../../core/lineup/types';

const work = {
  /** Ways to mend each gap, by the slot that waits. */
  mends(input: LineupInput, timeline: Timeline): Record<string, Mend[]> {
    const mend = mender(input, timeline);
    return Object.fromEntries(timeline.gaps.map((gap) => [gap.slot, mend(gap)]));
  },

  /** The best order found; the best so far is told now and then. */
  suggest(
    input: LineupInput,
    traits: ReadonlyMap<string, SlotTraits>,
    wishes: Wishes,
    limits: SearchLimits,
    onProgress: (soFar: Suggestion) => void,
  ): Suggestion {
    const search = suggestOrder(input, traits, wishes, limits);
    for (;;) {
      const { done, value } = search.next();
      if (done) return value;
      onProgress(value);
    }
  },
};

export type LineupWork = typeof work;

expose(work);
