/**
 * The earliest end there can be, by branch and bound over what the graph leaves open: of two pieces
 * of work that want the same person at the same time, which goes first, or that different people do
 * them. At each node the natural times are taken; where no person is wanted twice they are a schedule,
 * and no completion of the node ends earlier. Otherwise one conflict is chosen, the one that costs most
 * whichever way it is settled, and each way is tried, the cheapest first.
 *
 * Branching over the orders of clashing activities from relaxed starts, after De Reyck and Herroelen
 * (1998) for projects with least and greatest lags.
 */
import { type PairKey, pairKey } from '../keys';
import { Availability } from './availability';
import { type Edge, type Graph, type Assignment, type ConstraintReason } from './graph';
import { overused } from './overused';
import { choosePeople } from './people';
import { type AssignmentConflict, overlaps, assignPeople } from './assignment';
import { type Links, earliestStarts, linksOf, naturalStarts, raise } from './times';
import { RULES } from './types';

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

interface Node {
  earliest: Float64Array;
  /** What was decided to come here; the decisions before it are those of the nodes above. */
  edge: Edge | null;
  /** Pairs of assignments that different people must take, or may. */
  apart: ReadonlySet<PairKey>;
}

/**
 * How long to look before the best so far is taken, in edges of the graph looked at. A number and not
 * a time, so that the same show has the same clock on every machine.
 */
export const EFFORT = {
  /** For one of very many that are tried, most of which come to nothing. */
  trial: 1_200_000,
  /** For a page that waits: usually some tens of milliseconds. */
  quick: 3_600_000,
  /** Up to about a second. */
  thorough: 60_000_000,
} as const;
const LEAST_NODES = 20;
const LEAST_OF_LARGE = 3;
/** In a show of more activities than this the way down is taken in strides, and nothing else is tried. */
const LARGE = 500;
/** Overlapping pairs weighed at a node whose conflicts have all been told apart. */
const MOST_OVERLAPS = 12;
/** Decisions on one way down; deeper, the way is left. */
const DEEPEST = 1500;
/** So many times more while there is nothing at all to take. */
const PATIENCE = 3;

const pairOf = ({ assignment, other }: AssignmentConflict): PairKey =>
  pairKey(assignment.number, other.number);

/** “This assignment ends before that one begins.” */
function before(first: Assignment, second: Assignment, shared: string[]): Edge {
  const reason: ConstraintReason = {
    rule: RULES.person,
    kind: 'person',
    from: first.task,
    to: second.task,
    people: shared,
    position: null,
    thing: null,
  };
  const weight = first.offset + first.duration - second.offset;
  return { from: first.activity, to: second.activity, weight, reason };
}

const sharedBy = (a: Assignment, b: Assignment): string[] =>
  a.people.filter((id) => b.people.includes(id));

class Search {
  private best: Solution | null = null;
  private nodes = 0;
  /** Edges looked at before this look began. */
  private since = 0;
  /** Set when a part of the tree was left although it might have held something better. */
  private leftOpen = false;
  /** Whether overlaps are weighed too where all conflicts have been told apart. */
  private thorough = false;
  /** The graph's edges and those decided on the way to the node that is looked at. */
  private readonly links: Links;
  private readonly decided: Edge[] = [];
  private readonly last: number;
  private rootEnd = 0;

  constructor(
    private readonly graph: Graph,
    private readonly work: number,
    /** Only what ends sooner than this is looked for. */
    private readonly before: number,
  ) {
    this.links = linksOf(graph.activities.length, graph.edges);
    this.last = graph.blocks.at(-1) ?? 0;
  }

  run(): SearchResult {
    const earliest = earliestStarts(this.links);
    if (!earliest) return { best: null, bound: Infinity, proven: true };
    this.rootEnd = this.endOf(earliest);
    // A quick way down first, which leaves what seldom matters; then, if it left anything, all of it.
    for (this.thorough of [false, true]) {
      this.nodes = 0;
      this.since = this.links.steps;
      this.leftOpen = false;
      this.visit({ earliest, edge: null, apart: new Set() });
      if (!this.leftOpen || this.best?.end === this.rootEnd) break;
      // Looked long enough for a first one: going into more detail would not find it.
      if (!this.best && this.exhausted) break;
    }
    const proven = !this.leftOpen || this.best?.end === this.rootEnd;
    return {
      best: this.best,
      bound: proven ? (this.best?.end ?? Infinity) : this.rootEnd,
      proven,
    };
  }

  private endOf(starts: Float64Array): number {
    return (starts[this.last] ?? 0) + (this.graph.activities[this.last]?.duration ?? 0);
  }

  private get exhausted(): boolean {
    if (this.decided.length > DEEPEST) return true;
    const most = this.work * (this.upper < Infinity ? 1 : PATIENCE);
    const least = this.graph.activities.length > LARGE ? LEAST_OF_LARGE : LEAST_NODES;
    return this.nodes > least && this.links.steps - this.since > most;
  }

  private get upper(): number {
    return this.best?.end ?? this.before;
  }

  /** The node with one more edge, or null when that can't be or can't be better. */
  private with(node: Node, edge: Edge): Node | null {
    this.decide(edge);
    const earliest = raise(this.links, node.earliest.slice(), [edge.from]);
    this.takeBack(edge);
    if (!earliest || this.endOf(earliest) >= this.upper) return null;
    return { ...node, earliest, edge };
  }

  private decide(edge: Edge): void {
    this.links.out[edge.from]?.push(edge);
    this.links.into[edge.to]?.push(edge);
    this.decided.push(edge);
  }

