/** A presenter made of rules: follows the advice, the show’s rule for failures, and passes no gate. */
import { adviceOf } from '../replan/advice';
import { wantsAgain } from '../replan/caller';
import type { Playing } from './playing';

export interface Played {
  /** In ms since 1970. */
  end: number;
  hardFinish: number;
  /** Slots that were left out, by their ids. */
  leftOut: string[];
  /** Times that a gate was closed when a slot began. */
  gatesPassed: number;
}

/** More happenings than this, and something goes round in circles. */
const MOST = 20_000;

/** Asks for advice, and follows it; whenever another slot is on stage. */
function heed(playing: Playing, at: number): void {
  const { caller } = playing;
  const call = caller.at(at);
  if (call.forecast.chance >= caller.size.share) return;
  const advice = adviceOf(caller, at, call);
  if (advice?.enough) for (const slot of advice.leaveOut) playing.press(at, 'leaveOut', { slot });
}

/** Plays a show to its end. Throws when it comes to none. */
export function playThrough(playing: Playing): Played {
  const { caller, startsAt } = playing;
  let at = startsAt;
  let gatesPassed = 0;
  /** What was decided of what failed, and when it will be done. */
  let failedAt: { again: boolean; at: number } | null = null;
  heed(playing, at);
  for (let i = 0; i < MOST; i++) {
    const { live } = caller;
    if (live.phase === 'curtain') {
      const hardFinish = caller.at(at, [], 1).hardFinish;
      const leftOut = Object.entries(live.slots).flatMap(([id, { status }]) =>
        status === 'leftOut' ? [id] : [],
      );
      return { end: at, hardFinish, leftOut, gatesPassed };
    }
    const happening = playing.next(at);
    if (live.failed && failedAt === null) {
      const again = wantsAgain(playing.show, live);
      failedAt = { again, at: at + (again ? 0 : playing.words() * 1000) };
    }
    if (failedAt && (!happening || happening.event.at >= failedAt.at)) {
      at = failedAt.at;
      playing.press(at, failedAt.again ? 'again' : 'done');
      failedAt = null;
      heed(playing, at);
      continue;
    }
    if (!happening) throw new Error('The show waits for nothing');
    const { slot } = live;
    at = Math.max(at, happening.event.at);
    if (happening.event.kind === 'commence' && playing.isClosed(at)) gatesPassed++;
    playing.happen(happening);
    if (caller.live.slot !== slot) heed(playing, at);
  }
  throw new Error('The show goes round in circles');
}
