/**
 * A running order as a graph of starts: every demand of the rules that orders two things in time is
 * an edge “this one starts at least so many seconds after that one”. What is left open, who does a
 * task and which of two goes first, is for the search.
 */
import { type TaskKey, taskKey } from '../keys';
import { emptySlot } from './emptySlot';
import type { Task } from '../repertoire/types';
import { type Lag, type Network, buildNetwork } from './network';
import { candidatesFor } from './people';
import { amountUsed, hasInHand, nextKeptWaiting } from './equipment';
import { type LineupInput, type PlanSlot, RULES, type RuleNumber, type TaskRef } from './types';

/**
 * Something with one start: a slot's whole block, a task around it, a position changing hands, or
 * limited equipment being taken or given back.
 */
export interface Activity {
  slot: PlanSlot;
  /** Null for the block. */
  task: Task | null;
  duration: number;
  kind: 'start' | 'block' | 'before' | 'following' | 'handover' | 'take' | 'give';
}

/** What an edge stands for, so that a wait can be explained by it. */
export interface ConstraintReason {
  rule: RuleNumber;
  kind:
    | 'order'
    | 'arrival'
    | 'prepare'
    | 'lead'
    | 'lag'
    | 'window'
    | 'position'
    | 'person'
    | 'hold'
    | 'equipment'
    | 'residue'
    /** It is so already, or it is too late for anything earlier. */
    | 'fact';
  /** The tasks at both ends; null where the whole block is meant. */
  from: TaskRef | null;
  to: TaskRef | null;
  people: string[];
  position: string | null;
  /** Limited equipment, or a kind of residue. */
  thing: string | null;
}

/** start(to) ≥ start(from) + weight. */
export interface Edge {
  from: number;
  to: number;
  weight: number;
  reason: ConstraintReason;
}

/** One hand wanted for a time: part of an activity, at an offset from its start. */
export interface Assignment {
  /** Its place among the graph's assignments. */
  number: number;
  activity: number;
  task: TaskRef;
  go: number;
  offset: number;
  duration: number;
  /** Who may take it, the most suitable first. */
  people: readonly string[];
}

/** A slot that uses a limited thing, by the activities between which it has it. */
export interface ResourceUse {
  amount: number;
  take: number;
  give: number;
}

/** Limited equipment, and who uses it in running order. */
export interface SharedResource {
  item: string;
  owned: number;
  uses: ResourceUse[];
}

export interface Graph {
  input: LineupInput;
  nets: Network[];
  activities: Activity[];
  /** Activity number of each slot's block, in running order. */
  blocks: number[];
  edges: Edge[];
  assignments: Assignment[];
  shared: SharedResource[];
  /** Numbers of the assignments that one person only may take, and of those with a choice. */
  fixedAssignments: number[];
  openAssignments: number[];
  /** Activities that have happened, or have begun: they are where they are. */
  facts: ReadonlySet<number>;
}

/** Numbers of the assignments that one person only may take, and of those with a choice. */
export const byChoice = (
  assignments: readonly Assignment[],
): Pick<Graph, 'fixedAssignments' | 'openAssignments'> => {
  const numbers = (wanted: (assignment: Assignment) => boolean): number[] =>
    assignments.flatMap((assignment, i) => (wanted(assignment) ? [i] : []));
  return {
    fixedAssignments: numbers((assignment) => assignment.people.length === 1),
    openAssignments: numbers((assignment) => assignment.people.length > 1),
  };
};

/** Activity 0 is the show's start, at 0. */
export const ORIGIN = 0;

const ref = (slot: PlanSlot, task: Task | null): TaskRef | null =>
  task && { slot: slot.id, task: task.id };

class Builder {
  readonly activities: Activity[] = [];
  readonly edges: Edge[] = [];
  readonly assignments: Assignment[] = [];
  readonly blocks: number[] = [];
  /** Activities of tasks by slot and task; perform steps are in their block. */
  private readonly numbers = new Map<TaskKey, number>();

  constructor(private readonly input: LineupInput) {}

  activity(slot: PlanSlot, task: Task | null, duration: number, kind: Activity['kind']): number {
    const number = this.activities.push({ slot, task, duration, kind }) - 1;
    if (task) this.numbers.set(taskKey({ slot: slot.id, task: task.id }), number);
    return number;
  }

