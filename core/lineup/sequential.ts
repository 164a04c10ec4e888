/**
 * A way that is always there: one piece of work after another, slot by slot. It is taken when the search
 * has looked as long as it may and found nothing; it keeps every rule but greatest lags, and wastes time.
 */
import type { Task } from '../repertoire/types';
import { Availability } from './availability';
import { type Edge, type Graph, ORIGIN, type Assignment } from './graph';
import type { Network } from './network';
import { candidatesFor, choosePeople } from './people';
import type { Solution } from './search';
import { earliestStarts, linksOf } from './times';
import { RULES } from './types';

/** Tasks of one side of a block, each after those it waits for. */
function inTurn(net: Network, tasks: readonly Task[]): Task[] {
  const left = new Set(tasks);
  const order: Task[] = [];
  const visit = (task: Task): void => {
    if (!left.delete(task)) return;
    for (const lag of net.lags) if (lag.to === task) visit(lag.from);
    order.push(task);
  };
  tasks.forEach(visit);
  return order;
}

/** People for all hands of a task at once, when none is busy. */
function peopleFor(graph: Graph, assignments: readonly Assignment[]): string[] {
  const [first] = assignments;
  const slot = graph.input.slots.find((s) => s.id === first?.task.slot);
  const task = slot?.tasks.find((t) => t.id === first?.task.task);
  if (!slot || !task) return [];
  const nobodyBusy = Availability.empty(graph.input.crew);
  return choosePeople(candidatesFor(graph.input, slot, task), nobodyBusy, 0, 1) ?? [];
}

/** Null when lags ask in a circle for more than there is. */
export function sequentialSolution(graph: Graph): Solution | null {
  const number = new Map(graph.activities.map((activity, i) => [activity.task, i]));
  const order = graph.nets.flatMap((net, i) => {
    const activities = (tasks: readonly Task[]): number[] =>
      inTurn(net, tasks).flatMap((task) => number.get(task) ?? []);
    return [...activities(net.before), graph.blocks[i] ?? ORIGIN, ...activities(net.following)];
  });
  const turn = (from: number, to: number): Edge => ({
    from,
    to,
    weight: graph.activities[from]?.duration ?? 0,
    reason: {
      rule: RULES.person,
      kind: 'person',
      from: null,
      to: null,
      people: graph.input.crew.map(({ id }) => id),
      position: null,
      thing: null,
    },
  });
  // What has happened is where it is; all that is open comes after it.
  const open = order.filter((activity) => !graph.facts.has(activity));
  const [first = ORIGIN] = open;
  const turns = [
    ...open.slice(1).map((to, i) => turn(open[i] ?? ORIGIN, to)),
    ...order
      .filter((one) => open.length > 0 && graph.facts.has(one))
      .map((fact) => turn(fact, first)),
  ];
  const edges = [...graph.edges, ...turns];
  const starts = earliestStarts(linksOf(graph.activities.length, edges));
  if (!starts) return null;
  const people = graph.assignments.map(() => '');
  // Assignments of one task and go stand together.
  for (let i = 0; i < graph.assignments.length;) {
    const assignment = graph.assignments[i];
    let end = i + 1;
    while (
      graph.assignments[end]?.activity === assignment?.activity &&
      graph.assignments[end]?.task.task === assignment?.task.task &&
      graph.assignments[end]?.go === assignment?.go
    )
      end++;
    peopleFor(graph, graph.assignments.slice(i, end)).forEach(
      (person, k) => (people[i + k] = person),
    );
    i = end;
  }
  const last = graph.blocks.at(-1) ?? ORIGIN;
  const end = (starts[last] ?? 0) + (graph.activities[last]?.duration ?? 0);
  return { starts, earliest: starts, people, edges, end };
}
