/** Plan against fact, and the record that a demonstration gathers. */
import type { Demo, Method } from '../repertoire/types';
import { fold } from '../stage/fold';
import { sayDuration } from '../time/clock';
import type { Go, Live, Outcome, RunEvent, RunKind, RunPlan, StepTime } from '../stage/types';

export interface ReviewRow {
  slotId: string;
  demoId: string | null;
  methodId: string | null;
  name: string;
  methodName: string;
  status: Live['slots'][string]['status'];
  /** Seconds of show time. */
  plannedStart: number;
  plannedSeconds: number;
  actualStart: number | null;
  actualEnd: number | null;
  /** All its time on stage, over every visit. */
  actualSeconds: number | null;
  /** Actual less planned length; null when it was not performed. */
  difference: number | null;
  goes: Go[];
  /** Steps that were done, in seconds of show time. */
  steps: StepTime[];
}

export interface Review {
  rows: ReviewRow[];
  plannedEnd: number;
  actualEnd: number | null;
  heldSeconds: number;
}

export function reviewOf(plan: RunPlan, live: Live): Review {
  const rows = plan.slots.map((slot): ReviewRow => {
    const fact = live.slots[slot.id];
    const plannedSeconds = slot.end - slot.start;
    const actualStart = fact?.status === 'performed' ? fact.startedAt : null;
    const actualEnd = actualStart === null ? null : (fact?.endedAt ?? null);
    const actualSeconds =
      actualStart === null || actualEnd === null
        ? null
        : actualEnd - actualStart + (fact?.earlier ?? 0);
    return {
      slotId: slot.id,
      demoId: slot.demoId,
      methodId: slot.methodId,
      name: slot.name,
      methodName: slot.methodName,
      status: fact?.status ?? 'waiting',
      plannedStart: slot.start,
      plannedSeconds,
      actualStart: actualEnd === null ? null : actualStart,
      actualEnd,
      actualSeconds,
      difference: actualSeconds === null ? null : Math.round(actualSeconds - plannedSeconds),
      goes: fact?.goes ?? [],
      steps: fact?.steps ?? [],
    };
  });
  const ends = plan.slots.flatMap((slot) => live.slots[slot.id]?.endedAt ?? []);
  return {
    rows,
    plannedEnd: plan.end,
    actualEnd: ends.length > 0 ? Math.max(...ends) : null,
    heldSeconds: Math.round(live.heldMs / 1000),
  };
}

/** Nearer to the plan than this is what was planned, in seconds. */
const AS_PLANNED = 15;

/** “It took 2 min 10 s more than planned. Held for 40 s more.” */
export function reviewWords({ actualEnd, plannedEnd, heldSeconds }: Review): string {
  if (actualEnd === null) return 'Nothing was performed.';
  const more = actualEnd - plannedEnd;
  const length =
    Math.abs(more) < AS_PLANNED
      ? 'It took what was planned.'
      : `It took ${sayDuration(more)} ${more > 0 ? 'more' : 'less'} than planned.`;
  return heldSeconds > 0 ? `${length} Held for ${sayDuration(heldSeconds)} more.` : length;
}

/** How often a method has worked: every go of every run, and what was counted before. */
export interface MethodRecord {
  demoId: string;
  methodId: string;
  worked: number;
  partly: number;
  failed: number;
  /** Causes of failed and partly worked goes, the commonest first. */
  causes: { cause: string; count: number }[];
  /** Each time it was on stage, oldest first. */
  performances: Performance[];
  /** How long each step took, every time it was done, by task; whole seconds. */
  times: Record<string, number[]>;
}

export interface Performance {
  showTitle: string;
  /** Milliseconds since 1970. */
  at: number;
  kind: RunKind;
  plannedSeconds: number;
  /** All its time on stage; null when that is not known. */
  seconds: number | null;
  outcomes: Outcome[];
}

export interface RunForRecord {
  kind: RunKind;
  plan: RunPlan;
  events: readonly RunEvent[];
}

/** What one time on stage came to for a method. */
export interface MethodRun {
  slotId: string;
  demoId: string;
  methodId: string;
  showTitle: string;
  /** Milliseconds since 1970. */
  at: number;
  kind: RunKind;
  plannedSeconds: number;
  /** All its time on stage; null when that is not known. */
  seconds: number | null;
  goes: Go[];
  /** Whole seconds, by task. */
  times: Record<string, number[]>;
}

