/** Events as they come from a device: each checked by itself, its time brought to the server's clock. */
import type { EventsBody } from '../../contract/stage';
import { RunEventBody } from '../../contract/stage';
import { check, faultInWords } from '../../contract/validate';
import { EventNames } from '../../core/stage/event';
import type { RunEvent, RunPlan } from '../../core/stage/types';
import type { Received } from './runs';

export interface Sorted {
  fit: Received[];
  refused: { id: string; message: string }[];
}

const isPlain = (event: unknown): event is object =>
  typeof event === 'object' && event !== null && !Array.isArray(event);

const idOf = (event: unknown): string => {
  const id = (event as { id?: unknown } | null)?.id;
  return typeof id === 'string' ? id.slice(0, 100) : '';
};

/**
 * A device may be minutes fast or slow: what it says is read by how its clock stood when it sent. No
 * press is later than its receipt, or earlier than the run.
 */
export function timeOf(at: number, sentAt: number, receivedAt: number, runFrom: number): number {
  const byServer = at + (receivedAt - sentAt);
  return Math.min(receivedAt, Math.max(Math.min(runFrom, receivedAt), byServer));
}

const known = new WeakMap<RunPlan, EventNames>();

/** A plan is a value: what is in it is gathered once. */
function namesOf(plan: RunPlan): EventNames {
  const names = known.get(plan) ?? new EventNames(plan);
  known.set(plan, names);
  return names;
}

/** Who sent the presses. */
export interface Sender {
  device: string | null;
  /** Whose name a press carries, by what it says itself. */
  by: (said: string | null) => string | null;
  /** Why this device may not press that; null where it may. */
  refuses: (event: RunEvent) => string | null;
}

/** Sorts out what can't be stored, with the reason; the rest is as it will be stored. */
export function sortEvents(
  { events, sentAt }: EventsBody,
  run: { plan: RunPlan; createdAt: number },
  receivedAt: number,
  sender: Sender,
): Sorted {
  const names = namesOf(run.plan);
  const sorted: Sorted = { fit: [], refused: [] };
  for (const plain of events) {
    // On which device it was pressed is for the server to say.
    const checked = check(RunEventBody, isPlain(plain) ? { device: null, ...plain } : plain);
    const fault = checked.ok
      ? names.fault(checked.value)
      : checked.faults[0] && faultInWords(checked.faults[0]);
    const message = fault
      ? `A press ${fault}.`
      : checked.ok
        ? sender.refuses(checked.value)
        : 'A press is not right.';
    if (!checked.ok || message !== null) {
      sorted.refused.push({ id: idOf(plain), message: message ?? '' });
      continue;
    }
    const event = { ...checked.value, device: sender.device, by: sender.by(checked.value.by) };
    const at = timeOf(event.at, sentAt, receivedAt, run.createdAt);
    sorted.fit.push({ event: { ...event, at }, deviceAt: event.at, receivedAt });
  }
  return sorted;
}
