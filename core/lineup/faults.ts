/**
 * Demands that no start time can meet, found before scheduling. Each becomes a named conflict, and
 * the demand is left out so that the rest of the show can still be timed.
 */
import { formatDuration } from '../time/clock';
import type { Task } from '../repertoire/types';
import { conflictOf } from './conflict';
import { countable } from './countable';
import { type Network, buildNetwork } from './network';
import { crowdFaults, peopleFaults } from './peopleFaults';
import { amountUsed } from './equipment';
import { type Conflict, type LineupInput, type PlanSlot, RULES } from './types';

function orderFaults(slot: PlanSlot): { conflicts: Conflict[]; tasks: Task[] } {
  const conflicts: Conflict[] = [];
  const byId = new Map(slot.tasks.map((task) => [task.id, task]));
  const kept = new Map<string, Task>();
  const conflict = (words: string, advice: string, tasks: Task[]): void => {
    conflicts.push(conflictOf(RULES.lag, slot, words, advice, tasks));
  };
  for (const task of slot.tasks) {
    const after = task.after.filter((lag) => {
      const earlier = byId.get(lag.task);
      if (!earlier) {
        conflict(
          `“${task.name}” comes after a task that is not there`,
          'Choose what it comes after again in the demo',
          [task],
        );
        return false;
      }
      if (lag.greatest !== null && lag.greatest < lag.least) {
        conflict(
          `“${task.name}” must wait ${formatDuration(lag.least)} after “${earlier.name}” but start within ${formatDuration(lag.greatest)}`,
          'Make the longest wait at least as long as the shortest',
          [earlier, task],
        );
        return false;
      }
      return true;
    });
    kept.set(task.id, { ...task, after });
  }
  // Depth-first search; a lag that closes a circle is reported and dropped.
  const state = new Map<string, 'open' | 'closed'>();
  const visit = (task: Task): Task => {
    state.set(task.id, 'open');
    const after = task.after.filter((lag) => {
      const earlier = kept.get(lag.task);
      if (!earlier) return false;
      if (state.get(earlier.id) === 'open') {
        conflict(
          `“${task.name}” and “${earlier.name}” each wait for the other`,
          'Let one of them come first',
          [earlier, task],
        );
        return false;
      }
      if (!state.has(earlier.id)) visit(earlier);
      return true;
    });
    state.set(task.id, 'closed');
    const clean = { ...task, after };
    kept.set(task.id, clean);
    return clean;
  };
  for (const task of slot.tasks) if (!state.has(task.id)) visit(kept.get(task.id) ?? task);
  return { conflicts, tasks: slot.tasks.map((task) => kept.get(task.id) ?? task) };
}

/** Waits inside the block, and work that is written the wrong side of it. */
function blockFaults(net: Network): Conflict[] {
  const offsets = new Map<string, { start: number; end: number }>();
  for (const step of net.steps) {
    if (step.task.phase !== 'perform') continue;
    const known = offsets.get(step.task.id);
    offsets.set(step.task.id, { start: known?.start ?? step.start, end: step.end });
  }
  const settleEnds = new Map<string, number>();
  for (const task of net.following) {
    if (task.phase !== 'settle') continue;
    // What itself waits for clearing ends at no time within the performance.
    const starts = task.after.map(
      (lag) => (offsets.get(lag.task)?.end ?? settleEnds.get(lag.task) ?? Infinity) + lag.least,
    );
    settleEnds.set(task.id, Math.max(...starts) + task.time.likely);
  }
  return net.lags.flatMap(({ from, to, least, greatest }) => {
    const tell = (words: string, advice: string): Conflict[] => [
      conflictOf(RULES.order, net.slot, words, advice, [from, to]),
    ];
    if (to.phase === 'prepare' && (from.phase === 'perform' || net.following.includes(from)))
      return tell(
        `“${to.name}” is written as preparation but comes after “${from.name}”`,
        'Make it a “Perform” or a “Clear” task',
      );
    const target = offsets.get(to.id);
    if (to.phase !== 'perform' || !target) return [];
    const end = offsets.get(from.id)?.end ?? settleEnds.get(from.id);
    if (from.phase === 'reset' || end === Infinity)
      return tell(
        `“${to.name}” waits for “${from.name}”, which comes after the performance`,
        'Remove the wait, or make the “Clear” task a “Perform” task',
      );
    if (end === undefined) return [];
    const short = end + least - target.start;
    if (short > 0)
      return tell(
        `the audience would wait ${formatDuration(short)} for “${to.name}” after “${from.name}”`,
        'Fill the wait with a step of its own, or get it ready beforehand',
      );
    if (greatest !== null && target.start - end > greatest)
      return tell(
        `“${to.name}” comes ${formatDuration(target.start - end - greatest)} too late after “${from.name}”`,
        'Shorten the steps between them',
      );
    return [];
  });
}

