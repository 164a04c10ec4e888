/**
 * The same simulated shows for every order: what each piece of work takes in each of them, and how often
 * each slot has to be tried, is drawn once. Two orders then differ by what they are, not by chance, and
 * a few hundred shows tell them apart.
 */
import { lookUp } from '../../chance/beta';
import { type Random, randomFrom } from '../../chance/random';
import type { LineupInput, Timeline } from '../types';
import { compile, type Tables } from './compile';
import type { Draw, Goes, Node } from './program';
import type { SlotPolicy } from './types';

/** FNV-1a (Fowler, Noll and Vo), to begin each piece of work with random numbers of its own. */
function hashOf(text: string, seed: number): number {
  let hash = 0x811c9dc5 ^ seed;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

const drawn = ({ low, width, table }: Draw, random: Random): number =>
  table ? low + width * lookUp(table, random.next()) : low;

/** Seconds that failed goes take in one show. */
function further({ planned, again, fallback, chance, steps }: Goes, random: Random): number {
  const p = lookUp(chance, random.next());
  let worked = false;
  for (let go = 0; go < planned; go++) if (random.next() < p) worked = true;
  let seconds = 0;
  for (let go = 0; go < again && !worked; go++) {
    for (const step of steps) seconds += drawn(step, random);
    worked = random.next() < p;
  }
  return worked ? seconds : seconds + fallback;
}

export class FrozenShows {
  private readonly lengths = new Map<string, Float64Array>();
  private readonly fixed = new Map<number, Float64Array>();
  private readonly tables: Tables = new Map();

  constructor(
    private readonly policies: ReadonlyMap<string, SlotPolicy>,
    private readonly runs: number,
    private readonly seed: number,
  ) {}

  /** What a node takes in each show. */
  private lengthsOf({ of, time, goes }: Node): Float64Array {
    if (of === null || (!time.table && !goes)) {
      const known = this.fixed.get(time.low) ?? new Float64Array(this.runs).fill(time.low);
      this.fixed.set(time.low, known);
      return known;
    }
    const known = this.lengths.get(of);
    if (known) return known;
    const random = randomFrom(hashOf(of, this.seed));
    const mine = Float64Array.from({ length: this.runs }, () =>
      goes ? further(goes, random) : drawn(time, random),
    );
    this.lengths.set(of, mine);
    return mine;
  }

  /** The end of each show, in seconds from its start. */
  ends(input: LineupInput, timeline: Timeline): Float64Array {
    const program = compile(input, timeline, this.policies, this.tables);
    const { nodes, blocks } = program;
    // Every show of a node side by side: what waits for it reads them in a row.
    const starts: Float64Array[] = [];
    const ended: Float64Array[] = [];
    nodes.forEach((node, i) => {
      const start = new Float64Array(this.runs).fill(node.earliest);
      for (const { node: on, of, seconds } of node.waits) {
        const times = (of === 'end' ? ended : starts)[on];
        if (times)
          for (let r = 0; r < start.length; r++)
            start[r] = Math.max(start[r]!, times[r]! + seconds);
      }
      const lengths = this.lengthsOf(node);
      starts[i] = start;
      ended[i] = start.map((at, r) => at + lengths[r]!);
    });
    return ended[blocks.at(-1)?.last ?? -1] ?? new Float64Array(this.runs);
  }

  /** How long all blocks take together in each show, whatever their order. */
  filled(input: LineupInput, timeline: Timeline): Float64Array {
    const { nodes } = compile(input, timeline, this.policies, this.tables);
    const sum = new Float64Array(this.runs);
    for (const node of nodes) {
      if (!node.watched) continue;
      const lengths = this.lengthsOf(node);
      for (let r = 0; r < sum.length; r++) sum[r]! += lengths[r]!;
    }
    return sum;
  }
}

/** Expected seconds beyond a limit, over all shows, each of them so much longer. */
export const meanBeyond = (ends: Float64Array, limit: number, more = 0): number =>
  ends.reduce((sum, end) => sum + Math.max(0, end + more - limit), 0) / Math.max(1, ends.length);
