/**
 * What would mend a wait: each way is timed before it is offered, and only what ends sooner without
 * a new conflict is.
 */
import { formatDuration } from '../time/clock';
import { namesOf } from './names';
import { schedule } from './schedule';
import type { Gap, LineupInput, PlanSlot, Timeline } from './types';

export interface Mend {
  /** “Move Static dome before Foam fountain” */
  words: string;
  /** Seconds by which the show ends sooner. */
  gain: number;
  end: number;
  deadAir: number;
  /** The running order it asks for; null when the order stays. */
  order: string[] | null;
}

/** Ways offered for one gap, the best first. */
const OFFERED = 2;
/** A slot is not moved by more places than this: far moves change more than a gap. */
const FARTHEST = 8;

const ids = (slots: readonly PlanSlot[]): string[] => slots.map((slot) => slot.id);

/** True when every pinned slot stands where it stood. */
const keepsPins = (from: readonly PlanSlot[], to: readonly PlanSlot[]): boolean =>
  from.every((slot, i) => !slot.pinned || to[i] === slot);

/** The order with one slot taken out and put in elsewhere, as close by as can be first. */
function moves(slots: readonly PlanSlot[], slot: PlanSlot): { slots: PlanSlot[]; words: string }[] {
  const from = slots.indexOf(slot);
  const others = slots.filter((other) => other !== slot);
  return others
    .map((_other, at) => at)
    .concat(others.length)
    .filter((at) => at !== from && Math.abs(at - from) <= FARTHEST)
    .sort((a, b) => Math.abs(a - from) - Math.abs(b - from))
    .flatMap((at) => {
      const order = [...others.slice(0, at), slot, ...others.slice(at)];
      if (!keepsPins(slots, order)) return [];
      const next = others[at];
      const words = next ? `Move ${slot.name} before ${next.name}` : `Move ${slot.name} to the end`;
      return [{ slots: order, words }];
    });
}

/** Everybody's competences in one: what one more pair of hands would have to be at the most. */
const oneMore = (input: LineupInput): LineupInput['crew'][number] => ({
  id: 'one-more',
  name: 'one more',
  competences: [...new Set(input.crew.flatMap((person) => person.competences))],
});

/**
 * Ways to mend the gaps of a timeline: another place for the slot that waits or for the one it waits
 * for, one more pair of hands, an earlier arrival. Give it one gap after another: what was timed for
 * one is not timed again for the next.
 */
export function mender(input: LineupInput, timeline: Timeline): (gap: Gap) => Mend[] {
  const names = namesOf(input);
  const timed = new Map<string, Timeline>();
  const timing = (key: string, changed: LineupInput): Timeline => {
    const known = timed.get(key) ?? schedule(changed);
    timed.set(key, known);
    return known;
  };
  const offer = (words: string, result: Timeline, order: string[] | null): Mend[] => {
    const gain = timeline.end - result.end;
    const worse = result.conflicts.length > timeline.conflicts.length;
    return gain > 0 && !worse
      ? [{ words, gain, end: result.end, deadAir: result.deadAir, order }]
      : [];
  };
  const elsewhere = (slot: PlanSlot): Mend[] =>
    moves(input.slots, slot).flatMap(({ slots, words }) => {
      const order = ids(slots);
      return offer(words, timing(order.join(), { ...input, slots }), order);
    });
  return (gap) => {
    const concerned = new Set([gap.slot, ...gap.tasks.map((task) => task.slot)]);
    const found = input.slots
      .filter((slot) => concerned.has(slot.id) && !slot.pinned)
      .flatMap(elsewhere);
    const crew = [...input.crew, oneMore(input)];
    found.push(...offer('One more pair of hands', timing('hands', { ...input, crew }), null));
    if (timeline.blocks[0]?.slot === gap.slot) {
      const arrival = input.arrival - gap.seconds;
      const words = `Arrive ${formatDuration(gap.seconds)} earlier to set up ${names.slot(gap.slot)}`;
      found.push(...offer(words, timing('arrival', { ...input, arrival }), null));
    }
    // Of equal gain the smaller change, which was found first; the same order only once.
    const orders = new Set<string>();
    return found
      .sort((a, b) => b.gain - a.gain)
      .filter(({ order, words }) => {
        const key = order?.join() ?? words;
        return !orders.has(key) && orders.add(key);
      })
      .slice(0, OFFERED);
  };
}
