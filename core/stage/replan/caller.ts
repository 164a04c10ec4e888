/**
 * What the show caller says at a moment: when it will end, how far it is from its plan, what is to be done
 * now and next, and what had best be left out.
 */
import { settle } from '../driving';
import type { Forecast, ForecastSize } from '../../lineup/forecast/types';
import { schedule } from '../../lineup/schedule';
import { EFFORT } from '../../lineup/effort';
import { Budget } from '../../solver/budget';
import { eventOf } from '../event';
import { hardFinishAt } from '../hardFinish';
import { showTime } from '../showTime';
import { asksForAnother } from '../steps';
import type { Live, RunEvent, RunKind } from '../types';
import { foresee } from './foresee';
import { History } from './history';
import type { Found } from './retime';
import type { LiveShow } from './types';

/** A run at a moment, and when it will end. */
export interface Call {
  /** In ms since 1970. */
  at: number;
  live: Live;
  found: Found;
  /** On the live plan’s clock: seconds of real time from the start. */
  forecast: Forecast;
  /** Seconds behind the show as it is now wanted; below nothing when ahead. */
  behind: number;
  /** In ms since 1970. */
  hardFinish: number;
}

/** Whether the show’s rule for a slot that failed asks for another go. */
export function wantsAgain(show: LiveShow, live: Live): boolean {
  const run = show.plan.slots.find(({ id }) => id === live.slot);
  const policy = run && show.policies.get(run.id);
  return run !== undefined && policy !== undefined && asksForAnother(run, policy.again, live.go);
}

/** A press for what is on stage, as the screen would make it. */
export function pressFor(
  show: LiveShow,
  live: Live,
  at: number,
  kind: RunEvent['kind'],
  more: Partial<RunEvent> = {},
): RunEvent {
  const run = show.plan.slots.find(({ id }) => id === live.slot);
  return eventOf({ id: `then-${kind}-${more.slot ?? ''}`, at, by: null }, kind, {
    slot: live.slot,
    step: run?.steps[live.step]?.task ?? null,
    go: live.go,
    ...more,
  });
}

/** What the show would take if it went as written, without what was left out; by what that is. */
type Lengths = Map<string, number>;

export class Caller {
  private history: History;
  private taken: string[] = [];
  private readonly lengths: Lengths = new Map();

  constructor(
    readonly show: LiveShow,
    readonly kind: RunKind,
    readonly size: ForecastSize,
  ) {
    this.history = new History(show);
  }

  get live(): Live {
    return this.history.live;
  }

  /** Takes in what is new of the events; from the beginning where an earlier one came late. */
  hear(raw: readonly RunEvent[]): void {
    const { events } = settle(raw);
    const known = this.taken.every((id, i) => events[i]?.id === id);
    if (!known) {
      this.history = new History(this.show);
      this.taken = [];
    }
    for (const event of events.slice(this.taken.length)) this.take(event);
  }

  /** Takes in the next event. */
  take(event: RunEvent): void {
    this.history.take(event);
    this.taken.push(event.id);
  }

  /** The rest of the night from a moment, in ms since 1970, without what chance makes of it. */
  found(moment: number): Found {
    return this.history.at(moment);
  }

  private writtenEnd(live: Live): number {
    const { show, lengths } = this;
    const dropped = show.plan.slots.flatMap(({ id }) => {
      const status = live.slots[id]?.status;
      const out = status === 'leftOut' || status === 'skipped';
      return out && !live.visits.some((visit) => visit.slot === id && visit.acted) ? [id] : [];
    });
    if (dropped.length === 0) return show.written.end;
    const key = dropped.join('/');
    const slots = show.input.slots.filter(({ id }) => !dropped.includes(id));
    const length =
      lengths.get(key) ?? schedule({ ...show.input, slots }, new Budget(EFFORT.trial)).end;
    lengths.set(key, length);
    return length;
  }

  /**
   * The show as it stands at a moment, in ms since 1970, if these presses were made then. Of a go that
   * failed and is not decided on, what the show’s rule says.
   */
  at(moment: number, presses: readonly Press[] = [], runs = this.size.runs): Call {
    const { show, kind, size } = this;
    const history = this.history.fork();
    for (const { kind: pressed, ...more } of presses)
      history.take(pressFor(show, history.live, moment, pressed, more));
    if (history.live.failed)
      history.take(
        pressFor(show, history.live, moment, wantsAgain(show, history.live) ? 'again' : 'done'),
      );
    const { live } = history;
    const found = history.at(moment);
    const hardFinish = hardFinishAt(show.plan, live, kind, moment);
    const forecast = foresee(show, live, found.moment, found, hardFinish, { ...size, runs });
    const now = found.plan.now;
    const end = showTime(live, moment) + found.plan.end - now;
    return {
      at: moment,
      live,
      found,
      forecast,
      behind: Math.round(end - this.writtenEnd(live)),
      hardFinish,
    };
  }
}

/** A press that might be made. */
export type Press = Pick<RunEvent, 'kind'> & Partial<Pick<RunEvent, 'slot' | 'step' | 'go'>>;