  /** Undoes the latest decision. */
  private takeBack(edge: Edge): void {
    this.links.out[edge.from]?.pop();
    this.links.into[edge.to]?.pop();
    this.decided.pop();
  }

  /** The ways to settle a conflict, the cheapest first. */
  private ways(node: Node, conflict: AssignmentConflict, starts: Float64Array): Node[] {
    const { assignment, other } = conflict;
    const shared = sharedBy(assignment, other);
    const at = (s: Assignment): number => (starts[s.activity] ?? 0) + s.offset;
    const [first, second] = at(assignment) <= at(other) ? [assignment, other] : [other, assignment];
    const orders = [before(first, second, shared), before(second, first, shared)].flatMap(
      (edge) => this.with(node, edge) ?? [],
    );
    orders.sort((a, b) => this.endOf(a.earliest) - this.endOf(b.earliest));
    if (!this.canBeApart(assignment, other)) return orders;
    const pair = pairOf(conflict);
    return [...orders, { ...node, edge: null, apart: new Set([...node.apart, pair]) }];
  }

  private canBeApart(a: Assignment, b: Assignment): boolean {
    const { crew } = this.graph.input;
    const wanted = [a, b].map((assignment) => ({
      people: crew.filter((person) => assignment.people.includes(person.id)),
      count: 1,
    }));
    return choosePeople(wanted, Availability.empty(crew), 0, 1) !== null;
  }

  private visit(node: Node): void {
    if (this.endOf(node.earliest) >= this.upper) return;
    this.nodes++;
    if (this.exhausted) {
      this.leftOpen = true;
      return;
    }
    if (node.edge) this.decide(node.edge);
    this.look(node);
    if (node.edge) this.takeBack(node.edge);
  }

  /** Takes the node's natural times when they are a schedule, and else goes on from it. */
  private look(node: Node): void {
    const starts = naturalStarts(this.graph, this.links, node.earliest);
    const assigned = assignPeople(this.graph, starts);
    const short = assigned.ok ? overused(this.graph.shared, starts) : [];
    if (short.length > 0) {
      this.share(node, short);
      return;
    }
    if (assigned.ok) {
      this.best = {
        starts,
        earliest: node.earliest,
        people: assigned.people,
        edges: [...this.graph.edges, ...this.decided],
        end: this.endOf(starts),
      };
      return;
    }
    const undecided = (conflict: AssignmentConflict): boolean => !node.apart.has(pairOf(conflict));
    const told = assigned.conflicts.filter(undecided);
    // Where those in the way have all been told apart, two others that overlap may have to make
    // room: one after the other, the same person can do both.
    if (told.length === 0 && !this.thorough) {
      this.leftOpen = true;
      return;
    }
    const open = told.length > 0 ? told : overlaps(this.graph, starts, undecided, MOST_OVERLAPS);
    if (this.graph.activities.length > LARGE) {
      this.stride(node, open, starts);
      if (this.best) {
        this.leftOpen = true;
        return;
      }
    }
    let chosen: Node[] | null = null;
    let cost: readonly number[] = [-Infinity];
    for (const conflict of open) {
      const ways = this.ways(node, conflict, starts);
      const ends = ways.map((way) => this.endOf(way.earliest));
      // Nothing can settle it: so nothing can come of the node.
      if (ends.length === 0) return;
      const now = [Math.min(...ends), -ends.length, ends.reduce((sum, end) => sum + end, 0)];
      if (chosen && !comesAfter(now, cost)) continue;
      chosen = ways;
      cost = now;
    }
    if (!chosen) {
      // Every pair has been told apart and still there are too few people, if that was shown.
      if (!assigned.certain) this.leftOpen = true;
      return;
    }
    this.follow(chosen);
  }

  /** Of slots that together have more of a thing than there is, one has to wait for another. */
  private share(node: Node, pairs: readonly Edge[]): void {
    const ways = pairs.flatMap((edge) => this.with(node, edge) ?? []);
    ways.sort((a, b) => this.endOf(a.earliest) - this.endOf(b.earliest));
    this.follow(ways);
  }

  private follow(ways: readonly Node[]): void {
    for (const way of ways) {
      this.visit(way);
      if (this.best?.end === this.rootEnd) return;
      if (this.exhausted) {
        this.leftOpen = true;
        return;
      }
    }
  }

  /** Settles every conflict at once, each in its cheapest way, and goes on from there. */
  private stride(node: Node, conflicts: readonly AssignmentConflict[], starts: Float64Array): void {
    const settled: Edge[] = [];
    let next = node;
    for (const conflict of conflicts) {
      const [way] = this.ways(next, conflict, starts);
      if (!way?.edge) continue;
      this.decide(way.edge);
      settled.push(way.edge);
      next = way;
    }
    if (settled.length > 0) this.visit({ ...next, edge: null });
    for (const edge of settled.reverse()) this.takeBack(edge);
  }
}

const comesAfter = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at >= 0 && (a[at] ?? 0) > (b[at] ?? 0);
};

/** Looks for the schedule that ends earliest, of those that end sooner than `before`. */
export const searchSchedule = (
  graph: Graph,
  work: number = EFFORT.quick,
  before = Infinity,
): SearchResult =>
  graph.blocks.length === 0
    ? {
        best: {
          starts: new Float64Array(1),
          earliest: new Float64Array(1),
          people: [],
          edges: [],
          end: 0,
        },
        bound: 0,
        proven: true,
      }
    : new Search(graph, work, before).run();
