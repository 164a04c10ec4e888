/**
 * The search for an order of thirty slots against a plain local search with random restarts, at equal time
 * and with the same judging: what the better of its orders costs at each of several moments.
 */
import { NO_WISHES, type Wishes } from '../core/brief/wishes';
import { randomFrom } from '../core/chance/random';
import { EFFORT } from '../core/lineup/effort';
import type { SlotTraits } from '../core/lineup/order/objective';
import { Orders } from '../core/lineup/order/orders';
import { suggestOrder } from '../core/lineup/order/suggest';
import type { LineupInput } from '../core/lineup/types';
import { richShow } from './rich-shows';

const SLOTS = 30;
const CASES = 2;
/** Milliseconds at which the two are compared. */
const MOMENTS = [2500, 5000, 10_000];
const LAST = Math.max(...MOMENTS);
const WISHES: Wishes = { ...NO_WISHES, arc: 'climb' };

/** The best cost that was known at each moment. */
type Course = { at: number; cost: number }[];
const costAt = (course: Course, moment: number): number =>
  course.filter(({ at }) => at <= moment).at(-1)?.cost ?? Infinity;

function ours(show: LineupInput, traits: ReadonlyMap<string, SlotTraits>): Course {
  const began = performance.now();
  const course: Course = [];
  for (const { objective } of suggestOrder(show, traits, WISHES, { seed: 1, most: 1e6 })) {
    const at = performance.now() - began;
    course.push({ at, cost: objective.total });
    if (at > LAST) break;
  }
  return course;
}

/** Moves of one slot and exchanges of two, the first that is better taken; then from another random order. */
function plain(show: LineupInput, traits: ReadonlyMap<string, SlotTraits>): Course {
  const began = performance.now();
  const orders = new Orders(show, traits, WISHES, new Map());
  const random = randomFrom(1);
  const course: Course = [];
  const cost = (order: readonly number[]): number => {
    const { total } = orders.judge(order, EFFORT.trial).objective;
    const at = performance.now() - began;
    if (total < (course.at(-1)?.cost ?? Infinity)) course.push({ at, cost: total });
    return total;
  };
  const over = (): boolean => performance.now() - began > LAST;
  let current = [...orders.today];
  while (!over()) {
    let now = cost(current);
    for (let idle = 0; idle < SLOTS * SLOTS && !over(); idle++) {
      const next = [...current];
      const [from, to] = [random.below(SLOTS), random.below(SLOTS)];
      const [moved] = next.splice(from, 1);
      next.splice(to, 0, moved ?? 0);
      const then = cost(next);
      if (then >= now) continue;
      [current, now, idle] = [next, then, 0];
    }
    current = [...orders.today].sort(() => random.next() - 0.5);
  }
  return course;
}

export function order30(): object {
  let worst = 0;
  let gained = 0;
  for (let seed = 1; seed <= CASES; seed++) {
    const show = { ...richShow(5000 + seed, SLOTS), arrival: -3600 };
    const traits = new Map(
      show.slots.map((slot, i): [string, SlotTraits] => [
        slot.id,
        { energy: 1 + ((i * 7) % 5), family: slot.id, volunteer: i % 4 === 0, loud: i % 5 === 0 },
      ]),
    );
    const [mine, theirs] = [ours(show, traits), plain(show, traits)];
    for (const moment of MOMENTS)
      worst = Math.max(worst, costAt(mine, moment) / costAt(theirs, moment));
    gained = Math.max(gained, 1 - costAt(mine, LAST) / (theirs[0]?.cost ?? 1));
  }
  return { ratio: Number(worst.toFixed(3)), gained: Number(gained.toFixed(2)), cases: CASES };
}
