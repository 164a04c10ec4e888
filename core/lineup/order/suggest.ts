/** A better running order, if there is one, and what it is better for. */
import type { SlotPair, Wishes } from '../../brief/wishes';
import type { Spread } from '../../chance/lateness';
import { findFaults } from '../faults';
import { buildGraph } from '../graph';
import { schedule } from '../schedule';
import { searchSchedule } from '../search';
import type { LineupInput, Timeline } from '../types';
import { type ExactProblem, exactOrder } from './exact';
import { leastGaps } from './gaps';
import {
  latenessOf,
  leastArcDistance,
  liftMisfit,
  type Objective,
  objectiveOf,
  repeatsBetween,
  runOf,
  type SlotTraits,
  spreadOf,
} from './objective';
import { type OrderFound, type SearchLimits, searchOrder } from './permute';
import { reasonsFor } from './reasons';

export interface Suggestion {
  /** True when no order that keeps pins and wishes is better. */
  proven: boolean;
  /** Ids in the order that is proposed. */
  slots: string[];
  objective: Objective;
  before: Objective;
  /** What it is better for, and what moved; empty while the search goes on. */
  reasons: string[];
  /** Orders, and parts of orders, that were timed. */
  tried: number;
}

/** With more slots than this to move, the best is looked for and not proven. */
export const MOST_EXACT = 12;
/** Orders tried by moving things about, before every order is looked at. */
const HEAD_START = 24;
/** Effort for each of the many orders; the two that are compared in the end get the usual one. */
const WORK_EACH = 20_000;
/** Of a long show, less: each step of its clock takes longer, and there are more orders to time. */
const WORK_LONG = 6_000;
const LONG = 14;

type Order = readonly number[];

const keeps = ({ before, apart }: Wishes, order: readonly string[]): boolean => {
  const at = new Map(order.map((id, i) => [id, i]));
  const place = (id: string): number => at.get(id) ?? NaN;
  return (
    !before.some(({ first, second }) => place(first) > place(second)) &&
    !apart.some(({ first, second }) => Math.abs(place(first) - place(second)) === 1)
  );
};

/** Everything that is asked about orders of one show, timed at most once each. */
class Orders {
  readonly today: number[];
  readonly pinned: ReadonlySet<number>;
  /** Effort for each order that is timed. */
  readonly work: number;
  private readonly traits: SlotTraits[];
  private readonly gaps;
  private readonly filled: number;
  private readonly spread: Spread;
  private readonly always: number;
  /** True when today's order breaks a wish: any that keeps them is better. */
  private readonly startsWell: boolean;

  constructor(
    private readonly input: LineupInput,
    traits: ReadonlyMap<string, SlotTraits>,
    private readonly wishes: Wishes,
  ) {
    const { slots } = input;
    this.today = slots.map((_, i) => i);
    this.work = slots.length > LONG ? WORK_LONG : WORK_EACH;
    this.pinned = new Set(this.today.filter((i) => slots[i]?.pinned));
    this.traits = slots.map((slot) => {
      const found = traits.get(slot.id);
      if (!found) throw new RangeError(`Slot ${slot.id} has no traits`);
      return found;
    });
    this.gaps = leastGaps(input);
    const faults = findFaults(input);
    this.always = faults.conflicts.length * wishes.weights.conflict;
    const whole = buildGraph({ ...input, slots: faults.slots });
    this.filled = whole.nets.reduce((sum, net) => sum + net.blockLength, 0);
    this.spread = spreadOf(faults.slots);
    this.startsWell = keeps(wishes, this.idsOf(this.today));
  }

  idsOf = (order: Order): string[] => order.map((i) => this.input.slots[i]?.id ?? '');

  inOrder = (order: Order): LineupInput => ({
    ...this.input,
    slots: order.flatMap((i) => this.input.slots[i] ?? []),
  });

  judge(order: Order, work?: number): { objective: Objective; timeline: Timeline } {
    const timeline = schedule(this.inOrder(order), work);
    const { arc, weights } = this.wishes;
    const traits = order.flatMap((i) => this.traits[i] ?? []);
    return { timeline, objective: objectiveOf(timeline, traits, arc, weights, this.spread) };
  }

  /** An order that breaks a wish is worse than any that keeps them. */
  private broken = (order: Order): boolean => !keeps(this.wishes, this.idsOf(order));

  /** What it costs; at the least, where the clock is only the best that was found. */
  whole = (order: Order): { cost: number; floor: number } => {
    if (this.broken(order)) return { cost: Number.MAX_SAFE_INTEGER, floor: Infinity };
    const { objective, timeline } = this.judge(order, this.work);
    return { cost: objective.total, floor: timeline.proven ? objective.total : this.floor(order) };
  };

  /** What it costs to end late when so many seconds are lost. */
  private lateCost = (lost: number): number =>
    latenessOf(this.filled + lost - this.input.hardFinish, this.spread) * this.wishes.weights.late;

  /** What lost seconds cost at the least. */
  private lostCost = (lost: number): number =>
    lost * this.wishes.weights.deadAir + this.lateCost(lost);

  /** What an order costs at the least: its lifts, and each two neighbours as if there were no others. */
  floor = (order: Order): number => {
    const { arc, weights } = this.wishes;
    const run = runOf(
      order.flatMap((i) => this.traits[i] ?? []),
      arc,
    );
    const lost = order.reduce((sum, i, at) => {
      const before = order[at - 1];
      return sum + (before === undefined ? this.gaps.first(i) : this.gaps.between(before, i));
    }, 0);
    return this.always + run.arc * weights.arc + run.repeats * weights.repeat + this.lostCost(lost);
  };

