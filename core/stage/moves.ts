/** What moves the show on: each takes the state before a press and gives the one after it. */
import { anotherGo, endsGo } from '../repertoire/goes';
import { showTime } from './showTime';
import {
  comingUp,
  firstStep,
  gapBefore,
  located,
  nextStep,
  partOnStage,
  sequenceOf,
} from './steps';
import type { Go, Live, LiveSlot, Outcome, RunEvent, RunPlan, RunSlot, Visit } from './types';

export const freshSlot = (): LiveSlot => ({
  status: 'waiting',
  startedAt: null,
  endedAt: null,
  earlier: 0,
  goes: [],
  steps: [],
  signs: [],
});

/** Names come from devices: only what is the plan's own is a slot. */
export const slotOf = (live: Live, id: string): LiveSlot | undefined =>
  Object.hasOwn(live.slots, id) ? live.slots[id] : undefined;

export const withSlot = (live: Live, id: string, change: Partial<LiveSlot>): Live => ({
  ...live,
  slots: { ...live.slots, [id]: { ...(slotOf(live, id) ?? freshSlot()), ...change } },
});

export const recordGo = (goes: readonly Go[], go: Go): Go[] => [
  ...goes.filter((other) => other.go !== go.go),
  go,
];

const currentSlot = (plan: RunPlan, live: Live): RunSlot | null =>
  plan.slots.find((slot) => slot.id === live.slot) ?? null;

/** Changes the visit that is on. */
const withVisit = (live: Live, change: (visit: Visit) => Partial<Visit>): Live => {
  const last = live.visits.at(-1);
  if (!last || last.until !== null) return live;
  return { ...live, visits: [...live.visits.slice(0, -1), { ...last, ...change(last) }] };
};

/** A press, and the same moment on both clocks. */
export interface Moment {
  /** Milliseconds since 1970. */
  at: number;
  /** Show time in seconds. */
  time: number;
}

/** Puts a slot on stage. One that has been there before starts a new visit. */
export function enter(plan: RunPlan, live: Live, id: string | null, { at, time }: Moment): Live {
  const index = plan.slots.findIndex((slot) => slot.id === id);
  // Where it follows as planned, so does the dead air before it.
  const follows = index === 0 ? live.slot === null : plan.slots[index - 1]?.id === live.slot;
  const wait = index >= 0 && follows ? gapBefore(plan, index) : 0;
  const next: Live = {
    ...live,
    slot: id,
    step: firstStep(plan.slots[index]),
    go: 1,
    parts: [],
    failed: false,
    stepAt: time + wait,
    stepFrom: at + wait * 1000,
    commenced: false,
    signAt: null,
  };
  if (id === null) return { ...next, phase: 'curtain' };
  const before = live.slots[id];
  const visit = before?.startedAt == null ? 0 : (before.endedAt ?? time) - before.startedAt;
  const begun: Visit = {
    slot: id,
    entered: at,
    from: at + wait * 1000,
    until: null,
    acted: false,
    steps: [],
  };
  return withSlot({ ...next, phase: 'running', visits: [...live.visits, begun] }, id, {
    status: 'waiting',
    startedAt: time + wait,
    endedAt: null,
    earlier: (before?.earlier ?? 0) + Math.max(0, visit),
  });
}

/** The step on stage began at this moment, whatever the plan had. */
function beginsAt(live: Live, { at, time }: Moment): Live {
  const begun = { ...live, stepAt: time, stepFrom: at };
  // Only the first step of a visit is its beginning.
  if (live.slot === null || (live.visits.at(-1)?.steps.length ?? 0) > 0) return begun;
  return withSlot(
    withVisit(begun, () => ({ from: at })),
    live.slot,
    { startedAt: time },
  );
}

/**
 * A press for a step whose planned dead air is not over: it must have begun before, by what it usually
 * takes, but not before the slot was entered.
 */
function begunByNow(live: Live, slot: RunSlot, { at, time }: Moment): Live {
  if (live.stepAt < time || live.step !== firstStep(slot)) return live;
  const entered = live.visits.at(-1)?.entered ?? at;
  const ago = Math.min((slot.steps[live.step]?.seconds ?? 0) * 1000, Math.max(0, at - entered));
  return beginsAt(live, { at: at - ago, time: Math.max(0, time - ago / 1000) });
}

