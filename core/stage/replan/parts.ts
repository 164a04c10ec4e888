/**
 * The night in stretches, as the engine is given it: what is over and still has to be cleared, what is on,
 * what was made ready and left out, and what is to come with what is ready of it.
 */
import { taskKey } from '../../keys';
import { buildNetwork, type Lag, type Network, type Step } from '../../lineup/network';
import type { PlanSlot } from '../../lineup/types';
import type { Task } from '../../repertoire/types';
import { realSeconds, showTime } from '../showTime';
import { comingUp, stepsAfter, type StepOfGo } from '../steps';
import type { Live, RunSlot } from '../types';
import { outId, type DoneStep, type Stretch, stretchesOf } from './stretches';
import type { Known, LiveShow, Part, Work } from './types';

export interface TimedPart extends Part {
  net: Network;
  /** Work that is done or under way, by task. */
  fixed: ReadonlyMap<string, Work>;
  /** Since when the slot has its equipment; null where it has not taken it yet. */
  inHand: number | null;
  /** Tasks that have not begun by now, whatever the plan had. */
  waiting: ReadonlySet<string>;
}

export interface Moment {
  /** In ms since 1970. */
  at: number;
  /** The same, in whole seconds from the start. */
  now: number;
  /** What is not known to have begun may have done so from here on. */
  floor: number;
}

const NOBODY: Partial<Task> = { hands: [] };

/** Tasks that the wanted ones come after, directly or not. */
function leadingTo(lags: readonly Lag[], wanted: ReadonlySet<string>): Set<string> {
  const found = new Set<string>();
  const visit = (id: string): void => {
    for (const { from, to } of lags) {
      if (to.id !== id || found.has(from.id)) continue;
      found.add(from.id);
      visit(from.id);
    }
  };
  wanted.forEach(visit);
  return found;
}

class Parts {
  constructor(
    private readonly show: LiveShow,
    private readonly live: Live,
    private readonly known: Known,
    private readonly moment: Moment,
  ) {}

  run(): TimedPart[] {
    const { show, live } = this;
    const past: TimedPart[] = [];
    const present: TimedPart[] = [];
    live.visits.forEach((visit, number) => {
      const run = show.plan.slots.find(({ id }) => id === visit.slot);
      const slot = this.planOf(visit.slot);
      if (!run || !slot || (visit.until !== null && !visit.acted)) return;
      for (const stretch of stretchesOf(run, visit, number, live, this.second)) {
        if (stretch.until !== null) past.push(this.over(run, slot, stretch, number));
        else present.push(...this.onStage(run, slot, stretch));
      }
    });
    const toCome = live.phase === 'finished' ? [] : comingUp(show.plan, live);
    return [
      ...past,
      ...show.plan.slots.flatMap((run) => this.toClear(run)),
      ...present,
      ...toCome.flatMap(({ id }) => {
        const slot = this.planOf(id);
        return slot ? [this.toCome(slot, this.moment.floor)] : [];
      }),
    ];
  }

  private readonly second = (ms: number): number => realSeconds(this.live, ms);

  private planOf(id: string): PlanSlot | null {
    const slot = this.show.input.slots.find((one) => one.id === id);
    // What was wanted early was wanted for the plan; tonight it is done when it can be.
    return slot ? { ...slot, leads: [] } : null;
  }

  private workOf(part: string, tasks: readonly Task[]): Map<string, Work> {
    return new Map(
      tasks.flatMap(({ id }): [string, Work][] => {
        const work = this.known.work.get(taskKey({ slot: part, task: id }));
        return work ? [[id, work]] : [];
      }),
    );
  }

  /** A task as it really went or goes: for what is over nobody is wanted any more. */
  private asFixed(task: Task, work: Work | undefined): Task {
    if (!work) return task;
    const likely = work.end - work.start;
    const over = work.end <= this.moment.now;
    return { ...task, time: { ...task.time, likely }, ...(over && NOBODY) };
  }

  private part(
    of: Pick<TimedPart, 'id' | 'kind' | 'net' | 'fixed'>,
    more: Partial<TimedPart> = {},
  ): TimedPart {
    const { slot } = of.net;
    const { waiting } = this.known;
    return {
      waiting: new Set(
        slot.tasks.flatMap(({ id }) =>
          waiting.has(taskKey({ slot: of.id, task: id })) ? [id] : [],
        ),
      ),
      slotId: slot.id,
      slot,
      start: null,
      earliest: this.moment.floor,
      inHand: null,
      ...of,
      ...more,
    };
  }

