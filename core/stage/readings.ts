/** What is read at a go: on stage, or put in and put right afterwards. The first value is kept. */
import type { MethodResult } from '../repertoire/measure';
import { goesThatCount } from '../repertoire/goes';
import { sequenceOf } from './steps';
import type { Live, ReadingTaken, RunEvent, RunPlan, RunSlot } from './types';

const isSame = (a: Pick<ReadingTaken, 'slot' | 'result' | 'go'>, b: typeof a): boolean =>
  a.slot === b.slot && a.result === b.result && a.go === b.go;

/** The readings after one more was told; one of something that is not read there changes nothing. */
export function readingsAfter(
  plan: RunPlan,
  readings: readonly ReadingTaken[],
  { slot, text, go, value, at, by }: RunEvent,
): readonly ReadingTaken[] {
  const own = plan.slots.find(({ id }) => id === slot);
  if (slot === null || text === null || go === null) return readings;
  if (!own?.results.some(({ id }) => id === text)) return readings;
  const told = { slot, result: text, go, value, at, by };
  const known = readings.find((one) => isSame(one, told));
  if (!known) return [...readings, { ...told, first: value, changed: false }];
  // “Not read” that is made good later is no correction: there was nothing to correct.
  const corrects = known.first !== null && value !== known.first;
  const first = known.first ?? value;
  const others = readings.filter((one) => one !== known);
  return [...others, { ...told, first, changed: corrects }];
}

/** One reading that is asked for, and what was told of it so far. */
export interface Asked {
  slot: RunSlot;
  result: MethodResult;
  go: number;
  taken: ReadingTaken | null;
}

/** The step of a slot in which a result is read: its own, or the last that each go has. */
function stepOf(slot: RunSlot, { task }: MethodResult): number {
  const named = slot.steps.findIndex((step) => step.task === task && !step.between);
  if (named >= 0) return named;
  const last = sequenceOf(slot).first.at(-1);
  return last ? slot.steps.indexOf(last) : -1;
}

const askedOf = (live: Live, slot: RunSlot, result: MethodResult, go: number): Asked => ({
  slot,
  result,
  go,
  taken: live.readings.find((one) => isSame(one, { slot: slot.id, result: result.id, go })) ?? null,
});

/** What is to be read in the go that is on: from its step on, and none while clearing for the next. */
export function readingsNow(plan: RunPlan, live: Live): Asked[] {
  const slot = plan.slots.find(({ id }) => id === live.slot);
  if (!slot) return [];
  return slot.results
    .filter((result) => live.step >= stepOf(slot, result))
    .map((result) => askedOf(live, slot, result, live.go));
}

/** Goes of a slot that were seen: those that were told of, or read; the planned ones where it was performed untold. */
function goesSeen(live: Live, slot: RunSlot): number[] {
  const own = live.slots[slot.id];
  if (!own) return [];
  const read = live.readings.filter((one) => one.slot === slot.id);
  const told = [...new Set([...own.goes, ...read].map(({ go }) => go))];
  if (told.length > 0 || own.status !== 'performed') return told;
  return Array.from({ length: goesThatCount(sequenceOf(slot), slot.goes) }, (_, i) => i + 1);
}

/** All that was to be read at the goes that were seen, in running order. */
export const readingsOfRun = (plan: RunPlan, live: Live): Asked[] =>
  plan.slots.flatMap((slot) => {
    const goes = goesSeen(live, slot).toSorted((a, b) => a - b);
    const { closing } = sequenceOf(slot);
    // What is read after the last go is read once.
    const isOnce = (result: MethodResult): boolean =>
      closing.some((step) => slot.steps.indexOf(step) === stepOf(slot, result));
    return goes.flatMap((go) =>
      slot.results
        .filter((result) => go === goes.at(-1) || !isOnce(result))
        .map((result) => askedOf(live, slot, result, go)),
    );
  });

/** What nobody has read yet, or said that it was not, of goes that are over; the latest first. */
const readingsMissed = (plan: RunPlan, live: Live): Asked[] => {
  const now = readingsNow(plan, live);
  return readingsOfRun(plan, live)
    .filter(({ taken }) => taken === null)
    .filter((one) => !now.some((other) => other.slot === one.slot && other.go === one.go))
    .reverse();
};

/**
 * What can be read now: of the go that is on; and of what was missed, that of the slot before while the first step of
 * this one is on, and all of it once the curtain is down. In the middle of a slot nobody is asked about another.
 */
export function readingsDue(plan: RunPlan, live: Live): { now: Asked[]; missed: Asked[] } {
  const now = readingsNow(plan, live);
  if (live.phase === 'before') return { now, missed: [] };
  const missed = readingsMissed(plan, live);
  if (live.phase === 'curtain' || live.phase === 'finished') return { now, missed };
  const visit = live.visits.at(-1);
  const begins = visit !== undefined && visit.steps.length === 0;
  const before = live.visits.at(-2)?.slot;
  return {
    now,
    missed: missed.filter(({ slot }) => slot.id === live.slot || (begins && slot.id === before)),
  };
}

/** The first of it that nobody has read. */
export function nextReading(plan: RunPlan, live: Live): Asked | null {
  const { now, missed } = readingsDue(plan, live);
  return now.find(({ taken }) => taken === null) ?? missed[0] ?? null;
}
