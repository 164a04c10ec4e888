/** When it will end, how far from the plan it is, and what leaving something out would buy. */
import type { Forecast } from '../lineup/forecast/types';
import { shareWords } from '../lineup/outlook';
import { formatDuration, sayDuration } from '../time/clock';
import { nextStep, showTime } from './fold';
import type { Live, RunPlan, RunSlot } from './types';

/** A start further than this from the planned one, in ms, moves the hard finish with it: a trial run. */
const ANOTHER_TIME = 3600_000;
/** Nearer to the plan than this is on time, in seconds. */
const ON_TIME = 15;

/** What chance adds to the clock as written, from the forecast; times in seconds. */
export interface Expected {
  /** From each slot's start to the next one's, or to the end, in one show of two. */
  spans: ReadonlyMap<string, number>;
  /** From the end in one show of two to the one that the share keeps. */
  margin: number;
  share: number;
}

/** What to expect of each slot on its own, so that whatever is still to come can be added up. */
export function expectedOf({ starts, end, by, share }: Forecast): Expected {
  const at = [0, ...starts.slice(1).map(({ p50 }) => p50), end.p50];
  return {
    spans: new Map(starts.map(({ slot }, i) => [slot, (at[i + 1] ?? 0) - (at[i] ?? 0)])),
    margin: by - end.p50,
    share,
  };
}

export interface LeaveOut {
  slot: string;
  name: string;
  /** Milliseconds since 1970. */
  endsAt: number;
}

export interface Projection {
  /** Show time in seconds. */
  now: number;
  /** Show time at which it will end. */
  end: number;
  /** Seconds behind the plan; negative when ahead. */
  behind: number;
  /** Milliseconds since 1970: in one show of two, and in the share that the end is held against. */
  endsAt: number;
  endsBy: number;
  hardFinishAt: number;
  /** Seconds from the hard finish to `endsBy`; negative when there is time to spare. */
  over: number;
  /** “ends about 14:41, by 14:44 in 9 of 10” is said of these; empty without a forecast. */
  shareWords: string;
  paceWords: string;
  overWords: string;
  leaveOut: LeaveOut | null;
}

/** Likely seconds left in the slot on stage, by its steps; a step that overruns counts no less than 0. */
export function leftInSlot(slot: RunSlot, live: Live, now: number): number {
  const current = slot.steps[live.step];
  if (!current || live.failed) return 0;
  let left = Math.max(0, current.seconds - (now - live.stepAt));
  let at = nextStep(slot, live.step, live.go);
  while (at) {
    left += slot.steps[at.step]?.seconds ?? 0;
    at = nextStep(slot, at.step, at.go);
  }
  return left;
}

/** Planned dead air before a slot. */
export function gapBefore(plan: RunPlan, index: number): number {
  const slot = plan.slots[index];
  if (!slot) return 0;
  return slot.start - (plan.slots[index - 1]?.end ?? 0);
}

/** A show as it is to be expected from here on. */
class Outlook {
  constructor(
    private readonly plan: RunPlan,
    private readonly live: Live,
    private readonly now: number,
    private readonly expected: Expected | null,
  ) {}

  /** What a slot takes, with the wait that goes with it. */
  private span(slot: RunSlot, i: number): number {
    const planned = slot.end - slot.start + gapBefore(this.plan, i);
    return this.expected?.spans.get(slot.id) ?? planned;
  }

  private leftOf(slot: RunSlot, i: number, without: string | null): number {
    const { live, now } = this;
    if (slot.id === live.slot) {
      const left = leftInSlot(slot, live, now);
      const planned = slot.end - slot.start;
      const more = this.expected ? Math.max(0, this.span(slot, i) - planned) : 0;
      return planned > 0 ? left + (more * Math.min(left, planned)) / planned : left;
    }
    const waiting = live.slots[slot.id]?.status === 'waiting' && slot.id !== without;
    return waiting ? this.span(slot, i) : 0;
  }

  left(without: string | null = null): number {
    return this.plan.slots.reduce((sum, slot, i) => sum + this.leftOf(slot, i, without), 0);
  }

  /** What is kept for chance: less and less, as there is less to come. */
  margin(left: number): number {
    const whole = this.plan.slots.reduce((sum, slot, i) => sum + this.span(slot, i), 0);
    return (this.expected?.margin ?? 0) * Math.sqrt(Math.min(1, left / Math.max(1, whole)));
  }

  /** The end to expect, less what was left out or skipped by choice: leaving out is not being ahead. */
  end(): number {
    const { live } = this;
    return this.plan.slots.reduce((end, slot, i) => {
      const status = live.slots[slot.id]?.status;
      const dropped = (status === 'leftOut' || status === 'skipped') && live.slot !== slot.id;
      return dropped ? end : end + this.span(slot, i);
    }, 0);
  }
}

/** The moment the hall must be given back, in milliseconds since 1970. */
function hardFinishAt(plan: RunPlan, live: Live, now: number): number {
  const begun = live.startedAt ?? now;
  const planned = Math.abs(begun - plan.startsAt) <= ANOTHER_TIME ? plan.startsAt : begun;
  return planned + plan.hardFinish * 1000;
}

/** `at` in milliseconds since 1970; `expected` as long as the show is known. */
export function project(
  plan: RunPlan,
  live: Live,
  at: number,
  expected: Expected | null = null,
): Projection {
  const now = showTime(live, at);
  const open = live.phase !== 'finished';
  const outlook = new Outlook(plan, live, now, expected);
  const left = open ? outlook.left() : 0;
  const end = now + left;
  // While it is held the rest waits, so the end moves with the clock.
  const clock = live.finishedAt ?? Math.max(at, live.startedAt ?? at);
  const limit = hardFinishAt(plan, live, at);
  const endsIn = (seconds: number): number => clock + (seconds + outlook.margin(seconds)) * 1000;
  const endsBy = endsIn(left);
  const over = Math.round((endsBy - limit) / 1000);
  const behind = Math.round(end - outlook.end());
  return {
    now,
    end,
    behind,
    endsAt: clock + left * 1000,
    endsBy,
    hardFinishAt: limit,
    over,
    shareWords: expected ? shareWords(expected.share) : '',
    paceWords:
      Math.abs(behind) < ON_TIME
        ? 'on time'
        : `${formatDuration(Math.abs(behind))} ${behind > 0 ? 'behind' : 'ahead'}`,
    overWords: over > 0 ? `${sayDuration(over)} over` : `${sayDuration(-over)} to spare`,
    leaveOut:
      open && over > 0
        ? adviseLeavingOut(plan, live, limit, (slot) => {
            const without = outlook.left(slot);
            return { endsAt: clock + without * 1000, endsBy: endsIn(without) };
          })
        : null,
  };
}

/** The slot of least worth that brings the end within the hard finish; failing that, what saves most. */
function adviseLeavingOut(
  plan: RunPlan,
  live: Live,
  limit: number,
  without: (slot: string) => { endsAt: number; endsBy: number },
): LeaveOut | null {
  const options = plan.slots
    .filter(
      (slot) =>
        slot.mayLeaveOut && slot.id !== live.slot && live.slots[slot.id]?.status === 'waiting',
    )
    .map((slot) => ({ slot, ...without(slot.id) }));
  const enough = options
    .filter((option) => option.endsBy <= limit)
    .sort((a, b) => a.slot.worth - b.slot.worth || b.endsAt - a.endsAt)[0];
  const best = enough ?? options.sort((a, b) => a.endsAt - b.endsAt)[0];
  return best ? { slot: best.slot.id, name: best.slot.name, endsAt: best.endsAt } : null;
}
