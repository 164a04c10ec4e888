/** A better running order, if there is one, and what it is better for. */
import { formatDuration } from '../../time/clock';
import { counted } from '../../words';
import { schedule } from '../schedule';
import type { LineupInput, PlanSlot } from '../types';
import {
  type Arc,
  type Objective,
  leastArcDistance,
  objectiveOf,
  runOf,
  type SlotTraits,
  WEIGHTS,
  type Weights,
} from './objective';
import { type SearchLimits, searchOrder } from './permute';

export interface Wishes {
  arc: Arc;
  /** The first of each pair comes somewhere before the second. */
  before: readonly (readonly [string, string])[];
  /** The two of each pair are not side by side. */
  notNext: readonly (readonly [string, string])[];
  weights: Weights;
}

export const NO_WISHES: Wishes = { arc: 'none', before: [], notNext: [], weights: WEIGHTS };

export interface Suggestion {
  /** True when no order that keeps pins and wishes is better. */
  proven: boolean;
  /** Ids in the order that is proposed. */
  slots: string[];
  objective: Objective;
  before: Objective;
  /** What it is better for, and what moved. */
  reasons: string[];
  /** Orders that were timed. */
  tried: number;
}

/** Effort for each of the many orders; the two that are compared in the end get the usual one. */
const WORK_EACH = 20_000;

function keepsWishes(wishes: Wishes, order: readonly string[]): boolean {
  const at = new Map(order.map((id, i) => [id, i]));
  const place = (id: string): number => at.get(id) ?? NaN;
  return (
    !wishes.before.some(([first, second]) => place(first) > place(second)) &&
    !wishes.notNext.some(([one, other]) => Math.abs(place(one) - place(other)) === 1)
  );
}

/** Slots that moved against the others: all but the longest run that kept its sequence. */
function movedSlots(from: readonly string[], to: readonly string[]): string[] {
  // Longest increasing subsequence of the old places, in the new order.
  const places = to.map((id) => from.indexOf(id));
  const best = places.map((place) => [place]);
  places.forEach((place, i) => {
    for (let k = 0; k < i; k++)
      if ((places[k] ?? 0) < place && (best[k]?.length ?? 0) + 1 > (best[i]?.length ?? 0))
        best[i] = [...(best[k] ?? []), place];
  });
  const kept = new Set(best.reduce((a, b) => (b.length > a.length ? b : a), []));
  return to.filter((id) => !kept.has(from.indexOf(id)));
}

function reasonsFor(
  input: LineupInput,
  to: readonly string[],
  before: Objective,
  after: Objective,
): string[] {
  const from = input.slots.map((slot) => slot.id);
  const nameOf = (id: string): string => input.slots.find((slot) => slot.id === id)?.name ?? '';
  const reasons: string[] = [];
  const less = (part: keyof Objective, words: (by: number) => string): void => {
    const by = before[part] - after[part];
    if (by > 0) reasons.push(words(by));
  };
  less('conflicts', (by) => `${counted(by, 'conflict')} less`);
  less('late', (by) => `ends ${formatDuration(by)} less after the hard finish`);
  less('deadAir', (by) => `${formatDuration(by)} less dead air`);
  less('arc', () => 'the lift runs nearer to the arc');
  less('repeats', (by) => `${counted(by, 'pair')} less of like demonstrations side by side`);
  for (const id of movedSlots(from, to))
    reasons.push(`${nameOf(id)} moves from ${from.indexOf(id) + 1} to ${to.indexOf(id) + 1}`);
  return reasons;
}

/**
 * Looks for the order that costs least, yielding the best so far now and then. Pinned slots keep
 * their numbers. Throws RangeError when a slot has no traits. When today's order breaks a wish, the search starts from it all the same.
 */
export function* suggestOrder(
  input: LineupInput,
  traits: ReadonlyMap<string, SlotTraits>,
  wishes: Wishes,
  limits: SearchLimits,
): Generator<Suggestion, Suggestion, void> {
  const { slots } = input;
  const withOrder = (order: readonly number[]): LineupInput => ({
    ...input,
    slots: order.flatMap((i) => slots[i] ?? []),
  });
  const traitsIn = (order: readonly PlanSlot[]): SlotTraits[] =>
    order.map((slot) => {
      const found = traits.get(slot.id);
      if (!found) throw new RangeError(`Slot ${slot.id} has no traits`);
      return found;
    });
  const { arc, weights } = wishes;
  /** False once an order was timed whose clock is only the best found: it might be better still. */
  let certain = true;
  const judge = (changed: LineupInput, work?: number): Objective => {
    const timeline = schedule(changed, work);
    certain &&= timeline.proven;
    return objectiveOf(timeline, traitsIn(changed.slots), arc, weights);
  };
  const lifts = traitsIn(slots).map(({ lift }) => lift);
  const least = leastArcDistance(arc, lifts) * weights.arc;
  const today = slots.map((_, i) => i);
  const startsWell = keepsWishes(
    wishes,
    slots.map((slot) => slot.id),
  );
  const search = searchOrder(
    {
      size: slots.length,
      pinned: new Set(today.filter((i) => slots[i]?.pinned)),
      allowed: (order) =>
        keepsWishes(
          wishes,
          order.map((i) => slots[i]?.id ?? ''),
        ) ||
        (!startsWell && order.every((number, i) => number === i)),
      cost: (order) => {
        const changed = withOrder(order);
        const { total } = judge(changed, WORK_EACH);
        // An order that breaks a wish is worse than any that keeps them.
        return keepsWishes(
          wishes,
          changed.slots.map((slot) => slot.id),
        )
          ? total
          : Number.MAX_SAFE_INTEGER;
      },
      floor: (order) => {
        const run = runOf(traitsIn(withOrder(order).slots), arc);
        return run.arc * weights.arc + run.repeats * weights.repeat;
      },
      least,
    },
    limits,
  );
  const before = judge(input);
  const told = (order: readonly number[], proven: boolean, tried: number): Suggestion => {
    const changed = withOrder(order);
    const objective = judge(changed);
    const ids = changed.slots.map((slot) => slot.id);
    const reasons = reasonsFor(input, ids, before, objective);
    const asGoodAsCanBe = objective.total <= least;
    return {
      proven: asGoodAsCanBe || (proven && certain),
      slots: ids,
      objective,
      before,
      reasons,
      tried,
    };
  };
  for (;;) {
    const { done, value } = search.next();
    const suggestion = told(value.order, value.proven, value.tried);
    if (done) return suggestion;
    yield suggestion;
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
