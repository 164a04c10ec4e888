/** A forecast in sentences. */
import { formatClock } from '../../time/clock';
import { listInWords } from '../../words';
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

/** “between 14:35 and 14:43”: eight shows in ten. `startOfDay` in seconds from midnight. */
export function rangeWords({ end }: Forecast, startOfDay: number): string {
  const [from, to] = [end.p10, end.p90].map((at) => formatClock(startOfDay + at));
  return from === to ? `at ${from}` : `between ${from} and ${to}`;
}

/** False where so many end in time that leaving something out can't buy enough to be advised. */
export const couldGain = ({ chance }: Pick<Forecast, 'chance'>): boolean =>
  1 - chance >= WORTHWHILE;

/** The one thing to leave out that buys most for what it costs; null when nothing buys enough. */
export function bestToLeaveOut({ leaveOut }: Forecast): LeaveOut | null {
  return leaveOut.find((row) => row.slots.length === 1 && row.gain >= WORTHWHILE) ?? null;
}

/** “Balancing forks is the best thing to leave out: ends by 14:40 in 97 of 100.” */
export const adviceWords = (
  { slots, chance }: LeaveOut,
  nameOf: (slot: string) => string,
  finish: string,
): string =>
  `${listInWords(slots.map(nameOf))} ${slots.length > 1 ? 'are' : 'is'} the best thing to leave out: ends by ${finish} in ${ofHundred(chance)}.`;
