/**
 * Bounds of whole numbers, and how each came to be.
 *
 * Every variable x has two keys: a bound at key 2x says that x is at least so much, one at key 2x + 1
 * that −x is. Both only ever rise, so one rule serves for both ends. A truth value is a variable from 0 to 1:
 * it is true when the bound at 2x is 1 and false when that at 2x + 1 is 0.
 */

/** “The bound at this key is at least this.” */
export interface Predicate {
  key: number;
  value: number;
}

/** Predicates that can't all hold. */
export interface Nogood {
  keys: number[];
  values: number[];
  /** Decisions it spans; 0 for what was given and is kept for good. */
  spans: number;
  dropped: boolean;
}

/** The same variable's other end. */
export const otherEnd = (key: number): number => key ^ 1;
/** The value at the other end that says the opposite. */
export const opposite = (value: number): number => 1 - value;

export const isTrueKey = (variable: number): number => 2 * variable;
export const isFalseKey = (variable: number): number => 2 * variable + 1;

/** Why a bound rose: a nogood; an arc, by its number; an arc that can't be, REFUSED less its number. */
export type Reason = Nogood | number;
/** … or nothing but a decision, or because it was given. */
export const DECIDED = -1;
export const GIVEN = -2;
export const REFUSED = -3;

export class Trail {
  /** By key. */
  readonly bound: number[] = [];
  /** Latest entry by key, −1 where there is none. */
  readonly latest: number[] = [];
  readonly key: number[] = [];
  readonly before: number[] = [];
  readonly reason: Reason[] = [];
  /** What the reason has to remember. */
  readonly held: number[] = [];
  readonly previous: number[] = [];
  readonly level: number[] = [];
  private readonly starts: number[] = [];

  get size(): number {
    return this.key.length;
  }

  get depth(): number {
    return this.starts.length;
  }

  add(least: number, most: number): number {
    const variable = this.bound.length / 2;
    this.bound.push(least, -most);
    this.latest.push(-1, -1);
    return variable;
  }

  push(key: number, value: number, reason: Reason, held: number): void {
    this.previous.push(this.latest[key]!);
    this.latest[key] = this.key.push(key) - 1;
    this.before.push(this.bound[key]!);
    this.reason.push(reason);
    this.held.push(held);
    this.level.push(this.starts.length);
    this.bound[key] = value;
  }

  open(): void {
    this.starts.push(this.key.length);
  }

  /** The entry by which a bound came to be at least this; −1 where it always was. */
  entryOf(key: number, value: number): number {
    let entry = this.latest[key]!;
    while (entry >= 0 && this.before[entry]! >= value) entry = this.previous[entry]!;
    return entry;
  }

  /** Takes back all that was decided below this depth; `undone` hears of each key. */
  backTo(depth: number, undone: (key: number) => void): void {
    const start = this.starts[depth];
    if (start === undefined) return;
    this.starts.length = depth;
    for (let entry = this.key.length - 1; entry >= start; entry--) {
      const key = this.key[entry]!;
      undone(key);
      this.bound[key] = this.before[entry]!;
      this.latest[key] = this.previous[entry]!;
    }
    this.cut(start);
  }

  /** At depth 0: what is known now is known for good, and needs no reasons. */
  settle(): void {
    for (const key of this.key) this.latest[key] = -1;
    this.cut(0);
  }

  private cut(size: number): void {
    this.key.length = size;
    this.before.length = size;
    this.reason.length = size;
    this.held.length = size;
    this.previous.length = size;
    this.level.length = size;
  }
}
