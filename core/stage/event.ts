import { type MethodResult, readingFault } from '../repertoire/measure';
import { REACTIONS } from './reactions';
import { askedMode, askedTally } from './screen';
import type { EventKind, RunEvent, RunPlan } from './types';

type Stamp = Pick<RunEvent, 'id' | 'at' | 'by'>;

/** An event about nothing in particular but what `more` says. */
export const eventOf = (
  stamp: Stamp,
  kind: EventKind,
  more: Partial<Omit<RunEvent, 'id' | 'kind'>> = {},
): RunEvent => ({
  ...stamp,
  kind,
  slot: null,
  step: null,
  go: null,
  cause: null,
  outcome: null,
  text: null,
  value: null,
  onMove: null,
  device: null,
  ...more,
});

/** What ends a run, or sets right how it went, and so changes what it came to. */
const AT_THE_END = new Set<EventKind>([
  'finish',
  'unfinish',
  'judge',
  'correct',
  'doubt',
  'trust',
  'reading',
  'reaction',
]);

export const changesOutcome = ({ kind }: Pick<RunEvent, 'kind'>): boolean => AT_THE_END.has(kind);

const OF_JOB = ['begin', 'ready', 'late', 'spoiled', 'blocked', 'unmark'] as const;
const OF_STEP = ['correct', 'doubt', 'trust'] as const;
const NEEDS_SLOT = new Set<EventKind>([
  'call',
  'tally',
  'goTo',
  'leaveOut',
  'bringBack',
  'judge',
  'pass',
  'reading',
  'reaction',
  ...OF_JOB,
  ...OF_STEP,
]);
const NEEDS_STEP = new Set<EventKind>(['call', ...OF_JOB, ...OF_STEP]);

/** Whether what an event names is in the plan, each name looked up as one of its own. */
export class EventNames {
  private readonly slots: ReadonlySet<string>;
  private readonly steps: ReadonlySet<string>;
  private readonly results: ReadonlyMap<string, readonly MethodResult[]>;

  constructor(plan: RunPlan) {
    this.slots = new Set(plan.slots.map((slot) => slot.id));
    this.results = new Map(plan.slots.map((slot) => [slot.id, slot.results]));
    this.steps = new Set([
      ...plan.slots.flatMap((slot) => slot.steps.map((step) => step.task)),
      ...plan.jobs.map((job) => job.task),
    ]);
  }

  /** What is wrong with the names of an event; null when each is in the plan. */
  fault(
    event: Pick<RunEvent, 'kind' | 'slot' | 'step' | 'go' | 'outcome' | 'text' | 'value'>,
  ): string | null {
    const { kind, slot, step, text } = event;
    if (slot === null && NEEDS_SLOT.has(kind)) return 'does not say which slot';
    if (slot !== null && !this.slots.has(slot))
      return `is for a slot that is not in this run: “${slot}”`;
    // What one goes to, or leaves out, is another slot than the one whose step was on stage.
    if (step !== null && !this.steps.has(step))
      return `is for a step that is not in this run: “${step}”`;
    if (step === null && NEEDS_STEP.has(kind)) return 'does not say which step';
    if ((kind === 'correct' || kind === 'moveFinish') && event.value === null)
      return 'does not say to what';
    if (kind === 'correct' && (event.value ?? 0) < 0) return 'has a time below nothing';
    if (kind === 'screen' && !askedMode(text)) return 'does not say what the audience is shown';
    if (kind === 'tally' && askedTally(event.text) === null) return 'does not say which option';
    if ((kind === 'drive' || kind === 'take') && !event.text) return 'does not say what it takes';
    if (kind === 'part' && !event.text) return 'does not say which part of the step';
    if (kind === 'reading') {
      const result = this.results.get(slot ?? '')?.find(({ id }) => id === text);
      if (!result) return 'does not say what was read';
      if (event.go === null) return 'does not say at which go it was read';
      const fault = event.value === null ? null : readingFault(result, event.value);
      return fault && `has a reading that ${fault}`;
    }
    if (kind === 'reaction' && event.value !== null && !REACTIONS.includes(event.value))
      return 'has a reaction that is not one of 1 to 5';
    if (kind === 'question' && !text) return 'does not say what was asked';
    if (kind === 'because' && event.value === null) return 'does not say which moment it is about';
    if (kind === 'judge' && (event.go === null || event.outcome === null))
      return 'does not say which go, or how it went';
    return null;
  }
}
