/** How long may be looked. */

/** The clock is asked once in so many steps: asking it is slower than taking one. */
const STEPS_BETWEEN_CLOCKS = 4096;

export interface TimeLimit {
  /** A clock in milliseconds; the core has none of its own. */
  now: () => number;
  /** When the time is up, by that clock. */
  until: number;
}

/**
 * Everything that is looked at costs a step, whichever part of the engine looks. A number of steps and
 * not a time, so that the same show has the same clock on every machine; where a time is promised, the
 * clock ends the work as well.
 */
export class Budget {
  private spent = 0;
  private nextClock = STEPS_BETWEEN_CLOCKS;
  private timeUp = false;

  constructor(
    private readonly steps: number,
    private readonly limit: TimeLimit | null = null,
    private readonly whole: Budget | null = null,
  ) {}

  /** Counts work that was done. */
  spend(steps: number): void {
    this.spent += steps;
    this.whole?.spend(steps);
    if (this.limit && this.spent >= this.nextClock) {
      this.nextClock = this.spent + STEPS_BETWEEN_CLOCKS;
      this.timeUp ||= this.limit.now() >= this.limit.until;
    }
  }

  get exhausted(): boolean {
    return this.spent >= this.steps || this.timeUp || (this.whole?.exhausted ?? false);
  }

  get left(): number {
    const mine = this.exhausted ? 0 : this.steps - this.spent;
    return this.whole ? Math.min(mine, this.whole.left) : mine;
  }

  /** A part of what is left, which counts in the whole too. */
  part(share: number): Budget {
    return new Budget(Math.ceil(this.left * share), null, this);
  }
}
