import { formatDuration } from '../time/clock';

/** Nearer to the plan than this is on time, in seconds. */
export const ON_TIME = 15;

/** “0:55 behind”, of so many seconds behind the plan. */
export const paceWords = (behind: number): string =>
  Math.abs(behind) < ON_TIME
    ? 'on time'
    : `${formatDuration(Math.abs(behind))} ${behind > 0 ? 'behind' : 'ahead'}`;
