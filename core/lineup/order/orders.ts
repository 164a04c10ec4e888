/** Everything that is asked about the orders of one show. */
import type { Spread } from '../../chance/lateness';
import type { SlotPair, Wishes } from '../../brief/wishes';
import { findFaults } from '../faults';
import { buildGraph } from '../graph';
import { Budget } from '../../solver/budget';
import { EFFORT } from '../effort';
import { schedule } from '../schedule';
import { searchSchedule } from '../search';
import type { LineupInput, Timeline } from '../types';
import type { ExactProblem } from './exact';
import { leastGaps, withoutWindows } from './gaps';
import {
  latenessOf,
  leastArcDistance,
  energyMisfit,
  type Objective,
  objectiveOf,
  repeatsBetween,
  runOf,
  type SlotTraits,
  spreadOf,
} from './objective';

/** Effort for each of the many orders; the two that are compared in the end get the usual one. */
const WORK_EACH = 1_000_000;
/** Of a long show, less: each step of its clock takes longer, and there are more orders to time. */
const WORK_LONG = 300_000;
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
export class Orders {
  readonly today: number[];
  readonly pinned: ReadonlySet<number>;
  /** Effort for each order that is timed. */
  readonly work: number;
  private readonly traits: SlotTraits[];
  private readonly gaps;
  private readonly filled: number;
  private readonly spread: Spread;
  private readonly always: number;
  /** False when today's order breaks a wish: any that keeps them is better. */
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
    const whole = buildGraph(faults.input);
    this.filled = whole.nets.reduce((sum, net) => sum + net.blockLength, 0);
    this.spread = spreadOf(faults.input.slots);
    this.startsWell = keeps(wishes, this.idsOf(this.today));
  }

  idsOf = (order: Order): string[] => order.map((i) => this.input.slots[i]?.id ?? '');

  inOrder = (order: Order): LineupInput => ({
    ...this.input,
    slots: order.flatMap((i) => this.input.slots[i] ?? []),
  });

  judge(order: Order, work: number = EFFORT.quick): { objective: Objective; timeline: Timeline } {
    const timeline = schedule(this.inOrder(order), new Budget(work));
    const { arc, weights } = this.wishes;
    const traits = order.flatMap((i) => this.traits[i] ?? []);
    return { timeline, objective: objectiveOf(timeline, traits, arc, weights, this.spread) };
  }

  /** An order that breaks a wish is worse than any that keeps them. */
  broken = (order: Order): boolean => !keeps(this.wishes, this.idsOf(order));

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

  /** What an order costs at the least: its energies, and each two neighbours as if there were no others. */
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
    const energies = this.traits.map(({ energy }) => energy);
    return this.always + leastArcDistance(arc, energies) * weights.arc + this.lostCost(0);
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
      place: (i, at) => energyMisfit(arc, trait(i).energy, at, today.length) * weights.arc,
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

  /**
   * The first part of a show by itself loses no more than it does in the whole show; greatest lags are
   * left out, since a timeline may have to give one up.
   */
  private lostInPart(order: Order): number {
    const part = this.inOrder(order);
    const graph = withoutWindows(buildGraph(findFaults(part).input));
    const { best, bound } = searchSchedule(graph, new Budget(this.work));
    const filled = graph.nets.reduce((sum, net) => sum + net.blockLength, 0);
    return best ? Math.max(0, bound - filled) : 0;
  }
}
