import { useEffect, useState } from 'react';
import type { Mend } from '../../core/lineup/mend';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { type HeavyWork, startWork } from './lineupWorker';

/** The page is let be for this long, in ms, before the sums are begun: one may go on dragging. */
const AFTER = 250;

/** Ways to mend each gap, by the slot that waits; empty until they are worked out. */
export function useMends(input: LineupInput, timeline: Timeline): Record<string, Mend[]> {
  const [mends, setMends] = useState<{ of: Timeline; found: Record<string, Mend[]> } | null>(null);
  useEffect(() => {
    if (timeline.gaps.length === 0) return;
    let work: HeavyWork | null = null;
    const timer = setTimeout(() => {
      work = startWork();
      void work.run.mends(input, timeline).then((found) => setMends({ of: timeline, found }));
    }, AFTER);
    // Superseded by another order: what is under way is dropped.
    return () => {
      clearTimeout(timer);
      work?.stop();
    };
  }, [input, timeline]);
  return mends?.of === timeline ? mends.found : {};
}