  edge(
    from: number,
    to: number,
    weight: number,
    reason: Partial<ConstraintReason> & Pick<ConstraintReason, 'rule' | 'kind'>,
  ): void {
    const end = (number: number): TaskRef | null => {
      const activity = this.activities[number];
      return activity && activity.kind !== 'start' ? ref(activity.slot, activity.task) : null;
    };
    const whole = {
      from: end(from),
      to: end(to),
      people: [],
      position: null,
      thing: null,
      ...reason,
    };
    this.edges.push({ from, to, weight, reason: whole });
  }

  /** Every hand that a task wants, at its place in the activity. */
  assignment(activity: number, slot: PlanSlot, task: Task, go: number, offset: number): void {
    for (const { people, count } of candidatesFor(this.input, slot, task))
      for (let i = 0; i < Math.min(count, people.length); i++)
        this.assignments.push({
          number: this.assignments.length,
          activity,
          task: { slot: slot.id, task: task.id },
          go,
          offset,
          duration: task.time.likely,
          people: people.map(({ id }) => id),
        });
  }

  /** Where a task stands: its activity, and its offset within it at the given end. */
  place(
    net: Network,
    block: number,
    task: Task,
    end: 'start' | 'end',
  ): [activity: number, offset: number] {
    if (task.phase !== 'perform') {
      const number = this.numbers.get(taskKey({ slot: net.slot.id, task: task.id })) ?? block;
      return [number, end === 'start' ? 0 : task.time.likely];
    }
    const steps = net.steps.filter((step) => step.task === task);
    return [block, (end === 'start' ? steps[0]?.start : steps.at(-1)?.end) ?? 0];
  }

  lag(net: Network, block: number, { from, to, least, greatest }: Lag): void {
    if (from.phase === 'perform' && to.phase === 'perform') return;
    const [a, leaves] = this.place(net, block, from, 'end');
    const [b, arrives] = this.place(net, block, to, 'start');
    const ends = { from: ref(net.slot, from), to: ref(net.slot, to), rule: RULES.lag };
    this.edge(a, b, leaves + least - arrives, { ...ends, kind: 'lag' });
    if (greatest === null) return;
    const back = { from: ends.to, to: ends.from, rule: RULES.lag };
    this.edge(b, a, arrives - leaves - greatest, { ...back, kind: 'window' });
  }

  slot(net: Network, previous: number): number {
    const { slot } = net;
    const block = this.activity(slot, null, net.blockLength, 'block');
    const length = this.activities[previous]?.duration ?? 0;
    this.edge(previous, block, length, { rule: RULES.order, kind: 'order' });
    for (const step of net.steps) this.assignment(block, slot, step.task, step.go, step.start);
    for (const task of [...net.before, ...net.following]) {
      const kind = net.before.includes(task) ? 'before' : 'following';
      const number = this.activity(slot, task, task.time.likely, kind);
      this.assignment(number, slot, task, 1, 0);
      this.edge(ORIGIN, number, this.input.arrival, { rule: RULES.arrival, kind: 'arrival' });
      const lead = slot.leads.find((wanted) => wanted.task === task.id);
      if (lead && kind === 'before')
        this.edge(number, block, task.time.likely + lead.seconds, {
          rule: RULES.late,
          kind: 'lead',
        });
      if (kind === 'before') {
        // What leads into the middle of the block has its own lags, but ends within the block.
        const by = net.endByBlock.has(task.id) ? 0 : net.blockLength;
        this.edge(number, block, task.time.likely - by, { rule: RULES.lag, kind: 'prepare' });
      } else if (!net.lags.some((lag) => lag.to === task && !net.before.includes(lag.from)))
        this.edge(block, number, net.blockLength, { rule: RULES.order, kind: 'order' });
    }
    for (const lag of net.lags) this.lag(net, block, lag);
    this.blocks.push(block);
    return block;
  }

