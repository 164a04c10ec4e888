/** What a screen is told of the live plan: plain facts, with moments in ms since 1970. */
import { shareWords } from '../../lineup/outlook';
import { sayDuration } from '../../time/clock';
import { paceWords } from '../pace';
import { realSeconds } from '../showTime';
import { comingUp } from '../steps';
import type { Advice } from './advice';
import type { Call, Caller, Press } from './caller';
import { type Missing, readinessOf } from './readiness';
import type { LiveTask, PartKind, WorkState } from './types';

/** When it ends, and how that stands to the hall’s time. */
export interface EndTold {
  /** One show in ten has ended by then, one in two, nine in ten. */
  p10: number;
  about: number;
  p90: number;
  /** The share that the end is held against has ended by then. */
  by: number;
  shareWords: string;
  chance: number;
  /** Seconds from the hard finish to `by`; below nothing when there is time to spare. */
  over: number;
  overWords: string;
  /** The clock as written, from where the show is. */
  written: number;
}

export interface BlockTold {
  slot: string;
  kind: PartKind;
  from: number;
  to: number;
}

/** The audience has nothing to watch, and why. */
export interface GapTold {
  /** The slot that has to wait. */
  slot: string;
  from: number;
  to: number;
  reason: string;
}

export interface TaskTold {
  slot: string;
  task: string;
  name: string;
  /** What it is for: the slot’s name. */
  of: string;
  phase: LiveTask['phase'];
  people: { id: string; name: string }[];
  from: number;
  to: number;
  state: WorkState;
  said: boolean;
}

export interface WindowTold {
  slot: string;
  /** What is ready, in words. */
  name: string;
  of: string;
  from: number;
  until: number;
  at: number | null;
  kept: boolean;
  /** It is ready already, or is on its way. */
  isReady: boolean;
}

export interface MissingTold extends Omit<Missing, 'people' | 'until'> {
  people: string[];
  until: number | null;
}

export interface ReadyTold {
  slot: string;
  missing: MissingTold[];
  /** When it may begin by the plan. */
  from: number;
  said: boolean;
}

export interface Telling {
  /** The moment it is worked out for. */
  at: number;
  /** How many events it knows. */
  events: number;
  /** False where nothing is known of the show but its steps. */
  known: boolean;
  end: EndTold;
  hardFinish: number;
  /** Seconds behind what is wanted of the show now; below nothing when ahead. */
  behind: number;
  paceWords: string;
  /** Seconds by which it began later than booked. */
  late: number;
  blocks: BlockTold[];
  gaps: GapTold[];
  tasks: TaskTold[];
  windows: WindowTold[];
  conflicts: { slot: string; words: string }[];
  /** Of the slot on stage, while it has not begun; of each that is to come. */
  ready: ReadyTold[];
}

class Teller {
  constructor(
    private readonly caller: Caller,
    private readonly call: Call,
  ) {}

  private readonly moment = (seconds: number): number =>
    (this.call.live.startedAt ?? this.call.at) + seconds * 1000;

  private readonly person = (id: string): { id: string; name: string } => ({
    id,
    name: this.caller.show.input.crew.find((one) => one.id === id)?.name ?? '',
  });

  private readonly slotName = (id: string): string =>
    this.caller.show.plan.slots.find((slot) => slot.id === id)?.name ?? '';

  end(): EndTold {
    const { forecast, found, hardFinish } = this.call;
    const by = this.moment(forecast.by);
    const over = Math.round((by - hardFinish) / 1000);
    return {
      p10: this.moment(forecast.end.p10),
      about: this.moment(forecast.end.p50),
      p90: this.moment(forecast.end.p90),
      by,
      shareWords: shareWords(forecast.share),
      chance: forecast.chance,
      over,
      overWords: over > 0 ? `${sayDuration(over)} over` : `${sayDuration(-over)} to spare`,
      written: this.moment(found.plan.end),
    };
  }

  blocks(): BlockTold[] {
    return this.call.found.plan.blocks.map(({ slot, kind, start, end }) => ({
      slot,
      kind,
      from: this.moment(start),
      to: this.moment(end),
    }));
  }

  tasks(): TaskTold[] {
    return this.call.found.plan.tasks.map((task) => ({
      slot: task.slot,
      task: task.task,
      name: task.name,
      of: this.slotName(task.slot),
      phase: task.phase,
      people: task.people.map(this.person),
      from: this.moment(task.start),
      to: this.moment(task.end),
      state: task.state,
      said: task.said,
    }));
  }

  windows(): WindowTold[] {
    const { tasks, windows } = this.call.found.plan;
    return windows.map(({ slot, part, after, from, until, at, kept }) => {
      const ready = tasks.find((task) => task.part === part && task.task === after);
      return {
        slot,
        name: ready?.name ?? '',
        of: this.slotName(slot),
        from: this.moment(from),
        until: this.moment(until),
        at: at === null ? null : this.moment(at),
        kept,
        isReady: ready?.state === 'done',
      };
    });
  }

