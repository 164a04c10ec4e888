/**
 * A show that runs by itself: helpers do what the live plan tells them and say so, steps take as long as
 * they do, goes work or fail, and mishaps strike. What is to be decided is left to whoever presents.
 */
import { EventNames, eventOf } from '../event';
import { hardFinishAt } from '../hardFinish';
import type { ForecastSize } from '../../lineup/forecast/types';
import { Caller, pressFor } from '../replan/caller';
import { readinessOf } from '../replan/readiness';
import type { Found } from '../replan/retime';
import type { LiveShow, LiveTask } from '../replan/types';
import { sequenceOf } from '../steps';
import { endsGo } from '../../repertoire/goes';
import type { EventKind, Live, RunEvent } from '../types';
import type { Mishap, World } from './world';

/** Something that happens by itself, in ms since 1970. */
export interface Happening {
  event: RunEvent;
  /** In words, where it is a mishap; empty otherwise. */
  words: string;
}

const mishapWords = (show: LiveShow, { kind, slot, task, seconds }: Mishap): string => {
  const of = show.input.slots.find(({ id }) => id === slot);
  const name = of?.tasks.find(({ id }) => id === task)?.name ?? '';
  switch (kind) {
    case 'declined':
      return `${of?.name}: the first one you ask says no`;
    case 'lateHelper':
      return `${of?.name}: nobody is there for “${name}” yet`;
    case 'spill':
      return `${of?.name}: a spill, “${name}” has to be done again`;
    case 'missing':
      return `${of?.name}: what “${name}” needs is not to be found`;
    case 'hallEarly':
      return `The hall asks for ${Math.round(seconds / 60)} minutes back`;
  }
};

export class Playing {
  readonly caller: Caller;
  readonly events: RunEvent[] = [];
  /** What went wrong, in words. */
  readonly trouble: string[] = [];
  private struck = 0;
  /** Jobs that nobody has yet, or whose thing is looked for, until when. */
  private readonly held = new Map<string, number>();
  private readonly times = new Map<string, number>();
  private readonly names: EventNames;

  constructor(
    readonly show: LiveShow,
    readonly world: World,
    /** When the show begins, in ms since 1970. */
    readonly startsAt: number,
    size: ForecastSize,
  ) {
    this.caller = new Caller(show, 'performance', size);
    this.names = new EventNames(show.plan);
    this.take(eventOf({ id: 'start', at: startsAt, by: null }, 'start'));
  }

  get live(): Live {
    return this.caller.live;
  }

  take(event: RunEvent): void {
    this.events.push(event);
    this.caller.take(event);
  }

  /** What whoever presents decides, at a moment. */
  press(at: number, kind: EventKind, more: Partial<RunEvent> = {}): void {
    const event = pressFor(this.show, this.live, at, kind, more);
    this.take({ ...event, id: `p${this.events.length}` });
  }

  private readonly ms = (seconds: number): number => this.startsAt + seconds * 1000;

  private job(
    at: number,
    kind: EventKind,
    { slot, task }: { slot: string; task: string },
  ): RunEvent {
    return eventOf({ id: `w${this.events.length}`, at, by: null }, kind, { slot, step: task });
  }

  /** The next thing that happens by itself from a moment on; null while it waits for a decision. */
  next(from: number): Happening | null {
    const { live } = this;
    if (live.phase !== 'running' && live.phase !== 'held') return null;
    const found = this.caller.found(from);
    const all = [
      ...this.mishap(),
      ...found.plan.tasks.flatMap((task) => this.work(task, from)),
      ...(live.phase === 'running' ? this.onStage(found, from) : []),
    ].filter(({ event }) => this.names.fault(event) === null);
    all.sort((a, b) => a.event.at - b.event.at);
    return all[0] ?? null;
  }

  /** Lets the next thing happen. */
  happen(happening: Happening): void {
    const { event, words } = happening;
    const mishap = this.world.mishaps[this.struck];
    if (words !== '' && mishap) {
      this.struck++;
      this.trouble.push(words);
      if (mishap.seconds > 0 && mishap.task !== '')
        this.held.set(`${mishap.slot}/${mishap.task}`, this.ms(mishap.at + mishap.seconds));
    }
    if (event.kind === 'begin') {
      const key = `${event.slot}/${event.step}`;
      this.times.set(key, (this.times.get(key) ?? 0) + 1);
    }
    this.take(event);
  }

