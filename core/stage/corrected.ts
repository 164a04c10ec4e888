/** Times of steps that were put right, or marked doubtful, after they were taken down. */
import { slotOf, withSlot } from './moves';
import type { Live, RunEvent, StepTime } from './types';

function change(step: StepTime, { kind, value }: RunEvent): StepTime {
  const measured = step.measured ?? step.seconds;
  switch (kind) {
    case 'correct':
      return { ...step, seconds: value ?? step.seconds, measured, doubtful: false, trusted: false };
    case 'doubt':
      return { ...step, seconds: measured, measured: null, doubtful: true, trusted: false };
    case 'trust':
      return { ...step, seconds: measured, measured: null, doubtful: false, trusted: true };
    default:
      return step;
  }
}

/** The last correction of a time counts; of a step that was done twice in a go, the later one is meant. */
export function corrected(live: Live, events: readonly RunEvent[]): Live {
  return events.reduce((now, event) => {
    if (event.kind !== 'correct' && event.kind !== 'doubt' && event.kind !== 'trust') return now;
    const own = event.slot === null ? undefined : slotOf(now, event.slot);
    const at =
      own?.steps.findLastIndex(
        ({ task, go }) => task === event.step && (event.go === null || go === event.go),
      ) ?? -1;
    const step = own?.steps[at];
    if (!own || !step) return now;
    return withSlot(now, event.slot ?? '', { steps: own.steps.with(at, change(step, event)) });
  }, live);
}
