/** From an order to a clock: the times with the least dead air, and why there is any left. */
import { formatDuration } from '../time/clock';
import { gapsOf } from './explain';
import { type Faults, findFaults } from './faults';
import { type Edge, type Graph, buildGraph } from './graph';
import { withBuffers } from './buffers';
import { blocksOf, placedTasks } from './placed';
import { searchSchedule, type SearchResult, type Solution } from './search';
import { EFFORT } from './effort';
import { Budget } from '../solver/budget';
import { sequentialSolution } from './sequential';
import {
  type Conflict,
  type LineupInput,
  type PlanSlot,
  RULES,
  type TaskRef,
  type Timeline,
} from './types';

type Kind = Edge['reason']['kind'];

/** The graph without the greatest lags of these slots, or without any of their lags. */
const without = (graph: Graph, kinds: readonly Kind[], slots: readonly string[]): Graph => ({
  ...graph,
  edges: graph.edges.filter(
    ({ from, reason }) =>
      !kinds.includes(reason.kind) || !slots.includes(graph.activities[from]?.slot.id ?? ''),
  ),
});

/** Lags that a solution found without them does not keep, and by how many seconds. */
function brokenLags(graph: Graph, { starts }: Solution): { edge: Edge; short: number }[] {
  return graph.edges.flatMap((edge) => {
    if (edge.reason.kind !== 'window' && edge.reason.kind !== 'lag') return [];
    const short = (starts[edge.from] ?? 0) + edge.weight - (starts[edge.to] ?? 0);
    return short > 0 ? [{ edge, short }] : [];
  });
}

/** The greatest lag that is written between two tasks of a slot. */
const greatestOf = (slot: PlanSlot | undefined, first: TaskRef, second: TaskRef): number =>
  slot?.tasks.find((task) => task.id === second.task)?.after.find((lag) => lag.task === first.task)
    ?.greatest ?? 0;

function lagConflict(graph: Graph, edge: Edge, short: number): Conflict {
  const slot = graph.activities[edge.from]?.slot;
  // A window runs backwards: from what uses the thing to what made it ready.
  const late = edge.reason.kind === 'window';
  const [first, second] = late
    ? [edge.reason.to, edge.reason.from]
    : [edge.reason.from, edge.reason.to];
  const nameOf = (ref: TaskRef | null): string =>
    slot?.tasks.find((task) => task.id === ref?.task)?.name ?? 'it';
  return {
    rule: RULES.lag,
    slot: slot?.id ?? '',
    message: `${slot?.name ?? ''}: “${nameOf(second)}” comes ${formatDuration(short)} too ${late ? 'late' : 'soon'} after “${nameOf(first)}”`,
    advice: late
      ? 'Give the work to one more person, or allow a longer wait'
      : 'Look at what its tasks come after: they can’t all be kept',
    window:
      late && first && second
        ? {
            task: second.task,
            after: first.task,
            greatest: greatestOf(slot, first, second) + short,
          }
        : null,
    tasks: [first, second].flatMap((ref) => ref ?? []),
    people: [],
  };
}

/**
 * The best times that keep every lag; where none do, the best without the windows of one slot, failing
 * that without any window. Where nothing is found in as much work as there may be, one thing after
 * another.
 */
function solve(graph: Graph, budget: Budget): SearchResult & { best: Solution } {
  const whole = searchSchedule(graph, budget);
  if (whole.best) return { ...whole, best: whole.best };
  const all = graph.input.slots.map((slot) => slot.id);
  const windowed = graph.input.slots
    .filter((slot) => slot.tasks.some((task) => task.after.some((lag) => lag.greatest !== null)))
    .map((slot) => [slot.id]);
  // One window too many is worth looking for only where it was shown that all can't be kept.
  const givenUp = whole.proven ? [...windowed, all] : [all];
  for (const slots of givenUp) {
    const part = budget.part(slots === all ? 1 : 1 / windowed.length);
    const { best, bound } = searchSchedule(without(graph, ['window'], slots), part);
    if (best) return { best, bound, proven: false };
  }
  for (const kinds of [['window'], ['window', 'lag']] as const) {
    const best = sequentialSolution(without(graph, kinds, all));
    if (best) return { best, bound: -Infinity, proven: false };
  }
  throw new Error('Blocks in their order, one after another, always have their times');
}

/** Times of a graph, whether they are the best, and the demands that they don’t keep. */
export interface SolvedGraph {
  best: Solution;
  proven: boolean;
  broken: Conflict[];
}

/** The best times of a graph, or as many of its demands as can be kept. */
export function solveGraph(graph: Graph, budget: Budget): SolvedGraph {
  const { best, proven } = solve(graph, budget);
  const broken = brokenLags(graph, best).map(({ edge, short }) => lagConflict(graph, edge, short));
  return { best, proven, broken };
}

/** What is laid before the reader, from the times that were found and the demands that were left out. */
function timelineFrom(graph: Graph, best: Solution, proven: boolean, faults: Faults): Timeline {
  const { arrival, hardFinish, margin } = graph.input;
  const spared = withBuffers(graph, best, margin);
  const blocks = blocksOf(graph, spared.starts);
  const conflicts = [
    ...faults.conflicts,
    ...brokenLags(graph, best).map(({ edge, short }) => lagConflict(graph, edge, short)),
  ];
  const filled = blocks.reduce((sum, block) => sum + block.end - block.start, 0);
  return {
    arrival,
    hardFinish,
    end: best.end,
    deadAir: best.end - filled,
    // That the whole is too long says nothing against its times.
    proven: proven && faults.countable && conflicts.every((conflict) => conflict.slot === ''),
    blocks,
    tasks: placedTasks(graph, best, spared),
    gaps: gapsOf(graph, best, blocks),
    conflicts,
  };
}

/**
 * Times a show in its given order.
 *
 * Demands that can't be met come back as conflicts; the rest is timed without them. Nothing is
 * thrown for a bad show: an empty one gives an empty timeline.
 */
export function schedule(raw: LineupInput, budget = new Budget(EFFORT.quick)): Timeline {
  const faults = findFaults(raw);
  const graph = buildGraph(faults.input);
  const { best, proven } = solve(graph, budget);
  return timelineFrom(graph, best, proven, faults);
}

/**
 * As `schedule`, where only something better is of interest: fewer conflicts than so many, or as
 * many and an end before this one, in seconds. Null where none is found, which is known much sooner.
 */
export function scheduleIfBetter(
  raw: LineupInput,
  { end, conflicts: most }: { end: number; conflicts: number },
  budget = new Budget(EFFORT.quick),
): Timeline | null {
  const faults = findFaults(raw);
  if (faults.conflicts.length > most) return null;
  const graph = buildGraph(faults.input);
  if (faults.conflicts.length < most) {
    const { best, proven } = solve(graph, budget);
    const timeline = timelineFrom(graph, best, proven, faults);
    const found = timeline.conflicts.length;
    return found < most || (found === most && timeline.end < end) ? timeline : null;
  }
  const { best, proven } = searchSchedule(graph, budget, end);
  return best && best.end < end ? timelineFrom(graph, best, proven, faults) : null;
}
