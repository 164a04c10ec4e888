import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import type { ShowBundle } from '../../core/brief/types';
import { calendarEvents } from '../../core/lineup/calendarEvents';
import type { Prospect } from '../../core/lineup/prospect';
import { localInstant } from '../instant';

/** The day as an iCalendar file (RFC 5545), its times in UTC so that they hold in any reader. */
export function calendarFile(
  bundle: ShowBundle,
  prospect: Pick<Prospect, 'input' | 'timeline' | 'outlook'>,
): string {
  const { show, venue } = bundle;
  const startsAt = localInstant(show.date, show.start, show.zone);
  const calendar = ical({
    name: show.title,
    prodId: { company: 'hearty-stage', product: 'line-up', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { key, title, start, end, alarm, note } of calendarEvents(bundle, prospect)) {
    const event = calendar.createEvent({
      id: `${show.id}-${key}@hearty-stage`,
      // The stamp says when it was written; the day itself keeps the file the same each time.
      stamp: new Date(startsAt),
      start: new Date(startsAt + start * 1000),
      end: new Date(startsAt + end * 1000),
      summary: title,
      description: note,
      location: venue ? [venue.name, venue.address].filter(Boolean).join(', ') : null,
    });
    if (alarm !== null)
      event.createAlarm({ type: ICalAlarmType.display, triggerBefore: alarm, description: title });
  }
  return calendar.toString();
}
