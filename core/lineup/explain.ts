/** Why a block could not start sooner: the chain of demands that leaves it no second to spare. */
import { listInWords } from '../words';
import { type Edge, type Graph, ORIGIN } from './graph';
import type { ResidueKind } from '../repertoire/types';
import { namesOf, type Names } from './names';
import { RESIDUE_WORDS } from './residues';
import type { Solution } from './search';
import { type Block, type Gap, type RuleNumber, RULES, type TaskRef } from './types';

/** Kinds of edges at which the search for a reason ends: people, things or the day are in the way. */
const REASONS = new Set<Edge['reason']['kind']>([
  'position',
  'person',
  'arrival',
  'equipment',
  'residue',
]);

/**
 * Back along edges without slack, from a block to the first demand that lies outside of its slot;
 * failing that, the last demand there is.
 */
function bindingEdge(graph: Graph, { earliest, edges }: Solution, block: number): Edge | null {
  const slot = graph.activities[block]?.slot;
  const into = (activity: number): Edge[] =>
    edges.filter(
      (edge) =>
        edge.to === activity &&
        (earliest[edge.from] ?? 0) + edge.weight === (earliest[activity] ?? 0),
    );
  /** From the task that held the position last, instead of from the moment it changed hands. */
  const throughHandover = (edge: Edge): Edge => {
    if (graph.activities[edge.from]?.kind !== 'handover') return edge;
    const [held] = into(edge.from);
    return held
      ? { ...edge, from: held.from, reason: { ...edge.reason, from: held.reason.from } }
      : edge;
  };
  const seen = new Set([block]);
  let within: Edge | null = null;
  let activity = block;
  for (;;) {
    const tight = into(activity)
      .filter((edge) => !seen.has(edge.from))
      .map(throughHandover);
    const outside = tight.find(
      (edge) => REASONS.has(edge.reason.kind) && graph.activities[edge.from]?.slot !== slot,
    );
    if (outside) return outside;
    const [next] = tight.filter((edge) => edge.from !== ORIGIN);
    if (!next) return within;
    if (REASONS.has(next.reason.kind) || !within) within = next;
    seen.add(next.from);
    activity = next.from;
  }
}

/** “Wipe the table”, or with where it comes from when that is another slot. */
const named = (names: Names, ref: TaskRef, own: string): string =>
  ref.slot === own ? `“${names.task(ref)}”` : `“${names.task(ref)}” from ${names.slot(ref.slot)}`;

interface Reason {
  rule: RuleNumber;
  words: string;
  tasks: TaskRef[];
  people: string[];
}

/** Of those who could be meant, the one who really has the task. */
function whoHas(graph: Graph, { people }: Solution, edge: Edge): string[] {
  const { from, people: shared } = edge.reason;
  const having = graph.assignments.flatMap((assignment, i) =>
    from && assignment.task.slot === from.slot && assignment.task.task === from.task
      ? [people[i] ?? '']
      : [],
  );
  const both = [...new Set(having)].filter((id) => shared.includes(id));
  return both.length > 0 ? both : shared;
}

function reasonOf(graph: Graph, solution: Solution, slot: string, edge: Edge | null): Reason {
  const names = namesOf(graph.input);
  if (!edge)
    return {
      rule: RULES.order,
      words: `${names.slot(slot)} follows the slot before`,
      tasks: [],
      people: [],
    };
  const { rule, kind, from, to, position, thing } = edge.reason;
  const wanted = to ? `“${names.task(to)}”` : names.slot(slot);
  const blocker = from
    ? named(names, from, slot)
    : names.slot(graph.activities[edge.from]?.slot.id ?? '');
  const tasks = [...(to ? [to] : []), ...(from ? [from] : [])];
  const plain = (words: string): Reason => ({ rule, words, tasks, people: [] });
  switch (kind) {
    case 'position':
      return plain(`${names.position(position)} is not free for ${wanted}: ${blocker} comes first`);
    case 'person': {
      const people = whoHas(graph, solution, edge);
      const verb = people.length > 1 ? 'are' : 'is';
      const words = `${listInWords(people.map((id) => names.person(id)))} ${verb} busy with ${blocker} and wanted for ${wanted}`;
      return { rule, words, tasks, people };
    }
    case 'equipment': {
      const owned = graph.input.equipment.find((entry) => entry.id === thing)?.owned ?? 1;
      return plain(
        `${names.equipment(thing)} is still with ${blocker}: there ${owned === 1 ? 'is 1' : `are ${owned}`}`,
      );
    }
    case 'residue': {
      const left = RESIDUE_WORDS[thing as ResidueKind];
      return plain(
        from
          ? `no ${left} may be about for ${wanted}: ${blocker} comes first`
          : `no ${left} may be about for ${wanted}: ${blocker} leaves it, and it goes by itself`,
      );
    }
    case 'hold':
    case 'lead':
      return plain(`${wanted} waits for ${blocker}`);
    case 'arrival':
      return plain(`${wanted} would have to start before the crew arrives`);
    case 'window':
      return plain(`${wanted} can't be done any earlier: it must be used soon after`);
    case 'lag':
    case 'prepare':
      return plain(`${to ? wanted : names.slot(slot)} waits for ${blocker}`);
    case 'fact':
    case 'order':
      return plain(`${wanted} follows the slot before`);
  }
}

/** Every gap between blocks, and before the first, from a moment on, with what it is for. */
export function gapsOf(
  graph: Graph,
  solution: Solution,
  blocks: readonly Block[],
  from = 0,
): Gap[] {
  let clock = from;
  return blocks.flatMap((block, i): Gap[] => {
    const start = clock;
    clock = Math.max(clock, block.end);
    const number = graph.blocks[i] ?? ORIGIN;
    if (block.start <= start || graph.facts.has(number)) return [];
    const edge = bindingEdge(graph, solution, number);
    const { rule, words, tasks, people } = reasonOf(graph, solution, block.slot, edge);
    return [
      {
        start,
        end: block.start,
        seconds: block.start - start,
        slot: block.slot,
        rule,
        reason: words,
        tasks,
        people,
      },
    ];
  });
}
