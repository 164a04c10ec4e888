/** Clearing after a performance: reset tasks and what settles after them, as soon as they can be. */
import { formatDuration } from '../time/clock';
import type { Task } from '../repertoire/types';
import type { Network } from './network';
import { candidatesFor, earliestFit } from './place';
import { type State, fork, placedAt, record } from './state';
import { type LineupInput, type PlacedTask, RULES } from './types';

/** True when the slot still has work at the position it was done at. */
export const holdsPosition = (net: Network, position: string | null): boolean =>
  position !== null &&
  net.slot.positionId === position &&
  net.following.some((task) => task.place === 'stage');

/** The state with the slot's clearing placed, from the moments its steps end. */
export function clearSlot(input: LineupInput, base: State, net: Network): State {
  const state = fork(base);
  state.pending = state.pending.filter((other) => other !== net);
  const block = state.blocks.find((b) => b.slot === net.slot.id);
  if (!block) throw new Error('A slot is cleared after it is performed');
  const placed = new Map<string, PlacedTask>();
  for (const entry of state.placed) if (entry.slot === net.slot.id) placed.set(entry.task, entry);
  const left = new Set(net.following);
  let until = block.end;
  let by = state.positions.get(net.slot.positionId ?? '')?.by ?? null;
  while (left.size > 0) {
    let next: { task: Task; earliest: number } | null = null;
    for (const task of left) {
      const incoming = net.lags.filter((lag) => lag.to === task);
      if (incoming.some((lag) => left.has(lag.from))) continue;
      let earliest = incoming.length === 0 ? block.end : -Infinity;
      for (const lag of incoming) {
        const from = placed.get(lag.from.id);
        if (from) earliest = Math.max(earliest, from.end + lag.least);
      }
      if (!next || earliest < next.earliest) next = { task, earliest };
    }
    if (!next) throw new Error('Tasks wait for each other: faults must be removed first');
    const { task } = next;
    const fit = earliestFit(
      candidatesFor(input, net.slot, task),
      state.calendar,
      task.time.likely,
      next.earliest,
    );
    left.delete(task);
    const entry = placedAt(net.slot, task, fit);
    placed.set(task.id, entry);
    record(state, entry);
    if (task.place === 'stage' && fit.end > until) {
      until = fit.end;
      by = { slot: net.slot.id, task: task.id };
    }
    for (const lag of net.lags) {
      const from = placed.get(lag.from.id);
      if (lag.to !== task || lag.greatest === null || !from) continue;
      const late = fit.start - from.end - lag.greatest;
      if (late <= 0) continue;
      state.conflicts.push({
        rule: RULES.lag,
        slot: net.slot.id,
        words: `${net.slot.name}: “${task.name}” starts ${formatDuration(late)} too late after “${lag.from.name}”`,
        mend: 'Keep somebody free for it, or allow a longer wait',
        tasks: [lag.from, task].map((t) => ({ slot: net.slot.id, task: t.id })),
        people: fit.people,
      });
    }
  }
  const position = net.slot.positionId;
  if (position !== null && until > (state.positions.get(position)?.until ?? -Infinity))
    state.positions.set(position, { until, by });
  return state;
}
