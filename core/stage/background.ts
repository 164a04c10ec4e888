/** What is running behind the performance, the most urgent first. */
import { taskKey } from '../keys';
import type { Job, Live, RunPlan } from './types';

export interface LiveJob extends Job {
  status: 'due' | 'underWay' | 'ready' | 'late';
  /** Started was pressed; otherwise the times are the plan's, moved with the show's pace. */
  confirmed: boolean;
  /** Show times in seconds. */
  from: number;
  done: number;
  readyUntil: number | null;
  useAt: number | null;
  /** Seconds until the next thing to know about it; the list is in this order. */
  urgency: number;
}

/** Jobs that start within this many seconds are worth announcing. */
const AHEAD = 300;

/** True once the step or task that the job is for has begun. */
function isUsed(plan: RunPlan, live: Live, job: Job, now: number, behind: number): boolean {
  const slot = plan.slots.find((s) => s.id === job.slot);
  if (!slot || !job.use) return false;
  const offset = job.use.at - slot.start;
  // For other preparation: by the plan's time, moved with the pace.
  if (offset < 0) return now >= job.use.at + (job.use.at < 0 ? 0 : Math.max(0, behind));
  if (live.slot !== slot.id) return false;
  const done = slot.steps.slice(0, live.step).reduce((sum, step) => sum + step.seconds, 0);
  return done >= offset;
}

/** `now` is show time; `behind` the seconds the show runs behind its plan. */
export function backgroundJobs(plan: RunPlan, live: Live, now: number, behind: number): LiveJob[] {
  return plan.jobs
    .flatMap((job): LiveJob[] => {
      const slot = live.slots[job.slot];
      const dropped = slot?.status === 'leftOut' || slot?.status === 'skipped';
      const begunAt = live.begun[taskKey(job)];
      // Before the show the plan's times hold; during it what has not begun moves with the pace.
      const from = begunAt ?? (job.start < 0 ? job.start : job.start + Math.max(0, behind));
      const length = job.end - job.start;
      const done = from + length;
      const shift = done - job.end;
      const used =
        slot?.status === 'performed' || (job.use !== null && isUsed(plan, live, job, now, behind));
      const preparing = job.use === null;
      if (dropped || (preparing ? now >= done : used)) return [];
      const readyUntil = job.use?.until == null ? null : job.use.until + shift;
      const useAt = job.use ? job.use.at + Math.max(0, behind) : null;
      const readyFrom = job.use ? job.use.from + shift : done;
      const status =
        now < from
          ? 'due'
          : now < readyFrom
            ? 'underWay'
            : readyUntil !== null && now > readyUntil
              ? 'late'
              : 'ready';
      if (status === 'due' && from - now > AHEAD) return [];
      const urgency =
        status === 'late'
          ? -1
          : status === 'ready'
            ? (readyUntil ?? now + 3600) - now
            : status === 'underWay'
              ? readyFrom - now
              : from - now;
      const confirmed = begunAt !== undefined;
      return [{ ...job, status, confirmed, from, done: readyFrom, readyUntil, useAt, urgency }];
    })
    .sort((a, b) => a.urgency - b.urgency || a.start - b.start);
}

/** What a slot still waits for: the job that will be done last, or null when all is ready. */
export function notReady(jobs: readonly LiveJob[], slot: string): LiveJob | null {
  const waits = jobs.filter(
    (job) => job.slot === slot && (job.status === 'underWay' || job.status === 'due'),
  );
  return waits.sort((a, b) => b.done - a.done)[0] ?? null;
}
