/** The graph of the night from here on: what has happened is where it is, and the rest waits for it. */
import {
  type Activity,
  type Assignment,
  before,
  buildGraph,
  byChoice,
  type Edge,
  type Graph,
  ORIGIN,
  type SharedResource,
} from '../../lineup/graph';
import { type TaskKey, taskKey } from '../../keys';
import { type LineupInput, RULES } from '../../lineup/types';
import type { TimedPart } from './parts';
import { slotOfPart } from './stretches';
import type { Work } from './types';

const factEdge = (from: number, to: number, weight: number): Edge => ({
  from,
  to,
  weight,
  reason: {
    rule: RULES.order,
    kind: 'fact',
    from: null,
    to: null,
    people: [],
    position: null,
    thing: null,
  },
});

class PresentGraph {
  private readonly graph: Graph;
  /** Part of each activity, by its slot's id. */
  private readonly partOf: ReadonlyMap<string, TimedPart>;
  /** Where an activity is that has happened or has begun. */
  private readonly facts = new Map<number, number>();

  constructor(
    input: LineupInput,
    private readonly parts: readonly TimedPart[],
    private readonly now: number,
    floor: number,
  ) {
    this.partOf = new Map(parts.map((part) => [part.net.slot.id, part]));
    const slots = parts.map((part) => part.net.slot);
    this.graph = buildGraph(
      { ...input, arrival: floor, slots },
      parts.map((part) => part.net),
    );
  }

  private workOf({ slot, task }: Activity): Work | undefined {
    return task ? this.partOf.get(slot.id)?.fixed.get(task.id) : undefined;
  }

  /** Blocks that are over or on, work that has begun, and equipment that is in hand. */
  private findFacts(): void {
    this.facts.set(ORIGIN, 0);
    this.graph.activities.forEach((activity, number) => {
      const part = this.partOf.get(activity.slot.id);
      if (!part) return;
      const { kind } = activity;
      const work = this.workOf(activity);
      if (kind === 'block' && part.start !== null) this.facts.set(number, part.start);
      else if (work) this.facts.set(number, work.start);
      else if (kind === 'take') {
        const begun = [...part.fixed.values()].map(({ start }) => start);
        if (part.inHand !== null) begun.push(part.inHand);
        if (begun.length > 0) this.facts.set(number, Math.min(...begun));
      }
    });
    this.giveBack();
  }

  /**
   * A slot that has its things already, and comes after one that needs them, gives them back: the last one
   * first.
   */
  private giveBack(): void {
    for (const { owned, uses } of this.graph.shared)
      uses.forEach((user, i) => {
        if (this.facts.has(user.take)) return;
        const later = uses.slice(i + 1).filter(({ take }) => this.facts.has(take));
        let taken = later.reduce((sum, { amount }) => sum + amount, user.amount);
        for (const { take, amount } of later.reverse()) {
          if (taken <= owned) break;
          this.facts.delete(take);
          taken -= amount;
        }
      });
  }

  /**
   * What asks something of the past is dropped: it can’t be changed, whatever the rules say. Only how long
   * a thing keeps still binds what uses it.
   */
  private edges(): Edge[] {
    const { facts, graph, parts } = this;
    const open = this.ownPlace().filter(
      ({ from, to, reason }) => !facts.has(to) || (!facts.has(from) && reason.kind === 'window'),
    );
    const pins = [...facts]
      .filter(([activity]) => activity !== ORIGIN)
      .flatMap(([activity, at]) => [
        factEdge(ORIGIN, activity, at),
        factEdge(activity, ORIGIN, -at),
      ]);
    const notBefore = graph.blocks.flatMap((block, i): Edge[] =>
      facts.has(block) ? [] : [factEdge(ORIGIN, block, parts[i]?.earliest ?? this.now)],
    );
    const waiting = graph.activities.flatMap(({ slot, task }, number): Edge[] =>
      task && this.partOf.get(slot.id)?.waiting.has(task.id) && !facts.has(number)
        ? [factEdge(ORIGIN, number, this.now)]
        : [],
    );
    return [...open, ...pins, ...notBefore, ...waiting];
  }

  /**
   * The rest of what is on has the position already: its own slot does not wait for what follows its first
   * steps there, but who comes after it does.
   */
  private ownPlace(): Edge[] {
    const { activities, blocks, edges } = this.graph;
    const isHandover = (activity: number): boolean => activities[activity]?.kind === 'handover';
    const rest = this.parts.findIndex(({ kind, inHand }) => kind === 'toCome' && inHand !== null);
    const id = this.parts[rest]?.id;
    const own = activities.findIndex(({ kind, slot }) => kind === 'handover' && slot.id === id);
    const block = blocks[rest];
    const before = blocks[rest - 1];
    const fromOn = edges.some(({ from, to }) => to === own && from === before);
    if (block === undefined || own < 0 || !fromOn) return edges;
    const next = edges.find(({ from, to }) => from === block && isHandover(to));
    return edges.flatMap((edge): Edge[] => {
      if (edge.from === own) return [];
      if (edge.to !== own) return [edge];
      return next ? [{ ...edge, to: next.to }] : [];
    });
  }

