/**
 * What has happened around the blocks, event by event. What somebody said is so; for the rest the crew is
 * taken to have followed the live plan as it stood, with what was known then and nothing that came later.
 */
import { type TaskKey, taskKey } from '../../keys';
import { buildNetwork } from '../../lineup/network';
import type { Task } from '../../repertoire/types';
import { Folding } from '../fold';
import { realSeconds } from '../showTime';
import type { EventKind, Live, RunEvent } from '../types';
import type { Moment } from './parts';
import { advance, type Found, retime, type Told } from './retime';
import { needsFreshSet, outId, visitId } from './stretches';
import type { Known, LivePlan, LiveShow, Work } from './types';

const OF_WORK = new Set<EventKind>(['begin', 'ready', 'late', 'spoiled', 'blocked', 'unmark']);
/** Whatever was noted or judged, the night is as it was. */
const CHANGES_NOTHING = new Set<EventKind>([
  'note',
  'takeBackNote',
  'correct',
  'doubt',
  'trust',
  'pass',
  'moveFinish',
  'call',
  'screen',
  'tally',
]);

/** Of something that takes longer than its longest, so much of its likely time more, at the least. */
const MORE = 0.5;

/** Work before the show has gone as it was written. */
function atTheStart({ written }: LiveShow): Known {
  const work = new Map<TaskKey, Work>();
  for (const { slot, task, start, end, people, phase } of written.tasks)
    if (phase !== 'perform' && start < 0)
      work.set(taskKey({ slot, task }), { start, end, people, said: false, before: null });
  return { ...NOTHING, work };
}

const NOTHING: Known = {
  work: new Map(),
  blocked: new Set(),
  waiting: new Set(),
  begun: new Map(),
};

/** A run as far as it is known, with what was worked out of it. */
export class History {
  private known = NOTHING;
  private plan: LivePlan | null = null;
  /** Up to here everything is taken down. */
  private until = 0;
  /** What was said of work before the start counts from when it was said. */
  private early: readonly RunEvent[] = [];
  /** What each move used up, so that it is there again when the move is taken back. */
  private usedBy: ReadonlyMap<string, readonly (readonly [TaskKey, Work])[]> = new Map();

  constructor(
    readonly show: LiveShow,
    private readonly folding = new Folding(show.plan),
  ) {}

  get live(): Live {
    return this.folding.live;
  }

  /** The same run, to go on with otherwise. */
  fork(): History {
    const other = new History(this.show, this.folding.fork());
    other.known = this.known;
    other.plan = this.plan;
    other.until = this.until;
    other.early = this.early;
    other.usedBy = this.usedBy;
    return other;
  }

  private taskOf(slot: string, task: string): Task | undefined {
    return this.show.input.slots.find(({ id }) => id === slot)?.tasks.find(({ id }) => id === task);
  }

  /** Under which name a slot’s work is kept: what prepares it by the slot’s, what follows by its last visit. */
  private keyOf(slotId: string, task: string): TaskKey {
    const slot = this.show.input.slots.find(({ id }) => id === slotId);
    const net = slot && buildNetwork(slot);
    if (!net?.following.some(({ id }) => id === task)) return taskKey({ slot: slotId, task });
    const visit = this.live.visits.findLastIndex((one) => one.slot === slotId);
    const out = visit < 0 || this.live.visits[visit]?.acted === false;
    const status = this.live.slots[slotId]?.status;
    const part = out && status !== 'waiting' ? outId(slotId) : visitId(slotId, Math.max(0, visit));
    return taskKey({ slot: part, task });
  }

  /** What the crew was told last. */
  private told(): Told {
    if (!this.plan) return this.show.written.tasks.filter(({ phase }) => phase !== 'perform');
    return this.plan.tasks.map((task) => ({ ...task, slot: task.part }));
  }

  /** Times the night as it was known, up to a moment. */
  private catchUp(event: Pick<RunEvent, 'at'>): number {
    const now = Math.max(this.until, realSeconds(this.live, event.at));
    if (this.live.phase === 'before' || this.live.phase === 'finished') return now;
    const moment = { at: event.at, now, floor: this.until };
    const { known, plan } = advance(this.show, this.live, this.known, moment, this.told());
    this.known = known;
    this.plan = plan;
    this.until = now;
    return now;
  }

  private withWork(
    change: (known: {
      work: Map<TaskKey, Work>;
      blocked: Set<TaskKey>;
      waiting: Set<TaskKey>;
    }) => void,
  ): void {
    const work = new Map(this.known.work);
    const blocked = new Set(this.known.blocked);
    const waiting = new Set(this.known.waiting);
    change({ work, blocked, waiting });
    this.known = { ...this.known, work, blocked, waiting };
  }

  /** What prepares a slot has been used up. */
  private useUp(slotId: string, move: string): void {
    const slot = this.show.input.slots.find(({ id }) => id === slotId);
    if (!slot) return;
    const { before } = buildNetwork(slot);
    const used = before.flatMap(({ id }) => {
      const key = taskKey({ slot: slotId, task: id });
      const work = this.known.work.get(key);
      return work ? [[key, work] as const] : [];
    });
    this.usedBy = new Map(this.usedBy).set(move, [...(this.usedBy.get(move) ?? []), ...used]);
    this.withWork((known) => {
      for (const { id } of before)
        for (const kept of [known.work, known.blocked, known.waiting])
          kept.delete(taskKey({ slot: slotId, task: id }));
    });
  }

