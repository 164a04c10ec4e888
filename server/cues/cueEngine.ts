/**
 * Fires the cues of runs that are under way: at the press that sets one off, before that press is stored,
 * and in its time. What it knows of a run it keeps in memory, and reads anew where that is not enough.
 */
import type { FiredCue } from '../../contract/api';
import type { Output } from '../../contract/cues';
import { settle } from '../../core/stage/driving';
import { cuesOfDone, cuesOnStage, type DueCue } from '../../core/stage/cues';
import { eventOf } from '../../core/stage/event';
import { Folding } from '../../core/stage/fold';
import {
  EVENT_KINDS,
  type EventKind,
  type Live,
  type RunEvent,
  type RunPlan,
} from '../../core/stage/types';
import type { StepCue } from '../../core/repertoire/cues';
import { type Armed, armed, isFor } from './armed';
import type { Ready, Senders } from './senders';

interface EngineOptions {
  now: () => number;
  /** As they are listed now: the same list as long as nothing of it has changed. */
  outputs: () => readonly Output[];
  /** Everything stored of a run; null where it is gone or can’t be read. */
  eventsOf: (runId: string) => readonly RunEvent[] | null;
  senders: Senders;
  /** Tells the pages, which play, show and say. */
  tell: (fired: FiredCue) => void;
}

/** A run that is on, as the engine follows it. */
interface Followed {
  plan: RunPlan;
  folding: Folding;
  driver: string | null;
  known: Set<string>;
  fired: Set<string>;
  timer: NodeJS.Timeout | null;
  /** What is ready for the presses that may come next. */
  armed: Armed[];
  arming: NodeJS.Immediate | null;
}

type About = Pick<FiredCue, 'runId' | 'slot' | 'task'>;
type Fireable = Pick<
  StepCue,
  'id' | 'name' | 'kind' | 'media' | 'to' | 'words' | 'output' | 'send' | 'args'
>;

const NOTHING: ReadonlySet<string> = new Set();

/** Runs followed at once; the oldest is let go and read anew when something comes. */
const FOLLOWED_MOST = 20;
/** A cue that was due longer ago than this, in ms, was due while nobody could fire it: it is not caught up on. */
const TOO_LATE = 5000;
/** The longest a timer is set for, in ms. */
const TIMER_MOST = 3_600_000;

const MOVES_NOTHING = new Set<RunEvent['kind']>(['drive', 'take']);

const KINDS = new Set<unknown>(EVENT_KINDS);
const isName = (value: unknown): value is string | null =>
  value === null || typeof value === 'string';

/** A press as far as cues need it; none where it is not built like one. */
function pressIn(plain: unknown, device: string | null, at: number): RunEvent[] {
  const { id, kind, slot, step, go, onMove, text } = (plain ?? {}) as Record<string, unknown>;
  if (typeof id !== 'string' || !KINDS.has(kind)) return [];
  if (![slot, step, onMove, text].every(isName)) return [];
  if (go !== null && typeof go !== 'number') return [];
  const about = { slot, step, go, onMove, text } as Partial<RunEvent>;
  return [eventOf({ id, at, by: null }, kind as EventKind, { ...about, device })];
}

const hasCues = ({ slots }: RunPlan): boolean =>
  slots.some(({ steps }) => steps.some(({ cues }) => cues.length > 0));

export class CueEngine {
  private readonly runs = new Map<string, Followed>();

  constructor(private readonly options: EngineOptions) {}

  /**
   * Presses are here, and nothing more is known of them than that their sender may press: of a run that is
   * followed already, what they set off goes out now. What is not stored of them afterwards is taken back
   * by reading the run anew (`again`).
   */
  early(runId: string, device: string | null, plain: unknown): void {
    const followed = this.runs.get(runId);
    if (!followed || !Array.isArray(plain)) return;
    const events = plain.flatMap((one) => pressIn(one, device, this.options.now()));
    if (events.length > 0) this.follows(runId, followed, events);
  }

  /**
   * Presses have come in and are about to be stored. A run without cues costs nothing but a look at its plan.
   */
  take(run: { id: string; plan: RunPlan }, events: readonly RunEvent[]): void {
    if (!hasCues(run.plan)) return;
    const followed = this.runs.get(run.id) ?? this.follow(run);
    if (followed) this.follows(run.id, followed, events);
  }

  private follows(runId: string, followed: Followed, events: readonly RunEvent[]): void {
    for (const event of events) {
      if (followed.known.has(event.id)) continue;
      followed.known.add(event.id);
      if (MOVES_NOTHING.has(event.kind)) continue;
      // What others press than who drives sets nothing off.
      if (followed.driver !== null && event.device !== followed.driver) continue;
      followed.driver = event.device;
      this.pressed(runId, followed, event, this.shoot(runId, followed, event));
    }
    this.look(runId, followed);
  }

  /** Fires what is ready for this press; gives the keys of it. */
  private shoot(runId: string, followed: Followed, event: RunEvent): ReadonlySet<string> {
    const next = followed.armed.find((one) => isFor(one, event));
    followed.armed = [];
    if (!next || next.outputs !== this.options.outputs()) return NOTHING;
    // All of them first, then what is told of them.
    const shot = next.shots.map(({ due, go }) => ({ due, fault: go() }));
    for (const { due, fault } of shot) this.fired(runId, followed, due, fault);
    return new Set(shot.map(({ due }) => due.key));
  }