/** What a run came to, method by method; nothing for what was neither tried nor begun. */
export function methodRunsOf(
  { kind, plan, events }: RunForRecord,
  live = fold(plan, events),
): MethodRun[] {
  return reviewOf(plan, live).rows.flatMap((row): MethodRun[] => {
    if (row.demoId === null || row.methodId === null) return [];
    if (row.goes.length === 0 && row.steps.length === 0) return [];
    const times: Record<string, number[]> = {};
    for (const { task, seconds } of row.steps.filter((step) => !step.doubtful))
      (times[task] = Object.hasOwn(times, task) ? (times[task] ?? []) : []).push(
        Math.round(seconds),
      );
    return [
      {
        slotId: row.slotId,
        demoId: row.demoId,
        methodId: row.methodId,
        showTitle: plan.title,
        at: live.startedAt ?? plan.startsAt,
        kind,
        plannedSeconds: row.plannedSeconds,
        seconds: row.actualSeconds,
        goes: row.goes,
        times,
      },
    ];
  });
}

/** Times on stage that a record tells one by one; of those before, the counts are kept. */
export const PERFORMANCES_TOLD = 40;

/** What is counted of a method over all runs. */
export interface MethodCounts {
  worked: number;
  partly: number;
  failed: number;
  causes: { cause: string; count: number }[];
}

export function countsOf(runs: readonly Pick<MethodRun, 'goes'>[]): MethodCounts {
  const counts: MethodCounts = { worked: 0, partly: 0, failed: 0, causes: [] };
  for (const go of runs.flatMap((run) => run.goes)) {
    counts[go.outcome]++;
    if (!go.cause || go.outcome === 'worked') continue;
    const known = counts.causes.find((one) => one.cause === go.cause);
    if (known) known.count++;
    else counts.causes.push({ cause: go.cause, count: 1 });
  }
  return counts;
}

/** The record of a method: all that was counted, and the latest times on stage, in any order. */
export function recordOf(
  demoId: string,
  method: Pick<Method, 'id' | 'priorWorked' | 'priorFailed'>,
  counts: MethodCounts,
  latest: readonly MethodRun[],
): MethodRecord {
  const told = [...latest].sort((a, b) => a.at - b.at).slice(-PERFORMANCES_TOLD);
  const times: Record<string, number[]> = {};
  for (const run of told)
    for (const [task, seconds] of Object.entries(run.times))
      times[task] = [...(Object.hasOwn(times, task) ? (times[task] ?? []) : []), ...seconds];
  return {
    demoId,
    methodId: method.id,
    worked: method.priorWorked + counts.worked,
    partly: counts.partly,
    failed: method.priorFailed + counts.failed,
    causes: [...counts.causes].sort((a, b) => b.count - a.count || a.cause.localeCompare(b.cause)),
    performances: told
      .filter((run) => run.goes.length > 0)
      .map(({ showTitle, at, kind, plannedSeconds, seconds, goes }) => ({
        showTitle,
        at,
        kind,
        plannedSeconds,
        seconds,
        outcomes: goes.map((go) => go.outcome),
      })),
    times,
  };
}

/** One record for each method of each demo, from the runs themselves. */
export function recordsOf(
  demos: readonly Pick<Demo, 'id' | 'methods'>[],
  runs: readonly RunForRecord[],
): MethodRecord[] {
  const all = runs.flatMap((run) => methodRunsOf(run));
  return demos.flatMap((demo) =>
    demo.methods.map((method) => {
      const own = all.filter((run) => run.demoId === demo.id && run.methodId === method.id);
      return recordOf(demo.id, method, countsOf(own), own);
    }),
  );
}

type Tried = Pick<MethodRecord, 'worked' | 'partly' | 'failed'>;

const triedOf = ({ worked, partly, failed }: Tried): number => worked + partly + failed;

/** Never performed: what is told of its times is guessed. */
export const isUntried = (record: Tried): boolean => triedOf(record) === 0;

/** “works 7 of 9”, or “not tried yet”. A go that partly worked is not counted as working. */
export function recordWords(record: Tried): string {
  const tried = triedOf(record);
  return isUntried(record) ? 'not tried yet' : `works ${record.worked} of ${tried}`;
}

/** The goes of several methods together: a demo's record. */
export const totalRecord = (
  records: readonly Pick<MethodRecord, 'worked' | 'partly' | 'failed'>[],
): Pick<MethodRecord, 'worked' | 'partly' | 'failed'> =>
  records.reduce(
    (sum, record) => ({
      worked: sum.worked + record.worked,
      partly: sum.partly + record.partly,
      failed: sum.failed + record.failed,
    }),
    { worked: 0, partly: 0, failed: 0 },
  );
