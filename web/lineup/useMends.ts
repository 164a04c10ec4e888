import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { Mend } from '../../core/lineup/mend';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import type { LineupWork } from '../workers/lineup.worker';

/** The page is let be for this long, in ms, before the sums are begun: one may go on dragging. */
const AFTER = 250;

/** Ways to mend each gap, by the slot that waits; empty until they are worked out. */
export function useMends(input: LineupInput, timeline: Timeline): Record<string, Mend[]> {
  const [mends, setMends] = useState<{ of: Timeline; found: Record<string, Mend[]> } | null>(null);
  useEffect(() => {
    if (timeline.gaps.length === 0) return;
    let worker: Worker | null = null;
    const timer = setTimeout(() => {
      worker = new Worker(new URL('../workers/lineup.worker.ts', import.meta.url), {
        type: 'module',
      });
      void wrap<LineupWork>(worker)
        .mends(input, timeline)
        .then((found) => setMends({ of: timeline, found }));
    }, AFTER);
    // Superseded by another order: what is under way is dropped.
    return () => {
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [input, timeline]);
  return mends?.of === timeline ? mends.found : {};
}
