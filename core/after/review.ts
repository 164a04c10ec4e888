/** Plan against fact, and the record that a demonstration gathers. */
import type { Tries } from '../chance/spares';
import { dayKind, type DayFigures } from '../learning/condition';
import type { TimeTaken } from '../learning/time';
import type { ReadingTold } from '../readings/record';
import type { Demo, Method } from '../repertoire/types';
import { fold } from '../stage/fold';
import { sayDuration } from '../time/clock';
import { isOdd, usable } from './oddTimes';
import type { Go, Live, Outcome, RunEvent, RunKind, RunPlan, StepTime } from '../stage/types';

export interface ReviewRow {
  slotId: string;
  demoId: string | null;
  methodId: string | null;
  name: string;
  methodName: string;
  performerId: string | null;
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
  /** From a sign that was seen to the act, in seconds of real time. */
  signs: { task: string; go: number; seconds: number }[];
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
      performerId: slot.performerId,
      status: fact?.status ?? 'waiting',
      plannedStart: slot.start,
      plannedSeconds,
      actualStart: actualEnd === null ? null : actualStart,
      actualEnd,
      actualSeconds,
      difference: actualSeconds === null ? null : Math.round(actualSeconds - plannedSeconds),
      goes: fact?.goes ?? [],
      steps: fact?.steps ?? [],
      signs: fact?.signs ?? [],
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

/** How goes went. */
export interface Tally {
  worked: number;
  partly: number;
  failed: number;
}

/** How often a method has worked before an audience: every go of every show, and what was counted before. */
export interface MethodRecord extends Tally {
  demoId: string;
  methodId: string;
  /** Goes of the other methods of its family; left out where none are known. */
  family?: Tries;
  /** In rehearsals, which count apart. */
  rehearsed: Tally;
  /** Causes of failed and partly worked goes, the commonest first. */
  causes: { cause: string; count: number }[];
  /** Each time it was on stage, oldest first. */
  performances: Performance[];
  /** How long each step took, every time it was done, by task; doubtful times are set aside. */
  times: Record<string, TimeTaken[]>;
  /** Goes of shows on days that its calculators pass, and on days that they do not; partly worked is not worked. */
  byDay: Record<'good' | 'poor', Tries>;
  /** What was read at its goes and on the Bench, oldest first. */
  readings: ReadingTold[];
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
  /** The same of what can hardly be right; it counts only where it turns out to be usual. */
  odd: Record<string, number[]>;
  /** Null where nobody was named. */
  performerId: string | null;
  readings: { result: string; go: number; value: number | null; first: number | null }[];
}

/** What a run came to, method by method; nothing for what was neither tried nor begun. */
export function methodRunsOf(
  { kind, plan, events }: RunForRecord,
  live = fold(plan, events),
): MethodRun[] {
  return reviewOf(plan, live).rows.flatMap((row): MethodRun[] => {
    if (row.demoId === null || row.methodId === null) return [];
    // What several took and came to together says nothing of one alone.
    if (plan.slots.find(({ id }) => id === row.slotId)?.sideBySide) return [];
    const readings = live.readings.filter((one) => one.slot === row.slotId);
    if (row.goes.length === 0 && row.steps.length === 0 && readings.length === 0) return [];
    const planned = plan.slots.find(({ id }) => id === row.slotId)?.steps ?? [];
    const times = new Map<string, number[]>();
    const odd = new Map<string, number[]>();
    for (const step of row.steps) {
      const seconds = planned.find(({ task }) => task === step.task)?.seconds ?? step.seconds;
      if (step.doubtful) continue;
      const to = isOdd(step, seconds) ? odd : times;
      to.set(step.task, [...(to.get(step.task) ?? []), Math.round(step.seconds)]);
    }
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
        times: Object.fromEntries(times),
        odd: Object.fromEntries(odd),
        performerId: row.performerId,
        readings: readings.map(({ result, go, value, first }) => ({ result, go, value, first })),
      },
    ];
  });
}

/** Times on stage that a record tells one by one; of those before, the counts are kept. */
export const PERFORMANCES_TOLD = 40;

/** What is counted of a method over all runs of a kind. */
export interface MethodCounts extends Tally {
  causes: { cause: string; count: number }[];
}

/** Counts by the kind of run. */
export type CountsByKind = Record<RunKind, MethodCounts>;

const NO_GOES: Tally = { worked: 0, partly: 0, failed: 0 };
const tallyOf = ({ worked, partly, failed }: Tally): Tally => ({ worked, partly, failed });

/** Causes of both kinds of run together. */
function allCauses({ performance, rehearsal }: CountsByKind): MethodCounts['causes'] {
  const counts = new Map<string, number>();
  for (const { cause, count } of [...performance.causes, ...rehearsal.causes])
    counts.set(cause, (counts.get(cause) ?? 0) + count);
  return [...counts]
    .map(([cause, count]) => ({ cause, count }))
    .sort((a, b) => b.count - a.count || a.cause.localeCompare(b.cause));
}

