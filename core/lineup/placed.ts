/** From a solution of the graph to tasks with times and people, and slack where there is some. */
import { type Edge, type Graph, ORIGIN, type Assignment } from './graph';
import type { Solution } from './search';
import { linksOf, lower } from './times';
import { type Block, type PlacedTask, RULES } from './types';

export const blocksOf = (graph: Graph, starts: Float64Array): Block[] =>
  graph.blocks.map((number) => {
    const start = starts[number] ?? 0;
    const activity = graph.activities[number];
    return { slot: activity?.slot.id ?? '', start, end: start + (activity?.duration ?? 0) };
  });

/** Every task at its time, with those who take its hands. */
export function placedTasks(
  graph: Graph,
  { people }: Solution,
  starts: Float64Array,
): PlacedTask[] {
  const whoOf = (activity: number, task: string, go: number): string[] =>
    graph.assignments.flatMap((assignment, i) =>
      assignment.activity === activity && assignment.task.task === task && assignment.go === go
        ? [people[i] ?? '']
        : [],
    );
  const steps = graph.nets.flatMap((net, i) => {
    const block = graph.blocks[i] ?? ORIGIN;
    const start = starts[block] ?? 0;
    return net.steps.map((step): PlacedTask => ({
      slot: net.slot.id,
      task: step.task.id,
      go: step.go,
      phase: 'perform',
      start: start + step.start,
      end: start + step.end,
      people: whoOf(block, step.task.id, step.go),
      position: step.task.place === 'stage' ? net.slot.positionId : null,
    }));
  });
  const around = graph.activities.flatMap((activity, number): PlacedTask[] => {
    if (!activity.task) return [];
    const start = starts[number] ?? 0;
    return [
      {
        slot: activity.slot.id,
        task: activity.task.id,
        go: 1,
        phase: activity.task.phase,
        start,
        end: start + activity.duration,
        people: whoOf(number, activity.task.id, 1),
        position: activity.task.place === 'stage' ? activity.slot.positionId : null,
      },
    ];
  });
  return [...steps, ...around].sort((a, b) => a.start - b.start || a.end - b.end);
}

/** For each person, that their assignments follow one another as they do now. */
function turns(graph: Graph, { people, starts }: Solution): Edge[] {
  const at = (assignment: Assignment): number =>
    (starts[assignment.activity] ?? 0) + assignment.offset;
  return graph.input.crew.flatMap(({ id }) => {
    const mine = graph.assignments
      .filter((assignment, i) => people[i] === id && assignment.duration > 0)
      .sort((a, b) => at(a) - at(b));
    return mine.slice(1).map((assignment, i): Edge => {
      const earlier = mine[i] ?? assignment;
      return {
        from: earlier.activity,
        to: assignment.activity,
        weight: earlier.offset + earlier.duration - assignment.offset,
        reason: {
          rule: RULES.person,
          kind: 'person',
          from: earlier.task,
          to: assignment.task,
          people: [id],
          position: null,
          thing: null,
        },
      };
    });
  });
}

/**
 * Starts with a margin between what prepares a slot and its block, for every slot where that moves no
 * block and no clearing, asks for nothing before arrival, and leaves everybody's turns as they are.
 */
export function withMargin(graph: Graph, solution: Solution, margin: number): Float64Array {
  const links = linksOf(graph.activities.length, [...solution.edges, ...turns(graph, solution)]);
  const mayMove = (activity: number): boolean => graph.activities[activity]?.kind === 'before';
  let starts = solution.starts;
  for (const block of margin > 0 ? graph.blocks : []) {
    const wanted = starts.slice();
    const moved = (links.into[block] ?? []).flatMap(({ from, weight, reason }) => {
      const latest = (starts[block] ?? 0) - weight - margin;
      if (reason.kind !== 'prepare' || (wanted[from] ?? 0) <= latest) return [];
      wanted[from] = latest;
      return [from];
    });
    starts = lower(links, wanted, moved, mayMove) ?? starts;
  }
  return starts;
}
