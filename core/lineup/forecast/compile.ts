/**
 * A timeline as a program that can be run many times over: every piece of work is a node, with a time
 * that is drawn, and with what it waits for. Who does what, and in which sequence, is as planned; when
 * it is done follows.
 *
 * Work around the blocks is begun as soon as those who do it and what it needs are free. What keeps only
 * so long is begun when the plan says so by the block that is then on (“when the drum starts, put the can
 * on”), and so comes later when the show runs late; before the show, by the clock.
 */
import { type TimeKey, timeKey } from '../../keys';
import { quantiles, type Shape, shapeOf } from '../../chance/beta';
import { belief } from '../../chance/success';
import { anotherGoParts, goesThatCount } from '../../repertoire/goes';
import type { Estimate, Task } from '../../repertoire/types';
import { buildNetwork, type Network } from '../network';
import { amountUsed, hasInHand, nextKeptWaiting } from '../equipment';
import type { LineupInput, PlacedTask, Timeline } from '../types';
import { expectedTime } from './expected';
import type { Draw, Node, Program, Wait } from './program';
import { reduced } from './reduce';
import { inSequence } from './sequence';
import type { SlotPolicy } from './types';

/** One use of a limited thing, as planned. */
interface User {
  amount: number;
  nodes: number[];
  from: number;
  until: number;
}

/** Tables to draw from, by their shapes: worked out once. */
export type Tables = Map<string, Float64Array>;

/** How a slot’s goes may turn out, from where it is. */
export interface Outcome {
  /** Number of the step after which it is known. */
  after: number;
  /** Goes that are still planned up to there. */
  planned: number;
}

/** A show of which a part has happened, slot by slot as its input has them. */
export interface SoFar {
  nets: readonly Network[];
  outcomes: ReadonlyMap<string, Outcome>;
  /** What has begun: when, and what is known of how long it takes; null for the usual draw. */
  begun: ReadonlyMap<TimeKey, { start: number; time: (usual: Draw) => Draw }>;
  /** How long a task was estimated to take, before anything of it happened. */
  estimateOf: (slot: string, task: string) => Estimate | undefined;
}

const FIXED = (seconds: number): Draw => ({ low: seconds, width: 0, table: null });

class Compiler {
  private readonly nodes: Node[] = [];
  /** Node of each placed task: “slot/task/go/phase”. */
  private readonly numbers = new Map<TimeKey, number>();
  /** From the last step of a go to the further goes after it. */
  private readonly further = new Map<number, number>();
  private readonly blocks: Program['blocks'] = [];
  private readonly windows: Program['windows'] = [];
  /** Nodes that are where they are, whatever they would have waited for. */
  private readonly facts = new Set<number>();

  constructor(
    private readonly input: LineupInput,
    private readonly timeline: Timeline,
    private readonly policies: ReadonlyMap<string, SlotPolicy>,
    private readonly tables: Tables,
    private readonly soFar: SoFar | null,
  ) {}

  /** Of what is drawn; of a chance: that so many all come off, each with it. */
  private tableOf(shape: Shape, together = 1): Float64Array {
    const key = `${shape.alpha.toFixed(6)}/${shape.beta.toFixed(6)}/${together}`;
    const table = this.tables.get(key) ?? quantiles(shape).map((one) => one ** together);
    this.tables.set(key, table);
    return table;
  }

  private drawOf(slot: string, task: Pick<Task, 'id' | 'time'>): Draw {
    const time = this.soFar?.estimateOf(slot, task.id) ?? task.time;
    const { mean, sd, low, high } = expectedTime(this.policies.get(slot), { id: task.id, time });
    const shape = shapeOf(mean, sd, low, high);
    if (!shape) return FIXED(mean);
    return { low, width: high - low, table: this.tableOf(shape) };
  }