  ready(): ReadyTold[] {
    const { caller, call } = this;
    const { live, found } = call;
    const slots = [
      ...(live.slot === null ? [] : [live.slot]),
      ...comingUp(caller.show.plan, live).map(({ id }) => id),
    ];
    return slots.flatMap((id): ReadyTold[] => {
      const read = readinessOf(caller.show, found, id);
      if (!read) return [];
      const missing = read.missing.map((one): MissingTold => ({
        ...one,
        people: one.people.map((person) => this.person(person).name),
        until: one.until === null ? null : this.moment(one.until),
      }));
      return [{ slot: id, missing, from: this.moment(read.from), said: read.said }];
    });
  }

  /** What can’t be kept any more, and what is to be done about it. */
  conflicts(): Telling['conflicts'] {
    const { conflicts, tasks } = this.call.found.plan;
    return conflicts.map(({ slot, message, window }) => {
      const after = tasks.find((task) => task.slot === slot && task.task === window?.after);
      const words = after
        ? `${this.slotName(slot)}: “${after.name}” won’t keep so long. Do it again, or leave the slot out`
        : message;
      return { slot, words };
    });
  }

  gaps(): GapTold[] {
    return this.call.found.plan.gaps.map(({ slot, start, end, reason }) => ({
      slot,
      from: this.moment(start),
      to: this.moment(end),
      reason,
    }));
  }
}

export function tell(caller: Caller, call: Call, events: number): Telling {
  const teller = new Teller(caller, call);
  const { live, behind, at, hardFinish } = call;
  const late =
    live.startedAt === null || caller.kind === 'rehearsal'
      ? 0
      : -realSeconds(live, caller.show.plan.startsAt);
  return {
    at,
    events,
    known: caller.show.known,
    end: teller.end(),
    hardFinish,
    behind,
    paceWords: paceWords(behind),
    late,
    blocks: teller.blocks(),
    gaps: teller.gaps(),
    tasks: teller.tasks(),
    windows: teller.windows(),
    conflicts: teller.conflicts(),
    ready: teller.ready(),
  };
}

export interface AdviceTold {
  slots: { id: string; name: string; number: number }[];
  /** Seconds by which the show ends earlier. */
  saves: number;
  end: EndTold;
  blocks: BlockTold[];
  gaps: GapTold[];
  /** Whether it ends in time in the share that is wanted; otherwise it is all that may go. */
  enough: boolean;
}

export function tellAdvice(caller: Caller, { leaveOut, saves, call, enough }: Advice): AdviceTold {
  const { slots } = caller.show.plan;
  const teller = new Teller(caller, call);
  return {
    slots: leaveOut.map((id) => {
      const place = slots.findIndex((slot) => slot.id === id);
      return { id, name: slots[place]?.name ?? '', number: place + 1 };
    }),
    saves,
    end: teller.end(),
    blocks: teller.blocks(),
    gaps: teller.gaps(),
    enough,
  };
}

/** What a press would cost, told before it is made. */
export interface PriceTold {
  presses: Press[];
  end: EndTold;
  behind: number;
  blocks: BlockTold[];
  gaps: GapTold[];
  /** The slot that is on stage then; null when none is left. */
  slot: string | null;
  /** When the audience has something to watch again, and why not at once. */
  from: number;
  reason: string;
  /** What is to be done before that, by whom. */
  tasks: TaskTold[];
  /** Of the slot that is on then, while it has not begun. */
  ready: ReadyTold | null;
  /** Windows that are missed by it, and by nothing else. */
  missed: WindowTold[];
  /** Windows of what is ready by now and is used then, the first to close first. */
  open: WindowTold[];
}

/** `now` is the show without the press. */
export function priceOf(caller: Caller, moment: number, presses: Press[], now: Telling): PriceTold {
  const call = caller.at(moment, presses);
  const teller = new Teller(caller, call);
  const { slot } = call.live;
  const here = teller.blocks().find((block) => block.slot === slot && block.kind !== 'over');
  const from = Math.max(moment, here?.from ?? moment);
  const gap = teller.gaps().find((one) => one.slot === slot);
  const missed = teller
    .windows()
    .filter(
      (window) =>
        !window.kept &&
        now.windows.some((one) => one.slot === window.slot && one.name === window.name && one.kept),
    );
  return {
    presses,
    end: teller.end(),
    behind: call.behind,
    blocks: teller.blocks(),
    gaps: teller.gaps(),
    slot,
    from,
    reason: gap && gap.from <= from ? gap.reason : '',
    tasks: teller
      .tasks()
      .filter((task) => task.state !== 'done' && task.from < from && task.slot === slot),
    ready: teller.ready().find((one) => one.slot === slot) ?? null,
    missed,
    open: teller
      .windows()
      .filter(({ isReady, at, until }) => isReady && until > moment && (at ?? 0) > moment)
      .sort((a, b) => a.until - b.until),
  };
}