  /** Steps that were done and what follows them, as a network of its own. */
  private done(
    id: string,
    slot: PlanSlot,
    steps: readonly (DoneStep & { task: string; on?: boolean })[],
    start: number,
    end: number,
    wanted: (task: Task, net: Network) => boolean,
  ): { net: Network; fixed: Map<string, Work> } {
    const whole = buildNetwork(slot);
    const following = whole.following.filter((task) => wanted(task, whole));
    const fixed = this.workOf(id, following);
    const byId = new Map(
      following.map((task) => [task.id, this.asFixed(task, fixed.get(task.id))]),
    );
    const placed = steps.flatMap((step): Step[] => {
      const task = slot.tasks.find((one) => one.id === step.task);
      if (!task) return [];
      const length = step.end - step.start;
      const really = {
        ...task,
        time: { ...task.time, likely: length },
        ...(!step.on && NOBODY),
      };
      // Lags are from the last time that it was done; clearing between goes is not the clearing after them.
      if (task.phase === 'perform') byId.set(task.id, really);
      return [
        {
          task: really,
          go: task.eachGo ? step.go : 1,
          start: step.start - start,
          end: step.end - start,
        },
      ];
    });
    const lags = whole.lags.flatMap((lag): Lag[] => {
      const [from, to] = [byId.get(lag.from.id), byId.get(lag.to.id)];
      return from && to && to.phase !== 'perform' ? [{ ...lag, from, to }] : [];
    });
    const net: Network = {
      slot: { ...slot, id, tasks: [...byId.values()], forbids: [] },
      goes: whole.goes,
      steps: placed,
      blockLength: Math.max(0, end - start),
      before: [],
      following: following.flatMap((task) => byId.get(task.id) ?? []),
      lags,
      endByBlock: new Set(),
    };
    return { net, fixed };
  }

  private over(run: RunSlot, slot: PlanSlot, stretch: Stretch, visit: number): TimedPart {
    const { live } = this;
    const { id, from } = stretch;
    const until = Math.max(from, stretch.until ?? from);
    // One that will be done once more, or was, is not cleared away for that; but what it leaves is.
    const later = live.visits.findLastIndex((one) => one.slot === run.id) > visit;
    const again = later || (live.slots[run.id]?.status === 'waiting' && live.slot !== run.id);
    const clears = new Set(slot.leaves.flatMap((left) => left.task ?? []));
    const made = this.done(
      id,
      slot,
      stretch.steps,
      from,
      until,
      (task, net) => !again || clears.has(task.id) || leadingTo(net.lags, clears).has(task.id),
    );
    return this.part({ id, kind: 'over', ...made }, { slotId: run.id, start: from, inHand: from });
  }

  /** Made ready, and left out: it still has to be cleared away. */
  private toClear(run: RunSlot): TimedPart[] {
    const slot = this.planOf(run.id);
    const status = this.live.slots[run.id]?.status;
    if (!slot || (status !== 'leftOut' && status !== 'skipped')) return [];
    if (this.live.visits.some((visit) => visit.slot === run.id && visit.acted)) return [];
    const whole = buildNetwork(slot);
    const made = this.workOf(run.id, whole.before);
    // What was never performed has left nothing; only where things were set down are they taken up again.
    const places = new Set(
      whole.before.flatMap((task) =>
        made.has(task.id) && task.hands.length > 0 ? task.place : [],
      ),
    );
    const clears = new Set(slot.leaves.map((left) => left.task));
    const id = outId(run.id);
    const { floor } = this.moment;
    const clearing = this.done(
      id,
      { ...slot, leaves: [] },
      [],
      floor,
      floor,
      (task) => task.phase === 'reset' && places.has(task.place) && !clears.has(task.id),
    );
    if (clearing.net.following.length === 0) return [];
    return [
      this.part(
        { id, kind: 'toClear', ...clearing },
        { slotId: run.id, start: floor, inHand: floor },
      ),
    ];
  }

  /** Whether the open stretch is known to have begun, and when. */
  private begun(stretch: Stretch): number | null {
    const { live, known } = this;
    const acted = stretch.steps.length > 0 || live.parts.length > 0 || live.failed;
    if (acted || live.commenced || live.signAt !== null) return stretch.from;
    return known.begun.get(stretch.id) ?? null;
  }