  private node(
    planned: number,
    time: Draw,
    of: string | null,
    earliest = -Infinity,
    watched = false,
  ): number {
    return this.nodes.push({ of, watched, planned, earliest, time, waits: [], goes: null }) - 1;
  }

  /** A node for a task; where it is if it has begun. */
  private taskNode(
    key: TimeKey,
    planned: number,
    time: Draw,
    earliest: number,
    watched: boolean,
  ): number {
    const begun = this.soFar?.begun.get(key);
    const node = begun
      ? this.node(begun.start, begun.time(time), key, begun.start, watched)
      : this.node(planned, time, key, earliest, watched);
    if (begun) this.facts.add(node);
    this.numbers.set(key, node);
    return node;
  }

  private outcomeOf(net: Network): Outcome | undefined {
    if (this.soFar) return this.soFar.outcomes.get(net.slot.id);
    return {
      after: net.steps.length - 1 - net.goes.closing.length,
      planned: goesThatCount(net.goes, net.slot.goes),
    };
  }

  private wait(node: number, on: number | undefined, seconds = 0, of: Wait['of'] = 'end'): void {
    if (on !== undefined && on !== node) this.nodes[node]?.waits.push({ node: on, of, seconds });
  }

  private key = (placed: Pick<PlacedTask, 'slot' | 'task' | 'go' | 'phase'>): TimeKey =>
    timeKey(placed, placed.go, placed.phase === 'perform');

  /** The steps of a block in a chain, with room for further goes after the last that belongs to one. */
  private block(net: Network, number: number): void {
    const { slot } = net;
    const start = this.timeline.blocks[number]?.start ?? 0;
    const policy = this.policies.get(slot.id);
    const outcome = this.outcomeOf(net);
    const earliest = this.soFar ? this.input.arrival : 0;
    let before = this.blocks.at(-1)?.last;
    let first = -1;
    net.steps.forEach((step, i) => {
      const key = this.key({ slot: slot.id, task: step.task.id, go: step.go, phase: 'perform' });
      const draw = this.drawOf(slot.id, step.task);
      const node = this.taskNode(key, start + step.start, draw, earliest, true);
      this.wait(node, before);
      before = node;
      if (first < 0) first = node;
      if (i !== outcome?.after || !policy?.record) return;
      const more = this.node(start + step.end, FIXED(0), `${slot.id}/again`, 0, true);
      const { worked, failed } = policy.record;
      this.wait(more, node);
      this.further.set(node, more);
      const target = this.nodes[more];
      if (target)
        target.goes = {
          planned: outcome.planned,
          again: policy.again,
          fallback: policy.fallback,
          chance: this.tableOf(belief(worked, worked + failed), policy.together),
          steps: anotherGoParts(net.goes).map((task) => this.drawOf(slot.id, task)),
          slot: number,
        };
      before = more;
    });
    if (first < 0) {
      // A block without steps is only a moment, for what follows it.
      first = this.node(start, FIXED(0), null, this.soFar ? start : 0);
      if (!this.soFar) this.wait(first, before);
      this.blocks.push({ slot: slot.id, first, last: first });
      return;
    }
    this.blocks.push({ slot: slot.id, first, last: before ?? first });
  }

  private placedOf(slot: string, task: string): PlacedTask | undefined {
    return this.timeline.tasks.find(
      (t) => t.slot === slot && t.task === task && t.phase !== 'perform',
    );
  }

  /** Preparing, settling and clearing, each as soon as people and things are free. */
  private around(net: Network): void {
    for (const task of [...net.before, ...net.following]) {
      const placed = this.placedOf(net.slot.id, task.id);
      if (!placed) continue;
      const keeps = !net.lags.some(({ from, greatest }) => from === task && greatest !== null);
      const byPlan = net.before.includes(task) && !keeps;
      const by = byPlan
        ? this.timeline.blocks.findLastIndex((block) => block.start <= placed.start)
        : -1;
      const earliest = byPlan && by < 0 ? placed.start : this.input.arrival;
      const draw = this.drawOf(net.slot.id, task);
      const node = this.taskNode(this.key(placed), placed.start, draw, earliest, false);
      const [anchor, planned] = [this.blocks[by], this.timeline.blocks[by]];
      if (anchor && planned) this.wait(node, anchor.first, placed.start - planned.start, 'start');
    }
  }

