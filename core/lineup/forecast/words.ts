/** A forecast in sentences. */
import { formatDuration } from '../../time/clock';
import type { Forecast, LeaveOut } from './types';

/** A gain of fewer shows in a hundred than this is no advice. */
const WORTHWHILE = 0.05;

/** “39 of 100”; never all or none of them unless it is so. */
export function ofHundred(chance: number): string {
  const shows = Math.round(chance * 100);
  if (shows === 100 && chance < 1) return 'over 99 of 100';
  if (shows === 0 && chance > 0) return 'fewer than 1 of 100';
  return `${shows} of 100`;
}

/** False where so many end in time that leaving something out can't buy enough to be advised. */
export const couldGain = ({ chance }: Pick<Forecast, 'chance'>): boolean =>
  1 - chance >= WORTHWHILE;

/** The one thing to leave out that buys most for what it costs; null when nothing buys enough. */
export const bestToLeaveOut = (rows: readonly LeaveOut[]): LeaveOut | null =>
  rows.find((row) => row.slots.length === 1 && row.gain >= WORTHWHILE) ?? null;

/** Less than this, in seconds, is neither sooner nor later. */
const TOLD = 10;

/** “ends 0:45 sooner”, of the end in one show of two. */
export function soonerWords(seconds: number): string {
  if (Math.abs(seconds) < TOLD) return 'ends no sooner';
  return `ends ${formatDuration(Math.abs(seconds))} ${seconds > 0 ? 'sooner' : 'later'}`;
}

/** “9 of 10”: rounded down, and never as many as all while one may fail. */
export function ofTen(chance: number): string {
  const all = chance >= 0.995 ? 10 : Math.min(9, Math.floor(chance * 10 + 1e-9));
  return `${all} of 10`;
}
