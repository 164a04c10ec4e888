/** What a rehearsal came to, and what the best decisions would have given, with all known beforehand. */
import { EFFORT } from '../../lineup/effort';
import { schedule } from '../../lineup/schedule';
import type { LineupInput, PlanSlot } from '../../lineup/types';
import { Budget } from '../../solver/budget';
import { hardFinishAt } from '../hardFinish';
import type { Playing } from './playing';
import type { World } from './world';

/** One time of a slot on stage, in ms since 1970. */
export interface Seen {
  slot: string;
  from: number;
  to: number;
}

export interface Evening {
  seen: Seen[];
  /** When the audience had nothing to watch. */
  gaps: { from: number; to: number }[];
}

export interface Hindsight {
  /** In ms since 1970: when it was booked to begin, when it ended, and by when it had to. */
  startsAt: number;
  end: number;
  hardFinish: number;
  /** What was on stage when. */
  played: Evening;
  /** Worth of what was seen to work, of what was not, and of all there was. */
  shown: number;
  lost: number;
  /** Names of the slots that were not seen to work. */
  missed: string[];
  /** What went wrong beside that, in words. */
  trouble: string[];
  /** The best that could have been: null where nothing would have ended in time. */
  best: { shown: number; end: number; leaveOut: string[]; played: Evening } | null;
}

/** Ways that are timed at the most. */
const MOST_WAYS = 400;

/** Goes until it works, within what the show’s rule allows; null where it never does. */
function goesToWork(world: World, slot: PlanSlot, again: number): number | null {
  for (let go = 1; go <= slot.goes + again; go++)
    if (world.works(slot.id, go)) return Math.max(slot.goes, go);
  return null;
}

/** The slot with the times that it would really have taken; what every go repeats by their mean. */
function asItWas(world: World, slot: PlanSlot, goes: number): PlanSlot {
  return {
    ...slot,
    goes,
    leads: [],
    tasks: slot.tasks.map((task) => {
      const times = task.eachGo ? goes : 1;
      const sum = Array.from({ length: times }, (_, i) =>
        world.seconds(slot.id, task.id, i + 1),
      ).reduce((whole, seconds) => whole + seconds, 0);
      const likely = Math.round(sum / times);
      return { ...task, time: { shortest: likely, likely, longest: likely } };
    }),
  };
}

/** All ways to leave some of these out, the least worth first. */
function waysByWorth(ids: readonly string[], worthOf: (id: string) => number): string[][] {
  const all = ids.reduce<string[][]>(
    (ways, id) => [...ways, ...ways.map((way) => [...way, id])],
    [[]],
  );
  const worth = (way: readonly string[]): number => way.reduce((sum, id) => sum + worthOf(id), 0);
  return all.sort((a, b) => worth(a) - worth(b) || a.length - b.length);
}

/** Slots that may be left out, beyond which the ways would be too many to order. */
const MOST_CHOICES = 12;

export function hindsightOf(playing: Playing, at: number): Hindsight {
  const { show, world, live, startsAt } = playing;
  const worthOf = (id: string): number => show.policies.get(id)?.worth ?? 0;
  const seen = (id: string): boolean =>
    live.slots[id]?.goes.some(({ outcome }) => outcome === 'worked') ?? false;
  const ids = show.input.slots.map(({ id }) => id);
  const shown = ids.filter(seen).reduce((sum, id) => sum + worthOf(id), 0);
  const all = ids.reduce((sum, id) => sum + worthOf(id), 0);
  const hardFinish = hardFinishAt(show.plan, live, 'performance', at);
  const left = Math.floor((hardFinish - startsAt) / 1000);

  const real = new Map(
    show.input.slots.map((slot) => {
      const goes = goesToWork(world, slot, show.policies.get(slot.id)?.again ?? 0);
      return [slot.id, { works: goes !== null, slot: asItWas(world, slot, goes ?? slot.goes) }];
    }),
  );
  const free = ids.filter((id) => show.policies.get(id)?.mayLeaveOut);
  // What never works is not worth its time to anybody who knows it.
  const hopeless = free.filter((id) => !real.get(id)?.works);
  const choices = free
    .filter((id) => real.get(id)?.works)
    .sort((a, b) => worthOf(a) - worthOf(b))
    .slice(0, MOST_CHOICES);
  const when = ({ start, end }: { start: number; end: number }) => ({
    from: startsAt + start * 1000,
    to: startsAt + end * 1000,
  });
  let best: Hindsight['best'] = null;
  for (const way of waysByWorth(choices, worthOf).slice(0, MOST_WAYS)) {
    const out = new Set([...way, ...hopeless]);
    const input: LineupInput = {
      ...show.input,
      slots: show.input.slots.flatMap(({ id }) => {
        const slot = real.get(id)?.slot;
        return slot && !out.has(id) ? [slot] : [];
      }),
    };
    const { end, blocks, gaps } = schedule(input, new Budget(EFFORT.trial));
    if (end > left) continue;
    const kept = ids.filter((id) => !out.has(id) && real.get(id)?.works);
    best = {
      shown: kept.reduce((sum, id) => sum + worthOf(id), 0),
      end: startsAt + end * 1000,
      leaveOut: ids.filter((id) => out.has(id)),
      played: {
        seen: blocks.map(({ slot, ...time }) => ({ slot, ...when(time) })),
        gaps: gaps.map(when),
      },
    };
    break;
  }
  return {
    startsAt,
    end: at,
    hardFinish,
    played: {
      seen: live.visits.flatMap(({ slot, from, until, acted }) =>
        acted ? [{ slot, from, to: until ?? at }] : [],
      ),
      gaps: live.visits.flatMap(({ entered, from }) =>
        from > entered ? [{ from: entered, to: from }] : [],
      ),
    },
    shown,
    lost: all - shown,
    trouble: [...playing.trouble],
    missed: show.plan.slots.filter(({ id }) => !seen(id)).map(({ name }) => name),
    best,
  };
}
