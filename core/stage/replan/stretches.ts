/** A slot's times on stage, taken apart where another go needed everything made ready afresh. */
import type { Live, RunPlan, RunSlot, Visit } from '../types';

export interface DoneStep {
  task: string;
  go: number;
  start: number;
  end: number;
}

/** In whole seconds from the start of the show. */
export interface Stretch {
  /** “foam~0” for the first time on stage; a go with a fresh set has its number too: “foam~0.3”. */
  id: string;
  /** When the stage was free for it. */
  entered: number;
  from: number;
  /** Null while it is on. */
  until: number | null;
  steps: DoneStep[];
  /** It waits for a fresh set. */
  fresh: boolean;
}

/** A name of a slot holds no such sign. */
const MARK = '~';
export const visitId = (slot: string, visit: number): string => `${slot}${MARK}${visit}`;
/** Of a slot that was made ready and left out. */
export const outId = (slot: string): string => `${slot}${MARK}out`;
export const slotOfPart = (part: string): string => part.split(MARK)[0] ?? part;

/** Another go than those that were planned needs a fresh set, where a set does for one only. */
export const needsFreshSet = (run: Pick<RunSlot, 'oneShot' | 'goes'>, go: number): boolean =>
  run.oneShot && go > run.goes;

/** One visit's stretches; the last of the visit that is on is open. */
export function stretchesOf(
  run: RunSlot,
  visit: Visit,
  number: number,
  live: Live,
  second: (ms: number) => number,
): Stretch[] {
  const id = visitId(run.id, number);
  const on = visit.until === null;
  const first: Stretch = {
    id,
    entered: second(visit.entered),
    from: second(visit.from),
    until: null,
    steps: [],
    fresh: false,
  };
  const stretches = [first];
  const open = (go: number, from: number): void => {
    const last = stretches.at(-1) ?? first;
    last.until = last.steps.at(-1)?.end ?? from;
    stretches.push({ ...first, id: `${id}.${go}`, entered: from, from, steps: [], fresh: true });
  };
  let goes = 1;
  for (const step of visit.steps) {
    const done = { ...step, start: second(step.from), end: second(step.until) };
    if (step.go > goes && needsFreshSet(run, step.go)) open(step.go, done.start);
    goes = Math.max(goes, step.go);
    stretches
      .at(-1)
      ?.steps.push({ task: step.task, go: step.go, start: done.start, end: done.end });
  }
  if (on && live.go > goes && needsFreshSet(run, live.go)) {
    const last = stretches.at(-1) ?? first;
    last.until = second(live.stepFrom);
    open(live.go, second(live.stepFrom));
    last.until = second(live.stepFrom);
  }
  const last = stretches.at(-1) ?? first;
  last.until = visit.until === null ? null : Math.max(last.from, second(visit.until));
  return stretches;
}

/** The stretch that is open; null when nothing is on stage. */
export function openStretchId(plan: RunPlan, live: Live): string | null {
  const run = plan.slots.find(({ id }) => id === live.slot);
  const visit = live.visits.at(-1);
  if (!run || !visit || visit.until !== null) return null;
  const id = visitId(run.id, live.visits.length - 1);
  return needsFreshSet(run, live.go) ? `${id}.${live.go}` : id;
}