  /** A move was taken back: what it used up was not, and what follows the slot has not begun. */
  private giveBack(move: string): void {
    const { live, show } = this;
    const slot = show.input.slots.find(({ id }) => id === live.slot);
    const part = slot && visitId(slot.id, live.visits.length - 1);
    this.withWork(({ work }) => {
      for (const [key, used] of this.usedBy.get(move) ?? []) work.set(key, used);
      for (const { id } of slot?.tasks ?? []) {
        const key = taskKey({ slot: part ?? '', task: id });
        if (!work.get(key)?.said) work.delete(key);
      }
    });
  }

  /** Who has a piece of work, as it was planned last. */
  private peopleOf(slot: string, task: string): readonly string[] {
    const planned = this.plan?.tasks.findLast((one) => one.slot === slot && one.task === task);
    const written = this.show.written.tasks.find((one) => one.slot === slot && one.task === task);
    return planned?.people ?? written?.people ?? [];
  }

  private said(event: RunEvent, now: number): void {
    const { slot, step, kind } = event;
    const task = slot === null || step === null ? undefined : this.taskOf(slot, step);
    if (!task || slot === null || step === null) return;
    const key = this.keyOf(slot, step);
    const { likely, longest } = task.time;
    this.withWork(({ work, blocked, waiting }) => {
      const before = work.get(key) ?? null;
      const people = before?.people ?? this.peopleOf(slot, step);
      const wasBlocked = blocked.delete(key);
      waiting.delete(key);
      /** What was only taken to have come after it has not. */
      const withdraw = (): void => {
        for (const id of this.buildsOn(slot, step)) {
          const other = this.keyOf(slot, id);
          if (!work.get(other)?.said) work.delete(other);
        }
      };
      switch (kind) {
        case 'begin':
          if (before?.start !== now) withdraw();
          work.set(key, { start: now, end: now + likely, people, said: true, before });
          break;
        case 'ready': {
          const start = before ? Math.min(before.start, now) : now - likely;
          withdraw();
          work.set(key, { start, end: now, people, said: true, before });
          break;
        }
        case 'late': {
          withdraw();
          if (before?.said) {
            const end = Math.max(before.start + longest, now + Math.ceil(MORE * likely));
            work.set(key, { ...before, end, before });
          } else waiting.add(key);
          break;
        }
        case 'spoiled':
          for (const id of this.buildsOn(slot, step)) work.delete(this.keyOf(slot, id));
          break;
        case 'blocked':
          withdraw();
          work.delete(key);
          blocked.add(key);
          waiting.add(key);
          break;
        default:
          if (before?.before) work.set(key, before.before);
          else if (before?.said && !wasBlocked) work.delete(key);
      }
    });
  }

  /** A task, and those of its slot that come after it and are not part of the performance. */
  private buildsOn(slotId: string, task: string): string[] {
    const slot = this.show.input.slots.find(({ id }) => id === slotId);
    const net = slot && buildNetwork(slot);
    const found = new Set([task]);
    for (const id of found)
      for (const { from, to } of net?.lags ?? [])
        if (from.id === id && net?.before.includes(to)) found.add(to.id);
    return [...found];
  }

  /** Takes the next event in. */
  take(raw: RunEvent): void {
    const event = this.folding.inTime(raw);
    const before = this.live;
    const now = CHANGES_NOTHING.has(event.kind) ? this.until : this.catchUp(event);
    const after = this.folding.take(event);
    if (before.phase === 'before') {
      if (after.phase !== 'before') this.start();
      else if (OF_WORK.has(event.kind)) this.early = [...this.early, event];
      return;
    }
    if (OF_WORK.has(event.kind)) this.said(event, now);
    this.withdrawFromStage();
    const left = after.visits[before.visits.length - 1];
    if (before.visits.at(-1)?.until === null && left?.acted && left.until !== null) {
      const { oneShot } = this.show.plan.slots.find(({ id }) => id === left.slot) ?? {};
      const performed = after.slots[left.slot]?.status === 'performed';
      if (oneShot || performed) this.useUp(left.slot, event.id);
    }
    if (event.kind === 'back' && before.lastMove !== null && after.lastMove !== before.lastMove)
      this.giveBack(before.lastMove);
    const run = this.show.plan.slots.find(({ id }) => id === after.slot);
    if (event.kind === 'again' && run && after.go > before.go && needsFreshSet(run, after.go))
      this.useUp(run.id, event.id);
  }

  /**
   * Whoever acts on stage has not been at what the plan gave them for that time. What only builds on it has
   * not come about either.
   */
  private withdrawFromStage(): void {
    const { live } = this;
    const visit = live.visits.at(-1);
    const performer = this.show.input.slots.find(({ id }) => id === live.slot)?.performerId;
    if (!performer || !visit || visit.until !== null) return;
    const acted = visit.steps.length > 0 || live.parts.length > 0 || live.failed;
    if (!acted && !live.commenced && live.signAt === null) return;
    const begun = realSeconds(live, visit.from);
    for (const { part, slot, task } of this.plan?.tasks ?? []) {
      const key = taskKey({ slot: part, task });
      const work = this.known.work.get(key);
      if (!work || work.said || !work.people.includes(performer) || work.end <= begun) continue;
      this.withWork((known) => {
        for (const id of this.buildsOn(slot, task)) {
          const other = this.keyOf(slot, id);
          if (!known.work.get(other)?.said) known.work.delete(other);
        }
        known.work.delete(key);
      });
    }
  }

  private start(): void {
    this.known = atTheStart(this.show);
    for (const event of this.early) this.said(event, realSeconds(this.live, event.at));
  }

  /** The rest of the night from a moment, in ms since 1970. */
  at(moment: number): Found & { moment: Moment } {
    const now = Math.max(this.until, realSeconds(this.live, moment));
    const found = retime(
      this.show,
      this.live,
      this.known,
      { at: moment, now, floor: this.until },
      this.told(),
    );
    return { ...found, moment: { at: moment, now, floor: now } };
  }
}
