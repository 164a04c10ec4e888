/** From an order to a clock: the times with the least dead air, and why there is any left. */
import { formatDuration } from '../time/clock';
import { gapsOf } from './explain';
import { findFaults } from './faults';
import { type Edge, type Graph, buildGraph } from './graph';
import { blocksOf, placedTasks, withMargin } from './placed';
import { EFFORT, searchSchedule, type SearchResult, type Solution } from './search';
import { type Conflict, type LineupInput, RULES, type Timeline } from './types';

/** The graph without the greatest lags of these slots. */
const withoutWindows = (graph: Graph, slots: ReadonlySet<string>): Graph => ({
  ...graph,
  edges: graph.edges.filter(
    ({ from, why }) => why.kind !== 'window' || !slots.has(graph.acts[from]?.slot.id ?? ''),
  ),
});

/** Windows that a solution found without them does not keep. */
function brokenWindows(graph: Graph, { starts }: Solution): { edge: Edge; late: number }[] {
  return graph.edges.flatMap((edge) => {
    if (edge.why.kind !== 'window') return [];
    const late = (starts[edge.from] ?? 0) + edge.weight - (starts[edge.to] ?? 0);
    return late > 1e-9 ? [{ edge, late }] : [];
  });
}

function windowConflict(graph: Graph, edge: Edge, late: number): Conflict {
  const slot = graph.acts[edge.from]?.slot;
  const nameOf = (id: string | undefined): string =>
    slot?.tasks.find((task) => task.id === id)?.name ?? 'it';
  // A window runs backwards: from what uses the thing to what made it ready.
  const { from: use, to: ready } = edge.why;
  return {
    rule: RULES.lag,
    slot: slot?.id ?? '',
    words: `${slot?.name ?? ''}: “${nameOf(use?.task)}” comes ${formatDuration(late)} too late after “${nameOf(ready?.task)}”`,
    mend: 'Give the work to one more person, or allow a longer wait',
    tasks: [...(ready ? [ready] : []), ...(use ? [use] : [])],
    people: [],
  };
}

/**
 * The best times that keep every window; where no times do, the best without those of one slot, and
 * failing that without any.
 */
function solve(graph: Graph, work: number): SearchResult & { best: Solution } {
  const whole = searchSchedule(graph, work);
  if (whole.best) return { ...whole, best: whole.best };
  const slots = graph.input.slots
    .filter((slot) => slot.tasks.some((task) => task.after.some((lag) => lag.greatest !== null)))
    .map((slot) => slot.id);
  for (const dropped of [...slots.map((id) => [id]), slots]) {
    const found = searchSchedule(withoutWindows(graph, new Set(dropped)), work);
    if (found.best) return { ...found, best: found.best, proven: false };
  }
  throw new Error('Without windows every order of work has its times');
}

/**
 * Times a show in its given order.
 *
 * Demands that can't be met come back as conflicts; the rest is timed without them. Nothing is
 * thrown for a bad show: an empty one gives an empty timeline. `work` bounds the search.
 */
export function schedule(raw: LineupInput, work: number = EFFORT.quick): Timeline {
  const faults = findFaults(raw);
  const input: LineupInput = { ...raw, slots: faults.slots };
  const graph = buildGraph(input);
  const { best, proven } = solve(graph, work);
  const starts = withMargin(graph, best, input.margin);
  const blocks = blocksOf(graph, starts);
  const conflicts = [
    ...faults.conflicts,
    ...brokenWindows(graph, best).map(({ edge, late }) => windowConflict(graph, edge, late)),
  ];
  const filled = blocks.reduce((sum, block) => sum + block.end - block.start, 0);
  return {
    arrival: input.arrival,
    hardFinish: input.hardFinish,
    end: best.end,
    deadAir: best.end - filled,
    proven: proven && conflicts.length === 0,
    blocks,
    tasks: placedTasks(graph, best, starts),
    gaps: gapsOf(graph, best, blocks),
    conflicts,
  };
}
