/** Runs a program many times. Everything is in flat arrays: this is the inner loop of the forecast. */
import { CELLS } from '../../chance/beta';
import type { Random } from '../../chance/random';
import type { Draw, Goes, Program } from './program';

/** What came of all runs: counts by the second, and sums. */
export interface Counts {
  runs: number;
  /** Of each slot's start, and of the end: how many runs had it in each second of the show. */
  starts: Uint32Array[];
  ends: Uint32Array;
  /** Runs in which a slot worked at last. */
  worked: Uint32Array;
  /** Runs in which a window was missed. */
  missed: Uint32Array;
  /** Sums over runs of the end, its square, each block's length, and its product with the end. */
  sumEnd: number;
  sumEnd2: number;
  sumLength: Float64Array;
  sumLengthEnd: Float64Array;
  /** Sum over runs of what further goes took. */
  sumAgain: number;
  /** Random numbers that were drawn. */
  drawn: number;
}

const NO_TABLE = -1;

class Runner {
  private readonly count: number;
  private readonly earliest: Float64Array;
  private readonly low: Float64Array;
  /** Where a node's table begins in `values`, or −1. */
  private readonly tableAt: Int32Array;
  private readonly width: Float64Array;
  private readonly values: Float64Array;
  /** Waits of node i are those from waitsFrom[i] up to, but not, waitsFrom[i + 1]. */
  private readonly waitsFrom: Int32Array;
  /** 2·node for its start, 2·node + 1 for its end. */
  private readonly waitOn: Int32Array;
  private readonly waitFor: Float64Array;
  private readonly goes: (Goes | null)[];
  private readonly hasGoes: Uint8Array;
  /** Start and end of every node in the present run. */
  private readonly times: Float64Array;
  private readonly block: Int32Array;
  private readonly lengths: Float64Array;
  private readonly useOf: Int32Array;
  private readonly readyOf: Int32Array;
  /** Greatest lags; half a second more, since times are told in whole ones. */
  private readonly keeps: Float64Array;
  private drawn = 0;
  private again = 0;

  constructor(private readonly program: Program) {
    const { nodes } = program;
    const n = nodes.length;
    this.count = n;
    this.earliest = Float64Array.from(nodes, (node) => node.earliest);
    this.low = Float64Array.from(nodes, (node) => node.time.low);
    this.width = Float64Array.from(nodes, (node) => node.time.width);
    const tables = [...new Set(nodes.flatMap((node) => node.time.table ?? []))];
    this.values = new Float64Array(tables.length * (CELLS + 1));
    tables.forEach((table, i) => this.values.set(table, i * (CELLS + 1)));
    this.tableAt = Int32Array.from(nodes, ({ time }) =>
      time.table ? tables.indexOf(time.table) * (CELLS + 1) : NO_TABLE,
    );
    this.waitsFrom = new Int32Array(n + 1);
    nodes.forEach(
      (node, i) => (this.waitsFrom[i + 1] = (this.waitsFrom[i] ?? 0) + node.waits.length),
    );
    const waits = nodes.flatMap((node) => node.waits);
    this.waitOn = Int32Array.from(waits, (wait) => 2 * wait.node + (wait.of === 'end' ? 1 : 0));
    this.waitFor = Float64Array.from(waits, (wait) => wait.seconds);
    this.goes = nodes.map((node) => node.goes);
    this.hasGoes = Uint8Array.from(nodes, (node) => (node.goes ? 1 : 0));
    this.times = new Float64Array(2 * n);
    this.block = Int32Array.from(
      program.blocks.flatMap(({ first, last }) => [2 * first, 2 * last + 1]),
    );
    this.lengths = new Float64Array(program.blocks.length);
    this.useOf = Int32Array.from(program.windows, (w) => 2 * w.to);
    this.readyOf = Int32Array.from(program.windows, (w) => 2 * w.from + 1);
    this.keeps = Float64Array.from(program.windows, (w) => w.greatest + 0.5);
  }

  /** Times when everything takes as long as it can: no run ends later. */
  private longest(): number {
    const { nodes } = this.program;
    const times = this.times;
    let latest = 0;
    nodes.forEach((node, i) => {
      let start = node.earliest;
      for (const wait of node.waits)
        start = Math.max(
          start,
          (times[2 * wait.node + (wait.of === 'end' ? 1 : 0)] ?? 0) + wait.seconds,
        );
      const most = (draw: Draw): number => draw.low + draw.width;
      const more = node.goes
        ? node.goes.again * node.goes.steps.reduce((sum, step) => sum + most(step), 0) +
          node.goes.fallback
        : 0;
      times[2 * i] = start;
      times[2 * i + 1] = start + most(node.time) + more;
      latest = Math.max(latest, times[2 * i + 1] ?? 0);
    });
    return latest;
  }

