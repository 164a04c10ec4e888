/** Protective gear: who puts on what, before which step, and when it comes off again. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { PlacedTask, Timeline } from '../lineup/types';
import type { Task } from '../repertoire/types';

/** People of a task; the performer where none is assigned. */
const doersOf = ({ slot }: ResolvedSlot, placed: PlacedTask): string[] =>
  placed.people.length > 0 ? placed.people : slot.performerId ? [slot.performerId] : [];

interface Doing {
  of: ResolvedSlot;
  task: Task;
  placed: PlacedTask;
}

function doingsOf(of: ResolvedSlot, timeline: Timeline): Doing[] {
  const tasks = new Map(of.method.tasks.map((task) => [task.id, task]));
  return timeline.tasks.flatMap((placed) => {
    const task = placed.slot === of.slot.id ? tasks.get(placed.task) : undefined;
    return task ? [{ of, task, placed }] : [];
  });
}

export interface Wearer {
  personId: string;
  gear: string[];
  /** When the first of it is wanted, in seconds from the show's start. */
  from: number;
}

/** What everybody wears over one slot, in the order they need it. */
export function wearersOf(of: ResolvedSlot, timeline: Timeline): Wearer[] {
  const wearers = new Map<string, Wearer>();
  const wanted = doingsOf(of, timeline)
    .filter(({ task }) => task.gearOn.length > 0)
    .sort((a, b) => a.placed.start - b.placed.start);
  for (const { task, placed } of wanted)
    for (const personId of doersOf(of, placed)) {
      const known = wearers.get(personId) ?? { personId, gear: [], from: placed.start };
      const gear = [...new Set([...known.gear, ...task.gearOn])];
      wearers.set(personId, { ...known, gear });
    }
  return [...wearers.values()];
}

export interface GearStep {
  /** Seconds from the show's start by which the hands must be free for it. */
  at: number;
  slotId: string;
  demoName: string;
  taskName: string;
  /** Before that step, or once it is done. */
  when: 'before' | 'after';
  on: string[];
  off: string[];
  /** Everything worn from then on. */
  worn: string[];
}

export interface GearPlan {
  personId: string;
  steps: GearStep[];
}

/** Something asked of one person's gear. */
interface Asked extends Pick<GearStep, 'at' | 'slotId' | 'demoName' | 'taskName' | 'when'> {
  /** For whom it is worn: a phase of a slot. */
  holder: string;
  on: readonly string[];
  off: readonly string[];
}

const ALL: readonly string[] = ['*'];

/**
 * What a slot asks of one person. What is put on for preparing, for the audience or for clearing comes
 * off when the last task of that phase is done, not worn on to the finale.
 */
function askedOf(doings: readonly Doing[]): Asked[] {
  const phases = [...new Set(doings.map(({ placed }) => placed.phase))];
  return phases.flatMap((phase) => {
    const mine = doings.filter(({ placed }) => placed.phase === phase);
    if (!mine.some(({ task }) => task.gearOn.length > 0)) return [];
    const asked = ({ of, task, placed }: Doing): Omit<Asked, 'at' | 'when' | 'on' | 'off'> => ({
      holder: `${placed.slot}/${phase}`,
      slotId: of.slot.id,
      demoName: of.demo.name,
      taskName: task.name,
    });
    const last = mine.reduce((a, b) => (b.placed.end > a.placed.end ? b : a));
    return [
      ...mine.map((one): Asked => ({
        ...asked(one),
        at: one.placed.start,
        when: 'before',
        on: one.task.gearOn,
        off: one.task.gearOff,
      })),
      { ...asked(last), at: last.placed.end, when: 'after', on: [], off: ALL },
    ];
  });
}

/** Steps in order; gear that two phases want is worn until neither does. */
function stepsOf(asked: readonly Asked[]): GearStep[] {
  const holders = new Map<string, Set<string>>();
  // What the next thing wants stays on: at one moment, on comes before the end of what went before.
  const order = [...asked].sort(
    (a, b) => a.at - b.at || Number(a.when === 'after') - Number(b.when === 'after'),
  );
  return order.flatMap(({ holder, on, off, ...step }) => {
    const before = [...holders.keys()];
    for (const [gear, held] of holders)
      if (off === ALL || off.includes(gear)) {
        held.delete(holder);
        if (held.size === 0) holders.delete(gear);
      }
    for (const gear of on) holders.set(gear, (holders.get(gear) ?? new Set()).add(holder));
    const worn = [...holders.keys()];
    const put = worn.filter((gear) => !before.includes(gear));
    const taken = before.filter((gear) => !worn.includes(gear));
    return put.length + taken.length > 0 ? [{ ...step, on: put, off: taken, worn }] : [];
  });
}

/** For each of the crew, every time gear goes on or comes off, in the order of the show. */
export function gearPlans(bundle: ShowBundle, timeline: Timeline): GearPlan[] {
  const slots = resolveSlots(bundle).map((of) => doingsOf(of, timeline));
  // In the order of the crew, so that everybody finds themselves where they always are.
  return bundle.show.crew.flatMap((personId) => {
    const steps = stepsOf(
      slots.flatMap((doings) =>
        askedOf(doings.filter(({ of, placed }) => doersOf(of, placed).includes(personId))),
      ),
    );
    return steps.length > 0 ? [{ personId, steps }] : [];
  });
}
