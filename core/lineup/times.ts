/**
 * Starts that keep every edge of the graph: the earliest of all, and the natural ones, where the
 * blocks come as early as they can, what prepares them as late, and what clears them as early.
 */
import { type Edge, type Graph, ORIGIN } from './graph';

/** Edges by the act they leave and by the act they reach. */
export interface Links {
  count: number;
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
  return { count, out, into };
}

/**
 * Raises starts until every edge holds: the least solution above the given one. Null when there is
 * none, because some edges ask in a circle for more than there is (Bellman and Ford, by a queue).
 */
export function raise(
  links: Links,
  starts: Float64Array,
  from: readonly number[],
  mayRaise: (act: number) => boolean = () => true,
): Float64Array | null {
  const { count, out } = links;
  const queue = [...from];
  const waiting = new Uint8Array(count);
  for (const act of queue) waiting[act] = 1;
  const queued = new Uint32Array(count);
  for (let i = 0; i < queue.length; i++) {
    const act = queue[i] ?? 0;
    waiting[act] = 0;
    const start = starts[act] ?? 0;
    for (const edge of out[act] ?? []) {
      const least = start + edge.weight;
      if (least <= (starts[edge.to] ?? 0) || !mayRaise(edge.to)) continue;
      starts[edge.to] = least;
      if (edge.to === ORIGIN) return null;
      if (waiting[edge.to]) continue;
      // Without such a circle no act comes into the queue more often than there are acts.
      queued[edge.to] = (queued[edge.to] ?? 0) + 1;
      if ((queued[edge.to] ?? 0) > count) return null;
      waiting[edge.to] = 1;
      queue.push(edge.to);
    }
  }
  return starts;
}

const everyAct = (count: number): number[] => Array.from({ length: count }, (_, act) => act);

/** The earliest starts there can be. */
export function earliestStarts(links: Links): Float64Array | null {
  const starts = new Float64Array(links.count).fill(-Infinity);
  starts[ORIGIN] = 0;
  return raise(links, starts, [ORIGIN]);
}

/**
 * Lowers starts until every edge holds, those only that may be lowered: the greatest solution below
 * the given one. Null when something would have to move that may not.
 */
export function lower(
  links: Links,
  starts: Float64Array,
  from: readonly number[],
  mayLower: (act: number) => boolean,
): Float64Array | null {
  const { count, into } = links;
  const queue = [...from];
  const waiting = new Uint8Array(count);
  for (const act of queue) waiting[act] = 1;
  const queued = new Uint32Array(count);
  for (let i = 0; i < queue.length; i++) {
    const act = queue[i] ?? 0;
    waiting[act] = 0;
    for (const edge of into[act] ?? []) {
      const most = (starts[act] ?? 0) - edge.weight;
      if (most >= (starts[edge.from] ?? 0)) continue;
      if (!mayLower(edge.from)) return null;
      starts[edge.from] = most;
      if (waiting[edge.from]) continue;
      queued[edge.from] = (queued[edge.from] ?? 0) + 1;
      if ((queued[edge.from] ?? 0) > count) return null;
      waiting[edge.from] = 1;
      queue.push(edge.from);
    }
  }
  return starts;
}

/** Latest starts with the blocks standing where they are; Infinity where nothing waits for it. */
function latestStarts(graph: Graph, links: Links, earliest: Float64Array): Float64Array {
  const latest = new Float64Array(links.count).fill(Infinity);
  const fixed = new Set([ORIGIN, ...graph.blocks]);
  for (const act of fixed) latest[act] = earliest[act] ?? 0;
  return lower(links, latest, [...fixed], (act) => !fixed.has(act)) ?? earliest;
}

/** Natural starts over the given earliest ones. */
export function naturalStarts(graph: Graph, links: Links, earliest: Float64Array): Float64Array {
  const latest = latestStarts(graph, links, earliest);
  const starts = earliest.slice();
  const following = (act: number): boolean => {
    const kind = graph.acts[act]?.kind;
    return kind === 'following' || kind === 'handover';
  };
  graph.acts.forEach((act, number) => {
    if (act.kind === 'before' && latest[number] !== Infinity) starts[number] = latest[number] ?? 0;
  });
  // The latest starts are a solution, so raising what follows to meet them always ends.
  raise(links, starts, everyAct(links.count), following);
  return starts;
}
