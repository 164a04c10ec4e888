/**
 * What to leave out: the ways to leave out up to three slots, the one that loses least of those that end in
 * time often enough, each timed and drawn anew from where the show is; where there is none, of the ways to
 * leave out more.
 */
import { expectedTime } from '../../lineup/forecast/expected';
import { buildNetwork } from '../../lineup/network';
import { comingUp } from '../steps';
import type { Call, Caller } from './caller';

export interface Advice {
  /** Ids, in the order they would have come. */
  leaveOut: string[];
  /** What is lost by it. */
  worth: number;
  /** Seconds by which the show ends earlier, in one of two. */
  saves: number;
  /** What comes of it. */
  call: Call;
  /** Whether it ends in time in the share that is wanted. */
  enough: boolean;
}

/** Slots that are left out together at the most, where that is enough. */
const MOST_TOGETHER = 3;
/** Slots that ways are made of, the least worth first: there are 4,095 ways to leave some of twelve out. */
const MOST_CHOICES = 12;
/** A way that is not enough helps all the same from so much of the chance on, or so many seconds. */
const HELPS = { chance: 0.05, seconds: 60 };
/** Shows drawn for a way, of those that are drawn for the show as it stands. */
const FEWER = 4;

export interface Droppable {
  id: string;
  worth: number;
}

/** Slots to come that may be left out, in the order they come. */
export function droppable({ show }: Caller, live: Call['live']): Droppable[] {
  return comingUp(show.plan, live)
    .filter(({ id, mayLeaveOut }) => mayLeaveOut && id !== live.slot)
    .map(({ id, worth }) => ({ id, worth }));
}

/** All ways to choose so many, each in the order given. */
function choices<T>(all: readonly T[], count: number): T[][] {
  if (count === 0) return [[]];
  return all.flatMap((first, i) =>
    choices(all.slice(i + 1), count - 1).map((rest) => [first, ...rest]),
  );
}

const worthOf = (way: readonly Droppable[]): number =>
  way.reduce((sum, { worth }) => sum + worth, 0);

/** Seconds that a slot’s block is expected to take when all works at once. */
function expectedLength({ show }: Caller, id: string): number {
  const slot = show.input.slots.find((one) => one.id === id);
  const policy = show.policies.get(id);
  const steps = slot ? buildNetwork(slot).steps : [];
  return steps.reduce((sum, { task }) => sum + expectedTime(policy, task).mean, 0);
}

/**
 * Null where the show ends in time often enough as it is, or nothing may be left out, or nothing that may
 * be helps. Yields the best so far after each way that is tried; stop asking, and it stops.
 */
export function* advise(
  caller: Caller,
  moment: number,
  now: Call,
): Generator<Advice | null, Advice | null, void> {
  const { share, runs } = caller.size;
  if (now.forecast.chance >= share || now.live.phase === 'finished') return null;
  const fewer = Math.max(1, Math.round(runs / FEWER));
  const order = droppable(caller, now.live);
  const few = [...order].sort((a, b) => a.worth - b.worth).slice(0, MOST_CHOICES);
  const all = order.filter((one) => few.includes(one));
  const tryWay = (way: readonly Droppable[]): Advice => {
    const presses = way.map(({ id }) => ({ kind: 'leaveOut' as const, slot: id }));
    const call = caller.at(moment, presses, fewer);
    return {
      leaveOut: way.map(({ id }) => id),
      worth: worthOf(way),
      saves: now.forecast.end.p50 - call.forecast.end.p50,
      call,
      enough: call.forecast.chance >= share,
    };
  };
  // With no dead air and no retries at all: what is over by then is not in time in most shows.
  const lengths = new Map(order.map(({ id }) => [id, expectedLength(caller, id)]));
  const toCome = comingUp(caller.show.plan, now.live).map(({ id }) => id);
  const left = (now.hardFinish - moment) / 1000;
  const mayDo = (way: readonly Droppable[]): boolean => {
    const kept = toCome.filter((id) => !way.some((one) => one.id === id));
    return (
      kept.reduce((sum, id) => sum + (lengths.get(id) ?? expectedLength(caller, id)), 0) < left
    );
  };
  for (const sizes of [upTo(1, MOST_TOGETHER), upTo(MOST_TOGETHER + 1, all.length)]) {
    const ways = sizes.flatMap((size) => choices(all, size)).filter(mayDo);
    // The least that is lost comes first, and of as much the fewest slots.
    ways.sort((a, b) => worthOf(a) - worthOf(b) || a.length - b.length);
    let best: Advice | null = null;
    for (const way of ways) {
      const isAsGood = best && worthOf(way) === best.worth && way.length === best.leaveOut.length;
      if (best && !isAsGood) break;
      const found = tryWay(way);
      // Of as much and as many, the one that ends in time most often.
      if (found.enough && (!best || found.call.forecast.chance > best.call.forecast.chance))
        best = found;
      yield best;
    }
    if (best) return best;
  }
  const most = all.length > 0 ? tryWay(all) : null;
  const better = (most?.call.forecast.chance ?? 0) - now.forecast.chance;
  return most && (better >= HELPS.chance || most.saves >= HELPS.seconds) ? most : null;
}

const upTo = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);

/** The advice, looked for to its end. */
export function adviceOf(caller: Caller, moment: number, now: Call): Advice | null {
  const search = advise(caller, moment, now);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
