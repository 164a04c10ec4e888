/** When the show will really end: many shows drawn from where this one is now. */
import { CELLS, lookUp } from '../../chance/beta';
import { type TimeKey, timeKey } from '../../keys';
import { compile, type Outcome, type SoFar, type Tables } from '../../lineup/forecast/compile';
import { forecastOf } from '../../lineup/forecast/forecast';
import type { Draw } from '../../lineup/forecast/program';
import type { Forecast, ForecastSize, SlotPolicy } from '../../lineup/forecast/types';
import { endsGo, goesThatCount } from '../../repertoire/goes';
import type { Estimate } from '../../repertoire/types';
import { realSeconds, showTime } from '../showTime';
import { sequenceOf, stepsAfter } from '../steps';
import type { Live, RunSlot } from '../types';
import type { Moment, TimedPart } from './parts';
import type { Retimed } from './retime';
import { slotOfPart } from './stretches';
import type { LiveShow, Work } from './types';

/** What runs over its longest time may do so by this share of what it has taken. */
const OVER_LONGEST = 0.25;

/** The part of a table’s chances that lies below a value. */
function chanceBelow(table: Float64Array, value: number): number {
  let low = 0;
  let high = 1;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (lookUp(table, middle) < value) low = middle;
    else high = middle;
  }
  return low;
}

/** What is left of a time, drawn from those that are at least as long as what has gone of it, in seconds. */
export function remaining({ low, width, table }: Draw, gone: number): Draw {
  if (!table) return { low: Math.max(0, low - gone), width: 0, table: null };
  if (gone <= low) return { low: low - gone, width, table };
  const most = low + width - gone;
  if (most <= 0) {
    const even = Float64Array.from({ length: CELLS + 1 }, (_, i) => i / CELLS);
    return { low: 0, width: OVER_LONGEST * gone, table: even };
  }
  const from = chanceBelow(table, (gone - low) / width);
  const rest = Float64Array.from({ length: CELLS + 1 }, (_, i) => {
    const value = low + width * lookUpEnd(table, from + ((1 - from) * i) / CELLS);
    return Math.max(0, value - gone) / most;
  });
  return { low: 0, width: most, table: rest };
}

/** As `lookUp`, the end of the range included. */
const lookUpEnd = (table: Float64Array, even: number): number =>
  even >= 1 ? (table.at(-1) ?? 0) : lookUp(table, even);

/** A time of which `passed` seconds have gone on the clock, and `gone` of the work itself. */
const since =
  (passed: number, gone: number) =>
  (usual: Draw): Draw => {
    const rest = remaining(usual, gone);
    return { ...rest, low: rest.low + passed };
  };

const exactly = (seconds: number) => (): Draw => ({ low: seconds, width: 0, table: null });

class Night {
  private readonly begun = new Map<TimeKey, { start: number; time: (usual: Draw) => Draw }>();
  private readonly outcomes = new Map<string, Outcome>();
  private readonly policies = new Map<string, SlotPolicy>();

  constructor(
    private readonly show: LiveShow,
    private readonly live: Live,
    private readonly moment: Moment,
    private readonly retimed: Retimed,
  ) {}

  soFar(): { soFar: SoFar; policies: ReadonlyMap<string, SlotPolicy> } {
    for (const part of this.retimed.parts) {
      this.work(part);
      if (part.start !== null) this.steps(part, part.start);
      this.outcome(part);
    }
    const nets = this.retimed.parts.map((part) => part.net);
    const { outcomes, begun, policies } = this;
    return { soFar: { nets, outcomes, begun, estimateOf: this.estimateOf }, policies };
  }

  /** As it was written: what has gone of it is known beside that. */
  private readonly estimateOf = (part: string, task: string): Estimate | undefined =>
    this.show.input.slots
      .find(({ id }) => id === slotOfPart(part))
      ?.tasks.find(({ id }) => id === task)?.time;

