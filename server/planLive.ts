/** The live plan of a run for `npm run plan -- FILE --live RUN.json`: what a stage’s screen is told, as JSON. */
import { check, type FieldFault } from '../contract/validate';
import { RUN_EVENTS_MOST, RunEventBody } from '../contract/stage';
import type { ShowBundle } from '../core/brief/types';
import type { ForecastSize } from '../core/lineup/forecast/types';
import type { TriedMethod } from '../core/lineup/forecast/fromBundle';
import { timelineOf } from '../core/lineup/timelineOf';
import { EventNames } from '../core/stage/event';
import { runPlanOf } from '../core/stage/plan';
import { adviceOf } from '../core/stage/replan/advice';
import { type Call, Caller } from '../core/stage/replan/caller';
import { liveShowOf } from '../core/stage/replan/liveShow';
import { showTime } from '../core/stage/showTime';
import { comingUp } from '../core/stage/steps';
import {
  type Live,
  type RunEvent,
  RUN_KINDS,
  type RunKind,
  type RunPlan,
} from '../core/stage/types';
import { localInstant } from './instant';

export interface RunFile {
  kind: RunKind;
  events: RunEvent[];
}

const MISSING = {
  cause: null,
  outcome: null,
  text: null,
  value: null,
  onMove: null,
  device: null,
  by: null,
};

/** Events as a show file has them; what a press may go without may be left out. */
export function readRunFile(text: string): { run: RunFile } | { faults: FieldFault[] } {
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch {
    return { faults: [{ path: '', message: 'is not JSON' }] };
  }
  const { events, kind = 'performance' } = (plain ?? {}) as { events?: unknown; kind?: unknown };
  const known = RUN_KINDS.find((one) => one === kind);
  if (!known)
    return { faults: [{ path: 'kind', message: `must be one of ${RUN_KINDS.join(', ')}` }] };
  if (!Array.isArray(events)) return { faults: [{ path: 'events', message: 'must be a list' }] };
  if (events.length > RUN_EVENTS_MOST)
    return { faults: [{ path: 'events', message: `holds more than ${RUN_EVENTS_MOST}` }] };
  const faults: FieldFault[] = [];
  const read = events.flatMap((event: unknown, i): RunEvent[] => {
    const whole =
      typeof event === 'object' && event !== null
        ? { slot: null, step: null, go: null, ...MISSING, ...event }
        : event;
    const checked = check(RunEventBody, whole);
    if (checked.ok) return [checked.value];
    const at = `events[${i}]`;
    faults.push(...checked.faults.map(({ path, message }) => ({ path: `${at}.${path}`, message })));
    return [];
  });
  return faults.length > 0 ? { faults } : { run: { kind: known, events: read } };
}

/** What an event names that is not in the show. */
function strayEvents(plan: RunPlan, events: readonly RunEvent[]): FieldFault[] {
  const names = new EventNames(plan);
  return events.flatMap((event, i): FieldFault[] => {
    const message = names.fault(event);
    return message === null ? [] : [{ path: `events[${i}]`, message }];
  });
}

/** The moment at which so much show time has gone; of a show that is held, as long into the hold. */
function momentAt(live: Live, seconds: number): number {
  const start = live.startedAt ?? 0;
  let moment = start + seconds * 1000;
  for (const { from, until } of live.holds) if (from < moment) moment += until - from;
  return moment;
}

/** Times from the live plan’s clock as show time; what is to come as if nothing were held any more. */
function clockOf({ live, at, found }: Call): (seconds: number) => number {
  const now = showTime(live, at);
  return (seconds) => {
    const shown =
      seconds >= found.plan.now
        ? now + seconds - found.plan.now
        : seconds < 0
          ? seconds
          : showTime(live, (live.startedAt ?? 0) + seconds * 1000);
    return Math.round(shown);
  };
}

export function liveAnswer(
  show: ShowBundle,
  records: readonly TriedMethod[],
  { kind, events }: RunFile,
  size: ForecastSize,
  at: number | null,
): { live: object } | { faults: FieldFault[] } {
  const { date, start, zone } = show.show;
  const plan = runPlanOf(show, timelineOf(show), localInstant(date, start, zone));
  const stray = strayEvents(plan, events);
  if (stray.length > 0) return { faults: stray };
  const caller = new Caller(liveShowOf(show, plan, records), kind, size);
  const whole = new Caller(caller.show, kind, size);
  whole.hear(events);
  const last = events.reduce((latest, event) => Math.max(latest, event.at), -Infinity);
  const moment =
    at === null ? (events.length > 0 ? last : plan.startsAt) : momentAt(whole.live, at);
  caller.hear(events.filter((event) => event.at <= moment));
  const call = caller.at(moment);
  const clock = clockOf(call);
  const advice = adviceOf(caller, moment, call);
  const { forecast, live, found } = call;
  return {
    live: {
      now: clock(found.plan.now),
      phase: live.phase,
      slot: live.slot,
      end: clock(found.plan.end),
      proven: found.plan.proven,
      hardFinish: clock(Math.round((call.hardFinish - (live.startedAt ?? moment)) / 1000)),
      chance: forecast.chance,
      range: {
        p10: clock(forecast.end.p10),
        p50: clock(forecast.end.p50),
        p90: clock(forecast.end.p90),
      },
      behind: call.behind,
      next: live.phase === 'finished' ? [] : comingUp(plan, live).map(({ id }) => id),
      blocks: found.plan.blocks.map(({ slot, kind: state, start: from, end }) => ({
        slot,
        state,
        start: clock(from),
        end: clock(end),
      })),
      deadAir: found.plan.gaps.map(({ slot, start: from, end, reason }) => ({
        slot,
        start: clock(from),
        end: clock(end),
        reason,
      })),
      tasks: found.plan.tasks
        .filter(({ state }) => state !== 'done')
        .map(({ slot, task, name, phase, people, start: from, end, state, said }) => ({
          slot,
          task,
          name,
          phase,
          people,
          start: clock(from),
          end: clock(end),
          state,
          said,
        })),
      windows: found.plan.windows.map(({ slot, after, task, from, until, at: use, kept }) => ({
        slot,
        after,
        task,
        from: clock(from),
        until: clock(until),
        at: use === null ? null : clock(use),
        kept,
      })),
      conflicts: found.plan.conflicts.map(({ slot, message, advice: words }) => ({
        slot,
        message,
        advice: words,
      })),
      advice: advice && {
        leaveOut: advice.leaveOut,
        worth: advice.worth,
        saves: advice.saves,
        end: clockOf(advice.call)(advice.call.found.plan.end),
        chance: advice.call.forecast.chance,
        enough: advice.enough,
      },
    },
  };
}
