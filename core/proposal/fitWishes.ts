/** What is wished of everything that is chosen for a show. */
import type { HazardKind } from '../repertoire/types';

export interface FitWishes {
  /** Hazards that are not wanted. */
  without: readonly HazardKind[];
  /** Ids of things that are there; null for whatever is needed. */
  atHand: ReadonlySet<string> | null;
  /** Where it is, as long as no place is known; null for wherever. */
  where: 'indoors' | 'outdoors' | null;
  /** Of these nobody has said anything yet: they keep nothing out. */
  unsaid: readonly ('time' | 'crew')[];
}

export const NO_FIT_WISHES: FitWishes = { without: [], atHand: null, where: null, unsaid: [] };