  /** No order costs less. */
  get least(): number {
    const { arc, weights } = this.wishes;
    const lifts = this.traits.map(({ lift }) => lift);
    return this.always + leastArcDistance(arc, lifts) * weights.arc + this.lostCost(0);
  }

  allowed = (order: Order): boolean =>
    !this.broken(order) || (!this.startsWell && order.every((number, i) => number === i));

  exact(): ExactProblem {
    const { wishes, traits, today } = this;
    const { weights, arc } = wishes;
    const number = new Map(this.input.slots.map((slot, i) => [slot.id, i]));
    const known = (pairs: readonly SlotPair[]): [number, number][] =>
      pairs.flatMap(({ first, second }): [number, number][] => {
        const [a, b] = [number.get(first), number.get(second)];
        return a === undefined || b === undefined ? [] : [[a, b]];
      });
    const before = known(wishes.before);
    const apart = known(wishes.apart);
    const trait = (i: number): SlotTraits => {
      const found = traits[i];
      if (!found) throw new RangeError(`There is no slot ${i}`);
      return found;
    };
    return {
      size: today.length,
      pinned: this.pinned,
      first: (i) => this.gaps.first(i),
      between: (i, j) => this.gaps.between(i, j),
      place: (i, at) => liftMisfit(arc, trait(i).lift, at, today.length) * weights.arc,
      beside: (i, j) =>
        apart.some(([a, b]) => (a === i && b === j) || (a === j && b === i))
          ? Infinity
          : repeatsBetween(trait(i), trait(j)) * weights.repeat,
      earlier: (i) => before.flatMap(([a, b]) => (b === i ? [a] : [])),
      perSecond: weights.deadAir,
      late: this.lateCost,
      always: this.always,
      part: (order) => this.lostInPart(order),
      whole: this.whole,
    };
  }

  /** The first part of a show by itself loses no more than it does in the whole show. */
  private lostInPart(order: Order): { lost: number; besides: number } {
    const part = this.inOrder(order);
    const graph = buildGraph({ ...part, slots: findFaults(part).slots });
    const { best, bound, proven } = searchSchedule(graph, this.work);
    if (!best) return { lost: 0, besides: proven ? this.wishes.weights.conflict : 0 };
    const filled = graph.nets.reduce((sum, net) => sum + net.blockLength, 0);
    return { lost: Math.max(0, bound - filled), besides: 0 };
  }
}

/**
 * Looks for the order that costs least, yielding the best so far now and then. Pinned slots keep
 * their numbers. Up to `MOST_EXACT` slots that may move, every order is tried or shown to be no
 * better. Throws RangeError when a slot has no traits. When today's order breaks a wish, the search
 * starts from it all the same.
 */
export function* suggestOrder(
  input: LineupInput,
  traits: ReadonlyMap<string, SlotTraits>,
  wishes: Wishes,
  limits: SearchLimits,
): Generator<Suggestion, Suggestion, void> {
  const orders = new Orders(input, traits, wishes);
  const { today, pinned, least } = orders;
  const before = { order: orders.idsOf(today), ...orders.judge(today) };
  let latest: { key: string; objective: Objective; timeline: Timeline } | null = null;
  const told = ({ order, proven, tried }: OrderFound, last = false): Suggestion => {
    // Most reports are of the same order as the one before.
    const key = order.join();
    if (latest?.key !== key) latest = { key, ...orders.judge(order) };
    const after = { order: orders.idsOf(order), ...latest };
    const putBack = (id: string): Objective => {
      const others = order.filter((i) => input.slots[i]?.id !== id);
      const own = input.slots.findIndex((slot) => slot.id === id);
      return orders.judge([...others.slice(0, own), own, ...others.slice(own)], orders.work)
        .objective;
    };
    return {
      proven: proven || after.objective.total <= least,
      slots: after.order,
      objective: after.objective,
      before: before.objective,
      reasons: last ? reasonsFor(input, before, after, putBack) : [],
      tried,
    };
  };

  const small = today.length - pinned.size <= MOST_EXACT;
  const search = searchOrder(
    {
      size: today.length,
      pinned,
      allowed: orders.allowed,
      cost: (order) => orders.whole(order).cost,
      floor: orders.floor,
      least,
    },
    small ? { ...limits, most: Math.min(limits.most, HEAD_START) } : limits,
  );
  let found: OrderFound = yield* telling(search, told);
  if (small && found.cost > least) {
    const { tried } = found;
    const exact = exactOrder(orders.exact(), found, limits.most);
    found = yield* telling(exact, (now) => told({ ...now, tried: tried + now.tried }));
    found = { ...found, tried: tried + found.tried };
  }
  // The last look is the longest one, whatever was found on the way.
  return told(found, true);
}

/** Passes on what a search tells. */
function* telling(
  search: Generator<OrderFound, OrderFound, void>,
  told: (found: OrderFound) => Suggestion,
): Generator<Suggestion, OrderFound, void> {
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
    yield told(value);
  }
}

/** The suggestion without waiting in between. */
export function suggestedOrder(...args: Parameters<typeof suggestOrder>): Suggestion {
  const search = suggestOrder(...args);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
