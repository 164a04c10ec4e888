/**
 * A running order as a graph of starts: every demand of the rules that orders two things in time is
 * an edge “this one starts at least so many seconds after that one”. What is left open, who does a
 * task and which of two goes first, is for the search.
 */
import type { Task } from '../repertoire/types';
import { type Lag, type Network, buildNetwork } from './network';
import { candidatesFor } from './people';
import { amountUsed, hasInHand, nextKeptWaiting } from './things';
import { type LineupInput, type PlanSlot, RULES, type RuleNumber, type TaskRef } from './types';

/**
 * Something with one start: a slot's whole block, a task around it, a position changing hands, or
 * limited equipment being taken or given back.
 */
export interface Act {
  slot: PlanSlot;
  /** Null for the block. */
  task: Task | null;
  duration: number;
  kind: 'start' | 'block' | 'before' | 'following' | 'handover' | 'take' | 'give';
}

/** What an edge stands for, so that a wait can be explained by it. */
export interface Why {
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
    | 'residue';
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
  why: Why;
}

/** One hand wanted for a time: part of an act, at an offset from its start. */
export interface Seat {
  /** Its place among the graph's seats. */
  number: number;
  act: number;
  task: TaskRef;
  go: number;
  offset: number;
  duration: number;
  /** Who may take it, the most suitable first. */
  people: readonly string[];
}

/** A slot that uses a limited thing, by the acts between which it has it. */
export interface User {
  amount: number;
  take: number;
  give: number;
}

/** Limited equipment, and who uses it in running order. */
export interface Shared {
  item: string;
  owned: number;
  users: User[];
}

export interface Graph {
  input: LineupInput;
  nets: Network[];
  acts: Act[];
  /** Act number of each slot's block, in running order. */
  blocks: number[];
  edges: Edge[];
  seats: Seat[];
  shared: Shared[];
  /** Numbers of the seats that one person only may take, and of those with a choice. */
  seatsOfOne: number[];
  seatsOfMany: number[];
}

/** Act 0 is the show's start, at 0. */
export const ORIGIN = 0;

const ref = (slot: PlanSlot, task: Task | null): TaskRef | null =>
  task && { slot: slot.id, task: task.id };

class Builder {
  readonly acts: Act[] = [];
  readonly edges: Edge[] = [];
  readonly seats: Seat[] = [];
  readonly blocks: number[] = [];
  /** Acts of tasks by slot and task; perform steps are in their block. */
  private readonly numbers = new Map<string, number>();

  constructor(private readonly input: LineupInput) {}

  act(slot: PlanSlot, task: Task | null, duration: number, kind: Act['kind']): number {
    const number = this.acts.push({ slot, task, duration, kind }) - 1;
    if (task) this.numbers.set(`${slot.id}/${task.id}`, number);
    return number;
  }

  edge(
    from: number,
    to: number,
    weight: number,
    why: Partial<Why> & Pick<Why, 'rule' | 'kind'>,
  ): void {
    const end = (number: number): TaskRef | null => {
      const act = this.acts[number];
      return act && act.kind !== 'start' ? ref(act.slot, act.task) : null;
    };
    const whole = { from: end(from), to: end(to), people: [], position: null, thing: null, ...why };
    this.edges.push({ from, to, weight, why: whole });
  }

  /** Every hand that a task wants, at its place in the act. */
  seat(act: number, slot: PlanSlot, task: Task, go: number, offset: number): void {
    for (const { people, count } of candidatesFor(this.input, slot, task))
      for (let i = 0; i < Math.min(count, people.length); i++)
        this.seats.push({
          number: this.seats.length,
          act,
          task: { slot: slot.id, task: task.id },
          go,
          offset,
          duration: task.time.likely,
          people: people.map(({ id }) => id),
        });
  }

