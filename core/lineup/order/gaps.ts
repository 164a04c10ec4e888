/** The least dead air there can be between two slots, whatever else is in the show. */
import { EFFORT } from '../effort';
import { buildGraph, type Graph } from '../graph';
import { findFaults } from '../faults';
import { Budget } from '../../solver/budget';
import { searchSchedule } from '../search';
import type { LineupInput, PlanSlot } from '../types';

/** So long before the show that no arrival is in the way, in seconds. */
const LONG_BEFORE = -10_000_000;
export interface LeastGaps {
  /** Least dead air before the first block when this slot is the first. */
  first(slot: number): number;
  /** Least dead air between two neighbours. */
  between(before: number, after: number): number;
}

/** The same demands but for greatest lags. */
export const withoutWindows = (graph: Graph): Graph => ({
  ...graph,
  edges: graph.edges.filter(({ reason }) => reason.kind !== 'window'),
});

/**
 * Whatever keeps the rules in a whole show keeps them for any two of its slots, so no show has less
 * dead air between neighbours than the two have alone. Greatest lags are left out, since a timeline
 * may have to give one up. Worked out when it is first asked for.
 */
export function leastGaps(input: LineupInput): LeastGaps {
  const { slots } = findFaults(input).input;
  const known = new Map<number, number>();
  const deadAir = (some: readonly PlanSlot[], arrival: number): number => {
    const graph = withoutWindows(buildGraph({ ...input, arrival, slots: some }));
    const { best, bound } = searchSchedule(graph, new Budget(EFFORT.bound));
    const filled = graph.nets.reduce((sum, net) => sum + net.blockLength, 0);
    return best ? Math.max(0, bound - filled) : 0;
  };
  const remember = (key: number, work: () => number): number => {
    const before = known.get(key);
    if (before !== undefined) return before;
    const now = work();
    known.set(key, now);
    return now;
  };
  const pick = (numbers: readonly number[]): PlanSlot[] => numbers.flatMap((i) => slots[i] ?? []);
  return {
    first: (slot) => remember(-1 - slot, () => deadAir(pick([slot]), input.arrival)),
    between: (before, after) =>
      remember(before * slots.length + after, () => deadAir(pick([before, after]), LONG_BEFORE)),
  };
}
