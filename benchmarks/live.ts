/** The show caller: a thousand nights by its advice, and what a press costs as a show grows. */
import { adviceOf } from '../core/stage/replan/advice';
import { Playing } from '../core/stage/trouble/playing';
import { playThrough } from '../core/stage/trouble/program';
import { World } from '../core/stage/trouble/world';
import { input, slot, task } from '../core/testing/build';
import { liveShow, Night } from '../core/testing/live';
import { START } from '../core/testing/stage';
import { tight } from '../core/testing/tight';

const NIGHTS = 1000;

/** How many of a thousand drawn nights end in time when one follows the advice, against the best fixed choice. */
export function live1000(): object {
  const size = { runs: 150, seed: 1, share: 0.9 };
  const before = new Playing(tight, new World(tight, { seed: 0, mishaps: false }), START, {
    ...size,
    runs: 4000,
  });
  const fixed = adviceOf(before.caller, START, before.caller.at(START));
  let inTime = 0;
  let gatesPassed = 0;
  for (let seed = 1; seed <= NIGHTS; seed++) {
    const world = new World(tight, { seed, mishaps: false });
    const played = playThrough(new Playing(tight, world, START, size));
    if (played.end <= played.hardFinish) inTime++;
    gatesPassed += played.gatesPassed;
  }
  return { inTime: inTime / NIGHTS, fixed: fixed?.call.forecast.chance ?? null, gatesPassed };
}

const ROUNDS = 15;

/** A night of so many slots, half of it pressed through. */
function halfOf(slots: number): Night {
  const helper = [{ role: 'helper' as const, count: 1, competence: null }];
  const show = liveShow(
    input(
      Array.from({ length: slots }, (_, i) =>
        slot(
          `s${i}`,
          [
            task('set', 'prepare', 20, { place: 'wings', hands: helper }),
            task('show', 'perform', 60),
            task('clear', 'reset', 15, { eachGo: false, hands: helper }),
          ],
          { positionId: i % 2 ? 'table' : 'bench' },
        ),
      ),
      { hardFinish: slots * 70 },
    ),
  );
  const night = new Night(show, { runs: 1000 }).at(0, 'start');
  let clock = 0;
  for (const { id } of show.plan.slots.slice(0, slots / 2)) clock = night.through(id, clock);
  night.call(clock);
  return night;
}

/** Milliseconds from a press to the whole live plan. */
function pressOf(night: Night): number {
  const last = night.events.at(-1)?.at ?? START;
  const seconds = (last - START) / 1000 + 5;
  night.at(seconds, 'note', { text: 'x' });
  const began = performance.now();
  night.call(seconds);
  return performance.now() - began;
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** From a press to the whole live plan, half through a show of 24 slots over one of 6, in turn. */
export function liveGrowth(): object {
  const [few, many] = [halfOf(6), halfOf(24)];
  const rounds = Array.from({ length: ROUNDS }, () => ({ few: pressOf(few), many: pressOf(many) }));
  const [a, b] = [median(rounds.map((r) => r.few)), median(rounds.map((r) => r.many))];
  return { ratio: Number((b / a).toFixed(2)), fewMs: Math.round(a), manyMs: Math.round(b) };
}
