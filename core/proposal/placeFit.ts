/** What of the repertoire can be done at a place, what can’t, and what only if something is known or done. */
import { blankShow } from '../brief/blank';
import { freshSlot } from '../brief/freshSlot';
import type { ShowBundle, Venue } from '../brief/types';
import { worstOf } from '../ready/verdict';
import { roomVerdicts } from '../ready/room';
import type { Verdict } from '../ready/verdict';
import { USUAL_MATRIX } from '../repertoire/matrix';
import type { Demo } from '../repertoire/types';
import { HOUSEHOLD } from '../units/household';

export interface PlaceFit {
  /** With why, by its best way of doing it. */
  cannot: { demoId: string; name: string; why: string }[];
  /** By what has to be known or done first; the most of them first. */
  onlyIf: { condition: string; names: string[] }[];
  /** As it is. */
  fits: number;
}

/** Worst to best of what a place says of a way of doing it. */
const rank = (level: Verdict['level']): number =>
  level === 'stop' || level === 'fix' ? 2 : level === 'unknown' ? 1 : 0;

/** Each demonstration by itself, in the way that the place is best for. */
export function placeFit(venue: Venue, demos: readonly Demo[]): PlaceFit {
  const empty = { ...blankShow('place', '', '2000-01-01', 'Etc/UTC'), venueId: venue.id };
  const cannot: PlaceFit['cannot'] = [];
  const conditions = new Map<string, string[]>();
  let fits = 0;
  for (const demo of demos) {
    const ways = demo.methods.flatMap((method) => {
      const slot = freshSlot(empty, { ...demo, methods: [method] }, method.id);
      if (!slot) return [];
      const alone: ShowBundle = {
        show: { ...empty, slots: [slot] },
        venue,
        people: [],
        demos: [demo],
        items: [],
        household: HOUSEHOLD,
        riskMatrix: USUAL_MATRIX,
      };
      // The wind is the day’s.
      const said = roomVerdicts(alone).filter(({ key }) => !key.endsWith(':wind'));
      return [{ said, worst: rank(worstOf(said)) }];
    });
    const [best] = ways.sort((a, b) => a.worst - b.worst);
    if (!best) continue;
    if (best.worst === 2) {
      const [why] = best.said.filter(({ level }) => rank(level) === 2);
      cannot.push({ demoId: demo.id, name: demo.name, why: why?.message ?? '' });
    } else if (best.worst === 1)
      for (const { level, message } of best.said)
        if (level === 'unknown')
          conditions.set(message, [...(conditions.get(message) ?? []), demo.name]);
    if (best.worst === 0) fits++;
  }
  return {
    cannot,
    fits,
    onlyIf: [...conditions]
      .map(([condition, names]) => ({ condition, names }))
      .sort((a, b) => b.names.length - a.names.length),
  };
}