  private pressed(
    runId: string,
    followed: Followed,
    event: RunEvent,
    shot: ReadonlySet<string>,
  ): void {
    const { plan, folding } = followed;
    const before = folding.live;
    const after = folding.take(event);
    if (event.kind === 'back') {
      // What one goes back to is not set off once more; what one comes to again is.
      for (const { key } of cuesOnStage(plan, before)) followed.fired.delete(key);
      for (const { key } of cuesOnStage(plan, after)) followed.fired.add(key);
    }
    for (const due of cuesOfDone(plan, before, after, event))
      if (!shot.has(due.key)) this.fire(runId, followed, due);
    this.due(runId, followed, after);
  }

  /** Fires what is due by now. */
  private due(runId: string, followed: Followed, live: Live): void {
    const now = this.options.now();
    for (const due of cuesOnStage(followed.plan, live))
      if (due.at <= now && !followed.fired.has(due.key)) {
        if (now - due.at > TOO_LATE) followed.fired.add(due.key);
        else this.fire(runId, followed, due);
      }
  }

  /** Sets a timer for what comes next, and gets ready what presses may set off. */
  private look(runId: string, followed: Followed): void {
    // Once what is being answered is answered.
    followed.arming ??= setImmediate(() => this.arm(followed));
    if (followed.timer) clearTimeout(followed.timer);
    followed.timer = null;
    const { live } = followed.folding;
    const next = cuesOnStage(followed.plan, live)
      .filter(({ key }) => !followed.fired.has(key))
      .reduce((soonest, { at }) => Math.min(soonest, at), Infinity);
    if (next === Infinity) return;
    const wait = Math.min(TIMER_MOST, Math.max(0, next - this.options.now()));
    followed.timer = setTimeout(() => {
      this.due(runId, followed, live);
      this.look(runId, followed);
    }, wait);
    followed.timer.unref();
  }

  private arm(followed: Followed): void {
    followed.arming = null;
    const outputs = this.options.outputs();
    const prepare = ({ cue }: DueCue): Ready => this.ready(cue, outputs);
    followed.armed = armed({ ...followed, now: this.options.now(), outputs, prepare });
  }

  private follow(run: { id: string; plan: RunPlan }): Followed | null {
    const stored = this.options.eventsOf(run.id);
    if (!stored) return null;
    this.options.senders.warm(this.options.outputs());
    const { events, driver } = settle(stored);
    const folding = new Folding(run.plan);
    const fired = new Set<string>();
    for (const event of events) folding.take(event);
    const now = this.options.now();
    // What was due before counts as fired: it is not set off by a server that was started again.
    for (const due of cuesOnStage(run.plan, folding.live)) if (due.at <= now) fired.add(due.key);
    const followed: Followed = {
      plan: run.plan,
      folding,
      driver,
      known: new Set(stored.map(({ id }) => id)),
      fired,
      timer: null,
      armed: [],
      arming: null,
    };
    const [oldest] = this.runs.keys();
    if (this.runs.size >= FOLLOWED_MOST && oldest !== undefined) this.forget(oldest);
    this.runs.set(run.id, followed);
    return followed;
  }

  /** Who drives, or what counts of it, has changed, or it was not followed yet: it is read anew. */
  again(run: { id: string; plan: RunPlan }): void {
    this.forget(run.id);
    if (!hasCues(run.plan)) return;
    const followed = this.follow(run);
    if (followed) this.look(run.id, followed);
  }

  private forget(runId: string): void {
    const followed = this.runs.get(runId);
    if (followed?.timer) clearTimeout(followed.timer);
    if (followed?.arming) clearImmediate(followed.arming);
    this.runs.delete(runId);
  }

  private fire(runId: string, followed: Followed, due: DueCue): void {
    this.fired(runId, followed, due, this.ready(due.cue, this.options.outputs())());
  }

  private fired(
    runId: string,
    followed: Followed,
    { key, slot, task, cue }: DueCue,
    fault: string | null,
  ): void {
    followed.fired.add(key);
    this.told({ runId, slot, task }, cue, fault);
  }

  /** Fires one, whatever is on: by hand, or to try it. Gives why it can’t; null when it is on its way. */
  fireNow(about: About, cue: Fireable): string | null {
    const fault = this.ready(cue, this.options.outputs())();
    this.told(about, cue, fault);
    return fault;
  }

  private ready(cue: Fireable, outputs: readonly Output[]): Ready {
    const { kind, media, output } = cue;
    if (kind === 'light')
      return this.options.senders.prepare(
        outputs.find(({ id }) => id === output),
        cue,
      );
    const isMissing = (kind === 'sound' || kind === 'picture') && media === null;
    return () => (isMissing ? 'has nothing chosen to be played or shown' : null);
  }

  private told(about: About, cue: Fireable, fault: string | null): void {
    const { id, name, kind, media, to, words } = cue;
    const { tell, now } = this.options;
    tell({ ...about, cue: id, name, kind, media, to, words, fault, at: now() });
  }

  close(): void {
    for (const id of [...this.runs.keys()]) this.forget(id);
  }
}