function positionFaults(input: LineupInput, slot: PlanSlot): Conflict[] {
  if (slot.tasks.every((task) => task.place === 'wings')) return [];
  if (input.positions.some((position) => position.id === slot.positionId)) return [];
  return [
    conflictOf(
      RULES.position,
      slot,
      'no stage position is chosen',
      'Choose where on the stage it is done',
    ),
  ];
}

/** More of a thing than there is, wanted by one slot alone. */
const equipmentFaults = (input: LineupInput, slot: PlanSlot): Conflict[] =>
  input.equipment.flatMap(({ id, name, owned }) => {
    const wanted = amountUsed(slot, id);
    return wanted > owned
      ? [
          conflictOf(
            RULES.equipment,
            slot,
            `it needs ${wanted} of ${name} and there ${owned === 1 ? 'is 1' : `are ${owned}`}`,
            'Bring more, plan fewer goes, or choose another method',
          ),
        ]
      : [];
  });

/** The blocks by themselves are longer than there is time for. */
function lengthFaults(input: LineupInput, nets: readonly Network[]): Conflict[] {
  const filled = nets.reduce((sum, net) => sum + net.blockLength, 0);
  const over = filled - input.hardFinish;
  if (over <= 0 || nets.length === 0) return [];
  return [
    {
      ...conflictOf(RULES.order, { id: '', name: 'The whole show' }, '', ''),
      message: `The slots alone take ${formatDuration(filled)}: ${formatDuration(over)} more than there is before the hard finish`,
      advice: 'Leave something out, or plan fewer goes',
    },
  ];
}

/** The slot without the hands, lags and things that have been reported as impossible. */
function leaveOut(
  input: LineupInput,
  slot: PlanSlot,
  crowd: Conflict[],
  block: Conflict[],
): PlanSlot {
  const crowded = new Set(crowd.flatMap((c) => c.tasks.map((t) => t.task)));
  const dropped = new Set(block.map((c) => c.tasks.map((t) => t.task).join('→')));
  return {
    ...slot,
    // No more of a thing than there is, so that the others still wait for all of it.
    uses: input.equipment.flatMap(({ id, owned }) => {
      const wanted = amountUsed(slot, id);
      return wanted > 0 ? [{ item: id, amount: Math.min(wanted, owned) }] : [];
    }),
    tasks: slot.tasks.map((task) => ({
      ...task,
      hands: crowded.has(task.id) ? [] : task.hands,
      after: task.after.filter((lag) => !dropped.has(`${lag.task}→${task.id}`)),
    })),
  };
}

/** What can be timed of a show, and why the rest can't. */
export interface Faults {
  conflicts: Conflict[];
  /** The show with the impossible demands left out. */
  input: LineupInput;
  /** False where some number could not even be counted with. */
  countable: boolean;
}

/** Conflicts by slot, and the show with the impossible demands left out. */
export function findFaults(raw: LineupInput): Faults {
  const { input, conflicts: uncountable } = countable(raw);
  const conflicts = [...uncountable];
  const nets: Network[] = [];
  const slots = input.slots.map((slot) => {
    const order = orderFaults(slot);
    conflicts.push(
      ...positionFaults(input, slot),
      ...equipmentFaults(input, slot),
      ...order.conflicts,
      ...peopleFaults(input, slot),
    );
    if (!slot.tasks.some((task) => task.phase === 'perform')) {
      conflicts.push(
        conflictOf(
          RULES.order,
          slot,
          'there is nothing for the audience to watch',
          'Add a perform step to its method',
        ),
      );
    }
    const ordered = { ...slot, tasks: order.tasks };
    const crowd = crowdFaults(input, ordered);
    const net = buildNetwork(ordered);
    const block = blockFaults(net);
    nets.push(net);
    conflicts.push(...crowd, ...block);
    return leaveOut(input, ordered, crowd, block);
  });
  conflicts.unshift(...lengthFaults(input, nets));
  return { conflicts, input: { ...input, slots }, countable: uncountable.length === 0 };
}
