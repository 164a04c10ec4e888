/**
 * What can't be counted with is kept out: a number that is not whole or beyond all shows, two things of one
 * id. Each is named as a conflict and replaced by the nearest that can be, so that the rest is timed; what
 * is timed so is never called proven.
 */
import { LONGEST_TASK, MOST_GOES } from '../repertoire/limits';
import type { Task } from '../repertoire/types';
import { conflictOf } from './conflict';
import { type Conflict, type LineupInput, type PlanSlot, RULES } from './types';

/** A start or finish so far from the show's start is no show's, in seconds: a fortnight. */
const FARTHEST = 14 * 86_400;
/** More of one thing than this is no show's. */
const MOST_OWNED = 1_000_000;

const WHOLE_SHOW = { id: '', name: 'The whole show' };
const ADVICE = 'Correct it where it was written';

/** The number as it can be counted with, and what is said where it had to be changed. */
function within(value: number, least: number, most: number): { value: number; wrong: boolean } {
  if (Number.isInteger(value) && value >= least && value <= most) return { value, wrong: false };
  const near = Number.isNaN(value) ? least : Math.min(most, Math.max(least, Math.round(value)));
  return { value: near, wrong: true };
}

/** Collects what is wrong while numbers are read. */
class Reader {
  readonly conflicts: Conflict[] = [];

  constructor(private readonly of: Pick<PlanSlot, 'id' | 'name'>) {}

  tell(words: string, tasks: readonly Task[] = []): void {
    this.conflicts.push(conflictOf(RULES.order, this.of, words, ADVICE, tasks));
  }

  whole(what: string, value: number, most: number, least = 0, task?: Task): number {
    const read = within(value, least, most);
    if (read.wrong)
      this.tell(
        `${what} is ${value}: it must be a whole number from ${least} to ${most}`,
        task ? [task] : [],
      );
    return read.value;
  }

  /** Each id once: of two the first, the other is told of. */
  once<T extends { id: string; name?: string }>(things: readonly T[], what: string): T[] {
    const seen = new Set<string>();
    return things.filter(({ id, name }) => {
      if (seen.has(id))
        this.tell(`${what} “${name ?? id}” has the id of another, ${id}, and is left out`);
      return !seen.has(id) && seen.add(id);
    });
  }
}

function countableTask(reader: Reader, task: Task): Task {
  const seconds = (what: string, value: number): number =>
    reader.whole(`the ${what} of “${task.name}” in seconds`, value, LONGEST_TASK, 0, task);
  const { time } = task;
  return {
    ...task,
    time: {
      shortest: seconds('shortest time', time.shortest),
      likely: seconds('likely time', time.likely),
      longest: seconds('longest time', time.longest),
    },
    hands: task.hands.map((hand) => ({
      ...hand,
      count: reader.whole(`the number of hands for “${task.name}”`, hand.count, 100, 0, task),
    })),
    after: task.after.map((lag) => ({
      ...lag,
      least: seconds('least wait', lag.least),
      greatest: lag.greatest === null ? null : seconds('longest wait', lag.greatest),
    })),
  };
}

function countableSlot(slot: PlanSlot): { slot: PlanSlot; conflicts: Conflict[] } {
  const reader = new Reader(slot);
  const amount = (value: number): number =>
    Number.isFinite(value) && value >= 0
      ? value
      : reader.whole('an amount in use', value, MOST_OWNED);
  const sound = {
    ...slot,
    goes: reader.whole('the number of goes', slot.goes, MOST_GOES, 1),
    tasks: reader.once(slot.tasks, 'the task').map((task) => countableTask(reader, task)),
    uses: slot.uses.map((use) => ({ ...use, amount: amount(use.amount) })),
    leaves: slot.leaves.map((left) => ({
      ...left,
      seconds: reader.whole('the time what it leaves is about', left.seconds, LONGEST_TASK),
    })),
    leads: slot.leads.map((lead) => ({
      ...lead,
      seconds: reader.whole('how much earlier it is wanted', lead.seconds, LONGEST_TASK),
    })),
  };
  return { slot: sound, conflicts: reader.conflicts };
}

/** The show as it can be counted with, and what had to be changed for that. */
export function countable(raw: LineupInput): { input: LineupInput; conflicts: Conflict[] } {
  const reader = new Reader(WHOLE_SHOW);
  const slots = reader.once(raw.slots, 'the slot').map(countableSlot);
  const input: LineupInput = {
    arrival: reader.whole('the arrival, from the start in seconds,', raw.arrival, 0, -FARTHEST),
    hardFinish: reader.whole(
      'the hard finish, from the start in seconds,',
      raw.hardFinish,
      FARTHEST,
    ),
    margin: reader.whole('the margin in seconds', raw.margin, FARTHEST),
    crew: reader.once(raw.crew, 'the person'),
    positions: reader.once(raw.positions, 'the position'),
    equipment: reader.once(raw.equipment, 'the equipment').map((entry) => ({
      ...entry,
      owned:
        entry.owned >= 0 && Number.isFinite(entry.owned)
          ? entry.owned
          : reader.whole(`how many there are of ${entry.name}`, entry.owned, MOST_OWNED),
    })),
    slots: slots.map(({ slot }) => slot),
  };
  return {
    input,
    conflicts: [...reader.conflicts, ...slots.flatMap(({ conflicts }) => conflicts)],
  };
}
