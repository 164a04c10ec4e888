/** The demo season: a small crew touring a chain of islands by ferry. Everything here is invented. */
import type { Show, ShowBundle } from '../core/brief/types';
import { demosNamed } from '../core/brief/demosNamed';
import { itemsNamed } from '../core/brief/itemsNamed';
import { NO_WISHES } from '../core/brief/wishes';
import { USUAL_MATRIX } from '../core/repertoire/matrix';
import { HOUSEHOLD } from '../core/units/household';
import { timelineOf } from '../core/lineup/timelineOf';
import { runPlanOf } from '../core/stage/plan';
import { FILE_FORMAT, FILE_VERSION, type ShowFile } from '../contract/showFile';
import { type Booking, BOOKINGS, PLAIN_KIT, plainDay } from './bookings';
import { BOXES } from './kept';
import { runLog } from './logs';
import { lotsFor } from './lots';
import { PEOPLE, POSITIONS, VENUES } from './places';
import { DEMOS, SHOW_ITEMS } from './repertoire';

const DAY = 86_400_000;

function bundleOf(booking: Booking, today: string, zone: string): ShowBundle {
  const show: Show = {
    ...PLAIN_KIT,
    ...booking.show,
    date: plainDay(today, booking.day),
    zone,
    positions: POSITIONS,
    wishes: NO_WISHES,
  };
  const named = demosNamed(show);
  const demos = DEMOS.filter(({ id }) => named.includes(id));
  const used = new Set(itemsNamed(show, demos));
  return {
    show,
    venue: VENUES.find((venue) => venue.id === show.venueId) ?? null,
    people: PEOPLE.filter((person) => show.crew.includes(person.id)),
    demos,
    items: SHOW_ITEMS.filter((item) => used.has(item.id)),
    household: HOUSEHOLD,
    riskMatrix: USUAL_MATRIX,
  };
}

/**
 * The season as show files around a day: two past with their logs, one today, two ahead.
 * `instant` gives milliseconds since 1970 for a local date and time in a zone.
 */
export function season(
  today: string,
  zone: string,
  instant: (date: string, time: string, zone: string) => number,
): ShowFile[] {
  return BOOKINGS.map((booking) => {
    const bundle = bundleOf(booking, today, zone);
    const { show } = bundle;
    const startsAt = instant(show.date, show.start, zone);
    const plan = booking.gone ? runPlanOf(bundle, timelineOf(bundle), startsAt) : null;
    return {
      format: FILE_FORMAT,
      version: FILE_VERSION,
      ...bundle,
      boxes: BOXES.filter((box) => bundle.items.some((item) => item.boxId === box.id)),
      lots: lotsFor(today, new Set(bundle.items.map((item) => item.id))),
      packing: [],
      trials: [],
      readings: [],
      runs:
        plan && booking.gone
          ? [...(booking.earlier ?? []), { days: 0, ...booking.gone }].map(({ days, ...gone }) => {
              const own = { ...plan, startsAt: startsAt - days * DAY };
              const id = `run-${show.id}${days > 0 ? `-${days}-before` : ''}`;
              return {
                id,
                kind: 'performance',
                createdAt: own.startsAt - 60_000,
                plan: own,
                events: runLog(id, own, gone),
              };
            })
          : [],
    };
  });
}
