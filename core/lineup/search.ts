/**
 * The earliest end there can be. The graph's edges alone give the natural times: the blocks as early as
 * they can, what prepares them as late, what clears them as early. Where nobody and nothing is wanted
 * twice then, they are the schedule. Otherwise the solver is told of each two that were in each
 * other's way, and asked again; what it finds is better each time, until there is nothing better.
 *
 * Telling of conflicts only as they come up keeps the problem as small as it is: most pairs of tasks
 * never meet.
 */
import type { Budget } from '../solver/budget';
import { type Outcome, Solver } from '../solver/solver';
import { isTrueKey, otherEnd, type Predicate } from '../solver/trail';
import { assignPeople, clashes } from './assignment';
import { Choices } from './choices';
import { type Edge, type Graph, ORIGIN } from './graph';
import { overused } from './overused';
import { settle, type Settled } from './settle';
import { earliestStarts, linksOf, naturalStarts } from './times';

export interface Solution {
  /** Of every activity: the blocks as early as can be, preparation as late, clearing as early. */
  starts: Float64Array;
  /** The least starts that the edges leave, from which a wait can be explained. */
  earliest: Float64Array;
  /** Who takes each assignment of the graph. */
  people: string[];
  /** The graph's edges and those that were decided on. */
  edges: Edge[];
  end: number;
}

export interface SearchResult {
  best: Solution | null;
  /** No schedule of those that were looked for ends earlier than this. */
  bound: number;
  /** True when the best is as early as any can be, or when it was shown that there is none. */
  proven: boolean;
}

/** Share of the work that may go into a first schedule without learning, and into any first schedule. */
const TO_SETTLE = 0.4;
const TO_FIND = 0.7;

const NOTHING: Solution = {
  starts: new Float64Array(1),
  earliest: new Float64Array(1),
  people: [],
  edges: [],
  end: 0,
};

/** Times that keep some edges, and what is in whose way at them. */
interface Look {
  edges: Edge[];
  earliest: Float64Array;
  starts: Float64Array;
}

class Search {
  private readonly solver = new Solver();
  private readonly choices: Choices;
  private readonly last: number;
  private readonly length: number;
  private best: Solution | null = null;

  constructor(
    private readonly graph: Graph,
    private readonly budget: Budget,
    /** Only what ends sooner than this is looked for. */
    private readonly before: number,
  ) {
    this.choices = new Choices(this.solver, graph);
    this.last = graph.blocks.at(-1) ?? ORIGIN;
    this.length = graph.activities[this.last]?.duration ?? 0;
  }

  run(): SearchResult {
    const first = this.look(this.graph.edges);
    if (!first) return { best: null, bound: Infinity, proven: true };
    const least = this.endOf(first.earliest);
    if (least >= this.before) return { best: null, bound: least, proven: true };
    const suitable = this.takers();
    const people = this.sharing(first, suitable);
    if (people) return { best: this.solution(first, people), bound: least, proven: true };
    this.pose(first.earliest);
    const settled = settle(this.graph, this.budget.part(TO_SETTLE));
    if (settled) this.startFrom(settled);
    else this.tell(first, suitable);
    const outcome = this.improveAll();
    const bound = this.solver.bound(isTrueKey(this.last)) + this.length;
    const { best } = this;
    if (outcome === 'none') return { best, bound: best?.end ?? Infinity, proven: true };
    return { best, bound: Math.max(least, bound), proven: false };
  }

  /** Looks for one schedule better than the other, until there is none or the work is done. */
  private improveAll(): Outcome {
    // What is left is for the same show without its windows.
    const toFind = this.budget.part(TO_FIND);
    for (;;) {
      const outcome = this.solver.next(this.best ? this.budget : toFind, this.aim);
      if (outcome !== 'found') {
        this.solver.rest();
        return outcome;
      }
      const now = this.look([...this.graph.edges, ...this.choices.decided()]);
      if (!now) throw new Error('What the solver finds keeps all its edges');
      const takers = this.takers();
      const people = this.sharing(now, takers);
      const plain = people && this.plain(now, people);
      this.solver.rest();
      if (plain) this.improve(this.solution(...plain));
      else this.tell(now, takers);
    }
  }

