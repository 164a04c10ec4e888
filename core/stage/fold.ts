/**
 * State = fold(events). The order of events is the server's; their times are the devices'.
 *
 * An event that was pressed for a step that is no longer on stage changes nothing: two people who
 * press Done for the same step move the show on once.
 */
import { taskKey } from '../keys';
import {
  anotherGo,
  endsGo,
  type GoSequence,
  goSequence,
  nextPart,
  type PartOfGo,
  partsOfGoes,
} from '../repertoire/goes';
import type { Go, Live, LiveSlot, RunEvent, RunPlan, RunSlot, RunStep } from './types';

const freshSlot = (): LiveSlot => ({
  status: 'waiting',
  startedAt: null,
  endedAt: null,
  earlier: 0,
  goes: [],
  steps: [],
});

export function beforeStart(plan: RunPlan): Live {
  return {
    phase: 'before',
    startedAt: null,
    finishedAt: null,
    heldFrom: null,
    heldMs: 0,
    slot: null,
    step: 0,
    go: 1,
    lastMove: null,
    failed: false,
    stepAt: 0,
    signAt: null,
    slots: Object.fromEntries(plan.slots.map((slot) => [slot.id, freshSlot()])),
    begun: {},
    notes: [],
  };
}

/** Show time in seconds at a moment: real time since the start less what was held; 0 before it. */
export function showTime(live: Live, at: number): number {
  if (live.startedAt === null) return 0;
  const until = live.heldFrom ?? live.finishedAt ?? at;
  return Math.max(0, (Math.min(at, until) - live.startedAt - live.heldMs) / 1000);
}

const currentSlot = (plan: RunPlan, live: Live): RunSlot | null =>
  plan.slots.find((slot) => slot.id === live.slot) ?? null;

interface StepOfGo {
  /** Place in the slot's list of steps, from 0. */
  step: number;
  go: number;
}

const sequenceOf = (slot: RunSlot): GoSequence<RunStep> => goSequence(slot.steps, (step) => step);

const located = (slot: RunSlot, at: PartOfGo<RunStep> | null): StepOfGo | null =>
  at && { step: slot.steps.indexOf(at.part), go: at.go };

/** The step after this one in the same slot, or null when the slot is over. */
export function nextStep(slot: RunSlot, step: number, go: number): StepOfGo | null {
  const part = slot.steps[step];
  return part ? located(slot, nextPart(sequenceOf(slot), { part, go }, slot.goes)) : null;
}

/** Where a slot begins: never at the clearing between goes, whatever its place in the list. */
export function firstStep(slot: RunSlot | undefined): number {
  const begin = slot && partsOfGoes(sequenceOf(slot), 1)[0];
  return begin ? slot.steps.indexOf(begin.part) : 0;
}

/** What is still waiting, in the order it will come: on from a slot, then what was passed over. */
export function comingUp(plan: RunPlan, live: Live, from = live.slot): RunSlot[] {
  const at = plan.slots.findIndex((slot) => slot.id === from);
  return [...plan.slots.slice(at + 1), ...plan.slots.slice(0, Math.max(at, 0))].filter(
    (slot) => live.slots[slot.id]?.status === 'waiting',
  );
}

/** Names come from devices: only what is the plan's own is a slot. */
const slotOf = (live: Live, id: string): LiveSlot | undefined =>
  Object.hasOwn(live.slots, id) ? live.slots[id] : undefined;

const withSlot = (live: Live, id: string, change: Partial<LiveSlot>): Live => ({
  ...live,
  slots: { ...live.slots, [id]: { ...(slotOf(live, id) ?? freshSlot()), ...change } },
});

