/** A better running order, if there is one, and what it is better for. */
import type { Wishes } from '../../brief/wishes';
import type { LineupInput, Timeline } from '../types';
import { countable } from '../countable';
import { EFFORT } from '../effort';
import type { SlotPolicy } from '../forecast/types';
import { exactOrder } from './exact';
import type { Objective, SlotTraits } from './objective';
import { Orders } from './orders';
import { type OrderFound, type SearchLimits, searchOrder } from './permute';
import { reasonsFor } from './reasons';
import { wishFaults } from './wishFaults';

export interface Suggestion {
  /** Why there is nothing to look for: wishes that contradict themselves, or a show that can't be counted with. */
  refused: string[];
  /** True when no order that keeps pins and wishes is better. */
  proven: boolean;
  /** False when no order keeps all wishes with the pins as they are: then today’s is told. */
  wishesKept: boolean;
  /** True when it is worth changing to: it costs less, or keeps wishes that today’s order breaks. */
  better: boolean;
  /** Ids in the order that is proposed. */
  slots: string[];
  objective: Objective;
  before: Objective;
  /** What it is better for; at the end also what each slot that moved gains by it. */
  reasons: string[];
  /** Orders, and parts of orders, that were timed. */
  tried: number;
}

/** With more slots than this to move, the best is looked for and not proven. */
export const MOST_EXACT = 12;
/** Orders tried by moving things about, before every order is looked at. */
const HEAD_START = 24;
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
  policies: ReadonlyMap<string, SlotPolicy> = new Map(),
): Generator<Suggestion, Suggestion, void> {
  const orders = new Orders(input, traits, wishes, policies);
  const refused = [
    ...countable(input).conflicts.map(({ message }) => message),
    ...wishFaults(input.slots, wishes),
  ];
  if (refused.length > 0) return refusal(orders, refused);
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
      return orders.judge([...others.slice(0, own), own, ...others.slice(own)], EFFORT.trial)
        .objective;
    };
    const wishesKept = orders.broken(order) === 0;
    return {
      refused: [],
      proven: proven || after.objective.total <= least,
      wishesKept,
      better:
        wishesKept &&
        (after.objective.total < before.objective.total || orders.broken(orders.today) > 0),
      slots: after.order,
      objective: after.objective,
      before: before.objective,
      reasons: reasonsFor(input, before, after, last ? putBack : null),
      tried,
    };
  };

  const small = today.length - pinned.size <= MOST_EXACT;
  const search = searchOrder(
    {
      size: today.length,
      pinned,
      cost: orders.cost,
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

function refusal(orders: Orders, refused: string[]): Suggestion {
  const { objective } = orders.judge(orders.today);
  return {
    refused,
    proven: false,
    wishesKept: false,
    better: false,
    slots: orders.idsOf(orders.today),
    objective,
    before: objective,
    reasons: [],
    tried: 0,
  };
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
