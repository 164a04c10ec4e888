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
  /** By key: nogoods that hear of it, and the bound from which each is concerned. */
  private readonly watching: Nogood[][] = [];
  private readonly concerned: number[][] = [];
  private readonly arcFrom: number[] = [];
  private readonly arcTo: number[] = [];
  private readonly arcWeight: number[] = [];
  /** The key at which the bound must be 1; −1 where the arc always holds. */
  private readonly arcIf: number[] = [];
  /** Keys whose bound rose, for their arcs and then for their nogoods. */
  private readonly forArcs = new Waiting();
  private readonly forNogoods = new Waiting();
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
      this.concerned.push([]);
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
      this.forArcs.add(a);
    };
    arc(2 * from, 2 * to);
    arc(2 * to + 1, 2 * from + 1);
  }

  /** Watches a nogood of at least two predicates, of which the first two do not hold. */
  watch(nogood: Nogood): void {
    for (let i = 0; i < 2; i++) this.hear(nogood, i);
  }

  private hear(nogood: Nogood, i: number): void {
    const key = nogood.keys[i]!;
    this.watching[key]!.push(nogood);
    this.concerned[key]!.push(nogood.values[i]!);
  }

  /** Forgets what was still to be looked at; all of it has been taken back. */
  forget(): void {
    this.forArcs.clear();
    this.forNogoods.clear();
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
    this.forArcs.add(key);
    this.forNogoods.add(key);
    return true;
  }

  /** All that follows from what rose since; false, with the clash, at a dead end. */
  propagate(): boolean {
    for (;;) {
      // Arcs first, to the end: they cost less, and a bound that has risen all the way is seen once.
      const key = this.forArcs.take();
      if (key >= 0) {
        if (this.along(key)) continue;
      } else {
        const next = this.forNogoods.take();
        if (next < 0) return true;
        if (this.watched(next)) continue;
      }
      this.forget();
      return false;
    }
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
    const from = this.concerned[key]!;
    const now = bound[key]!;
    const length = list.length;
    this.steps += length;
    let kept = 0;
    let fine = true;
    for (let i = 0; i < length; i++) {
      const nogood = list[i]!;
      const value = from[i]!;
      list[kept] = nogood;
      from[kept] = value;
      kept++;
      if (value > now || !fine) continue;
      if (nogood.dropped || this.movedOn(nogood, key)) kept--;
      else fine = this.exclude(nogood, nogood.keys[0] === key ? 1 : 0);
    }
    list.length = kept;
    from.length = kept;
    return fine;
  }

  /** Watches another predicate that does not hold, instead of that at a key, if there is one. */
  private movedOn(nogood: Nogood, key: number): boolean {
    const { bound } = this.trail;
    const { keys, values } = nogood;
    const mine = keys[0] === key ? 0 : 1;
    const other = 1 - mine;
    // Something in it is excluded already: it will do as it is.
    if (bound[otherEnd(keys[other]!)]! >= opposite(values[other]!)) return false;
    for (let k = 2; k < keys.length; k++) {
      if (bound[keys[k]!]! >= values[k]!) continue;
      const [freeKey, freeValue] = [keys[k]!, values[k]!];
      keys[k] = key;
      values[k] = values[mine]!;
      keys[mine] = freeKey;
      values[mine] = freeValue;
      this.hear(nogood, mine);
      return true;
    }
    return false;
  }

  /** Everything else holds, so this predicate does not. */
  private exclude(nogood: Nogood, i: number): boolean {
    return this.set(otherEnd(nogood.keys[i]!), opposite(nogood.values[i]!), nogood, 0);
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

/** Keys in the order they came, each once. */
class Waiting {
  private readonly keys: number[] = [];
  private readonly isIn: boolean[] = [];
  private at = 0;

  add(key: number): void {
    if (this.isIn[key]) return;
    this.isIn[key] = true;
    this.keys.push(key);
  }

  /** The next, or −1. */
  take(): number {
    if (this.at === this.keys.length) {
      this.at = 0;
      this.keys.length = 0;
      return -1;
    }
    const key = this.keys[this.at++]!;
    this.isIn[key] = false;
    return key;
  }

  clear(): void {
    while (this.take() >= 0);
  }
}
