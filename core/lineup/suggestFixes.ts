/**
 * What would fix a wait or a conflict: each way is timed before it is offered, and only what ends
 * sooner without a new conflict, or has fewer of them, is.
 */
import { formatDuration } from '../time/clock';
import { type Change, changeInput } from './change';
import { namesOf } from './names';
import { scheduleIfBetter } from './schedule';
import { Budget, type TimeLimit } from '../solver/budget';
import { EFFORT } from './effort';
import { amountUsed } from './equipment';
import type { Conflict, Gap, LineupInput, PlanPerson, PlanSlot, Timeline } from './types';

export interface Fix {
  /** “Move Static dome before Foam fountain” */
  words: string;
  change: Change;
  /** Seconds by which the show ends sooner; negative when it ends later, with fewer conflicts. */
  gain: number;
  end: number;
  deadAir: number;
  /** Conflicts that are left. */
  conflicts: number;
  /** What comes of it by the forecast; null where none was asked for. */
  foreseen: { sooner: number; chance: number } | null;
}

/** The end in one show of two, and the chance to be in time. */
export type Foresee = (input: LineupInput, timeline: Timeline) => { p50: number; chance: number };

interface Finding {
  /** People who could be asked. */
  others?: readonly PlanPerson[];
  foresee?: Foresee | null;
  /** Once the time is up, what takes long to time is no longer found. */
  limit?: TimeLimit | null;
}

interface Way {
  words: string;
  change: Change;
}

/** Ways offered for one gap or conflict, the best first. */
const OFFERED = 3;
/** Of moves in the order, so many; of any other kind, one. */
const MOVES_OFFERED = 2;
/** A slot is not moved by more places than this: far moves change more than a gap. */
const FARTHEST = 8;
/** Of ways that gain the same, the smaller change first. */
const SMALLEST: readonly Change['kind'][] = [
  'order',
  'performer',
  'position',
  'window',
  'bring',
  'arrival',
  'crew',
  'hands',
  'leaveOut',
];

const ids = (slots: readonly PlanSlot[]): string[] => slots.map((slot) => slot.id);

/** True when every pinned slot stands where it stood. */
const keepsPins = (from: readonly PlanSlot[], to: readonly PlanSlot[]): boolean =>
  from.every((slot, i) => !slot.pinned || to[i] === slot);

/** The order with one slot taken out and put in elsewhere, as close by as can be first. */
function moves(slots: readonly PlanSlot[], slot: PlanSlot): Way[] {
  const from = slots.indexOf(slot);
  const others = slots.filter((other) => other !== slot);
  return others
    .map((_other, at) => at)
    .concat(others.length)
    .filter((at) => at !== from && Math.abs(at - from) <= FARTHEST)
    .sort((a, b) => Math.abs(a - from) - Math.abs(b - from))
    .flatMap((at) => {
      const order = [...others.slice(0, at), slot, ...others.slice(at)];
      if (slot.pinned || !keepsPins(slots, order)) return [];
      const next = others[at];
      const words = next ? `Move ${slot.name} before ${next.name}` : `Move ${slot.name} to the end`;
      return [{ words, change: { kind: 'order', slots: ids(order) } }];
    });
}

const isConflict = (trouble: Gap | Conflict): trouble is Conflict => !('seconds' in trouble);

/** The missed window that a conflict is about, if it is about one. */
const windowOf = (trouble: Gap | Conflict): Conflict['window'] =>
  isConflict(trouble) ? trouble.window : null;