  /** Seconds of words before one moves on from what failed: those instead, and what would have closed it. */
  words(): number {
    const { live, show } = this;
    const run = show.plan.slots.find(({ id }) => id === live.slot);
    if (!run) return 0;
    const { closing } = sequenceOf(run);
    const fallback = show.policies.get(run.id)?.fallback ?? 0;
    return closing.reduce((sum, { task }) => sum + this.world.seconds(run.id, task, 1), fallback);
  }

  /** Whether a gate is closed before the slot on stage at a moment. */
  isClosed(at: number): boolean {
    const { slot } = this.live;
    const ready = slot === null ? null : readinessOf(this.show, this.caller.found(at), slot);
    return ready?.missing.some(({ gate }) => gate) ?? false;
  }

  private mishap(): Happening[] {
    const mishap = this.world.mishaps[this.struck];
    if (!mishap) return [];
    const { show, live } = this;
    const at = Math.max(this.ms(mishap.at), this.events.at(-1)?.at ?? 0);
    const words = mishapWords(show, mishap);
    const tell = (event: RunEvent): Happening[] => [{ event, words }];
    switch (mishap.kind) {
      case 'declined':
        // It shows in how long the fetching takes.
        return tell(eventOf({ id: `m${this.struck}`, at, by: null }, 'note', { text: words }));
      case 'lateHelper':
        return tell(this.job(at, 'late', mishap));
      case 'spill':
        return tell(this.job(at, 'spoiled', mishap));
      case 'missing':
        return tell(this.job(at, 'blocked', mishap));
      case 'hallEarly': {
        const value = hardFinishAt(show.plan, live, 'performance', at) - mishap.seconds * 1000;
        return tell(eventOf({ id: `m${this.struck}`, at, by: null }, 'moveFinish', { value }));
      }
    }
  }

  /** Helpers begin what the plan tells them, when it does, and say when they have done. */
  private work(task: LiveTask, from: number): Happening[] {
    const key = `${task.slot}/${task.task}`;
    const until = this.held.get(key) ?? 0;
    if (task.state === 'blocked')
      return until > 0
        ? [{ event: this.job(Math.max(from, until), 'unmark', task), words: '' }]
        : [];
    if (task.state === 'toCome') {
      const at = Math.max(from, this.ms(task.start), until);
      // What can't begin before it is its turn waits for that; the plan says when.
      return [{ event: this.job(at, 'begin', task), words: '' }];
    }
    if (task.state !== 'underWay') return [];
    const time = this.times.get(key) ?? 1;
    const end = this.ms(task.start + this.world.seconds(task.slot, task.task, time));
    // Who is not done when the plan thinks so says it before.
    const due = this.ms(task.end) - 1000;
    if (end > due + 1000)
      return [{ event: this.job(Math.max(from, due), 'late', task), words: '' }];
    return [{ event: this.job(Math.max(from, end), 'ready', task), words: '' }];
  }

  private onStage(found: Found, from: number): Happening[] {
    const { live, show } = this;
    const run = show.plan.slots.find(({ id }) => id === live.slot);
    const step = run?.steps[live.step];
    if (!run || !step || live.failed) return [];
    const on = found.plan.blocks.find(({ slot, kind }) => slot === run.id && kind === 'on');
    if (!on) {
      const block = found.plan.blocks.find(
        ({ slot, kind }) => slot === run.id && kind === 'toCome',
      );
      const ready = readinessOf(show, found, run.id);
      const at = Math.max(from, this.ms(block?.start ?? 0));
      const closed = (ready?.missing.length ?? 0) > 0 && at <= from;
      // Nobody begins what is not ready; what makes it so happens before.
      return closed ? [] : [{ event: this.at(at, 'commence'), words: '' }];
    }
    const begun = live.visits.at(-1)?.steps.length || live.commenced;
    if (!begun) return [{ event: this.at(from, 'commence'), words: '' }];
    const drawn = this.world.seconds(run.id, step.task, step.eachGo || step.between ? live.go : 1);
    const held = live.holds
      .filter(({ until }) => until > live.stepFrom)
      .reduce((sum, hold) => sum + hold.until - Math.max(hold.from, live.stepFrom), 0);
    const end = Math.max(from, live.stepFrom + held + drawn * 1000);
    const last = endsGo(sequenceOf(run), { part: step, go: live.go });
    const fails = last && !this.world.works(run.id, live.go);
    return [{ event: this.at(end, fails ? 'failed' : 'done'), words: '' }];
  }

  private at(at: number, kind: EventKind): RunEvent {
    return { ...pressFor(this.show, this.live, at, kind), id: `s${this.events.length}` };
  }
}
