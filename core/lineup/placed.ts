/** From a solution of the graph to tasks with times and people. */
import type { Buffered } from './buffers';
import { type Graph, ORIGIN } from './graph';
import type { Solution } from './search';
import type { Block, PlacedTask } from './types';

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
  { starts, buffers }: Buffered,
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
      buffer: 0,
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
        buffer: buffers[number] ?? 0,
      },
    ];
  });
  return [...steps, ...around].sort((a, b) => a.start - b.start || a.end - b.end);
}
