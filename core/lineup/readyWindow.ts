import type { PlacedTask, PlanSlot, Timeline } from './types';

/** What a placed task is for, and how long it keeps. Seconds from the show's start. */
export interface ReadyWindow {
  /** When the task that uses it begins. */
  at: number;
  from: number;
  /** Null when it keeps for as long as one likes. */
  until: number | null;
}

/**
 * The tightest window that a task opens for the ones after it; null when nothing comes after it.
 * Where several tasks wait for the same one, the one that can wait least decides.
 */
export function readyWindow(
  slot: Pick<PlanSlot, 'tasks'>,
  timeline: Pick<Timeline, 'tasks'>,
  placed: PlacedTask,
): ReadyWindow | null {
  const windows = slot.tasks.flatMap((next) =>
    next.after.flatMap((lag): ReadyWindow[] => {
      if (lag.task !== placed.task) return [];
      const use = timeline.tasks.find((t) => t.slot === placed.slot && t.task === next.id);
      if (!use) return [];
      const until = lag.greatest === null ? null : placed.end + lag.greatest;
      return [{ at: use.start, from: placed.end + lag.least, until }];
    }),
  );
  windows.sort((a, b) => (a.until ?? Infinity) - (b.until ?? Infinity) || a.at - b.at);
  return windows[0] ?? null;
}
