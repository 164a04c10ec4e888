/** When it will end, how far from the plan it is, and what leaving something out would buy. */
import { formatDuration, sayDuration } from '../time/clock';
import { nextStep, showTime } from './fold';
import type { Live, RunPlan, RunSlot } from './types';

/** A start further than this from the planned one, in ms, moves the hard finish with it: a trial run. */
const ANOTHER_TIME = 3600_000;
/** Nearer to the plan than this is on time, in seconds. */
const ON_TIME = 15;

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
  /** Milliseconds since 1970. */
  endsAt: number;
  hardFinishAt: number;
  /** Seconds after the hard finish; negative when there is time to spare. */
  over: number;
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

function secondsLeft(plan: RunPlan, live: Live, now: number, without: string | null): number {
  let left = 0;
  plan.slots.forEach((slot, i) => {
    if (slot.id === live.slot) left += leftInSlot(slot, live, now);
    else if (live.slots[slot.id]?.status === 'waiting' && slot.id !== without)
      left += slot.end - slot.start + gapBefore(plan, i);
  });
  return left;
}

/** The moment the hall must be given back, in milliseconds since 1970. */
function hardFinishAt(plan: RunPlan, live: Live, now: number): number {
  const begun = live.startedAt ?? now;
  const planned = Math.abs(begun - plan.startsAt) <= ANOTHER_TIME ? plan.startsAt : begun;
  return planned + plan.hardFinish * 1000;
}

/** `at` in milliseconds since 1970. */
export function project(plan: RunPlan, live: Live, at: number): Projection {
  const now = showTime(live, at);
  const open = live.phase !== 'finished';
  const end = now + (open ? secondsLeft(plan, live, now, null) : 0);
  // While it is held the rest waits, so the end moves with the clock.
  const clock = live.finishedAt ?? Math.max(at, live.startedAt ?? at);
  const endsAt = clock + (end - now) * 1000;
  const limit = hardFinishAt(plan, live, at);
  const over = Math.round((endsAt - limit) / 1000);
  const behind = Math.round(end - plannedEndOf(plan, live));
  return {
    now,
    end,
    behind,
    endsAt,
    hardFinishAt: limit,
    over,
    paceWords:
      Math.abs(behind) < ON_TIME
        ? 'on time'
        : `${formatDuration(Math.abs(behind))} ${behind > 0 ? 'behind' : 'ahead'}`,
    overWords: over > 0 ? `${sayDuration(over)} over` : `${sayDuration(-over)} to spare`,
    leaveOut: open && over > 0 ? adviseLeavingOut(plan, live, now, clock, limit) : null,
  };
}

/** The planned end, less what was left out or skipped by choice: leaving out is not being ahead. */
function plannedEndOf(plan: RunPlan, live: Live): number {
  return plan.slots.reduce((end, slot, i) => {
    const status = live.slots[slot.id]?.status;
    const dropped = (status === 'leftOut' || status === 'skipped') && live.slot !== slot.id;
    return dropped ? end - (slot.end - slot.start) - gapBefore(plan, i) : end;
  }, plan.end);
}

/** The slot of least worth that brings the end within the hard finish; failing that, what saves most. */
function adviseLeavingOut(
  plan: RunPlan,
  live: Live,
  now: number,
  clock: number,
  limit: number,
): LeaveOut | null {
  const options = plan.slots
    .filter(
      (slot) =>
        slot.mayLeaveOut && slot.id !== live.slot && live.slots[slot.id]?.status === 'waiting',
    )
    .map((slot) => ({ slot, endsAt: clock + secondsLeft(plan, live, now, slot.id) * 1000 }));
  const enough = options
    .filter((option) => option.endsAt <= limit)
    .sort((a, b) => a.slot.worth - b.slot.worth || b.endsAt - a.endsAt)[0];
  const best = enough ?? options.sort((a, b) => a.endsAt - b.endsAt)[0];
  return best ? { slot: best.slot.id, name: best.slot.name, endsAt: best.endsAt } : null;
}