  private startFrom(settled: Settled): void {
    for (const [first, second] of settled.turns) this.choices.apart(first, second);
    if (this.endOf(settled.starts) < this.before)
      this.improve(this.solution(settled, settled.people));
  }

  private endOf(starts: Float64Array): number {
    return (starts[this.last] ?? 0) + this.length;
  }

  /** Natural times that keep these edges; null when there are none. */
  private look(edges: Edge[]): Look | null {
    const links = linksOf(this.graph.activities.length, edges);
    const earliest = earliestStarts(links);
    const starts = earliest && naturalStarts(this.graph, links, earliest);
    this.budget.spend(links.steps);
    return starts && { edges, earliest, starts };
  }

  /** The graph's own edges, with an end for everything that no least schedule goes beyond. */
  private pose(earliest: Float64Array): void {
    const { activities, edges, assignments } = this.graph;
    // The least starts are the lengths of ways that come by each activity once.
    const longest = activities.map(({ duration }) => duration);
    const raise = (activity: number, by: number): void => {
      longest[activity] = Math.max(longest[activity] ?? 0, by);
    };
    for (const { from, weight } of edges) raise(from, weight);
    for (const { activity, offset, duration } of assignments) raise(activity, offset + duration);
    const most = longest.reduce((sum, by) => sum + by, 0);
    activities.forEach((_, i) => this.solver.number(earliest[i] ?? 0, i === ORIGIN ? 0 : most));
    for (const { from, to, weight } of edges) this.solver.difference(from, to, weight);
    if (this.before < Infinity) this.endBefore(this.before);
  }

  private endBefore(end: number): void {
    this.solver.atLeast(otherEnd(isTrueKey(this.last)), this.length - end + 1);
  }

  /** Half of what might still be gained, while something might. */
  private readonly aim = (): Predicate | null => {
    const { solver, last, length, best } = this;
    if (!best) return null;
    const least = solver.bound(isTrueKey(last)) + length;
    const end = Math.floor((least + best.end - 1) / 2);
    return end < best.end - 1 ? { key: otherEnd(isTrueKey(last)), value: length - end } : null;
  };

  /** Who does what at these times, if nobody and nothing is wanted twice. */
  private sharing({ starts }: Look, takers: string[]): string[] | null {
    const { graph } = this;
    if (overused(graph.shared, starts).length > 0) return null;
    const assigned = assignPeople(graph, starts);
    this.budget.spend(assigned.steps);
    if (assigned.ok) return assigned.people;
    return clashes(graph, starts, takers).length === 0 ? takers : null;
  }

  /** Those whom the solver has chosen. */
  private takers(): string[] {
    return this.graph.assignments.map((assignment) => this.choices.takerOf(assignment));
  }

  /** Tells the solver what was in each other's way. */
  private tell({ starts }: Look, takers: readonly string[]): void {
    const { graph, choices } = this;
    const short = overused(graph.shared, starts);
    if (short.length > 0) choices.handOver(short);
    for (const [first, second] of clashes(graph, starts, takers)) choices.apart(first, second);
  }

  /** The same without the turns that these people have no need of, where that keeps all the rules. */
  private plain(now: Look, people: string[]): [Look, string[]] {
    const needed = this.choices.decided((of) => !of || people[of[0]] === people[of[1]]);
    const plain = this.look([...this.graph.edges, ...needed]);
    const shared = plain && this.sharing(plain, people);
    return plain && shared ? [plain, shared] : [now, people];
  }

  private solution({ edges, earliest, starts }: Look, people: string[]): Solution {
    return { starts, earliest, people, edges, end: this.endOf(starts) };
  }

  private improve(best: Solution): void {
    this.best = best;
    this.endBefore(best.end);
  }
}

/** Looks for the schedule that ends earliest, of those that end sooner than `before`. */
export const searchSchedule = (graph: Graph, budget: Budget, before = Infinity): SearchResult =>
  graph.blocks.length === 0
    ? { best: NOTHING, bound: 0, proven: true }
    : new Search(graph, budget, before).run();
