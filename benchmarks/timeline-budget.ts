/** A clock that has only so long: time used over time allowed, on shows that could be looked at for ever. */
import { schedule } from '../core/lineup/schedule';
import type { LineupInput } from '../core/lineup/types';
import { verifyTimeline } from '../core/lineup/verify';
import { Budget } from '../core/solver/budget';
import { richShow } from './rich-shows';

const ALLOWED_MS = 400;
const LENGTHS = [12, 20, 30, 40, 60];

/** The same show with one person for all of it: whatever is set up keeps everything else waiting. */
function alone(show: LineupInput): LineupInput {
  const [only] = show.crew;
  if (!only) throw new Error('A show has a crew');
  return {
    ...show,
    crew: [only],
    slots: show.slots.map((slot) => ({
      ...slot,
      performerId: only.id,
      tasks: slot.tasks.map((task) => ({
        ...task,
        hands: task.hands
          .slice(0, 1)
          .map((hand) => ({ ...hand, role: 'anyone' as const, competence: null })),
      })),
    })),
  };
}

export function timelineBudget(): object {
  const shows = LENGTHS.flatMap((length) => [
    alone(richShow(3000 + length, length, true)),
    richShow(4000 + length, length, true),
  ]);
  // Compiled before anything is timed.
  for (const show of shows) schedule(show, new Budget(200_000));
  let broken = 0;
  const used = shows.map((show) => {
    const began = performance.now();
    const limit = { now: () => performance.now(), until: began + ALLOWED_MS };
    const timeline = schedule(show, new Budget(Infinity, limit));
    const ratio = (performance.now() - began) / ALLOWED_MS;
    if (timeline.conflicts.length === 0) broken += verifyTimeline(show, timeline).length;
    return ratio;
  });
  return {
    ratio: Number(Math.max(...used).toFixed(3)),
    toTheEnd: used.filter((ratio) => ratio > 0.9).length,
    cases: shows.length,
    allowedMs: ALLOWED_MS,
    broken,
  };
}
