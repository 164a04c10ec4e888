/** A small run to press through in tests. */
import { timelineOf } from '../lineup/timelineOf';
import { eventOf } from '../stage/event';
import { fold } from '../stage/fold';
import { runPlanOf } from '../stage/plan';
import { isLastPart, partOnStage } from '../stage/steps';
import type { StepCue } from '../repertoire/cues';
import type { Live, RunEvent, RunPlan, RunStep } from '../stage/types';
import { after, task } from './build';
import { bundle } from './bundle';

export const START = Date.UTC(2027, 4, 30, 14);

const show = bundle([
  {
    id: 'drum',
    tasks: [
      task('hello', 'perform', 60, { eachGo: false }),
      task('bang', 'perform', 60),
      task('why', 'perform', 60, { eachGo: false }),
    ],
  },
  {
    id: 'foam',
    slot: { positionId: 'bench', worth: 1 },
    tasks: [
      task('soak', 'settle', 300, { place: 'wings' }),
      task('pour', 'perform', 240, { after: [after('soak', 0, 600)] }),
    ],
  },
  { id: 'cloud', slot: { mayLeaveOut: false, worth: 5 }, tasks: [task('pump', 'perform', 300)] },
]);
/** A show of three slots: three steps, one with a soak beforehand, and one that must stay. */
export const threeSlots = { show, plan: runPlanOf(show, timelineOf(show), START) };

/** The same plan, each step with cues of its own. */
export const withCues = (plan: RunPlan, cuesOf: (step: RunStep) => StepCue[]): RunPlan => ({
  ...plan,
  slots: plan.slots.map((slot) => ({
    ...slot,
    steps: slot.steps.map((step) => ({ ...step, cues: cuesOf(step) })),
  })),
});

/** Presses keys as the screen does: for whatever is on the stage at that moment. */
export class Stage {
  events: RunEvent[] = [];
  constructor(readonly of: RunPlan = threeSlots.plan) {}

  live(): Live {
    return fold(this.of, this.events);
  }

  at(seconds: number, kind: RunEvent['kind'], more: Partial<RunEvent> = {}): this {
    const live = this.live();
    const slot = this.of.slots.find((s) => s.id === live.slot);
    this.events.push(
      eventOf({ id: `e${this.events.length}`, at: START + seconds * 1000, by: 'ines' }, kind, {
        slot: live.slot,
        step: slot?.steps[live.step]?.task ?? null,
        go: live.go,
        ...more,
      }),
    );
    return this;
  }

  /** The step on stage and the part of it that is to be done. */
  part(): string {
    const live = this.live();
    const slot = this.of.slots.find((s) => s.id === live.slot);
    return slot ? `${slot.steps[live.step]?.task} ${partOnStage(slot, live)}` : live.phase;
  }

  /** The key that goes on: the next part of the step, or the step. */
  forward(seconds: number): this {
    const live = this.live();
    const slot = this.of.slots.find((s) => s.id === live.slot);
    if (!slot || isLastPart(slot, live)) return this.at(seconds, 'done');
    return this.at(seconds, 'part', { text: partOnStage(slot, live) });
  }

  where(): string {
    const live = this.live();
    const slot = this.of.slots.find((s) => s.id === live.slot);
    return `${slot?.name ?? live.phase} ${slot?.steps[live.step]?.task ?? ''} ${live.go}`.trim();
  }
}
