/**
 * State = fold(events). The order of events is the server's; their times are the devices'.
 *
 * An event that was pressed for a step that is no longer on stage changes nothing: two people who
 * press Done for the same step move the show on once.
 */
import { type TaskKey, taskKey } from '../keys';
import { corrected } from './corrected';
import { settle } from './driving';
import { enter, freshSlot, isForNow, isMove, move, recordGo, slotOf, withSlot } from './moves';
import { readingsAfter } from './readings';
import { SCREEN_AT_FIRST, screenAfter, tallied } from './screen';
import { showTime } from './showTime';
import type { Go, JobSaid, Live, RunEvent, RunPlan, Said } from './types';

export function beforeStart(plan: RunPlan): Live {
  return {
    phase: 'before',
    startedAt: null,
    finishedAt: null,
    heldFrom: null,
    heldMs: 0,
    holds: [],
    slot: null,
    step: 0,
    go: 1,
    parts: [],
    lastMove: null,
    failed: false,
    stepAt: 0,
    stepFrom: 0,
    commenced: false,
    signAt: null,
    slots: Object.fromEntries(plan.slots.map((slot) => [slot.id, freshSlot()])),
    visits: [],
    jobs: {},
    passed: [],
    finishMoved: null,
    calls: [],
    screen: SCREEN_AT_FIRST,
    tallies: {},
    talliesAfter: {},
    reactions: {},
    questions: [],
    because: [],
    readings: [],
    notes: [],
  };
}

const UNSAID: JobSaid = { begun: null, ended: null, trouble: null, at: 0, by: null };

/** What one press says of a piece of work; null where it takes back what was said. */
function saidOf(known: JobSaid, { kind, at, by }: RunEvent): JobSaid | null {
  const now = { at, by };
  switch (kind) {
    case 'begin':
      return { begun: at, ended: null, trouble: null, ...now };
    case 'ready':
      return { begun: known.begun, ended: at, trouble: null, ...now };
    case 'late':
      return { ...known, ended: null, trouble: 'late', ...now };
    case 'spoiled':
      return { begun: null, ended: null, trouble: 'spoiled', ...now };
    case 'blocked':
      return { begun: null, ended: null, trouble: 'blocked', ...now };
    default:
      return null;
  }
}

function withJob(live: Live, event: RunEvent): Live {
  if (event.slot === null || event.step === null) return live;
  const key: TaskKey = taskKey({ slot: event.slot, task: event.step });
  const { [key]: known = UNSAID, ...others } = live.jobs;
  const said = saidOf(known, event);
  return { ...live, jobs: said ? { ...others, [key]: said } : others };
}

