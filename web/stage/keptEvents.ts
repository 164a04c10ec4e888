/** Presses kept on this device until the server has them: through reloads and breaks. */
import type { RunEvent } from '../../core/stage/types';

const keyOf = (runId: string): string => `hearty-stage-run-${runId}`;

export function keptEvents(runId: string): RunEvent[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(runId)) ?? '[]');
    return Array.isArray(kept) ? (kept as RunEvent[]) : [];
  } catch {
    return [];
  }
}

export function keepEvents(runId: string, events: readonly RunEvent[]): void {
  if (events.length === 0) localStorage.removeItem(keyOf(runId));
  else localStorage.setItem(keyOf(runId), JSON.stringify(events));
}
