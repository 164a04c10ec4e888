/** What is going on behind the performance, the most urgent first. */
import type { TaskTold, Telling, WindowTold } from './tell';

export interface LiveJob {
  slot: string;
  task: string;
  name: string;
  /** What it is for: the slot’s name. */
  of: string;
  people: string[];
  /** spent: it was ready, and kept no longer; ready: it keeps until so long. */
  state: 'blocked' | 'spent' | 'due' | 'underWay' | 'ready';
  /** Somebody said so; otherwise it goes by the plan. */
  said: boolean;
  /** In ms since 1970: when it is to begin, when it will be done, and how long it keeps. */
  from: number;
  to: number;
  until: number | null;
  /** When it is to be used; null where that is not known. */
  at: number | null;
  /** In ms until the next thing to know about it. */
  urgency: number;
}

/** What begins within this, in ms, is worth announcing. */
const AHEAD = 300_000;

const jobOf = (
  { slot, task, name, of, people, from, to, said }: TaskTold,
  state: LiveJob['state'],
  urgency: number,
  window: WindowTold | null = null,
): LiveJob => ({
  slot,
  task,
  name,
  of,
  people: people.map((person) => person.name),
  state,
  said,
  from,
  to,
  until: window?.until ?? null,
  at: window?.at ?? null,
  urgency,
});

/** `now` in ms since 1970; `telling` may be of a moment ago. */
export function liveJobs({ tasks, windows }: Telling, now: number): LiveJob[] {
  const jobs = tasks.flatMap((task): LiveJob[] => {
    const keeps = windows.find(
      (window) => window.slot === task.slot && window.name === task.name && window.isReady,
    );
    if (task.state === 'blocked') return [jobOf(task, 'blocked', -2)];
    if (task.state === 'done' || (task.state === 'underWay' && task.to <= now)) {
      if (!keeps) return [];
      const left = keeps.until - now;
      return left < 0 ? [jobOf(task, 'spent', -1, keeps)] : [jobOf(task, 'ready', left, keeps)];
    }
    if (task.state === 'underWay') return [jobOf(task, 'underWay', task.to - now)];
    const wait = task.from - now;
    return wait <= AHEAD ? [jobOf(task, 'due', Math.max(0, wait))] : [];
  });
  return jobs.sort((a, b) => a.urgency - b.urgency || a.from - b.from);
}
