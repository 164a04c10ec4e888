/** From a solution of the graph to tasks with times and people, and slack where there is some. */
import { type Edge, type Graph, ORIGIN, type Seat } from './graph';
import type { Solution } from './search';
import { linksOf, lower } from './times';
import { type Block, type PlacedTask, RULES } from './types';

export const blocksOf = (graph: Graph, starts: Float64Array): Block[] =>
  graph.blocks.map((number) => {
    const start = starts[number] ?? 0;
    const act = graph.acts[number];
    return { slot: act?.slot.id ?? '', start, end: start + (act?.duration ?? 0) };
  });

/** Every task at its time, with those who take its hands. */
export function placedTasks(
  graph: Graph,
  { people }: Solution,
  starts: Float64Array,
): PlacedTask[] {
  const whoOf = (act: number, task: string, go: number): string[] =>
    graph.seats.flatMap((seat, i) =>
      seat.act === act && seat.task.task === task && seat.go === go ? [people[i] ?? ''] : [],
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
  const around = graph.acts.flatMap((act, number): PlacedTask[] => {
    if (!act.task) return [];
    const start = starts[number] ?? 0;
    return [
      {
        slot: act.slot.id,
        task: act.task.id,
        go: 1,
        phase: act.task.phase,
        start,
        end: start + act.duration,
        people: whoOf(number, act.task.id, 1),
        position: act.task.place === 'stage' ? act.slot.positionId : null,
      },
    ];
  });
  return [...steps, ...around].sort((a, b) => a.start - b.start || a.end - b.end);
}

/** For each person, that their seats follow one another as they do now. */
function turns(graph: Graph, { people, starts }: Solution): Edge[] {
  const at = (seat: Seat): number => (starts[seat.act] ?? 0) + seat.offset;
  return graph.input.crew.flatMap(({ id }) => {
    const mine = graph.seats
      .filter((seat, i) => people[i] === id && seat.duration > 0)
      .sort((a, b) => at(a) - at(b));
    return mine.slice(1).map((seat, i): Edge => {
      const earlier = mine[i] ?? seat;
      return {
        from: earlier.act,
        to: seat.act,
        weight: earlier.offset + earlier.duration - seat.offset,
        why: {
          rule: RULES.person,
          kind: 'person',
          from: earlier.task,
          to: seat.task,
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
  const links = linksOf(graph.acts.length, [...solution.edges, ...turns(graph, solution)]);
  const mayMove = (act: number): boolean => graph.acts[act]?.kind === 'before';
  let starts = solution.starts;
  for (const block of margin > 0 ? graph.blocks : []) {
    const wanted = starts.slice();
    const moved = (links.into[block] ?? []).flatMap(({ from, weight, why }) => {
      const latest = (starts[block] ?? 0) - weight - margin;
      if (why.kind !== 'prepare' || (wanted[from] ?? 0) <= latest) return [];
      wanted[from] = latest;
      return [from];
    });
    starts = lower(links, wanted, moved, mayMove) ?? starts;
  }
  return starts;
}
