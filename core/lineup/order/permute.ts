/** The cheapest of many orders: every one where they are few, and by search where they are not. */
import { randomFrom } from '../../chance/random';

export interface OrderProblem {
  /** How many things there are; an order is their numbers, each once. */
  size: number;
  /** Numbers that keep their place, so that `order[i] === i`. */
  pinned: ReadonlySet<number>;
  /** Orders that break a wish are not considered. The first order must keep them all. */
  allowed(order: readonly number[]): boolean;
  /** What an order costs. */
  cost(order: readonly number[]): number;
  /** What it costs at the least, found with less work; orders that are too dear by this are left. */
  floor(order: readonly number[]): number;
  /** No order costs less. */
  least: number;
}

export interface OrderFound {
  order: number[];
  cost: number;
  /** True when every order was tried, or none can cost less. */
  proven: boolean;
  /** Orders whose cost was asked for. */
  tried: number;
}

export interface SearchLimits {
  seed: number;
  /** Orders tried at the most. */
  most: number;
}

/** Up to so many free places every order is tried. */
const FEW = 7;
/** Longest run of neighbours that is moved as one. */
const LONGEST_RUN = 3;
/** Orders between two reports, so that progress is shown and the search can be stopped. */
const REPORT_EVERY = 8;

/** Finds a cheap order, yielding the best so far now and then; stop asking, and it stops. */
export function* searchOrder(
  problem: OrderProblem,
  { seed, most }: SearchLimits,
): Generator<OrderFound, OrderFound, void> {
  const random = randomFrom(seed);
  const start = Array.from({ length: problem.size }, (_, i) => i);
  const places = start.filter((i) => !problem.pinned.has(i));
  const known = new Map<string, number>();
  const cost = (order: readonly number[]): number => {
    const key = order.join();
    const before = known.get(key);
    if (before !== undefined) return before;
    const now = problem.allowed(order) ? problem.cost(order) : Infinity;
    known.set(key, now);
    return now;
  };
  let best = start;
  let bestCost = cost(start);
  const found = (proven: boolean): OrderFound => ({
    order: [...best],
    cost: bestCost,
    proven: proven || bestCost <= problem.least,
    tried: known.size,
  });
  let reported = 0;
  const take = (order: readonly number[], at: number): boolean => {
    if (at >= bestCost) return false;
    best = [...order];
    bestCost = at;
    return true;
  };
  const due = (): boolean => {
    if (known.size < reported + REPORT_EVERY) return false;
    reported = known.size;
    return true;
  };

  if (places.length <= FEW) {
    const orders = [...permutations(places)]
      .map((free) => placed(start, places, free))
      .map((order) => ({ order, floor: problem.floor(order) }))
      .sort((a, b) => a.floor - b.floor);
    for (const { order, floor } of orders) {
      // None of those that are left can cost less.
      if (floor >= bestCost || bestCost <= problem.least) break;
      take(order, cost(order));
      if (due()) yield found(false);
    }
    return found(true);
  }

  let current = start;
  let currentCost = bestCost;
  while (known.size < most && bestCost > problem.least) {
    // Down to an order that no single move betters.
    let better = true;
    while (better && known.size < most) {
      better = false;
      for (const order of shuffled([...neighbours(current, places)], random.below)) {
        if (problem.floor(order) >= currentCost) continue;
        const at = cost(order);
        if (due()) yield found(false);
        if (at < currentCost) {
          current = order;
          currentCost = at;
          better = true;
          break;
        }
        if (known.size >= most) break;
      }
    }
    take(current, currentCost);
    // Then on from the best, shaken, so that another valley is come into.
    const before = known.size;
    current = shaken(best, places, random.below);
    currentCost = cost(current);
    if (known.size === before && known.size >= countOf(places.length)) break;
  }
  return found(false);
}

/** n factorial, or Infinity where that is beyond any search. */
const countOf = (n: number): number => (n > 12 ? Infinity : n <= 1 ? 1 : n * countOf(n - 1));

function* permutations(values: readonly number[]): Generator<number[]> {
  if (values.length === 0) yield [];
  for (const [i, first] of values.entries())
    for (const rest of permutations([...values.slice(0, i), ...values.slice(i + 1)]))
      yield [first, ...rest];
}

/** Puts what stands on free places into their new sequence, around what is pinned. */
function placed(
  order: readonly number[],
  places: readonly number[],
  free: readonly number[],
): number[] {
  const next = [...order];
  places.forEach((place, i) => (next[place] = free[i] ?? place));
  return next;
}

/** Every order one move away: a run of one to three put elsewhere, or two exchanged. */
function* neighbours(order: readonly number[], places: readonly number[]): Generator<number[]> {
  const free = places.map((place) => order[place] ?? place);
  const n = free.length;
  for (let length = 1; length <= Math.min(LONGEST_RUN, n - 1); length++)
    for (let from = 0; from + length <= n; from++) {
      const run = free.slice(from, from + length);
      const rest = [...free.slice(0, from), ...free.slice(from + length)];
      for (let to = 0; to <= rest.length; to++)
        if (to !== from)
          yield placed(order, places, [...rest.slice(0, to), ...run, ...rest.slice(to)]);
    }
  for (let i = 0; i < n; i++)
    for (let k = i + 2; k < n; k++) {
      const swapped = [...free];
      swapped[i] = free[k] ?? 0;
      swapped[k] = free[i] ?? 0;
      yield placed(order, places, swapped);
    }
}

/** Two neighbouring stretches exchanged: a change that single moves do not easily take back. */
function shaken(
  order: readonly number[],
  places: readonly number[],
  below: (n: number) => number,
): number[] {
  const free = places.map((place) => order[place] ?? place);
  const cuts = [0, 0, 0].map(() => below(free.length + 1)).sort((a, b) => a - b);
  const [a = 0, b = 0, c = 0] = cuts;
  return placed(order, places, [
    ...free.slice(0, a),
    ...free.slice(b, c),
    ...free.slice(a, b),
    ...free.slice(c),
  ]);
}

/** Fisher and Yates. */
function shuffled<T>(values: T[], below: (n: number) => number): T[] {
  for (let i = values.length - 1; i > 0; i--) {
    const k = below(i + 1);
    const held = values[i];
    values[i] = values[k] as T;
    values[k] = held as T;
  }
  return values;
}
