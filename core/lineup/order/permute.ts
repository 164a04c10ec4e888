/** The cheapest of many orders: every one where they are few, and by search where they are not. */
import { randomFrom } from '../../chance/random';

export interface OrderProblem {
  /** How many things there are; an order is their numbers, each once. */
  size: number;
  /** Numbers that keep their place, so that `order[i] === i`. */
  pinned: ReadonlySet<number>;
  /** What an order costs; where it costs no less than `below`, any number that is no less. */
  cost(order: readonly number[], below: number): number;
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
const REPORT_EVERY = 4;
/** Neighbours of an order that are looked at for a step, and those of them whose cost is asked for. */
const MOST_LOOKED_AT = 400;
const MOST_ASKED = 40;
/** Steps by floors alone. */
const MOST_STEPS = 200;

/** Finds a cheap order, yielding the best so far now and then; stop asking, and it stops. */
export function* searchOrder(
  problem: OrderProblem,
  { seed, most }: SearchLimits,
): Generator<OrderFound, OrderFound, void> {
  const random = randomFrom(seed);
  const start = Array.from({ length: problem.size }, (_, i) => i);
  const places = start.filter((i) => !problem.pinned.has(i));
  /** What was asked for: what it costs, or that it costs no less than something. */
  const known = new Map<string, { cost: number; sure: boolean }>();
  const cost = (order: readonly number[], below = Infinity): number => {
    const key = order.join();
    const before = known.get(key);
    if (before && (before.sure || before.cost >= below)) return before.cost;
    const found = problem.cost(order, below);
    known.set(key, { cost: Math.max(found, found < below ? 0 : below), sure: found < below });
    return found;
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
  const take = (order: readonly number[], at: number): void => {
    if (at >= bestCost) return;
    best = [...order];
    bestCost = at;
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
      take(order, cost(order, bestCost));
      if (due()) yield found(false);
    }
    return found(true);
  }

  /** Orders one move away that may cost less, the likeliest first. */
  const near = (order: readonly number[], than: number): { order: number[]; floor: number }[] =>
    shuffled([...neighbours(order, places)], random.below)
      .slice(0, MOST_LOOKED_AT)
      .map((next) => ({ order: next, floor: problem.floor(next) }))
      .filter(({ floor }) => floor < than)
      .sort((a, b) => a.floor - b.floor);
  /** Down by floors alone, which cost next to nothing. */
  const byFloors = (from: number[]): number[] => {
    let order = from;
    let floor = problem.floor(from);
    for (let step = 0; step < MOST_STEPS; step++) {
      const [next] = near(order, floor);
      if (!next) break;
      ({ order, floor } = next);
    }
    return order;
  };

  let candidate = byFloors(start);
  for (let round = 0; known.size < most && bestCost > problem.least; round++) {
    const before = known.size;
    const at = cost(candidate);
    // At first from the cheaper of the two; later from wherever one was shaken to.
    let [current, currentCost] = round === 0 && bestCost <= at ? [best, bestCost] : [candidate, at];
    take(candidate, at);
    yield found(false);
    // Down to an order that no single move betters.
    for (let better = true; better && known.size < most;) {
      better = false;
      for (const { order } of near(current, currentCost).slice(0, MOST_ASKED)) {
        const now = cost(order, currentCost);
        better = now < currentCost;
        if (better) [current, currentCost] = [order, now];
        take(order, now);
        if (better || due()) yield found(false);
        if (better || known.size >= most) break;
      }
    }
    // Then on from the best, shaken, so that another valley is come into.
    candidate = byFloors(shaken(best, places, random.below));
    if (known.has(candidate.join())) candidate = shaken(best, places, random.below);
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
