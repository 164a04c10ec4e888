import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';

dayjs.extend(utc);
dayjs.extend(timezone);

/** Milliseconds since 1970 of a local date (YYYY-MM-DD) and time (HH:MM) in an IANA zone. */
export const localInstant = (date: string, time: string, zone: string): number =>
  dayjs.tz(`${date} ${time}`, 'YYYY-MM-DD HH:mm', zone).valueOf();

/** Today's date in this machine's own zone, YYYY-MM-DD. */
export const todayHere = (): string => dayjs().format('YYYY-MM-DD');

/** The IANA name of this machine's own zone. */
export const zoneHere = (): string => dayjs.tz.guess() || 'Etc/UTC';
