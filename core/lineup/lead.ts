/** How much earlier than need be a preparing task can be done. */
import { buildNetwork } from './network';
import type { LineupInput, PlanSlot, Timeline } from './types';

export interface LeadRange {
  /** Seconds between its end and its block, as it stands. */
  now: number;
  /** The least there must be, and the most that arrival and what keeps only so long allow. */
  least: number;
  most: number;
}

/** Wished leads are whole steps of this, in seconds; one press of an arrow moves by it. */
export const LEAD_STEP = 15;

/** The lead nearest to a wished one that the range allows, in whole steps where there is room. */
export const leadWithin = ({ least, most }: LeadRange, seconds: number): number =>
  Math.min(most, Math.max(least, Math.round(seconds / LEAD_STEP) * LEAD_STEP));

/** Seconds that a task and all that it waits for take at the least, in a chain. */
function chainBefore(slot: PlanSlot, id: string, seen: ReadonlySet<string> = new Set()): number {
  const task = slot.tasks.find((t) => t.id === id);
  if (!task || seen.has(id)) return 0;
  const before = new Set([...seen, id]);
  const waits = task.after.map((lag) => chainBefore(slot, lag.task, before) + lag.least);
  return task.time.likely + Math.max(0, ...waits);
}

/**
 * The range of a task that prepares its slot; null for any other. Where what follows it keeps only so
 * long, it can't be done earlier than that.
 */
export function leadRange(
  input: LineupInput,
  timeline: Timeline,
  slotId: string,
  taskId: string,
): LeadRange | null {
  const slot = input.slots.find((s) => s.id === slotId);
  const block = timeline.blocks.find((b) => b.slot === slotId);
  const placed = timeline.tasks.find((t) => t.slot === slotId && t.task === taskId);
  if (!slot || !block || !placed) return null;
  const net = buildNetwork(slot);
  if (!net.endByBlock.has(taskId)) return null;
  const windows = slot.tasks.flatMap((next) =>
    next.after.flatMap((lag) => {
      const use = timeline.tasks.find((t) => t.slot === slotId && t.task === next.id);
      return lag.task === taskId && lag.greatest !== null && use
        ? [lag.greatest - (use.start - placed.end)]
        : [];
    }),
  );
  const now = block.start - placed.end;
  const roomBefore = placed.end - input.arrival - chainBefore(slot, taskId);
  const most = now + Math.max(0, Math.min(roomBefore, ...windows));
  return { now, least: 0, most };
}
