/** Times of steps that can hardly be right: a press that was forgotten, or made twice. */
import type { StepTime } from '../stage/types';

/** So many times its planned time, and so many seconds more, and one asks. */
const LONGER = 3;
const MORE = 60;
/** Shorter than this share of its planned time, of a step that takes a while. */
const SHORTER = 0.1;
const A_WHILE = 20;

/** Whether a time is worth asking about; one that was put right, or is doubted or trusted already, is not. */
export function isOdd(
  { seconds, measured, doubtful, trusted }: StepTime,
  planned: number,
): boolean {
  if (doubtful || trusted || measured !== null) return false;
  if (seconds >= LONGER * planned && seconds >= planned + MORE) return true;
  return planned >= A_WHILE && seconds < SHORTER * planned;
}

/** So many that look odd are no slips any more, if they are no fewer than the others: the guess is wrong. */
const NO_SLIP = 3;

/** Times to go by: those that look right, and the odd ones too where it is they that are usual. */
export const usable = <T>(right: readonly T[], odd: readonly T[]): T[] =>
  odd.length >= NO_SLIP && odd.length >= right.length ? [...right, ...odd] : [...right];
