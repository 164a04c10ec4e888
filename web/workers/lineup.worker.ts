/** Heavy sums of the line-up, away from the page's own thread. */
import { expose } from 'comlink';
import { type Mend, mender } from '../../core/lineup/mend';
import type { LineupInput, Timeline } from '../../core/lineup/types';

const work = {
  /** Ways to mend each gap, by the slot that waits. */
  mends(input: LineupInput, timeline: Timeline): Record<string, Mend[]> {
    const mend = mender(input, timeline);
    return Object.fromEntries(timeline.gaps.map((gap) => [gap.slot, mend(gap)]));
  },
};

export type LineupWork = typeof work;

expose(work);