  private onStage(run: RunSlot, slot: PlanSlot, stretch: Stretch): TimedPart[] {
    const { live, moment } = this;
    const begun = this.begun(stretch);
    const here: StepOfGo = { step: live.step, go: live.go };
    const rest = live.failed ? [] : stepsAfter(run, live.step, live.go);
    if (begun === null) {
      const steps = stretch.fresh ? [here, ...rest] : null;
      return [this.toCome(slot, stretch.entered, run, steps)];
    }
    const step = run.steps[live.step];
    const from = stretch.steps.length > 0 ? this.second(live.stepFrom) : begun;
    const began = (live.startedAt ?? 0) + from * 1000;
    const elapsed = showTime(live, moment.at) - showTime(live, began);
    const left = live.failed ? 0 : Math.max(0, Math.round((step?.seconds ?? 0) - elapsed));
    const end = Math.max(from, moment.now + left);
    const steps: (DoneStep & { on?: boolean })[] = [
      ...stretch.steps,
      { task: step?.task ?? '', go: live.go, start: from, end, on: true },
    ];
    const doneBy = new Set(steps.map(({ task }) => task));
    const restTasks = new Set(rest.map((one) => run.steps[one.step]?.task ?? ''));
    const mine = (task: Task, net: Network): boolean => {
      if (rest.length === 0) return true;
      // What follows steps that are done, and nothing that is still to be done of it.
      const waits = net.lags.filter((lag) => lag.to === task && !net.before.includes(lag.from));
      return (
        waits.length > 0 &&
        waits.every(({ from: on }) =>
          on.phase === 'perform' ? doneBy.has(on.id) && !restTasks.has(on.id) : mine(on, net),
        )
      );
    };
    const { id } = stretch;
    const made = this.done(
      id,
      rest.length > 0 ? { ...slot, uses: [], leaves: [] } : slot,
      steps,
      begun,
      end,
      mine,
    );
    const on = this.part(
      { id, kind: 'on', ...made },
      { slotId: run.id, start: begun, inHand: begun },
    );
    if (rest.length === 0) return [on];
    const cleared = new Set(made.net.following.map((task) => task.id));
    return [on, { ...this.restOf(slot, run, rest, doneBy, cleared), inHand: begun }];
  }

  /** What is still to be done of the slot on stage; it begins when the step on stage is over. */
  private restOf(
    slot: PlanSlot,
    run: RunSlot,
    rest: readonly StepOfGo[],
    doneBy: ReadonlySet<string>,
    cleared: ReadonlySet<string>,
  ): TimedPart {
    const whole = buildNetwork(slot);
    const first = rest
      .map((one) => run.steps[one.step]?.task ?? '')
      .filter((task) => !doneBy.has(task));
    // What leads to nothing that is still to be done has done its work, or has been done without.
    const needed = leadingTo(
      whole.lags.filter((lag) => whole.before.includes(lag.from)),
      new Set(first),
    );
    const tasks = slot.tasks.filter((task) => {
      if (whole.before.includes(task)) return needed.has(task.id);
      return !cleared.has(task.id);
    });
    return this.toCome(
      { ...slot, tasks, forbids: [] },
      this.moment.floor,
      run,
      rest,
      new Set(first),
    );
  }

  /**
   * What is to come of a slot: all of it, or only some steps. `fresh` are the steps that have not been
   * done at all yet, to which what leads up to them leads.
   */
  private toCome(
    slot: PlanSlot,
    earliest: number,
    run: RunSlot | null = null,
    only: readonly StepOfGo[] | null = null,
    fresh: ReadonlySet<string> | null = null,
  ): TimedPart {
    const plain = buildNetwork(slot);
    const fixed = this.workOf(slot.id, plain.before);
    const part = {
      ...slot,
      tasks: slot.tasks.map((task) => this.asFixed(task, fixed.get(task.id))),
    };
    const whole = buildNetwork(part);
    const net = only && run ? partial(whole, run, only, fresh) : whole;
    return this.part({ id: slot.id, kind: 'toCome', net, fixed }, { earliest });
  }
}

/** The network with only these steps in its block. */
function partial(
  whole: Network,
  run: RunSlot,
  only: readonly StepOfGo[],
  fresh: ReadonlySet<string> | null,
): Network {
  let clock = 0;
  const steps = only.flatMap(({ step, go }): Step[] => {
    const task = whole.slot.tasks.find(({ id }) => id === run.steps[step]?.task);
    if (!task) return [];
    const start = clock;
    clock += task.time.likely;
    return [{ task, go: task.eachGo ? go : 1, start, end: clock }];
  });
  const inBlock = new Set(steps.map(({ task }) => task));
  const lags = whole.lags.filter(({ from, to }) => {
    if (to.phase === 'perform')
      return inBlock.has(to) && (fresh?.has(to.id) ?? true) && from.phase !== 'perform';
    return from.phase !== 'perform' || inBlock.has(from);
  });
  return {
    ...whole,
    steps,
    blockLength: clock,
    lags,
    // The block is on already: what is left to prepare leads to a step in it, by its lag.
    endByBlock: fresh ? new Set() : whole.endByBlock,
  };
}

export const partsOf = (show: LiveShow, live: Live, known: Known, moment: Moment): TimedPart[] =>
  new Parts(show, live, known, moment).run();
