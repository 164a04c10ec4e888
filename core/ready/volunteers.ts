/** Volunteers from the audience: who suits, what is said, when they are fetched. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import type { VolunteerCard } from '../repertoire/care';
import { MUST_NOT_WORDS } from '../repertoire/volunteerCard';
import { listInWords } from '../words';

/** The card in one line: who suits, who must not, and how to stop. */
export function volunteerWords(card: VolunteerCard): string {
  const must = card.mustNot.map((one) => MUST_NOT_WORDS[one]);
  return [
    card.suits && `Suits: ${card.suits.replace(/\.$/, '')}.`,
    must.length > 0 && `Not: ${listInWords(must)}.`,
    card.gear.length > 0 && `Put on: ${listInWords(card.gear)}.`,
    `To stop: ${card.letGo || '“you can say no”'}`,
  ]
    .filter(Boolean)
    .join(' ');
}

export interface Fetching {
  slotId: string;
  demoName: string;
  count: number;
  card: VolunteerCard;
  /** Seconds from the show's start; null while the method does not say in which task. */
  at: number | null;
  /** When they are off again: at the end of the last step the audience watches; null as above. */
  until: number | null;
}

/** Volunteers whose time is known. */
export type Timed = Fetching & { at: number; until: number };

export const timedFetchings = (bundle: ShowBundle, timeline: Timeline): Timed[] =>
  fetchings(bundle, timeline).filter((one): one is Timed => one.at !== null && one.until !== null);

/** When volunteers are fetched over the show, in running order. */
export const fetchings = (bundle: ShowBundle, timeline: Timeline): Fetching[] =>
  resolveSlots(bundle).flatMap(({ slot, demo, method }): Fetching[] => {
    if (method.volunteers === 0) return [];
    const { fetchedIn } = method.volunteerCard;
    const mine = timeline.tasks.filter((task) => task.slot === slot.id);
    const placed = mine.find((task) => task.task === fetchedIn && task.go === 1);
    const watched = mine.filter((task) => task.phase === 'perform').map((task) => task.end);
    return [
      {
        slotId: slot.id,
        demoName: demo.name,
        count: method.volunteers,
        card: method.volunteerCard,
        at: placed?.start ?? null,
        until: placed ? Math.max(placed.end, ...watched) : null,
      },
    ];
  });