/** Puts a slot on stage. One that has been there before starts a new visit. */
function enter(plan: RunPlan, live: Live, id: string | null, time: number): Live {
  const next: Live = {
    ...live,
    slot: id,
    step: firstStep(plan.slots.find((slot) => slot.id === id)),
    go: 1,
    failed: false,
    stepAt: time,
    signAt: null,
  };
  if (id === null) return { ...next, phase: 'curtain' };
  const before = live.slots[id];
  const visit = before?.startedAt == null ? 0 : (before.endedAt ?? time) - before.startedAt;
  return withSlot({ ...next, phase: 'running' }, id, {
    status: 'waiting',
    startedAt: time,
    endedAt: null,
    earlier: (before?.earlier ?? 0) + visit,
  });
}

const recordGo = (goes: readonly Go[], go: Go): Go[] => [
  ...goes.filter((other) => other.go !== go.go),
  go,
];

function leaveSlot(
  plan: RunPlan,
  live: Live,
  id: string,
  time: number,
  change: Partial<LiveSlot>,
): Live {
  const left = withSlot(live, id, { endedAt: time, ...change });
  return enter(plan, left, comingUp(plan, left, id)[0]?.id ?? null, time);
}

function done(plan: RunPlan, live: Live, slot: RunSlot, time: number): Live {
  const goes = live.slots[slot.id]?.goes ?? [];
  if (live.failed) return leaveSlot(plan, live, slot.id, time, { status: 'performed' });
  const now = slot.steps[live.step];
  const next = nextStep(slot, live.step, live.go);
  const goIsOver = now && endsGo(sequenceOf(slot), { part: now, go: live.go });
  const change: Partial<LiveSlot> = {
    goes: goIsOver ? recordGo(goes, { go: live.go, outcome: 'worked', cause: null }) : goes,
    steps: [
      ...(live.slots[slot.id]?.steps ?? []),
      { task: now?.task ?? '', seconds: time - live.stepAt },
    ],
  };
  if (!next) return leaveSlot(plan, live, slot.id, time, { status: 'performed', ...change });
  return {
    ...withSlot(live, slot.id, change),
    ...next,
    stepAt: time,
    signAt: null,
  };
}

function again(live: Live, slot: RunSlot, time: number): Live {
  const goes = live.slots[slot.id]?.goes ?? [];
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
    ...withSlot(live, slot.id, { goes: recorded }),
    ...located(slot, anotherGo(sequence, live.go)),
    failed: false,
    stepAt: time,
    signAt: null,
  };
}

const MOVES = new Set(['done', 'again', 'failed', 'skip', 'goTo', 'leaveOut', 'bringBack']);
const FOR_THE_STEP = new Set(['done', 'again', 'failed', 'skip', 'sign']);

function isForThisStep(plan: RunPlan, live: Live, event: RunEvent): boolean {
  const slot = currentSlot(plan, live);
  return (
    slot !== null &&
    event.slot === slot.id &&
    event.step === slot.steps[live.step]?.task &&
    event.go === live.go
  );
}

function move(plan: RunPlan, live: Live, event: RunEvent, time: number): Live {
  const slot = currentSlot(plan, live);
  const target = event.slot !== null && slotOf(live, event.slot) ? event.slot : null;
  switch (event.kind) {
    case 'done':
      return slot ? done(plan, live, slot, time) : live;
    case 'again':
      return slot ? again(live, slot, time) : live;
    case 'failed': {
      if (!slot) return live;
      const goes = live.slots[slot.id]?.goes ?? [];
      const go: Go = { go: live.go, outcome: 'failed', cause: event.cause };
      return { ...withSlot(live, slot.id, { goes: recordGo(goes, go) }), failed: true };
    }
    case 'skip':
      return slot ? leaveSlot(plan, live, slot.id, time, { status: 'skipped' }) : live;
    case 'leaveOut': {
      if (!target || target === live.slot || live.slots[target]?.status !== 'waiting') return live;
      return withSlot(live, target, { status: 'leftOut' });
    }
    case 'bringBack': {
      const status = target ? live.slots[target]?.status : undefined;
      if (!target || (status !== 'leftOut' && status !== 'skipped')) return live;
      const back = withSlot(live, target, { status: 'waiting' });
      return back.phase === 'curtain' ? enter(plan, back, target, time) : back;
    }
    case 'goTo': {
      if (!target || target === live.slot) return live;
      // What is left half done ends its visit here and stays waiting.
      const left = live.slot === null ? live : withSlot(live, live.slot, { endedAt: time });
      return enter(plan, left, target, time);
    }
    default:
      return live;
  }
}

