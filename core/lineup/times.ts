/**
 * Starts that keep every edge of the graph: the earliest of all, and the natural ones, where the
 * blocks come as early as they can, what prepares them as late, and what clears them as early.
 */
import { type Edge, type Graph, ORIGIN } from './graph';

/** Edges by the activity they leave and by the activity they reach. */
export interface Links {
  count: number;
  /** Edges looked at so far: what the search has cost, the same on every machine. */
  steps: number;
  out: Edge[][];
  into: Edge[][];
}

export function linksOf(count: number, edges: readonly Edge[]): Links {
  const out: Edge[][] = Array.from({ length: count }, () => []);
  const into: Edge[][] = Array.from({ length: count }, () => []);
  for (const edge of edges) {
    out[edge.from]?.push(edge);
    into[edge.to]?.push(edge);
  }
  return { count, steps: 0, out, into };
}

/**
 * Moves starts one way until every edge holds, and no further (Bellman and Ford, by a queue). `move`
 * says of an activity whether it may move, is left as it is, or must not have to. Null when one must not,
 * or when some edges ask in a circle for more than there is.
 */
function relax(
  links: Links,
  starts: Float64Array,
  from: readonly number[],
  later: boolean,
  move: (activity: number) => 'may' | 'leave' | 'never',
): Float64Array | null {
  const { count } = links;
  const edges = later ? links.out : links.into;
  const queue = [...from];
  const waiting = new Uint8Array(count);
  for (const activity of queue) waiting[activity] = 1;
  const queued = new Uint32Array(count);
  for (let i = 0; i < queue.length; i++) {
    const activity = queue[i] ?? 0;
    waiting[activity] = 0;
    const start = starts[activity] ?? 0;
    const mine = edges[activity] ?? [];
    links.steps += mine.length;
    for (const edge of mine) {
      const other = later ? edge.to : edge.from;
      const wanted = later ? start + edge.weight : start - edge.weight;
      const now = starts[other] ?? 0;
      if (later ? wanted <= now : wanted >= now) continue;
      const how = move(other);
      if (how === 'never') return null;
      if (how === 'leave') continue;
      starts[other] = wanted;
      if (waiting[other]) continue;
      // Without such a circle no activity comes into the queue more often than there are activities.
      queued[other] = (queued[other] ?? 0) + 1;
      if ((queued[other] ?? 0) > count) return null;
      waiting[other] = 1;
      queue.push(other);
    }
  }
  return starts;
}

/** The least solution above these starts; the origin stands still. Null when there is none. */
export const raise = (
  links: Links,
  starts: Float64Array,
  from: readonly number[],
): Float64Array | null =>
  relax(links, starts, from, true, (activity) => (activity === ORIGIN ? 'never' : 'may'));

/** The greatest solution below these starts that moves only what may move. Null when there is none. */
export const lower = (
  links: Links,
  starts: Float64Array,
  from: readonly number[],
  mayLower: (activity: number) => boolean,
): Float64Array | null =>
  relax(links, starts, from, false, (activity) => (mayLower(activity) ? 'may' : 'never'));

const everyAct = (count: number): number[] =>
  Array.from({ length: count }, (_, activity) => activity);

/** The earliest starts there can be. */
export function earliestStarts(links: Links): Float64Array | null {
  const starts = new Float64Array(links.count).fill(-Infinity);
  starts[ORIGIN] = 0;
  return raise(links, starts, [ORIGIN]);
}

/** Latest starts with the blocks standing where they are; Infinity where nothing waits for it. */
function latestStarts(graph: Graph, links: Links, earliest: Float64Array): Float64Array {
  const latest = new Float64Array(links.count).fill(Infinity);
  const fixed = new Set([ORIGIN, ...graph.blocks]);
  for (const activity of fixed) latest[activity] = earliest[activity] ?? 0;
  return lower(links, latest, [...fixed], (activity) => !fixed.has(activity)) ?? earliest;
}

/** Natural starts over the given earliest ones. */
export function naturalStarts(graph: Graph, links: Links, earliest: Float64Array): Float64Array {
  const latest = latestStarts(graph, links, earliest);
  const starts = earliest.slice();
  const following = (activity: number): boolean => {
    const kind = graph.activities[activity]?.kind;
    return kind === 'following' || kind === 'handover' || kind === 'give';
  };
  graph.activities.forEach((activity, number) => {
    const late = activity.kind === 'before' || activity.kind === 'take';
    if (late && latest[number] !== Infinity) starts[number] = latest[number] ?? 0;
  });
  // The latest starts are a solution, so raising what follows to meet them always ends.
  relax(links, starts, everyAct(links.count), true, (activity) =>
    following(activity) ? 'may' : 'leave',
  );
  return starts;
}
