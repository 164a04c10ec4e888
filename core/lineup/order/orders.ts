/** Everything that is asked about the orders of one show. */
import type { SlotPair, Wishes } from '../../brief/wishes';
import { findFaults } from '../faults';
import { buildGraph } from '../graph';
import { Budget } from '../../solver/budget';
import { EFFORT } from '../effort';
import { FrozenShows, meanBeyond } from '../forecast/frozen';
import type { SlotPolicy } from '../forecast/types';
import { schedule, scheduleIfBetter } from '../schedule';
import { searchSchedule } from '../search';
import type { LineupInput, Timeline } from '../types';
import type { ExactProblem } from './exact';
import { leastGaps, withoutWindows } from './gaps';
import {
  leastArcDistance,
  energyMisfit,
  type Objective,
  objectiveOf,
  repeatsBetween,
  runOf,
  type SlotTraits,
} from './objective';

/** Shows that every order is held against. */
const SHOWS = 200;
const SEED = 1;

/** Lateness in tenths of a second: finer is noise. */
const rounded = (seconds: number): number => Math.round(seconds * 10) / 10;

type Order = readonly number[];

export interface Judged {
  timeline: Timeline;
  objective: Objective;
}

/** How many wishes an order breaks. */
function brokenBy({ before, apart }: Wishes, order: readonly string[]): number {
  const at = new Map(order.map((id, i) => [id, i]));
  const place = (id: string): number => at.get(id) ?? NaN;
  const count = (pairs: readonly SlotPair[], breaks: (by: number) => boolean): number =>
    pairs.filter(({ first, second }) => breaks(place(second) - place(first))).length;
  return count(before, (by) => by < 0) + count(apart, (by) => Math.abs(by) === 1);
}

/** More than anything else comes to: an order that breaks fewer wishes is the better one. */
const BROKEN = 1e12;

/** Everything that is asked about orders of one show, timed at most once each. */
export class Orders {
  readonly today: number[];
  readonly pinned: ReadonlySet<number>;
  private readonly traits: SlotTraits[];
  private readonly filledAsWritten: number;
  private readonly gaps;
  private readonly shows: FrozenShows;
  /** What all blocks take together, in each show. */
  private readonly takes: Float64Array;
  private readonly lateBy = new Map<number, number>();
  private readonly always: number;

  constructor(
    private readonly input: LineupInput,
    traits: ReadonlyMap<string, SlotTraits>,
    private readonly wishes: Wishes,
    policies: ReadonlyMap<string, SlotPolicy>,
  ) {
    const { slots } = input;
    this.today = slots.map((_, i) => i);
    this.pinned = new Set(this.today.filter((i) => slots[i]?.pinned));
    this.traits = slots.map((slot) => {
      const found = traits.get(slot.id);
      if (!found) throw new RangeError(`Slot ${slot.id} has no traits`);
      return found;
    });
    this.gaps = leastGaps(input);
    const faults = findFaults(input);
    this.always = faults.conflicts.length * wishes.weights.conflict;
    const { nets } = buildGraph(faults.input);
    this.filledAsWritten = nets.reduce((sum, net) => sum + net.blockLength, 0);
    this.shows = new FrozenShows(policies, SHOWS, SEED);
    this.takes = this.shows.filled(input, schedule(input, new Budget(EFFORT.trial)));
  }

  idsOf = (order: Order): string[] => order.map((i) => this.input.slots[i]?.id ?? '');

  inOrder = (order: Order): LineupInput => ({
    ...this.input,
    slots: order.flatMap((i) => this.input.slots[i] ?? []),
  });

  /** What an order comes to, timed with as much effort as there is for one. */
  judge(order: Order, effort: number = EFFORT.quick): Judged {
    const inOrder = this.inOrder(order);
    return this.judged(order, inOrder, schedule(inOrder, new Budget(effort)));
  }