/** Ends the visit that is on, and gives the stage to another slot, or to nobody. */
function leaveFor(
  plan: RunPlan,
  live: Live,
  to: string | null,
  now: Moment,
  change: Partial<LiveSlot> = {},
): Live {
  if (live.slot === null) return enter(plan, live, to, now);
  const slot = currentSlot(plan, live);
  const visited = withVisit(live, (visit) => ({
    until: now.at,
    from: Math.min(visit.from, now.at),
    acted: visit.steps.length > 0 || live.failed || (slot !== null && goHasBegun(live, slot, now)),
  }));
  const startedAt = slotOf(live, live.slot)?.startedAt;
  const left = withSlot(visited, live.slot, {
    endedAt: now.time,
    ...(startedAt != null && { startedAt: Math.min(startedAt, now.time) }),
    ...change,
  });
  return enter(plan, left, to, now);
}

function leaveSlot(plan: RunPlan, live: Live, now: Moment, change: Partial<LiveSlot>): Live {
  const id = live.slot ?? '';
  const left = withSlot(live, id, change);
  return leaveFor(plan, left, comingUp(plan, left, id)[0]?.id ?? null, now, change);
}

/** Share of a step's likely time after which a go is taken to have begun, though no step was done. */
const BEGUN = 0.25;

/** Whether this go of the slot on stage has begun: something was done, or enough time has gone. */
function goHasBegun(live: Live, slot: RunSlot, { time }: Moment): boolean {
  const visit = live.visits.at(-1);
  const step = slot.steps[live.step];
  const acted = visit?.steps.some(({ go }) => go === live.go) ?? false;
  const elapsed = time - live.stepAt;
  const long = step !== undefined && step.seconds > 0 && elapsed >= BEGUN * step.seconds;
  return acted || live.signAt !== null || live.parts.includes('do') || live.commenced || long;
}

/** How a go that ends without a word of how it went is taken down. */
export const LEFT = 'left unfinished';

/** The go that is broken off stays in the record, with what it took. */
function withUnfinishedGo(live: Live, slot: RunSlot, now: Moment): Live {
  const own = slotOf(live, slot.id);
  if (!own || live.failed || own.goes.some(({ go }) => go === live.go)) return live;
  const part = slot.steps[live.step];
  const sequence = sequenceOf(slot);
  const seen = part !== undefined && sequence.closing.includes(part);
  if (part?.between || !goHasBegun(live, slot, now)) return live;
  const outcome: Outcome = seen ? 'worked' : 'partly';
  const go: Go = { go: live.go, outcome, cause: seen ? null : LEFT };
  return withSlot(live, slot.id, { goes: recordGo(own.goes, go) });
}

/** The step on stage is over, however it went. */
const withStep = (live: Live, task: string, { at }: Moment): Live =>
  withVisit(live, (visit) => ({
    steps: [...visit.steps, { task, go: live.go, from: Math.min(live.stepFrom, at), until: at }],
  }));

function done(plan: RunPlan, before: Live, slot: RunSlot, now: Moment): Live {
  if (before.failed) return leaveSlot(plan, before, now, { status: 'performed' });
  const live = begunByNow(before, slot, now);
  const own = slotOf(live, slot.id) ?? freshSlot();
  const step = slot.steps[live.step];
  const next = nextStep(slot, live.step, live.go);
  const goIsOver = step && endsGo(sequenceOf(slot), { part: step, go: live.go });
  const task = step?.task ?? '';
  const seconds = now.time - live.stepAt;
  const change: Partial<LiveSlot> = {
    goes: goIsOver ? recordGo(own.goes, { go: live.go, outcome: 'worked', cause: null }) : own.goes,
    steps: [
      ...own.steps,
      { task, go: live.go, seconds, measured: null, doubtful: false, trusted: false },
    ],
    signs:
      live.signAt === null
        ? own.signs
        : [...own.signs, { task, go: live.go, seconds: (now.at - live.signAt) / 1000 }],
  };
  const visited = withStep(live, task, now);
  if (!next) return leaveSlot(plan, visited, now, { status: 'performed', ...change });
  return {
    ...withSlot(visited, slot.id, change),
    ...next,
    parts: [],
    stepAt: now.time,
    stepFrom: now.at,
    signAt: null,
  };
}