  /** What a slot leaves has gone, or is cleared, before the next block that forbids it. */
  residues(nets: readonly Network[]): void {
    const slots = nets.map((net) => net.slot);
    nets.forEach(({ slot, blockLength }, i) => {
      for (const left of slot.leaves) {
        const to = this.blocks[nextKeptWaiting(slots, i, left)];
        if (to === undefined) continue;
        const clearing =
          left.task === null
            ? undefined
            : this.numbers.get(taskKey({ slot: slot.id, task: left.task }));
        const from = clearing ?? this.blocks[i] ?? ORIGIN;
        const length =
          clearing === undefined
            ? blockLength + left.seconds
            : (this.activities[from]?.duration ?? 0);
        this.edge(from, to, length, { rule: RULES.residue, kind: 'residue', thing: left.kind });
      }
    });
  }

  /**
   * Limited equipment is a slot's from its first work to its last reset. Two that can't have it at
   * once have it one after the other, as their blocks come; more is left to the search.
   */
  equipment(nets: readonly Network[]): SharedResource[] {
    return this.input.equipment.map(({ id, owned }): SharedResource => {
      const reason = { rule: RULES.equipment, thing: id };
      const uses = nets.flatMap((net, i): ResourceUse[] => {
        const { slot } = net;
        const amount = amountUsed(slot, id);
        if (amount === 0) return [];
        const take = this.activity(slot, null, 0, 'take');
        const give = this.activity(slot, null, 0, 'give');
        this.edge(ORIGIN, take, this.input.arrival, { rule: RULES.arrival, kind: 'arrival' });
        this.activities.forEach((activity, number) => {
          const held =
            this.blocks[i] === number ||
            (activity.task !== null && hasInHand(slot, activity.task, activity.kind === 'before'));
          if (activity.slot !== slot || !held) return;
          this.edge(take, number, 0, { ...reason, kind: 'hold' });
          this.edge(number, give, activity.duration, { ...reason, kind: 'hold' });
        });
        return [{ amount, take, give }];
      });
      uses.forEach((later, j) =>
        uses.slice(0, j).forEach((earlier) => {
          if (earlier.amount + later.amount > owned)
            this.edge(earlier.give, later.take, 0, { ...reason, kind: 'equipment' });
        }),
      );
      return { item: id, owned, uses };
    });
  }

  /** A position is one slot's from its first work there to its last. */
  positions(nets: readonly Network[]): void {
    const holders = new Map<string, number[]>();
    nets.forEach((net, i) => {
      const { positionId } = net.slot;
      if (positionId === null) return;
      const block = this.blocks[i] ?? 0;
      const mine = this.activities.flatMap((activity, number) =>
        activity.slot === net.slot && (number === block || activity.task?.place === 'stage')
          ? [number]
          : [],
      );
      const held = holders.get(positionId);
      holders.set(positionId, mine);
      if (!held) return;
      // One activity for the moment it changes hands, instead of an edge from each task to each other.
      const handover = this.activity(net.slot, null, 0, 'handover');
      const reason = { rule: RULES.position, kind: 'position' as const, position: positionId };
      for (const activity of held)
        this.edge(activity, handover, this.activities[activity]?.duration ?? 0, reason);
      for (const activity of mine) this.edge(handover, activity, 0, reason);
    });
  }
}

/** “This assignment ends before that one begins.” */
export function before(first: Assignment, second: Assignment): Edge {
  return {
    from: first.activity,
    to: second.activity,
    weight: first.offset + first.duration - second.offset,
    reason: {
      rule: RULES.person,
      kind: 'person',
      from: first.task,
      to: second.task,
      people: first.people.filter((id) => second.people.includes(id)),
      position: null,
      thing: null,
    },
  };
}

/** Builds the graph of slots whose impossible demands have been left out by `findFaults`. */
export function buildGraph(input: LineupInput, nets = input.slots.map(buildNetwork)): Graph {
  const builder = new Builder(input);
  const nobody = emptySlot();
  builder.activity(nobody, null, 0, 'start');
  nets.reduce((previous, net) => builder.slot(net, previous), ORIGIN);
  builder.positions(nets);
  builder.residues(nets);
  const shared = builder.equipment(nets);
  const { activities, blocks, edges, assignments } = builder;
  return {
    input,
    nets,
    activities,
    blocks,
    edges,
    assignments,
    shared,
    ...byChoice(assignments),
    facts: new Set(),
  };
}