  private nodeOf(net: Network, task: Task, end: 'first' | 'last'): number | undefined {
    const of = { slot: net.slot.id, task: task.id };
    if (task.phase !== 'perform') return this.numbers.get(timeKey(of, 1, false));
    const isIt = (step: Network['steps'][number]): boolean => step.task === task;
    const step = end === 'first' ? net.steps.find(isIt) : net.steps.findLast(isIt);
    return step && this.numbers.get(timeKey(of, step.go, true));
  }

  /** Lags within a slot; what leads up to a block; what follows it. */
  private within(net: Network, number: number): void {
    const { slot } = net;
    const block = this.blocks[number];
    if (!block) return;
    for (const { from, to, least, greatest } of net.lags) {
      const a = this.nodeOf(net, from, 'last');
      const b = this.nodeOf(net, to, 'first');
      if (a === undefined || b === undefined) continue;
      if ((from.phase !== 'perform' || to.phase !== 'perform') && this.isBefore(a, b))
        this.wait(b, a, least);
      if (greatest !== null && from.phase !== 'perform')
        this.windows.push({
          slot: slot.id,
          task: to.id,
          after: from.id,
          from: a,
          to: b,
          greatest,
        });
    }
    for (const task of net.before)
      if (net.endByBlock.has(task.id)) {
        const lead = slot.leads.find((wanted) => wanted.task === task.id)?.seconds ?? 0;
        this.wait(block.first, this.nodeOf(net, task, 'first'), lead);
      }
    for (const task of net.following) {
      const node = this.nodeOf(net, task, 'first');
      const led = net.lags.some((lag) => lag.to === task && !net.before.includes(lag.from));
      if (node !== undefined && !led) this.wait(node, block.last);
    }
  }

  private isBefore = (a: number, b: number): boolean =>
    (this.nodes[a]?.planned ?? 0) <= (this.nodes[b]?.planned ?? 0);

  /** One after the other, with a moment in between, so that many need not each wait for many. */
  private handOver(earlier: readonly number[], later: readonly number[]): void {
    const planned = Math.min(...later.map((n) => this.nodes[n]?.planned ?? 0));
    const moment = this.node(planned, FIXED(0), null);
    for (const node of earlier) this.wait(moment, node);
    for (const node of later) this.wait(node, moment);
  }

  /** Nodes of a slot, its block included, that fulfil something; the block stands for its steps. */
  private nodesOf(net: Network, number: number, wanted: (task: Task) => boolean): number[] {
    const block = this.blocks[number];
    const around = [...net.before, ...net.following]
      .filter(wanted)
      .flatMap((task) => this.nodeOf(net, task, 'first') ?? []);
    return block ? [block.first, block.last, ...around] : around;
  }

  /** When, as planned, a slot has its things. */
  private spanOf(
    net: Network,
    number: number,
    holds: (task: Task) => boolean,
  ): { from: number; until: number } {
    const block = this.timeline.blocks[number];
    const mine = this.timeline.tasks.filter(
      (t) =>
        t.slot === net.slot.id &&
        t.phase !== 'perform' &&
        net.slot.tasks.some((task) => task.id === t.task && holds(task)),
    );
    return {
      from: Math.min(block?.start ?? 0, ...mine.map((t) => t.start)),
      until: Math.max(block?.end ?? 0, ...mine.map((t) => t.end)),
    };
  }

