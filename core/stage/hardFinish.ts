/** The moment the hall must be given back. */
import type { Live, RunKind, RunPlan } from './types';

/** A start further than this from the planned one is of another day: a trial of the show. In ms. */
const ANOTHER_DAY = 12 * 3600_000;

/**
 * In ms since 1970. It stays where it was booked however late the show begins, until somebody moves it. A
 * rehearsal has as long as the show will have, whenever it begins.
 */
export function hardFinishAt(
  plan: Pick<RunPlan, 'startsAt' | 'hardFinish'>,
  live: Pick<Live, 'startedAt' | 'finishMoved'>,
  kind: RunKind,
  now: number,
): number {
  if (live.finishMoved !== null) return live.finishMoved;
  const begun = live.startedAt ?? now;
  const another = kind === 'rehearsal' || Math.abs(begun - plan.startsAt) > ANOTHER_DAY;
  return (another ? begun : plan.startsAt) + plan.hardFinish * 1000;
}
