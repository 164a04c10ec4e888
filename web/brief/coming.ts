import type { ShowSummary } from '../../contract/api';
import { today } from './dates';

/** Shows that are still to be performed, the next one first. */
export const comingShows = (shows: readonly ShowSummary[]): ShowSummary[] =>
  shows
    .filter(({ date, performed }) => date >= today() && performed === 0)
    .toSorted((a, b) => `${a.date} ${a.start}`.localeCompare(`${b.date} ${b.start}`));