  /** Positions, limited equipment and residues: whose turn it is, as planned. */
  private turns(nets: readonly Network[]): void {
    const { input } = this;
    for (const position of input.positions) {
      let held: number[] | null = null;
      nets.forEach((net, i) => {
        if (net.slot.positionId !== position.id) return;
        const mine = this.nodesOf(net, i, (task) => task.place === 'stage');
        if (held) this.handOver(held, mine);
        held = mine;
      });
    }
    for (const { id, owned } of input.equipment) {
      const users = nets.flatMap((net, i): User[] => {
        const amount = amountUsed(net.slot, id);
        const holds = (task: Task): boolean => hasInHand(net.slot, task, net.before.includes(task));
        const nodes = this.nodesOf(net, i, holds);
        return amount > 0 ? [{ amount, nodes, ...this.spanOf(net, i, holds) }] : [];
      });
      users.forEach((user, j) => {
        const others = users.slice(0, j);
        // All the earlier ones might still have theirs; those that are back first make the room.
        let used = others.reduce((sum, other) => sum + other.amount, user.amount);
        for (const back of others
          .filter((other) => other.until <= user.from)
          .sort((x, y) => x.until - y.until)) {
          if (used <= owned) break;
          used -= back.amount;
          this.handOver(back.nodes, user.nodes);
        }
      });
    }
    const slots = nets.map((net) => net.slot);
    slots.forEach((slot, i) => {
      for (const left of slot.leaves) {
        const block = this.blocks[nextKeptWaiting(slots, i, left)];
        if (!block) continue;
        const clearing =
          left.task === null
            ? undefined
            : this.numbers.get(timeKey({ slot: slot.id, task: left.task }, 1, false));
        if (clearing !== undefined) this.wait(block.first, clearing);
        else this.wait(block.first, this.blocks[i]?.last, left.seconds);
      }
    });
  }

  /** Everybody does their work in the planned sequence. */
  private people(): void {
    for (const person of this.input.crew) {
      let before: { node: number; block: string | null } | null = null;
      for (const placed of this.timeline.tasks) {
        if (!placed.people.includes(person.id) || placed.end === placed.start) continue;
        const node = this.numbers.get(this.key(placed));
        if (node === undefined) continue;
        const block = placed.phase === 'perform' ? placed.slot : null;
        // Steps of one block follow one another anyway.
        if (before && (block === null || before.block !== block)) {
          this.wait(node, before.node);
          // Further goes keep the same people.
          this.wait(node, this.further.get(before.node));
        }
        before = { node, block };
      }
    }
  }

  compile(): Program {
    const nets = this.soFar?.nets ?? this.input.slots.map(buildNetwork);
    nets.forEach((net, i) => this.block(net, i));
    nets.forEach((net) => this.around(net));
    nets.forEach((net, i) => this.within(net, i));
    this.turns(nets);
    this.people();
    for (const number of this.facts) {
      const node = this.nodes[number];
      if (node) node.waits = [];
    }
    const order = inSequence(this.nodes);
    const place = new Map(order.map((node, i) => [node, i]));
    const at = (node: number): number => place.get(node) ?? 0;
    return {
      nodes: order.map((number): Node => {
        const node = this.nodes[number];
        if (!node) throw new Error('Every number in the sequence is a node');
        return { ...node, waits: node.waits.map((wait) => ({ ...wait, node: at(wait.node) })) };
      }),
      blocks: this.blocks.map((b) => ({ ...b, first: at(b.first), last: at(b.last) })),
      windows: this.windows.map((w) => ({ ...w, from: at(w.from), to: at(w.to) })),
      slots: nets.length,
    };
  }
}

/**
 * Slots without a policy can't fail and are never left out. Tables are handed on from one order of a show
 * to the next. Of a show that is on, `soFar` says what has happened.
 */
export const compile = (
  input: LineupInput,
  timeline: Timeline,
  policies: ReadonlyMap<string, SlotPolicy>,
  tables: Tables = new Map(),
  soFar: SoFar | null = null,
): Program => reduced(new Compiler(input, timeline, policies, tables, soFar).compile());
