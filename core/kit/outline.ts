/** What a thing looks like from above, as it lies in its box. */
import type { Item, Outline } from '../repertoire/item';
import type { KitEntry } from './kit';

/** As it is said of the thing; otherwise what its kind usually looks like. */
export function outlineOf(
  item: Pick<Item, 'outline' | 'holds'>,
  { dimension }: Pick<KitEntry, 'dimension'>,
): Outline {
  if (item.outline) return item.outline;
  if (dimension === 'volume' || item.holds !== null) return 'bottle';
  return dimension === 'length' ? 'cord' : 'block';
}

/** Columns of six that it takes in the picture of its box: what is long lies across, what is many needs room. */
export function columnsOf(outline: Outline, pieces: number): 2 | 3 | 6 {
  if (outline === 'long' || outline === 'cord') return 6;
  if (outline === 'round' || outline === 'bottle') return pieces > 2 ? 3 : 2;
  return 3;
}

/** Pieces that are drawn: more than these lie under each other. */
export const DRAWN_MOST = 4;

/** How many pieces are drawn, and of them filled: none, all, or some in between while it is in part. */
export function drawnPieces(want: number, have: number): { drawn: number; filled: number } {
  const drawn = Math.max(1, Math.min(DRAWN_MOST, Math.round(want)));
  if (have <= 0) return { drawn, filled: 0 };
  if (have >= want - 1e-6) return { drawn, filled: drawn };
  // Neither empty nor full while it is in between.
  return { drawn, filled: Math.min(drawn - 1, Math.max(1, Math.floor((have / want) * drawn))) };
}