  private drawFrom({ low, width, table }: Draw, next: () => number): number {
    if (!table) return low;
    this.drawn++;
    const at = next() * CELLS;
    const i = at | 0;
    const value = table[i] ?? 0;
    return low + width * (value + (at - i) * ((table[i + 1] ?? value) - value));
  }

  /** Seconds that failed goes take in this run. */
  private further(
    { planned, again, fallback, chance, steps, slot }: Goes,
    next: () => number,
    worked: Uint32Array,
  ): number {
    const at = next() * CELLS;
    const i = at | 0;
    const low = chance[i] ?? 0;
    const p = low + (at - i) * ((chance[i + 1] ?? low) - low);
    this.drawn++;
    let ok = false;
    for (let go = 0; go < planned; go++) {
      this.drawn++;
      if (next() < p) ok = true;
    }
    let seconds = 0;
    for (let go = 0; go < again && !ok; go++) {
      for (const step of steps) seconds += this.drawFrom(step, next);
      this.drawn++;
      ok = next() < p;
    }
    if (ok) worked[slot] = (worked[slot] ?? 0) + 1;
    else seconds += fallback;
    this.again += seconds;
    return seconds;
  }

  /**
   * One show. Small, and apart from the counting, so that it is compiled early: a long loop would run
   * its first thousands of shows uncompiled.
   */
  private once(next: () => number, worked: Uint32Array): void {
    const { count, earliest, low, width, values, tableAt, waitsFrom, waitOn, waitFor } = this;
    const { hasGoes, goes, times } = this;
    let wait = 0;
    for (let i = 0; i < count; i++) {
      let start = earliest[i]!;
      const until = waitsFrom[i + 1]!;
      for (; wait < until; wait++) {
        const at = times[waitOn[wait]!]! + waitFor[wait]!;
        if (at > start) start = at;
      }
      let end = start + low[i]!;
      const table = tableAt[i]!;
      if (table >= 0) {
        const at = next() * CELLS;
        const cell = at | 0;
        const value = values[table + cell]!;
        end += width[i]! * (value + (at - cell) * (values[table + cell + 1]! - value));
      } else if (hasGoes[i] === 1) end += this.further(goes[i]!, next, worked);
      times[2 * i] = start;
      times[2 * i + 1] = end;
    }
  }

  /** Adds the present show to the counts. */
  private tally(counts: Counts): void {
    const { times, block, lengths, useOf, readyOf, keeps } = this;
    const { starts, missed, sumLength, sumLengthEnd } = counts;
    let end = 0;
    for (let s = 0; s < lengths.length; s++) {
      const from = times[block[2 * s]!]!;
      end = times[block[2 * s + 1]!]!;
      lengths[s] = end - from;
      starts[s]![(from + 0.5) | 0]!++;
    }
    counts.ends[(end + 0.5) | 0]!++;
    counts.sumEnd += end;
    counts.sumEnd2 += end * end;
    for (let s = 0; s < lengths.length; s++) {
      sumLength[s]! += lengths[s]!;
      sumLengthEnd[s]! += lengths[s]! * end;
    }
    for (let w = 0; w < keeps.length; w++)
      if (times[useOf[w]!]! - times[readyOf[w]!]! > keeps[w]!) missed[w]!++;
  }

  run(runs: number, random: Random): Counts {
    const { windows, blocks, nodes } = this.program;
    const most = Math.ceil(this.longest()) + 2;
    const slots = blocks.length;
    const counts: Counts = {
      runs,
      starts: blocks.map(() => new Uint32Array(most)),
      ends: new Uint32Array(most),
      worked: new Uint32Array(slots),
      missed: new Uint32Array(windows.length),
      sumEnd: 0,
      sumEnd2: 0,
      sumLength: new Float64Array(slots),
      sumLengthEnd: new Float64Array(slots),
      sumAgain: 0,
      drawn: 0,
    };
    for (let run = 0; run < runs; run++) {
      this.once(random.next, counts.worked);
      this.tally(counts);
    }
    counts.sumAgain = this.again;
    counts.drawn = this.drawn + runs * nodes.filter((node) => node.time.table).length;
    return counts;
  }
}

/** The same program, number of runs and random numbers give the same counts. */
export const simulate = (program: Program, runs: number, random: Random): Counts =>
  new Runner(program).run(runs, random);