function aside(plan: RunPlan, live: Live, event: RunEvent, at: number, time: number): Live {
  switch (event.kind) {
    case 'sign':
      return isForThisStep(plan, live, event) ? { ...live, signAt: time } : live;
    case 'begin':
      if (event.slot === null || event.step === null) return live;
      return {
        ...live,
        begun: { ...live.begun, [taskKey({ slot: event.slot, task: event.step })]: time },
      };
    case 'note':
      return {
        ...live,
        notes: [
          ...live.notes,
          { id: event.id, slot: event.slot, text: event.text ?? '', at, by: event.by },
        ],
      };
    case 'takeBackNote':
      // Its text names the event that the note came with.
      return { ...live, notes: live.notes.filter((note) => note.id !== event.text) };
    case 'judge': {
      const id = event.slot ?? '';
      const known = slotOf(live, id);
      if (!known || event.go === null || event.outcome === null) return live;
      const go: Go = { go: event.go, outcome: event.outcome, cause: event.cause };
      const status = known.status === 'waiting' ? 'performed' : known.status;
      return withSlot(live, id, {
        goes: recordGo(known.goes, go).sort((a, b) => a.go - b.go),
        status,
      });
    }
    default:
      return live;
  }
}

/** The state of a run after its events. Any list of events gives a state; nothing is thrown. */
export function fold(plan: RunPlan, events: readonly RunEvent[]): Live {
  let live = beforeStart(plan);
  const trail: Live[] = [];
  let clock = -Infinity;
  for (const event of events) {
    // A device whose clock is behind the others' can't make time run backwards.
    const at = Math.max(clock, event.at);
    clock = at;
    const time = showTime(live, at);
    if (event.kind === 'start') {
      if (live.phase === 'before')
        live = enter(plan, { ...live, startedAt: at }, plan.slots[0]?.id ?? null, 0);
    } else if (event.kind === 'finish') {
      if (live.startedAt !== null && live.finishedAt === null) {
        const ended = live.slot ? withSlot(live, live.slot, { endedAt: time }) : live;
        live = { ...ended, phase: 'finished', finishedAt: live.heldFrom ?? at };
      }
    } else if (event.kind === 'hold') {
      if (live.phase === 'running') live = { ...live, phase: 'held', heldFrom: at };
    } else if (event.kind === 'resume') {
      if (live.phase === 'held')
        live = {
          ...live,
          phase: 'running',
          heldMs: live.heldMs + at - (live.heldFrom ?? at),
          heldFrom: null,
        };
    } else if (event.kind === 'back') {
      // Two people who press Back for the same move take it back once.
      const meant = event.onMove === null || event.onMove === live.lastMove;
      const earlier = live.phase === 'finished' || !meant ? undefined : trail.pop();
      // What happened beside the running order stays: held time, notes, jobs begun.
      if (earlier)
        live = {
          ...earlier,
          phase: live.phase === 'held' ? 'held' : 'running',
          heldFrom: live.heldFrom,
          heldMs: live.heldMs,
          begun: live.begun,
          notes: live.notes,
        };
    } else if (MOVES.has(event.kind)) {
      const fresh = !FOR_THE_STEP.has(event.kind) || isForThisStep(plan, live, event);
      const open = live.phase === 'running' || live.phase === 'curtain';
      const next = fresh && open ? move(plan, live, event, time) : live;
      if (next !== live) {
        trail.push(live);
        live = { ...next, lastMove: event.id };
      }
    } else {
      live = aside(plan, live, event, at, time);
    }
  }
  return live;
}
