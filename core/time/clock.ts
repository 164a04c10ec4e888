/** Clock times as text and seconds. No calendar and no zone: those belong to the display of dates. */

const CLOCK = /^([01]\d|2[0-3]):([0-5]\d)$/;

/** Seconds from midnight of "HH:MM". Throws RangeError on anything else: callers hold validated text. */
export function parseClock(text: string): number {
  const match = CLOCK.exec(text);
  if (!match) throw new RangeError(`Not a clock time: ${text}`);
  return Number(match[1]) * 3600 + Number(match[2]) * 60;
}

/** "14:05" for seconds from midnight; wraps past midnight; rounds down, as a wall clock does. */
export function formatClock(secondsOfDay: number): string {
  const minutes = Math.floor((((secondsOfDay % 86400) + 86400) % 86400) / 60);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

const MINUTE = 60;

/** The minute nearest to a moment, in seconds: what is about then. */
export const aboutMinute = (seconds: number): number => Math.round(seconds / MINUTE) * MINUTE;

/** The first whole minute by which a moment has come, in seconds: what is promised is rounded up. */
export const byMinute = (seconds: number): number => Math.ceil(seconds / MINUTE) * MINUTE;

/** "3:05", or "1:02:05" from an hour; the sign is a true minus. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds < 0 && whole > 0 ? '−' : '';
  const s = String(whole % 60).padStart(2, '0');
  const minutes = Math.floor(whole / 60);
  if (minutes < 60) return `${sign}${minutes}:${s}`;
  return `${sign}${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${s}`;
}

/** Seconds of “0:31”, “1:02:05” or plain “31”; null where it is no such thing. */
export function parseDuration(text: string): number | null {
  const found = /^(?:(?:(\d{1,2}):)?(\d{1,3}):)?(\d{1,5})$/.exec(text.trim());
  if (!found) return null;
  const [hours, minutes, seconds] = found.slice(1).map((part) => Number(part ?? 0));
  if (text.includes(':') && (seconds ?? 0) > 59) return null;
  return (hours ?? 0) * 3600 + (minutes ?? 0) * MINUTE + (seconds ?? 0);
}

/** "40 s", "3 min", "3 min 20 s", "1 h 5 min": a duration inside a sentence. */
export function sayDuration(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  if (whole < 60) return `${whole} s`;
  if (whole < 3600) {
    const s = whole % 60;
    return s ? `${Math.floor(whole / 60)} min ${s} s` : `${whole / 60} min`;
  }
  const minutes = Math.round(whole / 60);
  return minutes % 60 ? `${Math.floor(minutes / 60)} h ${minutes % 60} min` : `${minutes / 60} h`;
}