  /** Who has what is under way keeps it until it is done; nobody is wanted for what is over. */
  private assignments(): Assignment[] {
    const { graph, now } = this;
    const running = new Map<number, number>();
    const busy = new Set<string>();
    const kept = graph.assignments.flatMap((assignment): Assignment[] => {
      const activity = graph.activities[assignment.activity];
      const start = this.facts.get(assignment.activity);
      if (!activity || start === undefined) return [assignment];
      const from = Math.max(assignment.offset, now - start);
      const left = assignment.offset + assignment.duration - from;
      if (left < 0 || start + assignment.offset + assignment.duration < now) return [];
      const rest = { ...assignment, offset: from, duration: left };
      const work = this.workOf(activity);
      if (!work) return [rest];
      const place = running.get(assignment.activity) ?? 0;
      running.set(assignment.activity, place + 1);
      const person = work.people[place];
      // Nobody does two things at once: of two that are taken to be under way, the first is theirs.
      if (person === undefined || busy.has(person)) return [];
      busy.add(person);
      return [{ ...rest, people: [person] }];
    });
    return kept
      .flatMap((assignment): Assignment[] => {
        const activity = graph.activities[assignment.activity];
        const isOn = activity?.kind === 'block' && this.facts.has(assignment.activity);
        if (!isOn) return [assignment];
        const people = assignment.people.filter((person) => !busy.has(person));
        return people.length > 0 ? [{ ...assignment, people }] : [];
      })
      .map((assignment, number) => ({ ...assignment, number }));
  }

  /** More of a thing may be in use than there is, for all that is known; then no more is taken. */
  private shared(): SharedResource[] {
    return this.graph.shared.map((resource) => {
      const taken = resource.uses.filter(({ take }) => this.facts.has(take));
      const most = taken.reduce((sum, { amount }) => sum + amount, 0);
      return { ...resource, owned: Math.max(resource.owned, most) };
    });
  }

  build(): Graph {
    this.findFacts();
    const assignments = this.assignments();
    return {
      ...this.graph,
      edges: this.edges(),
      assignments,
      shared: this.shared(),
      ...byChoice(assignments),
      facts: new Set(this.facts.keys()),
    };
  }
}

/** `now` and `floor` as in `Moment`; each part stands for a slot of its own. */
export const presentGraph = (
  input: LineupInput,
  parts: readonly TimedPart[],
  now: number,
  floor: number,
): Graph => new PresentGraph(input, parts, now, floor).build();

/**
 * The same graph with everybody’s work as they know it: who has it, and in which sequence. What is not
 * theirs in that plan is left open.
 */
export function asPlanned(graph: Graph, known: readonly PlannedWork[]): Graph {
  // A slot’s stretches have names of their own; its work is the same.
  const keyOf = ({ slot, task }: { slot: string; task: string }): TaskKey =>
    taskKey({ slot: slotOfPart(slot), task });
  const byKey = new Map(known.map((work) => [keyOf(work), work]));
  const had = ({ task }: Assignment): PlannedWork | undefined => byKey.get(keyOf(task));
  const free = graph.assignments.filter(
    (assignment) =>
      !graph.facts.has(assignment.activity) &&
      graph.activities[assignment.activity]?.kind !== 'block',
  );
  const taken = new Map<number, string>();
  for (const assignment of free) {
    const beside = free.filter(({ activity }) => activity === assignment.activity);
    const person = had(assignment)?.people[beside.indexOf(assignment)];
    if (person !== undefined && assignment.people.includes(person))
      taken.set(assignment.number, person);
  }
  const turns = [...new Set(taken.values())].flatMap((person) => {
    const mine = free
      .filter(({ number }) => taken.get(number) === person)
      .sort((a, b) => (had(a)?.start ?? 0) - (had(b)?.start ?? 0));
    return mine.slice(1).map((later, i) => before(mine[i] ?? later, later));
  });
  const assignments = graph.assignments.map((assignment) => {
    const person = taken.get(assignment.number);
    return person === undefined ? assignment : { ...assignment, people: [person] };
  });
  return { ...graph, edges: [...graph.edges, ...turns], assignments, ...byChoice(assignments) };
}

/** A piece of work as somebody was told of it. */
export interface PlannedWork {
  slot: string;
  task: string;
  start: number;
  people: readonly string[];
}
