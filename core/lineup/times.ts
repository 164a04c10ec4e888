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
  /** Activities, each after those it has to wait for, but for the few edges that run back. */
  order: number[];
}

export function linksOf(count: number, edges: readonly Edge[]): Links {
  const out: Edge[][] = Array.from({ length: count }, () => []);
  const into: Edge[][] = Array.from({ length: count }, () => []);
  for (const edge of edges) {
    out[edge.from]?.push(edge);
    into[edge.to]?.push(edge);
  }
  return { count, steps: edges.length, out, into, order: inTurn(out) };
}

/** One edge more. */
export function link(links: Links, edge: Edge): void {
  links.out[edge.from]?.push(edge);
  links.into[edge.to]?.push(edge);
  const place = (activity: number): number => links.order.indexOf(activity);
  if (edge.weight < 0 || place(edge.from) < place(edge.to)) return;
  links.order = inTurn(links.out);
  links.steps += links.count;
}

/**
 * Depth-first, the last one left first (Tarjan 1976). Greatest lags run back, with less than nothing, and
 * are not followed.
 */
function inTurn(out: readonly Edge[][]): number[] {
  const order: number[] = [];
  const seen = new Uint8Array(out.length);
  const next = new Uint32Array(out.length);
  for (let first = out.length - 1; first >= 0; first--) {
    if (seen[first]) continue;
    seen[first] = 1;
    const open = [first];
    while (open.length > 0) {
      const activity = open.at(-1) ?? first;
      const edge = out[activity]?.[next[activity] ?? 0];
      next[activity] = (next[activity] ?? 0) + 1;
      if (!edge) {
        order.push(activity);
        open.pop();
      } else if (edge.weight >= 0 && !seen[edge.to]) {
        seen[edge.to] = 1;
        open.push(edge.to);
      }
    }
  }
  return order.reverse();
}

/**
 * Moves starts one way until every edge holds, and no further (Bellman and Ford). Activities are taken in
 * turn, so that one pass does where no edge runs back. `move` says of an activity whether it may move, is
 * left as it is, or must not have to. Null when one must not, or when some edges ask in a circle for more
 * than there is.
 */
function relax(
  links: Links,
  starts: Float64Array,
  from: readonly number[],
  later: boolean,
  move: (activity: number) => 'may' | 'leave' | 'never',
): Float64Array | null {
  const { count, order } = links;
  const edges = later ? links.out : links.into;
  const waiting = new Uint8Array(count);
  let left = 0;
  const wait = (activity: number): void => {
    if (waiting[activity]) return;
    waiting[activity] = 1;
    left++;
  };
  from.forEach(wait);
  // Without such a circle no way is longer than there are activities.
  for (let pass = 0; left > 0; pass++) {
    if (pass > count) return null;
    for (let i = 0; i < count && left > 0; i++) {
      const activity = order[later ? i : count - 1 - i] ?? 0;
      if (!waiting[activity]) continue;
      waiting[activity] = 0;
      left--;
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
        wait(other);
      }
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

/**
 * The least solution with one more edge, above starts that keep all others. Null when there is none: then
 * what the edge leaves would have to come later because of it.
 */
export function raiseWith(links: Links, starts: Float64Array, edge: Edge): Float64Array | null {
  links.out[edge.from]?.push(edge);
  const raised = relax(links, starts.slice(), [edge.from], true, (activity) =>
    activity === ORIGIN || activity === edge.from ? 'never' : 'may',
  );
  links.out[edge.from]?.pop();
  return raised;
}

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