function again(live: Live, slot: RunSlot, now: Moment): Live {
  const goes = slotOf(live, slot.id)?.goes ?? [];
  // Again after the effect is “once more”; again before it is a go that came to nothing much.
  const sequence = sequenceOf(slot);
  const part = slot.steps[live.step];
  const at = part && { part, go: live.go };
  const seen =
    at && (endsGo(sequence, at) || [...sequence.clearing, ...sequence.closing].includes(at.part));
  const recorded = goes.some((g) => g.go === live.go)
    ? goes
    : recordGo(goes, { go: live.go, outcome: seen ? 'worked' : 'partly', cause: null });
  return {
    ...withSlot(withStep(live, part?.task ?? '', now), slot.id, { goes: recorded }),
    ...located(slot, anotherGo(sequence, live.go)),
    parts: [],
    failed: false,
    stepAt: now.time,
    stepFrom: now.at,
    commenced: false,
    signAt: null,
  };
}

const FOR_THE_STEP = new Set(['commence', 'part', 'done', 'again', 'failed', 'skip', 'sign']);

/** Whether a press is for what is on stage; those that are for no step in particular always are. */
export function isForNow(plan: RunPlan, live: Live, event: RunEvent): boolean {
  if (!FOR_THE_STEP.has(event.kind)) return true;
  const slot = currentSlot(plan, live);
  return (
    slot !== null &&
    event.slot === slot.id &&
    // A slot is skipped as a whole, from whichever of its steps.
    (event.kind === 'skip' || event.step === slot.steps[live.step]?.task) &&
    event.go === live.go
  );
}

const MOVES = new Set([
  'commence',
  'part',
  'done',
  'again',
  'failed',
  'skip',
  'goTo',
  'leaveOut',
  'bringBack',
]);
export const isMove = ({ kind }: Pick<RunEvent, 'kind'>): boolean => MOVES.has(kind);

/** The state after a press that moves the show; the same state where it changes nothing. */
export function move(plan: RunPlan, live: Live, event: RunEvent): Live {
  const now: Moment = { at: event.at, time: showTime(live, event.at) };
  const slot = currentSlot(plan, live);
  const target = event.slot !== null && slotOf(live, event.slot) ? event.slot : null;
  switch (event.kind) {
    case 'commence': {
      const waiting = slot && !live.commenced && live.parts.length === 0;
      const acted = (live.visits.at(-1)?.steps ?? []).some(({ go }) => go === live.go);
      return waiting && !acted ? { ...beginsAt(live, now), commenced: true } : live;
    }
    case 'part': {
      if (!slot || event.text !== partOnStage(slot, live) || live.failed) return live;
      const begun = begunByNow(live, slot, now);
      return { ...begun, parts: [...live.parts, event.text] };
    }
    case 'done':
      return slot ? done(plan, live, slot, now) : live;
    case 'again':
      return slot ? again(live, slot, now) : live;
    case 'failed': {
      if (!slot) return live;
      const goes = slotOf(live, slot.id)?.goes ?? [];
      const go: Go = { go: live.go, outcome: 'failed', cause: event.cause };
      return { ...withSlot(live, slot.id, { goes: recordGo(goes, go) }), failed: true };
    }
    case 'skip': {
      if (!slot) return live;
      const kept = withUnfinishedGo(live, slot, now);
      return leaveSlot(plan, kept, now, { status: 'skipped' });
    }
    case 'leaveOut': {
      if (!target || target === live.slot || live.slots[target]?.status !== 'waiting') return live;
      return withSlot(live, target, { status: 'leftOut' });
    }
    case 'bringBack': {
      const status = target ? live.slots[target]?.status : undefined;
      if (!target || (status !== 'leftOut' && status !== 'skipped')) return live;
      const back = withSlot(live, target, { status: 'waiting' });
      return back.phase === 'curtain' ? enter(plan, back, target, now) : back;
    }
    case 'goTo': {
      if (!target || target === live.slot) return live;
      // What is left half done ends its visit here and stays waiting.
      const kept = slot ? withUnfinishedGo(live, slot, now) : live;
      return leaveFor(plan, kept, target, now);
    }
    default:
      return live;
  }
}
