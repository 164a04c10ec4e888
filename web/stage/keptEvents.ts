/** Presses kept on this device until the server has them: through reloads and breaks. */
import type { RunEvent } from '../../core/stage/types';

const keyOf = (runId: string): string => `hearty-stage-run-${runId}`;

/** What the browser would not keep, being full or told to keep nothing: here as long as the page is. */
const unkept = new Map<string, readonly RunEvent[]>();

export function keptEvents(runId: string): RunEvent[] {
  const here = unkept.get(runId);
  if (here) return [...here];
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(runId)) ?? '[]');
    return Array.isArray(kept) ? (kept as RunEvent[]) : [];
  } catch {
    return [];
  }
}

export function keepEvents(runId: string, events: readonly RunEvent[]): void {
  try {
    if (events.length === 0) localStorage.removeItem(keyOf(runId));
    else localStorage.setItem(keyOf(runId), JSON.stringify(events));
    unkept.delete(runId);
  } catch {
    unkept.set(runId, events);
  }
}