function judged(live: Live, event: RunEvent): Live {
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

function reactionsAfter(live: Live, { slot, value, text }: RunEvent): Live['reactions'] {
  if (slot === null || !slotOf(live, slot)) return live.reactions;
  const { [slot]: _before, ...others } = live.reactions;
  return value === null ? others : { ...others, [slot]: { value, text: text ?? '' } };
}

/** What happens beside the running order, and is not taken back with a move. */
function aside(plan: RunPlan, live: Live, event: RunEvent): Live {
  const { at, by, slot, text } = event;
  switch (event.kind) {
    case 'sign':
      return isForNow(plan, live, event) ? { ...live, signAt: at } : live;
    case 'begin':
    case 'ready':
    case 'late':
    case 'spoiled':
    case 'blocked':
    case 'unmark':
      return withJob(live, event);
    case 'call': {
      const { step } = event;
      if (slot === null || step === null || !slotOf(live, slot)) return live;
      return { ...live, calls: [...live.calls, { slot, task: step, at, by }] };
    }
    case 'screen':
      return { ...live, screen: screenAfter(live, event) };
    case 'tally':
      return tallied(plan, live, event);
    case 'pass':
      if (slot === null || !slotOf(live, slot)) return live;
      return { ...live, passed: [...live.passed, { slot, rule: text ?? '', at, by }] };
    case 'moveFinish':
      return { ...live, finishMoved: event.value };
    case 'note':
      return { ...live, notes: [...live.notes, { id: event.id, slot, text: text ?? '', at, by }] };
    case 'question':
      return {
        ...live,
        questions: [...live.questions, { id: event.id, slot, text: text ?? '', at, by }],
      };
    case 'takeBackNote': {
      // Its text names the event that the note, or the question, came with.
      const others = (all: readonly Said[]): Said[] => all.filter(({ id }) => id !== text);
      return { ...live, notes: others(live.notes), questions: others(live.questions) };
    }
    case 'reaction':
      return { ...live, reactions: reactionsAfter(live, event) };
    case 'because': {
      const { value: moment } = event;
      if (moment === null) return live;
      const others = live.because.filter((one) => one.moment !== moment);
      return { ...live, because: text ? [...others, { moment, text }] : others };
    }
    case 'judge':
      return judged(live, event);
    case 'reading':
      return { ...live, readings: readingsAfter(plan, live.readings, event) };
    default:
      return live;
  }
}

/** A run as its events come in, one by one. */
export class Folding {
  private trail: readonly Live[] = [];
  private beforeFinish: Live | null = null;
  private clock = -Infinity;

  constructor(
    private readonly plan: RunPlan,
    /** The state after the events so far, before times were put right. */
    public live: Live = beforeStart(plan),
  ) {}

  /** A device whose clock is behind the others’ can’t make time run backwards. */
  inTime(event: RunEvent): RunEvent {
    this.clock = Math.max(this.clock, event.at);
    return this.clock === event.at ? event : { ...event, at: this.clock };
  }

  take(event: RunEvent): Live {
    this.live = this.after(this.inTime(event));
    return this.live;
  }

  /** The same run, to go on with otherwise. */
  fork(): Folding {
    const other = new Folding(this.plan, this.live);
    other.trail = this.trail;
    other.beforeFinish = this.beforeFinish;
    other.clock = this.clock;
    return other;
  }

  private after(event: RunEvent): Live {
    const { live, plan } = this;
    const { at } = event;
    switch (event.kind) {
      case 'start': {
        if (live.phase !== 'before') return live;
        return enter(plan, { ...live, startedAt: at }, plan.slots[0]?.id ?? null, { at, time: 0 });
      }
      case 'finish': {
        if (live.startedAt === null || live.finishedAt !== null) return live;
        this.beforeFinish = live;
        const ended = live.slot ? withSlot(live, live.slot, { endedAt: showTime(live, at) }) : live;
        return { ...ended, phase: 'finished', finishedAt: live.heldFrom ?? at };
      }
      case 'unfinish': {
        const before = this.beforeFinish;
        if (live.phase !== 'finished' || !before) return live;
        return { ...before, ...this.besides(), slots: { ...live.slots, ...openOf(before) } };
      }
      case 'hold':
        return live.phase === 'running' ? { ...live, phase: 'held', heldFrom: at } : live;
      case 'resume': {
        if (live.phase !== 'held' || live.heldFrom === null) return live;
        return {
          ...live,
          phase: 'running',
          heldMs: live.heldMs + at - live.heldFrom,
          holds: [...live.holds, { from: live.heldFrom, until: at }],
          heldFrom: null,
        };
      }
      case 'back':
        return this.back(event);
      default: {
        if (!isMove(event)) return aside(plan, live, event);
        const open = live.phase === 'running' || live.phase === 'curtain';
        const next = open && isForNow(plan, live, event) ? move(plan, live, event) : live;
        if (next === live) return live;
        // Why it failed is said of the same press.
        if (event.kind === 'failed' && live.failed) return next;
        this.trail = [...this.trail, live];
        return { ...next, lastMove: event.id };
      }
    }
  }

  private back(event: RunEvent): Live {
    const { live } = this;
    // Two people who press Back for the same move take it back once.
    const meant = event.onMove === null || event.onMove === live.lastMove;
    const earlier = live.phase === 'finished' || !meant ? undefined : this.trail.at(-1);
    if (!earlier) return live;
    this.trail = this.trail.slice(0, -1);
    return { ...earlier, ...this.besides(), phase: live.phase === 'held' ? 'held' : 'running' };
  }

  /** What happened beside the running order stays: held time, notes, what was said of jobs. */
  private besides(): Partial<Live> {
    const {
      heldFrom,
      heldMs,
      holds,
      jobs,
      passed,
      finishMoved,
      calls,
      screen,
      tallies,
      talliesAfter,
      notes,
    } = this.live;
    const { reactions, questions, because, readings } = this.live;
    return {
      heldFrom,
      heldMs,
      holds,
      jobs,
      passed,
      finishMoved,
      calls,
      screen,
      tallies,
      talliesAfter,
      reactions,
      questions,
      because,
      readings,
      notes,
    };
  }
}

/** The slot that was on stage, as it was. */
const openOf = ({ slot, slots }: Live): Live['slots'] =>
  slot !== null && slots[slot] ? { [slot]: slots[slot] } : {};

/** The state of a run after its events. Any list of events gives a state; nothing is thrown. */
export function fold(plan: RunPlan, events: readonly RunEvent[]): Live {
  const folding = new Folding(plan);
  const settled = settle(events);
  for (const event of settled.events) folding.take(event);
  return corrected(folding.live, settled.events);
}