  /** As `judge`, where only an order that costs less is of interest; else null. */
  judgeIfBetter(order: Order, below: number): Judged | null {
    if (this.floor(order) >= below) return null;
    const inOrder = this.inOrder(order);
    // With one conflict more than this it costs too much, whenever it ends.
    const most = Math.floor(below / Math.max(1, this.wishes.weights.conflict));
    const end = this.latestFor(order, below);
    const budget = new Budget(EFFORT.trial);
    if (!scheduleIfBetter(inOrder, { end, conflicts: most }, budget)) return null;
    // Timed anew without an end to beat, as it will be when it is taken: who does what may differ.
    const judged = this.judge(order, EFFORT.trial);
    return judged.objective.total < below ? judged : null;
  }

  /** An end, as written, by which an order costs so much at the least. */
  private latestFor(order: Order, cost: number): number {
    const filled = this.filledAsWritten;
    const rest = this.restOf(order);
    let [least, most] = [0, this.input.hardFinish + filled];
    while (most - least > 1) {
      const middle = Math.floor((least + most) / 2);
      if (rest + this.lostCost(middle) < cost) least = middle;
      else most = middle;
    }
    return filled + most;
  }

  private judged(order: Order, inOrder: LineupInput, timeline: Timeline): Judged {
    const { arc, weights } = this.wishes;
    const traits = order.flatMap((i) => this.traits[i] ?? []);
    const found = meanBeyond(this.shows.ends(inOrder, timeline), this.input.hardFinish);
    // Where slow blocks would hide what is waited for, it is still counted.
    const late = Math.max(rounded(found), this.lateness(timeline.deadAir));
    return { timeline, objective: objectiveOf(timeline, traits, arc, weights, late) };
  }

  /** How many wishes it breaks. */
  broken = (order: Order): number => brokenBy(this.wishes, this.idsOf(order));

  /** As `whole`, where it costs less than `below`; else no less. */
  cost = (order: Order, below: number): number => {
    const broken = this.broken(order);
    if (broken > 0) return broken * BROKEN + this.floor(order);
    if (below >= BROKEN) return this.whole(order).cost;
    return this.judgeIfBetter(order, below)?.objective.total ?? Infinity;
  };

  /** What it costs; at the least, where the clock is only the best that was found. */
  whole = (order: Order): { cost: number; floor: number } => {
    if (this.broken(order) > 0) return { cost: Infinity, floor: Infinity };
    const { objective, timeline } = this.judge(order, EFFORT.trial);
    return { cost: objective.total, floor: timeline.proven ? objective.total : this.floor(order) };
  };

  /** Expected seconds after the hard finish when so many are lost: never less for more. */
  private lateness(lost: number): number {
    const known = this.lateBy.get(lost);
    if (known !== undefined) return known;
    const late = rounded(meanBeyond(this.takes, this.input.hardFinish, lost));
    this.lateBy.set(lost, late);
    return late;
  }

  private lateCost = (lost: number): number => this.lateness(lost) * this.wishes.weights.late;

  /** What lost seconds cost at the least. */
  private lostCost = (lost: number): number =>
    lost * this.wishes.weights.deadAir + this.lateCost(lost);

  /** What an order costs besides what is lost. */
  private restOf(order: Order): number {
    const { arc, weights } = this.wishes;
    const run = runOf(
      order.flatMap((i) => this.traits[i] ?? []),
      arc,
    );
    return this.always + run.arc * weights.arc + run.repeats * weights.repeat;
  }

  /** What an order costs at the least: its energies, and each two neighbours as if there were no others. */
  floor = (order: Order): number => {
    const lost = order.reduce((sum, i, at) => {
      const before = order[at - 1];
      return sum + (before === undefined ? this.gaps.first(i) : this.gaps.between(before, i));
    }, 0);
    return this.restOf(order) + this.lostCost(lost);
  };

  /** No order costs less. */
  get least(): number {
    const { arc, weights } = this.wishes;
    const energies = this.traits.map(({ energy }) => energy);
    return this.always + leastArcDistance(arc, energies) * weights.arc + this.lostCost(0);
  }

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
    const { best, bound } = searchSchedule(graph, new Budget(EFFORT.bound));
    const filled = graph.nets.reduce((sum, net) => sum + net.blockLength, 0);
    return best ? Math.max(0, bound - filled) : 0;
  }
}
