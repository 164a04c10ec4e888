/** What each slot has come to by the end, in words. */
import type { Live } from './types';

export interface CameTo {
  /** Whether anything of it was seen. */
  seen: boolean;
  state: 'worked' | 'partly' | 'failed' | 'leftOut' | 'skipped' | 'notShown';
  /** “worked at go 2”, “didn’t work: too damp”, “left out” */
  words: string;
}

/** Of its last go; of what had none, why it had none. */
export function cameTo(live: Live, slotId: string): CameTo {
  const { status = 'waiting', goes = [] } = live.slots[slotId] ?? {};
  const last = goes.at(-1);
  if (!last)
    switch (status) {
      case 'leftOut':
        return { seen: false, state: 'leftOut', words: 'left out' };
      case 'skipped':
        return { seen: false, state: 'skipped', words: 'skipped' };
      default:
        return { seen: false, state: 'notShown', words: 'not shown' };
    }
  const why = last.cause ? `: ${last.cause}` : '';
  switch (last.outcome) {
    case 'worked':
      return {
        seen: true,
        state: 'worked',
        words: last.go > 1 ? `worked at go ${last.go}` : 'worked',
      };
    case 'partly':
      return { seen: true, state: 'partly', words: `partly worked${why}` };
    case 'failed':
      return { seen: true, state: 'failed', words: `didn’t work${why}` };
  }
}

/** Seconds from the end of the last visit to the hard finish; below nothing where it ran over. In ms since 1970, both. */
export function finishOf(
  live: Live,
  hardFinish: number,
  now: number,
): { end: number; spare: number } {
  const end = live.visits.at(-1)?.until ?? now;
  return { end, spare: Math.round((hardFinish - end) / 1000) };
}
