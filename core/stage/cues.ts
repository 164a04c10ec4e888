/**
 * Which cues of a run go off, and when: from its state alone, so that a server that was started again
 * knows the same. A cue goes off once for each time its step is on stage.
 */
import type { StepCue } from '../repertoire/cues';
import type { Live, RunEvent, RunPlan, RunStep } from './types';

/** A cue of a step that is, or was, on stage. */
export interface DueCue {
  /** The same for the same cue of the same time on stage. */
  key: string;
  slot: string;
  task: string;
  cue: StepCue;
  /** When it goes off, in ms since 1970. */
  at: number;
}

const stepOnStage = (plan: RunPlan, live: Live): RunStep | undefined =>
  plan.slots.find(({ id }) => id === live.slot)?.steps[live.step];

/** Names a time that a step is on stage: a slot that comes back has its cues once more. */
const turnOf = (live: Live): string => `${live.visits.length}/${live.slot}/${live.step}/${live.go}`;

/** When a cue goes off while its step is on stage; null where that is not known yet, or it is when it is done. */
function momentOf({ at, seconds }: StepCue, live: Live): number | null {
  switch (at) {
    case 'start':
      return live.stepFrom;
    case 'after':
      return live.stepFrom + seconds * 1000;
    case 'sign':
      return live.signAt;
    case 'done':
      return null;
  }
}

/** Cues of the step on stage that go off by its being there; none while the show stands still. */
export function cuesOnStage(plan: RunPlan, live: Live): DueCue[] {
  const step = stepOnStage(plan, live);
  const slot = live.slot;
  if (!step || slot === null || live.phase !== 'running') return [];
  return step.cues.flatMap((cue): DueCue[] => {
    const at = momentOf(cue, live);
    return at === null
      ? []
      : [{ key: `${turnOf(live)}/${cue.id}`, slot, task: step.task, cue, at }];
  });
}

/** Cues that go off because a press ended a step. */
export function cuesOfDone(plan: RunPlan, before: Live, after: Live, event: RunEvent): DueCue[] {
  const step = stepOnStage(plan, before);
  const slot = before.slot;
  if (event.kind !== 'done' || !step || slot === null || after.lastMove !== event.id) return [];
  return step.cues
    .filter(({ at }) => at === 'done')
    .map((cue) => ({
      key: `${turnOf(before)}/${cue.id}`,
      slot,
      task: step.task,
      cue,
      at: event.at,
    }));
}

/** All that a press sets off at once, whatever has gone off before. */
export const setOff = (plan: RunPlan, before: Live, after: Live, event: RunEvent): DueCue[] => [
  ...cuesOfDone(plan, before, after, event),
  ...cuesOnStage(plan, after).filter(({ at }) => at <= event.at),
];

/** Every cue of a plan, in the order in which it would go off. */
export const cueList = (
  plan: Pick<RunPlan, 'slots'>,
): { slot: string; task: string; step: RunStep; cue: StepCue }[] =>
  plan.slots.flatMap((slot) =>
    slot.steps.flatMap((step) =>
      [...step.cues]
        .sort((a, b) => ORDER[a.at] - ORDER[b.at] || a.seconds - b.seconds)
        .map((cue) => ({ slot: slot.id, task: step.task, step, cue })),
    ),
  );

const ORDER: Record<StepCue['at'], number> = { start: 0, after: 1, sign: 2, done: 3 };