  /** Where a task stands: its act, and its offset within it at the given end. */
  place(
    net: Network,
    block: number,
    task: Task,
    end: 'start' | 'end',
  ): [act: number, offset: number] {
    if (task.phase !== 'perform') {
      const number = this.numbers.get(`${net.slot.id}/${task.id}`) ?? block;
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
    const block = this.act(slot, null, net.blockLength, 'block');
    const length = this.acts[previous]?.duration ?? 0;
    this.edge(previous, block, length, { rule: RULES.order, kind: 'order' });
    for (const step of net.steps) this.seat(block, slot, step.task, step.go, step.start);
    for (const task of [...net.before, ...net.following]) {
      const kind = net.before.includes(task) ? 'before' : 'following';
      const number = this.act(slot, task, task.time.likely, kind);
      this.seat(number, slot, task, 1, 0);
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
          left.task === null ? undefined : this.numbers.get(`${slot.id}/${left.task}`);
        const from = clearing ?? this.blocks[i] ?? ORIGIN;
        const length =
          clearing === undefined ? blockLength + left.seconds : (this.acts[from]?.duration ?? 0);
        this.edge(from, to, length, { rule: RULES.residue, kind: 'residue', thing: left.kind });
      }
    });
  }

  /**
   * Limited equipment is a slot's from its first work to its last reset. Two that can't have it at
   * once have it one after the other, as their blocks come; more is left to the search.
   */
  equipment(nets: readonly Network[]): Shared[] {
    return this.input.equipment.map(({ id, owned }): Shared => {
      const why = { rule: RULES.equipment, thing: id };
      const users = nets.flatMap((net, i): User[] => {
        const { slot } = net;
        const amount = amountUsed(slot, id);
        if (amount === 0) return [];
        const take = this.act(slot, null, 0, 'take');
        const give = this.act(slot, null, 0, 'give');
        this.edge(ORIGIN, take, this.input.arrival, { rule: RULES.arrival, kind: 'arrival' });
        this.acts.forEach((act, number) => {
          const held =
            this.blocks[i] === number ||
            (act.task !== null && hasInHand(slot, act.task, act.kind === 'before'));
          if (act.slot !== slot || !held) return;
          this.edge(take, number, 0, { ...why, kind: 'hold' });
          this.edge(number, give, act.duration, { ...why, kind: 'hold' });
        });
        return [{ amount, take, give }];
      });
      users.forEach((later, j) =>
        users.slice(0, j).forEach((earlier) => {
          if (earlier.amount + later.amount > owned)
            this.edge(earlier.give, later.take, 0, { ...why, kind: 'equipment' });
        }),
      );
      return { item: id, owned, users };
    });
  }

  /** A position is one slot's from its first work there to its last. */
  positions(nets: readonly Network[]): void {
    const holders = new Map<string, number[]>();
    nets.forEach((net, i) => {
      const { positionId } = net.slot;
      if (positionId === null) return;
      const block = this.blocks[i] ?? 0;
      const mine = this.acts.flatMap((act, number) =>
        act.slot === net.slot && (number === block || act.task?.place === 'stage') ? [number] : [],
      );
      const held = holders.get(positionId);
      holders.set(positionId, mine);
      if (!held) return;
      // One act for the moment it changes hands, instead of an edge from each task to each other.
      const handover = this.act(net.slot, null, 0, 'handover');
      const why = { rule: RULES.position, kind: 'position' as const, position: positionId };
      for (const act of held) this.edge(act, handover, this.acts[act]?.duration ?? 0, why);
      for (const act of mine) this.edge(handover, act, 0, why);
    });
  }
}

/** Builds the graph of slots whose impossible demands have been left out by `findFaults`. */
export function buildGraph(input: LineupInput, nets = input.slots.map(buildNetwork)): Graph {
  const builder = new Builder(input);
  const nobody: PlanSlot = {
    id: '',
    name: '',
    performerId: null,
    positionId: null,
    goes: 1,
    pinned: false,
    tasks: [],
    uses: [],
    leaves: [],
    forbids: [],
    leads: [],
  };
  builder.act(nobody, null, 0, 'start');
  nets.reduce((previous, net) => builder.slot(net, previous), ORIGIN);
  builder.positions(nets);
  builder.residues(nets);
  const shared = builder.equipment(nets);
  const { acts, blocks, edges, seats } = builder;
  const numbers = (wanted: (seat: Seat) => boolean): number[] =>
    seats.flatMap((seat, i) => (wanted(seat) ? [i] : []));
  return {
    input,
    nets,
    acts,
    blocks,
    edges,
    seats,
    shared,
    seatsOfOne: numbers((seat) => seat.people.length === 1),
    seatsOfMany: numbers((seat) => seat.people.length > 1),
  };
}
