/**
 * Demands that no start time can meet, found before scheduling. Each becomes a named conflict, and
 * the demand is left out so that the rest of the show can still be timed.
 */
import { formatDuration } from '../time/clock';
import type { Task } from '../repertoire/types';
import { Calendar } from './calendar';
import { candidatesFor, choosePeople, eligible } from './people';
import { type Network, buildNetwork } from './network';
import { type Conflict, type LineupInput, type PlanSlot, RULES } from './types';

const COMPETENCE_WORDS: Record<string, string> = {
  cryogen: 'cryogen',
  flame: 'flame',
  highVoltage: 'high voltage',
  driver: 'driver',
  firstAid: 'first aid',
};

function orderFaults(slot: PlanSlot): { conflicts: Conflict[]; tasks: Task[] } {
  const conflicts: Conflict[] = [];
  const byId = new Map(slot.tasks.map((task) => [task.id, task]));
  const kept = new Map<string, Task>();
  const conflict = (words: string, mend: string, tasks: Task[]): void => {
    conflicts.push({
      rule: RULES.lag,
      slot: slot.id,
      words,
      mend,
      tasks: tasks.map((task) => ({ slot: slot.id, task: task.id })),
      people: [],
    });
  };
  for (const task of slot.tasks) {
    const after = task.after.filter((lag) => {
      const earlier = byId.get(lag.task);
      if (!earlier) {
        conflict(
          `${slot.name}: “${task.name}” comes after a task that is not there`,
          'Choose what it comes after again in the demo',
          [task],
        );
        return false;
      }
      if (lag.greatest !== null && lag.greatest < lag.least) {
        conflict(
          `${slot.name}: “${task.name}” must wait ${formatDuration(lag.least)} after “${earlier.name}” but start within ${formatDuration(lag.greatest)}`,
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
          `${slot.name}: “${task.name}” and “${earlier.name}” each wait for the other`,
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

function peopleFaults(input: LineupInput, slot: PlanSlot): Conflict[] {
  const conflicts: Conflict[] = [];
  const performer = input.crew.find((person) => person.id === slot.performerId);
  if (!performer && slot.tasks.some((task) => task.hands.some((h) => h.role === 'performer'))) {
    conflicts.push({
      rule: RULES.person,
      slot: slot.id,
      words: `${slot.name}: nobody is named to perform it`,
      mend: input.crew.length ? 'Choose who performs it' : 'Add somebody to the crew',
      tasks: [],
      people: [],
    });
  }
  const told = new Set<string>();
  for (const task of slot.tasks) {
    for (const hand of task.hands) {
      if (hand.role === 'performer' && !performer) continue;
      const able = eligible(input, slot, hand);
      if (able.length >= hand.count) continue;
      const skill = hand.competence
        ? ` with the ${COMPETENCE_WORDS[hand.competence]} competence`
        : '';
      const words =
        hand.role === 'performer'
          ? hand.count > 1
            ? `“${task.name}” asks for ${hand.count} performers; a slot has one`
            : `${performer?.name ?? ''} lacks the ${COMPETENCE_WORDS[hand.competence ?? ''] ?? ''} competence for “${task.name}”`
          : able.length === 0
            ? `nobody${hand.role === 'helper' ? ' but the performer is there' : ' is there'}${skill ? `${skill}` : ''} for “${task.name}”`
            : `“${task.name}” needs ${hand.count} people${skill} and there ${able.length === 1 ? 'is 1' : `are ${able.length}`}`;
      if (told.has(words)) continue;
      told.add(words);
      const others = input.crew.filter(
        (p) =>
          p.id !== slot.performerId &&
          hand.competence !== null &&
          p.competences.includes(hand.competence),
      );
      conflicts.push({
        rule: RULES.person,
        slot: slot.id,
        words: `${slot.name}: ${words}`,
        mend:
          hand.role === 'performer' && others[0]
            ? `Let ${others[0].name} perform it`
            : `Add somebody${skill} to the crew, or choose another method`,
        tasks: [{ slot: slot.id, task: task.id }],
        people: performer ? [performer.id] : [],
      });
    }
  }
  return conflicts;
}

/** Tasks whose hands could each be lent, but never all at once. */
function crowdFaults(input: LineupInput, slot: PlanSlot): Conflict[] {
  const nobodyBusy = Calendar.empty(input.crew);
  return slot.tasks
    .filter((task) => !choosePeople(candidatesFor(input, slot, task), nobodyBusy, 0, 1))
    .map((task) => ({
      rule: RULES.person,
      slot: slot.id,
      words: `${slot.name}: “${task.name}” needs more people at once than there are`,
      mend: 'Add somebody to the crew, or choose another method',
      tasks: [{ slot: slot.id, task: task.id }],
      people: [],
    }));
}

/** Waits inside the block, and work that is written the wrong side of it. */
function blockFaults(net: Network): Conflict[] {
  const offsets = new Map<string, { start: number; end: number }>();
  for (const step of net.steps) {
    const known = offsets.get(step.task.id);
    offsets.set(step.task.id, { start: known?.start ?? step.start, end: step.end });
  }
  const settleEnds = new Map<string, number>();
  for (const task of net.following) {
    if (task.phase !== 'settle') continue;
    const starts = task.after.map((lag) => (offsets.get(lag.task)?.end ?? Infinity) + lag.least);
    settleEnds.set(task.id, Math.max(...starts) + task.time.likely);
  }
  return net.lags.flatMap(({ from, to, least, greatest }) => {
    const tell = (words: string, mend: string): Conflict[] => [
      {
        rule: RULES.order,
        slot: net.slot.id,
        words: `${net.slot.name}: ${words}`,
        mend,
        tasks: [from, to].map((task) => ({ slot: net.slot.id, task: task.id })),
        people: [],
      },
    ];
    if (to.phase === 'prepare' && (from.phase === 'perform' || net.following.includes(from)))
      return tell(
        `“${to.name}” is written as preparation but comes after “${from.name}”`,
        'Make it a perform or a reset task',
      );
    const target = offsets.get(to.id);
    if (to.phase !== 'perform' || !target) return [];
    if (from.phase === 'reset')
      return tell(
        `“${to.name}” waits for “${from.name}”, which comes after the performance`,
        'Take the wait out, or make the reset a perform step',
      );
    const end = offsets.get(from.id)?.end ?? settleEnds.get(from.id);
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
  if (input.positions.some((position) => position.id === slot.positionId)) return [];
  return [
    {
      rule: RULES.position,
      slot: slot.id,
      words: `${slot.name}: no stage position is chosen`,
      mend: 'Choose where on the stage it is done',
      tasks: [],
      people: [],
    },
  ];
}

/** The slot without the hands and lags that have been reported as impossible. */
function leaveOut(slot: PlanSlot, crowd: Conflict[], block: Conflict[]): PlanSlot {
  const crowded = new Set(crowd.flatMap((c) => c.tasks.map((t) => t.task)));
  const dropped = new Set(block.map((c) => c.tasks.map((t) => t.task).join('→')));
  return {
    ...slot,
    tasks: slot.tasks.map((task) => ({
      ...task,
      hands: crowded.has(task.id) ? [] : task.hands,
      after: task.after.filter((lag) => !dropped.has(`${lag.task}→${task.id}`)),
    })),
  };
}

/** Conflicts by slot, and the slots with the impossible demands left out. */
export function findFaults(input: LineupInput): { conflicts: Conflict[]; slots: PlanSlot[] } {
  const conflicts: Conflict[] = [];
  const slots = input.slots.map((slot) => {
    const order = orderFaults(slot);
    conflicts.push(
      ...positionFaults(input, slot),
      ...order.conflicts,
      ...peopleFaults(input, slot),
    );
    if (!slot.tasks.some((task) => task.phase === 'perform')) {
      conflicts.push({
        rule: RULES.order,
        slot: slot.id,
        words: `${slot.name}: there is nothing for the audience to watch`,
        mend: 'Add a perform step to its method',
        tasks: [],
        people: [],
      });
    }
    const ordered = { ...slot, tasks: order.tasks };
    const crowd = crowdFaults(input, ordered);
    const block = blockFaults(buildNetwork(ordered));
    conflicts.push(...crowd, ...block);
    return leaveOut(ordered, crowd, block);
  });
  return { conflicts, slots };
}
