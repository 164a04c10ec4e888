/**
 * What follows from bounds that rose: along arcs between differences, and from nogoods of which all but
 * one predicate holds.
 */
import {
  isTrueKey,
  type Nogood,
  opposite,
  otherEnd,
  type Predicate,
  type Reason,
  REFUSED,
  Trail,
} from './trail';

export class Propagation {
  readonly trail = new Trail();
  private readonly arcsFrom: number[][] = [];
  /** Arcs that hold once the bound at a key is 1. */
  private readonly arcsOf: number[][] = [];
  private readonly watching: Nogood[][] = [];
  private readonly arcFrom: number[] = [];
  private readonly arcTo: number[] = [];
  private readonly arcWeight: number[] = [];
  /** The key at which the bound must be 1; −1 where the arc always holds. */
  private readonly arcIf: number[] = [];
  private readonly waiting: number[] = [];
  private readonly isWaiting: boolean[] = [];
  /** What can't all be, found by the latest rise. */
  clash: Predicate[] = [];
  /** Arcs and nogoods looked at. */
  steps = 0;

  /** A whole number from `least` to `most`. */
  number(least: number, most: number): number {
    const variable = this.trail.add(least, most);
    for (let end = 0; end < 2; end++) {
      this.arcsFrom.push([]);
      this.arcsOf.push([]);
      this.watching.push([]);
      this.isWaiting.push(false);
    }
    return variable;
  }

  /** to ≥ from + weight, always or where a choice is true. To be given at depth 0. */
  difference(from: number, to: number, weight: number, choice: number | null): void {
    const when = choice === null ? -1 : isTrueKey(choice);
    const arc = (a: number, b: number): void => {
      const number = this.arcFrom.push(a) - 1;
      this.arcTo.push(b);
      this.arcWeight.push(weight);
      this.arcIf.push(when);
      this.arcsFrom[a]!.push(number);
      if (when >= 0) this.arcsOf[when]!.push(number);
      this.wake(a);
    };
    arc(2 * from, 2 * to);
    arc(2 * to + 1, 2 * from + 1);
  }

  /** Watches a nogood of at least two predicates, of which the first two do not hold. */
  watch(nogood: Nogood): void {
    for (let i = 0; i < 2; i++) this.watching[nogood.keys[i]!]!.push(nogood);
  }

  /** Forgets what was still to be looked at; all of it has been taken back. */
  forget(): void {
    for (const key of this.waiting) this.isWaiting[key] = false;
    this.waiting.length = 0;
  }

  private wake(key: number): void {
    if (this.isWaiting[key]) return;
    this.isWaiting[key] = true;
    this.waiting.push(key);
  }

  /** Raises a bound; false, with the clash, when that leaves the variable nothing. */
  set(key: number, value: number, reason: Reason, held: number): boolean {
    const { bound } = this.trail;
    if (bound[key]! >= value) return true;
    const against = bound[otherEnd(key)]!;
    if (value + against > 0) {
      // As much of it as is needed, so that what is learned says more.
      this.clash = this.because(reason, held, key, 1 - against);
      this.clash.push({ key: otherEnd(key), value: against });
      return false;
    }
    this.trail.push(key, value, reason, held);
    this.wake(key);
    return true;
  }

  /** All that follows from what rose since; false, with the clash, at a dead end. */
  propagate(): boolean {
    for (let at = 0; at < this.waiting.length; at++) {
      const key = this.waiting[at]!;
      this.isWaiting[key] = false;
      if (!this.along(key) || !this.watched(key)) {
        this.forget();
        return false;
      }
    }
    this.waiting.length = 0;
    return true;
  }

  /** Arcs from a bound that rose, and those that now hold. */
  private along(key: number): boolean {
    const { bound } = this.trail;
    const { arcTo, arcFrom, arcWeight, arcIf } = this;
    const arcs = this.arcsFrom[key]!;
    const value = bound[key]!;
    this.steps += arcs.length + 1;
    for (let i = 0; i < arcs.length; i++) {
      const arc = arcs[i]!;
      const when = arcIf[arc]!;
      const to = arcTo[arc]!;
      const raised = value + arcWeight[arc]!;
      if (when < 0 || bound[when]! >= 1) {
        if (raised > bound[to]! && !this.set(to, raised, arc, 0)) return false;
      } else if (raised + bound[otherEnd(to)]! > 0 && bound[otherEnd(when)]! < 0) {
        if (!this.set(otherEnd(when), 0, REFUSED - arc, value)) return false;
      }
    }
    if (value < 1) return true;
    const mine = this.arcsOf[key]!;
    this.steps += mine.length;
    for (let i = 0; i < mine.length; i++) {
      const arc = mine[i]!;
      if (!this.set(arcTo[arc]!, bound[arcFrom[arc]!]! + arcWeight[arc]!, arc, 0)) return false;
    }
    return true;
  }

  /** Nogoods of which one more predicate may hold now. */
  private watched(key: number): boolean {
    const { bound } = this.trail;
    const list = this.watching[key]!;
    const now = bound[key]!;
    this.steps += list.length;
    let kept = 0;
    for (let i = 0; i < list.length; i++) {
      const nogood = list[i]!;
      if (nogood.dropped) continue;
      const { keys, values } = nogood;
      const mine = keys[0] === key ? 0 : 1;
      if (values[mine]! > now) {
        list[kept++] = nogood;
        continue;
      }
      const other = 1 - mine;
      const otherKey = keys[other]!;
      const otherValue = values[other]!;
      if (bound[otherEnd(otherKey)]! >= opposite(otherValue)) {
        list[kept++] = nogood;
        continue;
      }
      let free = -1;
      for (let k = 2; k < keys.length; k++)
        if (bound[keys[k]!]! < values[k]!) {
          free = k;
          break;
        }
      if (free >= 0) {
        const [freeKey, freeValue] = [keys[free]!, values[free]!];
        keys[free] = key;
        values[free] = values[mine]!;
        keys[mine] = freeKey;
        values[mine] = freeValue;
        this.watching[freeKey]!.push(nogood);
        continue;
      }
      list[kept++] = nogood;
      if (!this.set(otherEnd(otherKey), opposite(otherValue), nogood, 0)) {
        for (let rest = i + 1; rest < list.length; rest++) list[kept++] = list[rest]!;
        list.length = kept;
        return false;
      }
    }
    list.length = kept;
    return true;
  }

  /** What a bound of at least `value` at a key follows from, by its reason. */
  because(reason: Reason, held: number, key: number, value: number): Predicate[] {
    if (typeof reason !== 'number') {
      const all: Predicate[] = [];
      reason.keys.forEach((other, i) => {
        if (other !== otherEnd(key)) all.push({ key: other, value: reason.values[i]! });
      });
      return all;
    }
    if (reason >= 0) {
      const from = { key: this.arcFrom[reason]!, value: value - this.arcWeight[reason]! };
      const when = this.arcIf[reason]!;
      return when < 0 ? [from] : [from, { key: when, value: 1 }];
    }
    if (reason > REFUSED) return [];
    const arc = REFUSED - reason;
    return [
      { key: this.arcFrom[arc]!, value: held },
      { key: otherEnd(this.arcTo[arc]!), value: 1 - held - this.arcWeight[arc]! },
    ];
  }
}
