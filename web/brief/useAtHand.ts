import { useBoxes, useHealth, useRuns } from '../app/data';

/** Reads what the other pages of a show need too, so that they can be opened when there is no network. */
export function useAtHand(showId: string): void {
  useBoxes();
  useHealth();
  useRuns(showId);
}
