/**
 * Whether a show ends in time as often as is wanted. Many choices are held against the same few shows, and the one that
 * looks best there looks better than it is; so what holds in them is held against many others, too.
 */
import { FrozenShows } from '../lineup/forecast/frozen';
import type { SlotPolicy } from '../lineup/forecast/types';
import type { LineupInput, Timeline } from '../lineup/types';

const SEED = 1;
/** Few, so that many choices can be tried; and those that hold in them are few enough for many. */
const FEW = 200;
const MANY = 1500;

const shareBy = (ends: ArrayLike<number>, room: number): number => {
  let count = 0;
  for (let i = 0; i < ends.length; i++) if ((ends[i] ?? 0) <= room) count++;
  return count / Math.max(1, ends.length);
};

export class HeldShows {
  readonly few: FrozenShows;
  readonly size = FEW;
  private readonly many: FrozenShows;

  /** `share` is what is wanted of them to end within `room`, in seconds from the start. */
  constructor(
    policies: ReadonlyMap<string, SlotPolicy>,
    private readonly share: number,
    private readonly room: number,
  ) {
    this.few = new FrozenShows(policies, FEW, SEED);
    this.many = new FrozenShows(policies, MANY, SEED + 1);
  }

  /** Of the few: their ends may be summed, before there is an order. */
  holdsBy(ends: ArrayLike<number>): boolean {
    return shareBy(ends, this.room) >= this.share;
  }

  /** The share of shows that end in time, and whether that is enough. */
  chanceOf(input: LineupInput, timeline: Timeline): { chance: number; holds: boolean } {
    const chance = shareBy(this.few.ends(input, timeline), this.room);
    if (chance < this.share) return { chance, holds: false };
    const surer = shareBy(this.many.ends(input, timeline), this.room);
    return { chance: surer, holds: surer >= this.share };
  }
}
