/** Two clocks: show time stands still in a hold; real time does not. */
import type { Live } from './types';

type Clock = Pick<Live, 'startedAt' | 'finishedAt' | 'heldFrom' | 'heldMs' | 'holds'>;

/** Show time in seconds at a moment: real time since the start less what was held; 0 before it. */
export function showTime(live: Clock, at: number): number {
  if (live.startedAt === null) return 0;
  const until = Math.min(at, live.heldFrom ?? at, live.finishedAt ?? at);
  // Holds that ended later than that moment had not, or not wholly, been held by then.
  const later = live.holds.reduce(
    (sum, hold) => sum + Math.max(0, hold.until - Math.max(hold.from, until)),
    0,
  );
  return Math.max(0, (until - live.startedAt - live.heldMs + later) / 1000);
}

/** Seconds of real time since the start; below nothing before it. Whole ones, as the engine counts. */
export const realSeconds = (live: Clock, at: number): number =>
  Math.round((at - (live.startedAt ?? at)) / 1000);
