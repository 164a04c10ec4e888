/**
 * Whole numbers with differences between them, some of which hold only where something is chosen: start
 * times, and which of two comes first.
 *
 * Lazy clause generation (Ohrimenko, Stuckey and Codish 2009): bounds are propagated along the arcs, and
 * every dead end is traced back to the few bounds that made it one (the first unique implication
 * point; Marques-Silva and Sakallah 1999). These become a nogood, so that the same dead end is not come
 * into again; what was in the way latest is decided first (Moskewicz and others 2001), and the search
 * begins anew now and then (Luby, Sinclair and Zuckerman 1993), keeping what it has learned.
 */
import { ActivityHeap } from './activity';
import type { Budget } from './budget';
import { luby } from './luby';
import { Propagation } from './propagation';
import {
  DECIDED,
  GIVEN,
  isFalseKey,
  isTrueKey,
  type Nogood,
  opposite,
  otherEnd,
  type Predicate,
} from './trail';

const ABSENT = -Infinity;
/** Dead ends before the first new beginning; later ones come after whole numbers of as many. */
const RESTART_UNIT = 60;
/** Learned nogoods that are kept before half of them are dropped, and by how many that grows. */
const KEPT_FIRST = 3000;
const KEPT_MORE = 500;
/** Nogoods of so few decisions are kept for good. */
const SHORT = 2;

/** A choice, or that it is not made. */
export interface Literal {
  choice: number;
  wanted: boolean;
}

export type Outcome = 'found' | 'none' | 'stopped';

export class Solver {
  private readonly rules = new Propagation();
  private readonly trail = this.rules.trail;
  private readonly order = new ActivityHeap();
  private readonly phase: boolean[] = [];
  private readonly isChoice: boolean[] = [];
  private learned: Nogood[] = [];
  private most = KEPT_FIRST;
  /** Set when there is no solution whatever is decided. */
  private dead = false;
  private restarts = 0;
  // While a dead end is traced back: what is needed at each key, and the entry that brought it.
  private readonly needed: number[] = [];
  private readonly neededEntry: number[] = [];
  private neededKeys: number[] = [];
  /** How much of it was brought by what was decided latest. */
  private here = 0;

  /** Dead ends so far. */
  conflicts = 0;

  /** x is at least this at key 2x, and −x at key 2x + 1. */
  bound(key: number): number {
    return this.trail.bound[key]!;
  }

  isTrue(choice: number): boolean {
    return this.trail.bound[isTrueKey(choice)]! >= 1;
  }

  /** A whole number from `least` to `most`. */
  number(least: number, most: number): number {
    const variable = this.rules.number(least, most);
    this.needed.push(ABSENT, ABSENT);
    this.neededEntry.push(-1, -1);
    this.isChoice.push(false);
    this.phase.push(false);
    return variable;
  }

  /** Something to decide on; `likely` is tried first, and what has more `weight` sooner. */
  choice(likely: boolean, weight = 0): number {
    const variable = this.number(0, 1);
    this.isChoice[variable] = true;
    this.phase[variable] = likely;
    this.order.add(variable, weight);
    return variable;
  }

  /** to ≥ from + weight, always or where a choice is true. To be given while nothing is decided. */
  difference(from: number, to: number, weight: number, choice: number | null = null): void {
    this.rules.difference(from, to, weight, choice);
  }

  /** At least one of these holds. To be given while nothing is decided. */
  clause(literals: readonly Literal[]): void {
    const { bound } = this.trail;
    const keys: number[] = [];
    const values: number[] = [];
    for (const { choice, wanted } of literals) {
      // What can't all be is the opposite of each.
      const [key, value] = wanted ? [isFalseKey(choice), 0] : [isTrueKey(choice), 1];
      if (bound[otherEnd(key)]! >= opposite(value)) return;
      if (bound[key]! >= value) continue;
      keys.push(key);
      values.push(value);
    }
    if (keys.length === 0) this.dead = true;
    else if (keys.length === 1) this.atLeast(otherEnd(keys[0]!), opposite(values[0]!));
    else this.rules.watch({ keys, values, spans: 0, dropped: false });
  }

  /** Raises a bound for good. To be given while nothing is decided. */
  atLeast(key: number, value: number): void {
    if (!this.rules.set(key, value, GIVEN, 0)) this.dead = true;
  }

  /** Back to where nothing is decided. */
  rest(): void {
    this.backTo(0);
  }

  /**
   * Decides and propagates until every choice is made, or it is known that there is no solution, or the
   * budget is spent. What is found is there to be read until `rest`. What is aimed at, asked for each
   * time nothing is decided, is tried before anything else.
   */
  next(budget: Budget, aim: () => Predicate | null = () => null): Outcome {
    let left = RESTART_UNIT * luby(++this.restarts);
    for (;;) {
      const fine = !this.dead && this.rules.propagate();
      budget.spend(this.rules.steps);
      this.rules.steps = 0;
      if (!fine) {
        this.dead ||= this.trail.depth === 0;
        if (this.dead) return 'none';
        this.learn();
        left--;
        continue;
      }
      if (budget.exhausted) return 'stopped';
      if (this.trail.depth === 0) this.trail.settle();
      if (left <= 0) {
        left = RESTART_UNIT * luby(++this.restarts);
        this.rest();
        if (this.learned.length > this.most) this.drop();
        continue;
      }
      if (!this.decide(aim)) return 'found';
    }
  }