/** Times by task, with whose they are; what can hardly be right is left out. */
function timesOf(runs: readonly MethodRun[]): Record<string, TimeTaken[]> {
  const told = (which: 'times' | 'odd'): Map<string, TimeTaken[]> => {
    const all = new Map<string, TimeTaken[]>();
    for (const { [which]: own, performerId, kind, at } of runs)
      for (const [task, seconds] of Object.entries(own))
        for (const one of seconds)
          all.set(task, [
            ...(all.get(task) ?? []),
            { seconds: one, performerId, rehearsed: kind === 'rehearsal', at },
          ]);
    return all;
  };
  const [right, odd] = [told('times'), told('odd')];
  return Object.fromEntries(
    [...new Set([...right.keys(), ...odd.keys()])].flatMap((task) => {
      const taken = usable(right.get(task) ?? [], odd.get(task) ?? []);
      return taken.length > 0 ? [[task, taken] as const] : [];
    }),
  );
}

export function countsOf(runs: readonly Pick<MethodRun, 'goes'>[]): MethodCounts {
  const counts: MethodCounts = { ...NO_GOES, causes: [] };
  for (const go of runs.flatMap((run) => run.goes)) {
    counts[go.outcome]++;
    if (!go.cause || go.outcome === 'worked') continue;
    const known = counts.causes.find((one) => one.cause === go.cause);
    if (known) known.count++;
    else counts.causes.push({ cause: go.cause, count: 1 });
  }
  return counts;
}

/** A run with what was measured on its day. */
type RunOnDay = MethodRun & { conditions?: DayFigures };

function byDayOf(
  method: Pick<Method, 'calculators' | 'settings'>,
  runs: readonly RunOnDay[],
): MethodRecord['byDay'] {
  const byDay = { good: { worked: 0, failed: 0 }, poor: { worked: 0, failed: 0 } };
  for (const { kind, goes, conditions = {} } of runs) {
    const day = kind === 'performance' ? dayKind(method, conditions) : null;
    if (day)
      for (const { outcome } of goes) byDay[day][outcome === 'worked' ? 'worked' : 'failed']++;
  }
  return byDay;
}

const readingsTold = ({
  readings,
  at,
  showTitle,
  kind,
  conditions = {},
}: RunOnDay): ReadingTold[] =>
  readings.map((one) => ({ ...one, id: null, at, of: showTitle, kind, conditions }));

/** The record of a method: all that was counted, and the latest times on stage, in any order. */
export function recordOf(
  demoId: string,
  method: Pick<Method, 'id' | 'priorWorked' | 'priorFailed' | 'calculators' | 'settings'>,
  counts: CountsByKind,
  latest: readonly RunOnDay[],
  bench: readonly ReadingTold[] = [],
): MethodRecord {
  const told = [...latest].sort((a, b) => a.at - b.at).slice(-PERFORMANCES_TOLD);
  const { performance, rehearsal } = counts;
  return {
    demoId,
    methodId: method.id,
    worked: method.priorWorked + performance.worked,
    partly: performance.partly,
    failed: method.priorFailed + performance.failed,
    rehearsed: tallyOf(rehearsal),
    causes: allCauses(counts),
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
    times: timesOf(told),
    byDay: byDayOf(method, told),
    readings: [...told.flatMap(readingsTold), ...bench].sort((a, b) => a.at - b.at),
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
      const of = (kind: RunKind): MethodCounts => countsOf(own.filter((run) => run.kind === kind));
      const counts = { performance: of('performance'), rehearsal: of('rehearsal') };
      return recordOf(demo.id, method, counts, own);
    }),
  );
}

const triedOf = ({ worked, partly, failed }: Tally): number => worked + partly + failed;

/** Never performed: what is told of its times is guessed. */
export const isUntried = (record: Tally): boolean => triedOf(record) === 0;

/** “works 7 of 9”, or “not tried yet”. A go that partly worked is not counted as working. */
export function recordWords(record: Tally): string {
  const tried = triedOf(record);
  return isUntried(record) ? 'not tried yet' : `works ${record.worked} of ${tried}`;
}

/** “On days its calculations pass 7 of 7, on others 1 of 3”; empty where it was done on one kind of day only. */
export function byDayWords({ byDay: { good, poor } }: Pick<MethodRecord, 'byDay'>): string {
  const of = ({ worked, failed }: Tries): string => `${worked} of ${worked + failed}`;
  return [good, poor].some(({ worked, failed }) => worked + failed === 0)
    ? ''
    : `on days its calculations pass ${of(good)}, on others ${of(poor)}`;
}

/** “In rehearsal 3 of 4”; empty where there was none. */
export const rehearsedWords = ({ rehearsed }: Pick<MethodRecord, 'rehearsed'>): string =>
  isUntried(rehearsed) ? '' : `in rehearsal ${rehearsed.worked} of ${triedOf(rehearsed)}`;

/** The goes of several methods together: a demo's record. */
export const totalRecord = (records: readonly Tally[]): Tally =>
  records.reduce(
    (sum, record) => ({
      worked: sum.worked + record.worked,
      partly: sum.partly + record.partly,
      failed: sum.failed + record.failed,
    }),
    NO_GOES,
  );
