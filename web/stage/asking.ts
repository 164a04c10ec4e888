/** Asks the show caller anew whenever something was pressed, and now and then between presses. */
import type { AdviceTold, Telling } from '../../core/stage/replan/tell';
import type { RunEvent } from '../../core/stage/types';

/** What is asked of the worker. */
export interface Work {
  tell: (events: readonly RunEvent[], moment: number) => Promise<Telling | null>;
  /** Undefined when it was cut short. */
  advise: () => Promise<AdviceTold | null | undefined>;
  /** Cuts advice short. */
  interrupt: () => Promise<void>;
}

export interface Answer {
  telling: Telling;
  advice: AdviceTold | null;
}

/**
 * Between presses it rests this many times as long as it worked, and no longer than so many ms: a device
 * that runs on its battery has a whole show to get through.
 */
const REST = { times: 3, most: 6000 };

interface Options {
  work: Work;
  /** The moment that is told of, in ms since 1970. */
  clock: () => number;
  told: (change: (before: Answer | null) => Answer | null) => void;
}

export class Asking {
  private busy = false;
  private restsUntil = 0;
  private opened: Promise<unknown> | null = null;
  private latest: readonly RunEvent[] = [];

  constructor(private readonly options: Options) {}

  /** A show is opened: nothing is asked before it is. What was asked of another is given up. */
  open(opened: Promise<unknown>): void {
    this.opened = opened;
    this.hear([...this.latest]);
  }

  /** Something was pressed. Advice on what was before is given up: what may begin now is told first. */
  hear(events: readonly RunEvent[]): void {
    this.latest = events;
    if (this.busy) void this.options.work.interrupt();
    else this.begin();
  }

  /** Time has passed. */
  again(): void {
    if (Date.now() >= this.restsUntil) this.begin();
  }

  /** What can’t be told now is asked for again later. */
  private begin(): void {
    this.ask().catch((error: unknown) => console.error(error));
  }

  private async ask(): Promise<void> {
    if (!this.opened || this.busy) return;
    const { work, clock, told } = this.options;
    this.busy = true;
    const from = Date.now();
    try {
      for (;;) {
        await this.opened;
        const of = this.latest;
        const telling = await work.tell([...of], clock());
        if (telling) told((before) => ({ telling, advice: before?.advice ?? null }));
        if (of !== this.latest) continue;
        const advice = await work.advise();
        if (advice !== undefined) told((before) => (before ? { ...before, advice } : before));
        if (of === this.latest) return;
      }
    } finally {
      this.busy = false;
      const now = Date.now();
      this.restsUntil = now + Math.min(REST.most, REST.times * (now - from));
    }
  }
}