  private decide(aim: () => Predicate | null): boolean {
    const { bound } = this.trail;
    const wanted = this.trail.depth === 0 ? aim() : null;
    if (wanted && bound[wanted.key]! < wanted.value) {
      this.trail.open();
      return this.rules.set(wanted.key, wanted.value, DECIDED, 0);
    }
    for (;;) {
      const choice = this.order.pop();
      if (choice < 0) return false;
      const yes = isTrueKey(choice);
      // Decided already by what follows from others.
      if (bound[yes]! + bound[otherEnd(yes)]! === 0) continue;
      this.trail.open();
      return this.phase[choice]
        ? this.rules.set(yes, 1, DECIDED, 0)
        : this.rules.set(otherEnd(yes), 0, DECIDED, 0);
    }
  }

  private backTo(depth: number): void {
    if (depth >= this.trail.depth) return;
    this.trail.backTo(depth, (key) => {
      const variable = key >> 1;
      if (!this.isChoice[variable]) return;
      this.phase[variable] = key === isTrueKey(variable);
      this.order.insert(variable);
    });
    this.rules.forget();
  }

  private need({ key, value }: Predicate): void {
    const { trail } = this;
    if (this.needed[key]! >= value) return;
    const entry = trail.entryOf(key, value);
    // What holds whatever is decided needs no mention.
    if (entry < 0 || trail.level[entry] === 0) return;
    const known = this.neededEntry[key]!;
    if (known < 0) this.neededKeys.push(key);
    else if (trail.level[known] === trail.depth) this.here--;
    this.needed[key] = value;
    this.neededEntry[key] = entry;
    if (trail.level[entry] === trail.depth) this.here++;
    const variable = key >> 1;
    if (this.isChoice[variable]) this.order.bump(variable);
  }

  /** Takes a key out of what is needed, and tells the value it was needed at. */
  private without(key: number): number {
    const value = this.needed[key]!;
    this.needed[key] = ABSENT;
    this.neededEntry[key] = -1;
    return value;
  }

  private reasonsOf(entry: number, value: number): Predicate[] {
    const { reason, held, key } = this.trail;
    return this.rules.because(reason[entry]!, held[entry]!, key[entry]!, value);
  }

  /** True when what is needed besides implies it. */
  private isImplied(key: number): boolean {
    const entry = this.neededEntry[key]!;
    if (this.trail.reason[entry] === DECIDED) return false;
    return this.reasonsOf(entry, this.needed[key]!).every((of) => {
      if (this.needed[of.key]! >= of.value) return true;
      const earlier = this.trail.entryOf(of.key, of.value);
      return earlier < 0 || this.trail.level[earlier] === 0;
    });
  }

  /** Traces the clash back to one bound of the latest decision, and sees that it does not come again. */
  private learn(): void {
    const { trail } = this;
    this.conflicts++;
    this.neededKeys = [];
    this.here = 0;
    for (const predicate of this.rules.clash) this.need(predicate);
    let entry = trail.size;
    let key = -1;
    for (;;) {
      do key = trail.key[--entry]!;
      while (this.neededEntry[key] !== entry);
      if (this.here <= 1) break;
      this.here--;
      for (const predicate of this.reasonsOf(entry, this.without(key))) this.need(predicate);
    }
    const others = [...new Set(this.neededKeys)].filter(
      (other) => other !== key && this.neededEntry[other]! >= 0,
    );
    const kept = others.filter((other) => !this.isImplied(other));
    const levelOf = (of: number): number => trail.level[this.neededEntry[of]!]!;
    kept.sort((a, b) => levelOf(b) - levelOf(a));
    const nogood: Nogood = {
      keys: [key, ...kept],
      values: [this.needed[key]!, ...kept.map((other) => this.needed[other]!)],
      spans: new Set(kept.map(levelOf)).size + 1,
      dropped: false,
    };
    const depth = kept[0] === undefined ? 0 : levelOf(kept[0]);
    for (const of of [key, ...others]) this.without(of);
    this.order.decay();
    this.backTo(depth);
    if (kept.length > 0) {
      this.rules.watch(nogood);
      this.learned.push(nogood);
    }
    const reason = kept.length > 0 ? nogood : GIVEN;
    // What it excludes was open before the latest decision.
    if (!this.rules.set(otherEnd(key), opposite(nogood.values[0]!), reason, 0)) this.dead = true;
  }

  /** Drops the half of the learned nogoods that span the most decisions. */
  private drop(): void {
    this.learned.sort((a, b) => a.spans - b.spans);
    const kept = this.learned.length / 2;
    this.learned = this.learned.filter((nogood, i) => {
      nogood.dropped = i >= kept && nogood.spans > SHORT;
      return !nogood.dropped;
    });
    this.most += KEPT_MORE;
  }
}
