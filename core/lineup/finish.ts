import { formatClock, formatDuration, sayDuration } from '../time/clock';
import { counted } from '../words';
import type { Timeline } from './types';

export interface Finish {
  /** Seconds after the hard finish; negative when there is time to spare. */
  over: number;
  level: 'fits' | 'tight' | 'over' | 'conflict';
  /** “Ends 14:38”. */
  headline: string;
  /** “2:00 to spare before the hard finish at 14:40”. */
  words: string;
}

/** Less than this to spare is called tight, in seconds. */
const TIGHT = 60;

/** The end against the hard finish, in words. `startOfDay` is the show's start in seconds from midnight. */
export function finishOf(timeline: Timeline, startOfDay: number): Finish {
  const over = timeline.end - timeline.hardFinish;
  const finish = formatClock(startOfDay + timeline.hardFinish);
  const headline = `Ends ${formatClock(startOfDay + timeline.end)}`;
  // That it is too long by itself is said by the end.
  const n = timeline.conflicts.filter((conflict) => conflict.slot !== '').length;
  if (n > 0) {
    return {
      over,
      level: 'conflict',
      headline,
      words: `if ${counted(n, 'conflict')} ${n === 1 ? 'is' : 'are'} fixed; hard finish ${finish}`,
    };
  }
  if (over > 0)
    return {
      over,
      level: 'over',
      headline,
      words: `${sayDuration(over)} over the hard finish at ${finish}`,
    };
  if (over === 0)
    return { over, level: 'tight', headline, words: `on the hard finish, to the second` };
  return {
    over,
    level: -over < TIGHT ? 'tight' : 'fits',
    headline,
    words: `${formatDuration(-over)} to spare before the hard finish at ${finish}`,
  };
}
