/**
 * The best of all orders of a dozen things, by branch and bound.
 *
 * An order is built from the front. What its first part costs is asked for; what the rest costs at
 * the least comes from a table over every set of things that are left and the one that was last
 * (dynamic programming over subsets, after Held and Karp 1962), in which neighbours cost no less than
 * they do alone. A part that can't come to less than the best so far is left.
 */

export interface ExactProblem {
  /** How many things there are; an order is their numbers, each once. */
  size: number;
  /** Numbers that keep their place, so that `order[i] === i`. */
  pinned: ReadonlySet<number>;
  /** Seconds lost before the first, and between neighbours, at the least. */
  first(i: number): number;
  between(i: number, j: number): number;
  /** What it costs to have this one in this place. */
  place(i: number, at: number): number;
  /** What it costs to have these side by side; Infinity when they may not be. */
  beside(i: number, j: number): number;
  /** Numbers that must come before this one. */
  earlier(i: number): readonly number[];
  /** What a lost second costs; and what it costs to be late once so many are lost, never less for more. */
  perSecond: number;
  late(lost: number): number;
  /** What every order costs besides. */
  always: number;
  /** Seconds lost, at the least, in any order that begins so. */
  part(order: readonly number[]): number;
  /** What a whole order costs; `floor` is what it costs at the least, where that is not certain. */
  whole(order: readonly number[]): { cost: number; floor: number };
}

export interface ExactFound {
  order: number[];
  cost: number;
  proven: boolean;
  /** Whole orders and first parts that were asked for. */
  tried: number;
}

/** Asked for between two reports. */
const REPORT_EVERY = 8;

/** Each place's thing that has to be there, or null where one is free. */
const layout = ({ size, pinned }: ExactProblem): (number | null)[] =>
  Array.from({ length: size }, (_, at) => (pinned.has(at) ? at : null));

/** Of a step, or of all that are left: what it costs but for being late, and the seconds it loses. */
interface Step {
  cost: number;
  lost: number;
}

class Exact {
  private readonly places: (number | null)[];
  private readonly movable: number[];
  private readonly bit: Map<number, number>;
  private readonly memo = new Map<number, Step>();
  tried = 0;
  /** The least that an order could cost of which it is not certain what it costs. */
  private doubtful = Infinity;

  constructor(
    readonly problem: ExactProblem,
    public best: number[],
    public bestCost: number,
  ) {
    this.places = layout(problem);
    this.movable = [...Array(problem.size).keys()].filter((i) => !problem.pinned.has(i));
    this.bit = new Map(this.movable.map((i, k) => [i, k]));
  }

  get certain(): boolean {
    return this.doubtful >= this.bestCost;
  }

  private step(last: number | null, next: number, at: number): Step {
    const p = this.problem;
    const lost = last === null ? p.first(next) : p.between(last, next);
    const fixed = p.place(next, at) + (last === null ? 0 : p.beside(last, next));
    return { cost: fixed + p.perSecond * lost, lost };
  }

  private mayCome(next: number, mask: number, at: number): boolean {
    return this.problem.earlier(next).every((other) => {
      const bit = this.bit.get(other);
      return bit === undefined ? other < at : (mask & (1 << bit)) !== 0;
    });
  }

  /** What is left after these, the last of which stands just before `at`, costs no less than this. */
  private rest(mask: number, last: number | null, at: number): Step {
    if (at === this.problem.size) return { cost: 0, lost: 0 };
    const key = (mask * (this.problem.size + 1) + (last === null ? 0 : last + 1)) * 64 + at;
    const known = this.memo.get(key);
    if (known) return known;
    // Each least by itself: no order has both, and none has less of either.
    const least: Step = { cost: Infinity, lost: Infinity };
    for (const [next, after] of this.nexts(mask, at)) {
      const step = this.step(last, next, at);
      if (step.cost === Infinity) continue;
      const more = this.rest(after, next, at + 1);
      least.cost = Math.min(least.cost, step.cost + more.cost);
      least.lost = Math.min(least.lost, step.lost + more.lost);
    }
    this.memo.set(key, least);
    return least;
  }

  /** What may stand at a place, and the set of movable things placed then. */
  private nexts(mask: number, at: number): [next: number, mask: number][] {
    const fixed = this.places[at] ?? null;
    const choices = fixed === null ? this.movable : [fixed];
    return choices.flatMap((next): [number, number][] => {
      const bit = this.bit.get(next);
      if (bit !== undefined && (mask & (1 << bit)) !== 0) return [];
      if (!this.mayCome(next, mask, at)) return [];
      return [[next, bit === undefined ? mask : mask | (1 << bit)]];
    });
  }

  /** No order costs less that begins so. `fixed` is what places and neighbours of the part cost. */
  private floor(mask: number, order: readonly number[], lost: number, fixed: number): number {
    const p = this.problem;
    const more = this.rest(mask, order.at(-1) ?? null, order.length);
    if (more.cost === Infinity) return Infinity;
    return fixed + p.perSecond * lost + more.cost + p.late(lost + more.lost);
  }

  /** Looks at every order that begins with these, the likeliest first. */
  *visit(order: readonly number[], mask: number, lost: number, fixed: number): Generator<void> {
    const p = this.problem;
    const at = order.length;
    if (at === p.size) {
      const { cost, floor } = p.whole(order);
      this.tried++;
      if (floor < cost) this.doubtful = Math.min(this.doubtful, floor);
      if (cost < this.bestCost) {
        this.bestCost = cost;
        this.best = [...order];
      }
      return;
    }
    const last = order.at(-1) ?? null;
    const ways = this.nexts(mask, at)
      .map(([next, after]) => {
        const gap = last === null ? p.first(next) : p.between(last, next);
        const beside = last === null ? 0 : p.beside(last, next);
        const part = {
          order: [...order, next],
          mask: after,
          lost: lost + gap,
          fixed: fixed + beside + p.place(next, at),
        };
        return { ...part, floor: this.floor(after, part.order, part.lost, part.fixed) };
      })
      .sort((a, b) => a.floor - b.floor);
    for (const way of ways) {
      if (way.floor >= this.bestCost) break;
      // Only now is the part itself asked for: the table alone leaves most of them.
      let sure = way.lost;
      if (at > 0) {
        sure = Math.max(sure, p.part(way.order));
        this.tried++;
        if (this.tried % REPORT_EVERY === 0) yield;
        if (this.floor(way.mask, way.order, sure, way.fixed) >= this.bestCost) continue;
      }
      yield* this.visit(way.order, way.mask, sure, way.fixed);
    }
  }
}

/**
 * Proves the cheapest order, starting from one that is known with its cost; yields the best so far
 * now and then. Give up asking, and it stops; after `most` it gives the best found, not proven.
 * Meant for a dozen things that may move: the table has 2ⁿ·n entries.
 */
export function* exactOrder(
  problem: ExactProblem,
  start: { order: readonly number[]; cost: number },
  most: number,
): Generator<ExactFound, ExactFound, void> {
  const search = new Exact(problem, [...start.order], start.cost);
  const found = (proven: boolean): ExactFound => ({
    order: search.best,
    cost: search.bestCost,
    proven,
    tried: search.tried,
  });
  for (const _ of search.visit([], 0, 0, problem.always)) {
    if (search.tried >= most) return found(false);
    yield found(false);
  }
  return found(search.certain);
}
