/** Undo and redo of what this page changed, and of nothing else. */
import { apply, type Change, changesBetween, reversed } from './changes';
import type { Path } from './keyed';

const STEPS_KEPT = 100;
/** Strokes in one field that come this close together are one step, in ms. */
const ONE_STROKE = 1000;

interface Step {
  changes: Change[];
  /** When, in ms since 1970; null for one that is not typed on. */
  at: number | null;
}

export interface History {
  past: readonly Step[];
  future: readonly Step[];
}

export const NO_HISTORY: History = { past: [], future: [] };

const sameFields = (a: readonly Change[], b: readonly Change[]): boolean =>
  a.length === b.length &&
  a.every(
    ({ path, before, after }, i) =>
      path.join('\n') === b[i]?.path.join('\n') && before !== undefined && after !== undefined,
  );

/** Writes down a change; typing on in the same field makes its last step longer. */
export function record(history: History, changes: Change[], at: number | null): History {
  const last = history.past.at(-1);
  const typedOn =
    last !== undefined &&
    at !== null &&
    last.at !== null &&
    history.future.length === 0 &&
    at - last.at < ONE_STROKE &&
    sameFields(last.changes, changes) &&
    changes.every((change) => change.path.at(-1) !== 'order');
  if (!typedOn)
    return { past: [...history.past.slice(-STEPS_KEPT + 1), { changes, at }], future: [] };
  const longer = last.changes.map((change, i) => ({ ...change, after: changes[i]?.after }));
  return { past: [...history.past.slice(0, -1), { changes: longer, at }], future: [] };
}

export interface Stepped<T> {
  value: T;
  history: History;
  /** Places another page has changed since: they stay as they are. */
  skipped: Path[];
}

function step<T extends object>(
  value: T,
  changes: readonly Change[],
): { value: T; made: Change[]; skipped: Path[] } {
  const { value: next, skipped } = apply(value, changes);
  return { value: next, made: changesBetween(value, next), skipped };
}

/** Takes back the last step; null when there is none. What can’t be taken back is dropped from it. */
export function undo<T extends object>(value: T, history: History): Stepped<T> | null {
  const last = history.past.at(-1);
  if (!last) return null;
  const { value: next, made, skipped } = step(value, reversed(last.changes));
  const future =
    made.length > 0 ? [...history.future, { changes: made, at: null }] : history.future;
  return { value: next, skipped, history: { past: history.past.slice(0, -1), future } };
}

/** Makes the last step taken back again; null when there is none. */
export function redo<T extends object>(value: T, history: History): Stepped<T> | null {
  const last = history.future.at(-1);
  if (!last) return null;
  const { value: next, made, skipped } = step(value, reversed(last.changes));
  const past = made.length > 0 ? [...history.past, { changes: made, at: null }] : history.past;
  return { value: next, skipped, history: { past, future: history.future.slice(0, -1) } };
}