/** Ways that might fix it, not yet timed. */
function waysFor(
  trouble: Gap | Conflict,
  input: LineupInput,
  timeline: Timeline,
  others: readonly PlanPerson[],
): Way[] {
  const names = namesOf(input);
  const concerned = new Set([trouble.slot, ...trouble.tasks.map((task) => task.slot)]);
  const slots = input.slots.filter((slot) => concerned.has(slot.id));
  const all = isConflict(trouble) && trouble.slot === '' ? input.slots : slots;
  const ways = slots.flatMap((slot) => moves(input.slots, slot));
  for (const slot of slots) {
    for (const person of input.crew)
      if (person.id !== slot.performerId)
        ways.push({
          words: `Let ${person.name} perform ${slot.name}`,
          change: { kind: 'performer', slot: slot.id, person: person.id },
        });
    for (const position of input.positions)
      if (position.id !== slot.positionId && slot.tasks.some((task) => task.place === 'stage'))
        ways.push({
          words: `Do ${slot.name} at ${position.name}`,
          change: { kind: 'position', slot: slot.id, position: position.id },
        });
  }
  for (const person of others)
    ways.push({
      words: `Ask ${person.name} to join the crew`,
      change: { kind: 'crew', person: person.id },
    });
  ways.push({ words: 'One more pair of hands', change: { kind: 'hands' } });
  const window = windowOf(trouble);
  if (window) {
    const { task, after, greatest } = window;
    const nameOf = (id: string): string => names.task({ slot: trouble.slot, task: id });
    ways.push({
      words: `Let “${nameOf(after)}” keep for ${formatDuration(greatest)} before “${nameOf(task)}”, if it does`,
      change: { kind: 'window', slot: trouble.slot, task, after, greatest },
    });
  }
  for (const { id, name, owned } of input.equipment)
    if (slots.some((slot) => slot.uses.some((use) => use.item === id))) {
      const most = Math.max(owned + 1, ...slots.map((slot) => amountUsed(slot, id)));
      ways.push({
        words: `Bring ${most} of ${name} instead of ${owned}`,
        change: { kind: 'bring', item: id, owned: most },
      });
    }
  const early = isConflict(trouble) ? 0 : trouble.seconds;
  if (early > 0 && timeline.blocks[0]?.slot === trouble.slot) {
    const first = trouble.tasks[0];
    const what = first ? `start “${names.task(first)}”` : `set up ${names.slot(trouble.slot)}`;
    ways.push({
      words: `Arrive ${formatDuration(early)} earlier and ${what} then`,
      change: { kind: 'arrival', seconds: early },
    });
  }
  if (isConflict(trouble))
    for (const slot of all)
      ways.push({
        words: `Leave ${slot.name} out`,
        change: { kind: 'leaveOut', slot: slot.id },
      });
  return ways;
}

/** The best few, with something of everything. */
function best(found: readonly Fix[], before: Timeline): Fix[] {
  const kinds = new Map<Change['kind'], number>();
  const sorted = [...found].sort(
    (a, b) =>
      a.conflicts - b.conflicts ||
      Number(a.end > before.hardFinish) - Number(b.end > before.hardFinish) ||
      b.gain - a.gain ||
      SMALLEST.indexOf(a.change.kind) - SMALLEST.indexOf(b.change.kind),
  );
  // Leaving something out fixes nearly anything: it is offered when nothing else is left.
  const last = (fix: Fix): boolean => fix.change.kind === 'leaveOut';
  const seen = new Set<string>();
  return [...sorted.filter((fix) => !last(fix)), ...sorted.filter(last)]
    .filter(({ change, words }) => {
      const key = change.kind === 'order' ? change.slots.join() : words;
      const used = kinds.get(change.kind) ?? 0;
      const most = change.kind === 'order' ? MOVES_OFFERED : 1;
      if (seen.has(key) || used >= most) return false;
      seen.add(key);
      kinds.set(change.kind, used + 1);
      return true;
    })
    .slice(0, OFFERED);
}

/**
 * Ways to fix the gaps and conflicts of a timeline. Give it one after another: what was timed for
 * one is not timed again for the next.
 */
export function fixFinder(
  input: LineupInput,
  timeline: Timeline,
  { others = [], foresee = null, limit = null }: Finding = {},
): (trouble: Gap | Conflict) => Fix[] {
  const known = new Map<string, Timeline | null>();
  let present: ReturnType<Foresee> | null = null;
  const foreseen = ({ change }: Fix, than: Pick<Timeline, 'end'>): Fix['foreseen'] => {
    const after = known.get(JSON.stringify([change, than.end, EFFORT.quick]));
    if (!foresee || !after) return null;
    present ??= foresee(input, timeline);
    const { p50, chance } = foresee(changeInput(input, change, others), after);
    return { sooner: present.p50 - p50, chance };
  };
  return (trouble) => {
    // A wait is fixed by an earlier end; a conflict only by one conflict less, however late the end.
    const than = {
      end: isConflict(trouble) ? -Infinity : timeline.end,
      conflicts: timeline.conflicts.length,
    };
    const timed = ({ words, change }: Way, effort: number): Fix[] => {
      const key = JSON.stringify([change, than.end, effort]);
      let better = known.get(key);
      if (better === undefined) {
        better = scheduleIfBetter(
          changeInput(input, change, others),
          than,
          new Budget(effort, limit),
        );
        known.set(key, better);
      }
      if (!better) return [];
      // What was shown to be the best now needs no longer look when it is offered.
      if (better.proven) known.set(JSON.stringify([change, than.end, EFFORT.quick]), better);
      const { end, deadAir, conflicts } = better;
      const gain = timeline.end - end;
      return [{ words, change, gain, end, deadAir, conflicts: conflicts.length, foreseen: null }];
    };
    const ways = waysFor(trouble, input, timeline, others);
    const found = ways.flatMap((way) => timed(way, EFFORT.trial));
    // Those that are offered are timed as the show will be when one is taken.
    const offered = best(found, timeline).flatMap((way) => timed(way, EFFORT.quick));
    return best(offered, timeline).map((fix) => ({ ...fix, foreseen: foreseen(fix, than) }));
  };
}
