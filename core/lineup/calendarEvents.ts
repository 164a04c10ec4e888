/** The day of a show as entries of a diary. */
import type { ShowBundle } from '../brief/types';
import { parseClock } from '../time/clock';
import { listInWords } from '../words';
import { namesOf } from './names';
import { endingOf } from './outlook';
import type { Prospect } from './prospect';

export interface CalendarEvent {
  /** The same for the same thing whenever it is written out. */
  key: string;
  title: string;
  /** Seconds from the show's start. */
  start: number;
  end: number;
  /** Seconds before it at which to ring; null for not at all. */
  alarm: number | null;
  note: string;
}

/** Rung so long before a preparation is due, in seconds. */
const BEFOREHAND = 60;

/** Arrival, doors, every preparation with an alarm, the show, and the hard finish. */
export function calendarEvents(
  { show, venue }: ShowBundle,
  { input, timeline, outlook }: Pick<Prospect, 'input' | 'timeline' | 'outlook'>,
): CalendarEvent[] {
  const names = namesOf(input);
  const startOfDay = parseClock(show.start);
  const ending = endingOf(outlook, startOfDay, timeline.blocks.length);
  const at = (clock: string): number => parseClock(clock) - startOfDay;
  const moment = (key: string, title: string, when: number, note = ''): CalendarEvent => ({
    key,
    title,
    start: when,
    end: when,
    alarm: null,
    note,
  });
  return [
    moment('arrival', `${show.title}: arrive`, at(show.arrival), venue?.travel ?? ''),
    moment('doors', `${show.title}: doors`, at(show.doors)),
    ...timeline.tasks
      .filter((task) => task.phase === 'prepare' || (task.phase === 'settle' && task.start < 0))
      .map((task): CalendarEvent => {
        const who = listInWords(task.people.map((id) => names.person(id)));
        return {
          key: `${task.slot}-${task.task}`,
          title: `${names.task(task)} (${names.slot(task.slot)})`,
          start: task.start,
          end: task.end,
          alarm: BEFOREHAND,
          note: who,
        };
      }),
    {
      key: 'show',
      title: show.title,
      start: 0,
      // What is put in a diary is kept free until it has surely ended.
      end: outlook.by,
      alarm: 15 * 60,
      note: [
        `${ending.headline}, ${ending.by}; ${ending.written}`,
        ...timeline.blocks.map((block, i) => `${i + 1} ${names.slot(block.slot)}`),
      ].join('\n'),
    },
    moment('finish', `${show.title}: hard finish`, timeline.hardFinish),
  ];
}
