/**
 * Preparation is done a while before it is wanted, so that a slow hand delays nobody: by as much as it may
 * itself take longer, wherever there is the time for that.
 */
import { threePoint } from '../chance/estimate';
import type { Estimate } from '../repertoire/types';
import { type Assignment, before, type Edge, type Graph } from './graph';
import { overused } from './overused';
import type { Solution } from './search';
import { type Links, linksOf, lower } from './times';

/** Nine of ten are no further above the mean than this many standard deviations, for what is normal. */
const NINE_IN_TEN = 1.2815515655446004;

/** Seconds by which a time is longer than likely in one case of ten; never beyond its longest. */
export function overrun(time: Estimate): number {
  const { mean, sd } = threePoint(time);
  return Math.max(0, Math.ceil(Math.min(time.longest, mean + NINE_IN_TEN * sd)) - time.likely);
}

/** Starts, and by how many seconds each may end later without a change to anything else. */
export interface Buffered {
  starts: Float64Array;
  buffers: Float64Array;
}

/** For each person, that their assignments follow one another as they do now. */
function turns(graph: Graph, { people, starts }: Solution): Edge[] {
  const at = (assignment: Assignment): number =>
    (starts[assignment.activity] ?? 0) + assignment.offset;
  return graph.input.crew.flatMap(({ id }) => {
    const mine = graph.assignments
      .filter((assignment, i) => people[i] === id && assignment.duration > 0)
      .sort((a, b) => at(a) - at(b));
    return mine.slice(1).map((later, i) => before(mine[i] ?? later, later));
  });
}

/** What waits for a task to be done: its block, or what follows it in its slot. */
const isWaiting = ({ reason: { kind } }: Edge): boolean =>
  kind === 'prepare' || kind === 'lag' || kind === 'lead';

class Buffers {
  private readonly links: Links;

  constructor(
    private readonly graph: Graph,
    solution: Solution,
    private readonly margin: number,
  ) {
    this.links = linksOf(graph.activities.length, [...solution.edges, ...turns(graph, solution)]);
  }

  /** What is to be left between a task and what waits for it. */
  private wanted(activity: number): number {
    const { task } = this.graph.activities[activity] ?? {};
    const leadsOn = this.links.out[activity]?.some(({ reason }) => reason.kind === 'prepare');
    return task ? Math.max(leadsOn ? this.margin : 0, overrun(task.time)) : 0;
  }

  /** The latest start that leaves so much before everything that waits. */
  private latest(activity: number, starts: Float64Array, buffer: number): number {
    const waiting = (this.links.out[activity] ?? []).filter(isWaiting);
    // A lead is wanted for its own sake, and is a buffer too.
    return Math.min(
      ...waiting.map(({ to, weight, reason }) => {
        const lead = reason.kind === 'lead' ? buffer : 0;
        return (starts[to] ?? 0) - weight - buffer + lead;
      }),
    );
  }

  /** The starts with this buffer; null where somebody, something or a window is in the way. */
  private with(activity: number, starts: Float64Array, buffer: number): Float64Array | null {
    const latest = this.latest(activity, starts, buffer);
    if ((starts[activity] ?? 0) <= latest) return starts;
    const wanted = starts.slice();
    wanted[activity] = latest;
    const moved = lower(this.links, wanted, [activity], (other) => {
      const kind = this.graph.activities[other]?.kind;
      return kind === 'before' || kind === 'take';
    });
    // What is taken earlier may be with more than there are of it then.
    return moved && overused(this.graph.shared, moved).length === 0 ? moved : null;
  }

  /** As much of the buffer that is wanted as there is room for. */
  private place(activity: number, starts: Float64Array): Float64Array {
    const most = this.wanted(activity);
    const whole = this.with(activity, starts, most);
    if (whole) return whole;
    let best = starts;
    let [least, tooMuch] = [0, most];
    while (tooMuch - least > 1) {
      const middle = Math.floor((least + tooMuch) / 2);
      const moved = this.with(activity, starts, middle);
      if (moved) [best, least] = [moved, middle];
      else tooMuch = middle;
    }
    return best;
  }

  run(natural: Float64Array): Buffered {
    const { activities } = this.graph;
    let starts = natural;
    const tasks = [...activities.keys()].filter((i) => activities[i]?.kind === 'before');
    // In the order of the show, and in a slot the last first: the others come before where it then is.
    const blockOf = new Map(this.graph.blocks.map((block, i) => [activities[block]?.slot, i]));
    const placeOf = (i: number): number => blockOf.get(activities[i]?.slot) ?? 0;
    const at = (i: number): number => natural[i] ?? 0;
    tasks.sort((a, b) => placeOf(a) - placeOf(b) || at(b) - at(a));
    for (const task of tasks) starts = this.place(task, starts);
    return { starts, buffers: this.left(starts, tasks) };
  }

  /** As much as is free after each, and as was wanted. */
  private left(starts: Float64Array, tasks: readonly number[]): Float64Array {
    const buffers = new Float64Array(starts.length);
    for (const task of tasks) {
      const left = (this.links.out[task] ?? [])
        // A window says how early, not how late.
        .filter(({ reason }) => reason.kind !== 'window')
        .map(({ to, weight }) => (starts[to] ?? 0) - weight - (starts[task] ?? 0));
      buffers[task] = left.length > 0 ? Math.max(0, Math.min(this.wanted(task), ...left)) : 0;
    }
    return buffers;
  }
}

/**
 * Starts with a buffer after what prepares a slot: its own spread, and right before the block at least
 * `margin` seconds. It moves no block and no clearing, asks for nothing before arrival, keeps every window,
 * and leaves everybody's turns as they are.
 */
export const withBuffers = (graph: Graph, solution: Solution, margin: number): Buffered =>
  new Buffers(graph, solution, margin).run(solution.starts);
