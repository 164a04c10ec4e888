import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';

dayjs.extend(utc);
dayjs.extend(timezone);

/** Milliseconds since 1970 of a day and a time of a show, in the zone of its venue. */
export const instantOf = (date: string, time: string, zone: string): number =>
  dayjs.tz(`${date} ${time}`, 'YYYY-MM-DD HH:mm', zone).valueOf();

/** "Sat 30 May" */
export const dayWords = (date: string): string => dayjs(date).format('ddd D MMM');

/** "today", "tomorrow", "in 6 days", "5 days ago" */
export function awayWords(date: string): string {
  const days = dayjs(date).diff(dayjs().startOf('day'), 'day');
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** "today", "tomorrow", "Saturday", "Sat 30 May": what a day is called from here. */
export function dayName(date: string): string {
  const days = dayjs(date).diff(dayjs().startOf('day'), 'day');
  if (days >= 0 && days < 2) return awayWords(date);
  return days < 7 ? dayjs(date).format('dddd') : dayWords(date);
}

export const today = (): string => dayjs().format('YYYY-MM-DD');

/** "13:42" on this device's clock. */
export const timeOf = (ms: number): string => dayjs(ms).format('HH:mm');

export const whenOf = (ms: number): string => dayjs(ms).format('ddd D MMM, HH:mm');

/** The zone this device is in. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'Etc/UTC';
