/**
 * A first schedule: what is in each other's way is settled as it comes up, each time in the way that
 * costs least. It is seldom the best, but it is there soon, and whatever is looked for after it has an
 * end to beat.
 */
import type { Budget } from '../solver/budget';
import { assignPeople } from './assignment';
import { type Assignment, before, type Edge, type Graph, ORIGIN } from './graph';
import { overused } from './overused';
import { earliestStarts, link, linksOf, naturalStarts, raiseWith } from './times';

export interface Settled {
  edges: Edge[];
  earliest: Float64Array;
  starts: Float64Array;
  people: string[];
  /** Two assignments that were settled, the earlier first. */
  turns: [Assignment, Assignment][];
}

/** Null where it leads nowhere, or takes more than there is. */
export function settle(graph: Graph, budget: Budget): Settled | null {
  const links = linksOf(graph.activities.length, graph.edges);
  const edges = [...graph.edges];
  const turns: [Assignment, Assignment][] = [];
  const last = graph.blocks.at(-1) ?? ORIGIN;
  let earliest = earliestStarts(links);

  /** Decides on the cheapest of some ways; false where there is none. */
  const decide = <T extends { edge: Edge }>(ways: readonly T[]): T | null => {
    let best: { way: T; earliest: Float64Array } | null = null;
    for (const way of ways) {
      const raised = earliest && raiseWith(links, earliest, way.edge);
      if (raised && (!best || (raised[last] ?? 0) < (best.earliest[last] ?? 0)))
        best = { way, earliest: raised };
    }
    if (!best) return null;
    const { edge } = best.way;
    link(links, edge);
    edges.push(edge);
    earliest = best.earliest;
    return best.way;
  };

  let counted = 0;
  while (earliest) {
    const starts = naturalStarts(graph, links, earliest);
    const short = overused(graph.shared, starts);
    const assigned = assignPeople(graph, starts);
    budget.spend(links.steps - counted + assigned.steps);
    counted = links.steps;
    if (budget.exhausted) return null;
    if (short.length > 0) {
      if (!decide(short.map((edge) => ({ edge })))) return null;
      continue;
    }
    if (assigned.ok) return { edges, earliest, starts, people: assigned.people, turns };
    const at = (of: Assignment): number => (starts[of.activity] ?? 0) + of.offset;
    let any = false;
    for (const { assignment, other } of assigned.conflicts) {
      const pair = at(assignment) <= at(other) ? [assignment, other] : [other, assignment];
      const [first = assignment, second = other] = pair;
      const way = decide([
        { edge: before(first, second), turn: [first, second] as const },
        { edge: before(second, first), turn: [second, first] as const },
      ]);
      if (!way) continue;
      any = true;
      turns.push([...way.turn]);
    }
    if (!any) return null;
  }
  return null;
}