  private work(part: TimedPart): void {
    for (const [task, work] of part.fixed) {
      const key = timeKey({ slot: part.id, task }, 1, false);
      this.begun.set(key, { start: work.start, time: this.timeOf(part, task, work) });
    }
  }

  private timeOf(part: TimedPart, task: string, work: Work): (usual: Draw) => Draw {
    const { now } = this.moment;
    const length = work.end - work.start;
    const likely = this.estimateOf(part.id, task)?.likely;
    // Where somebody said that it takes longer, that is what is known.
    if (work.end <= now || length !== likely) return exactly(length);
    return since(now - work.start, now - work.start);
  }

  private steps(part: TimedPart, start: number): void {
    const last = part.net.steps.length - 1;
    part.net.steps.forEach((step, i) => {
      const key = timeKey({ slot: part.id, task: step.task.id }, step.go, true);
      const from = start + step.start;
      const isOn = part.kind === 'on' && i === last && !this.live.failed;
      const { now, at } = this.moment;
      const began = (this.live.startedAt ?? 0) + from * 1000;
      const gone = showTime(this.live, at) - showTime(this.live, began);
      const time = isOn ? since(now - from, gone) : exactly(step.end - step.start);
      this.begun.set(key, { start: from, time });
    });
  }

  private outcome(part: TimedPart): void {
    const policy = this.show.policies.get(part.slotId);
    const run = this.show.plan.slots.find(({ id }) => id === part.slotId);
    if (!policy || !run || part.kind === 'over' || part.kind === 'toClear') return;
    if (part.slotId !== this.live.slot) {
      const { net } = part;
      this.policies.set(part.id, policy);
      this.outcomes.set(part.id, {
        after: net.steps.length - 1 - net.goes.closing.length,
        planned: goesThatCount(net.goes, net.slot.goes),
      });
      return;
    }
    this.policies.set(part.id, { ...policy, record: null });
    const goes = this.live.slots[run.id]?.goes ?? [];
    const left = endsOfGoes(run, this.live);
    const worked = goes.some(({ outcome }) => outcome === 'worked');
    const lastEnd = left.at(-1);
    if (worked || lastEnd === undefined) return;
    // The step on stage is a part of its own, unless it is the last; a stretch not begun has it too.
    const onPart = this.retimed.parts.some(({ kind }) => kind === 'on');
    const after = onPart ? lastEnd - 1 : lastEnd;
    const beyond = Math.max(0, this.live.go - run.goes);
    const again = Math.max(0, policy.again - beyond);
    if ((part.kind === 'on') !== after < 0) return;
    this.policies.set(part.id, { ...policy, again });
    const last = part.net.steps.length - 1;
    this.outcomes.set(part.id, { after: part.kind === 'on' ? last : after, planned: left.length });
  }
}

/** Which of the steps from the one on stage on end a go: 0 is the one on stage. */
function endsOfGoes(run: RunSlot, live: Live): number[] {
  if (live.failed) return [];
  const sequence = sequenceOf(run);
  const here = { step: live.step, go: live.go };
  return [here, ...stepsAfter(run, here.step, here.go)].flatMap(({ step, go }, i) => {
    const part = run.steps[step];
    return part && endsGo(sequence, { part, go }) ? [i] : [];
  });
}

/** Tables to draw times from, the same all night. */
const tables: WeakMap<LiveShow, Tables> = new WeakMap();

/**
 * The forecast from a moment of the run, on the live plan’s clock. `hardFinish` in ms since 1970.
 */
export function foresee(
  show: LiveShow,
  live: Live,
  moment: Moment,
  retimed: Retimed,
  hardFinish: number,
  size: ForecastSize,
): Forecast {
  const known = tables.get(show) ?? new Map<string, Float64Array>();
  tables.set(show, known);
  const { soFar, policies } = new Night(show, live, moment, retimed).soFar();
  const program = compile(retimed.input, retimed.timeline, policies, known, soFar);
  return forecastOf(program, realSeconds(live, hardFinish), policies, size);
}
