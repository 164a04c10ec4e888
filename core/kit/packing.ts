/** Boxes in load order: what is set up first comes out first, so it goes in last. */
import type { Item } from '../repertoire/types';
import type { Box } from '../inventory/types';
import { toGrams } from '../inventory/convert';
import type { KitEntry } from './kit';

export const PACK_MARKS = ['packed', 'tested', 'home'] as const;
/** packed: in its box; tested: its function test was done; home: back from the show. */
export type PackMarkKind = (typeof PACK_MARKS)[number];

export interface PackMark {
  key: string;
  kind: PackMarkKind;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
}

export interface PackLine {
  /** The same for the same thing as long as it is in the show. */
  key: string;
  entry: KitEntry;
  item: Item;
  /** Null when not known. */
  grams: number | null;
  /** When it is first in use, in seconds from the show's start. */
  firstUse: number;
  /** Used up, so it does not come home. */
  usedUp: boolean;
}

export interface PackedBox {
  /** Null for what has no box. */
  box: Box | null;
  /** In the order to put in: the first lies at the bottom. */
  lines: PackLine[];
  /** With the box itself, of all that is known. */
  grams: number;
  /** How many things, the box included, have no known weight. */
  unweighed: number;
  firstUse: number;
}

export const packKey = (entry: Pick<KitEntry, 'itemId' | 'dimension'>): string =>
  `${entry.itemId}.${entry.dimension}`;

/** What the venue has, such as water, is not packed. Boxes in the order to load them. */
export function packingOf(
  entries: readonly KitEntry[],
  items: readonly Item[],
  boxes: readonly Box[],
): PackedBox[] {
  const groups = new Map<string | null, PackLine[]>();
  for (const entry of entries) {
    const item = items.find((candidate) => candidate.id === entry.itemId);
    if (!item || item.atVenue) continue;
    const boxId = boxes.some((box) => box.id === item.boxId) ? item.boxId : null;
    const line: PackLine = {
      key: packKey(entry),
      entry,
      item,
      grams: toGrams(entry.total, entry.dimension, item),
      firstUse: Math.min(...entry.parts.map((part) => part.from)),
      usedUp: item.kind === 'consumable',
    };
    const list = groups.get(boxId);
    if (list) list.push(line);
    else groups.set(boxId, [line]);
  }
  return [...groups]
    .map(([boxId, lines]): PackedBox => {
      const box = boxes.find((candidate) => candidate.id === boxId) ?? null;
      const weights = [...lines.map((line) => line.grams), ...(box ? [box.grams] : [])];
      return {
        box,
        lines: lines.sort(
          (a, b) => b.firstUse - a.firstUse || a.entry.name.localeCompare(b.entry.name, 'en'),
        ),
        grams: weights.reduce<number>((sum, grams) => sum + (grams ?? 0), 0),
        unweighed: weights.filter((grams) => grams === null).length,
        firstUse: Math.min(...lines.map((line) => line.firstUse)),
      };
    })
    .sort(
      (a, b) =>
        // What goes loose is carried by hand, last of all.
        Number(a.box === null) - Number(b.box === null) ||
        b.firstUse - a.firstUse ||
        (a.box?.number ?? 0) - (b.box?.number ?? 0),
    );
}

export interface PackState {
  /** Things still to be packed, or on the way home still missing. */
  open: PackLine[];
  /** Packed things whose function test is not done. */
  untested: PackLine[];
  done: number;
  all: number;
}

/** How far packing is, on the way out or home. */
export function packState(
  packed: readonly PackedBox[],
  marks: readonly PackMark[],
  way: 'out' | 'home',
): PackState {
  const has = (line: PackLine, kind: PackMarkKind): boolean =>
    marks.some((mark) => mark.key === line.key && mark.kind === kind);
  const lines = packed
    .flatMap((box) => box.lines)
    // Home comes what is not used up.
    .filter((line) => way === 'out' || !line.usedUp);
  const kind = way === 'out' ? 'packed' : 'home';
  const open = lines.filter((line) => !has(line, kind));
  return {
    open,
    untested:
      way === 'out'
        ? lines.filter((line) => line.item.functionTest !== '' && !has(line, 'tested'))
        : [],
    done: lines.length - open.length,
    all: lines.length,
  };
}
