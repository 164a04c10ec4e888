/** What goes into which box, from the bottom up, and the boxes in the order to load them. */
import type { Item } from '../repertoire/item';
import type { Box } from '../inventory/types';
import { toGrams } from '../inventory/convert';
import { BASE_UNIT, type Dimension } from '../units/units';
import type { KitEntry } from './kit';
import { loadOrder } from './loading';

export const PACK_MARKS = ['packed', 'tested', 'home'] as const;
/** packed: in its box; tested: its function test was done; home: back from the show. */
export type PackMarkKind = (typeof PACK_MARKS)[number];

export interface PackMark {
  key: string;
  kind: PackMarkKind;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
  /**
   * How much is in, or back, in base units of the line’s kind, of how much was wanted then; null for all of it,
   * as marks were before this was counted, and of what is tested.
   */
  amount: number | null;
  of: number | null;
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
  /** Used up: of it only what is left comes home. */
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

/** g from which a thing lies at the bottom, whenever it is needed. Our own mark. */
const HEAVY = 2000;

/** Liquids, and what is said to, stand upright. */
export const standsUpright = ({ item, entry }: Pick<PackLine, 'item' | 'entry'>): boolean =>
  item.stows.includes('upright') || entry.dimension === 'volume' || item.holds !== null;

/** From the bottom of the box up: heavy things, what stands on its floor, the rest, and what nothing lies on. */
function layerOf(line: PackLine): number {
  if (line.item.stows.includes('onTop')) return 3;
  if ((line.grams ?? 0) >= HEAVY) return 0;
  return standsUpright(line) ? 1 : 2;
}

const isDimension = (text: string): text is Dimension => Object.hasOwn(BASE_UNIT, text);

/** The item and the kind of amount that a key stands for; an id holds no full stop after its last. */
export function partsOfKey(key: string): { itemId: string; dimension: Dimension | null } {
  const at = key.lastIndexOf('.');
  const kind = key.slice(at + 1);
  return { itemId: key.slice(0, at), dimension: isDimension(kind) ? kind : null };
}

/** The weight of the things of a kit, in grams, and how many are not weighed; what the venue has stays there. */
export const weightOfKit = (
  entries: readonly Pick<KitEntry, 'itemId' | 'total' | 'dimension'>[],
  items: readonly Item[],
): { grams: number; unweighed: number } => {
  const weights = entries.flatMap(({ itemId, total, dimension }) => {
    const item = items.find(({ id }) => id === itemId);
    return !item || item.atVenue ? [] : [toGrams(total, dimension, item)];
  });
  return {
    grams: weights.reduce<number>((sum, grams) => sum + (grams ?? 0), 0),
    unweighed: weights.filter((grams) => grams === null).length,
  };
};

/** Several boxes together. */
export const weightOf = (
  boxes: readonly Pick<PackedBox, 'grams' | 'unweighed'>[],
): Pick<PackedBox, 'grams' | 'unweighed'> => ({
  grams: boxes.reduce((sum, { grams }) => sum + grams, 0),
  unweighed: boxes.reduce((sum, { unweighed }) => sum + unweighed, 0),
});

const lineOf = (entry: KitEntry, item: Item): PackLine => ({
  key: packKey(entry),
  entry,
  item,
  grams: toGrams(entry.total, entry.dimension, item),
  firstUse: Math.min(...entry.parts.map((part) => part.from)),
  usedUp: item.kind === 'consumable',
});

/** What is found at the venue, and not packed. */
export const atVenueOf = (entries: readonly KitEntry[], items: readonly Item[]): PackLine[] =>
  entries.flatMap((entry) => {
    const item = items.find(({ id }) => id === entry.itemId);
    return item?.atVenue ? [lineOf(entry, item)] : [];
  });

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
    const line = lineOf(entry, item);
    const list = groups.get(boxId);
    if (list) list.push(line);
    else groups.set(boxId, [line]);
  }
  const packed = [...groups]
    .map(([boxId, lines]): PackedBox => {
      const box = boxes.find((candidate) => candidate.id === boxId) ?? null;
      const weights = [...lines.map((line) => line.grams), ...(box ? [box.grams] : [])];
      return {
        box,
        lines: lines.sort(
          (a, b) =>
            layerOf(a) - layerOf(b) ||
            b.firstUse - a.firstUse ||
            a.entry.name.localeCompare(b.entry.name, 'en'),
        ),
        grams: weights.reduce<number>((sum, grams) => sum + (grams ?? 0), 0),
        unweighed: weights.filter((grams) => grams === null).length,
        firstUse: Math.min(...lines.map((line) => line.firstUse)),
      };
    })
    .sort((a, b) => (a.box?.number ?? 0) - (b.box?.number ?? 0));
  // What goes loose is carried by hand, last of all.
  return [
    ...loadOrder(packed.filter(({ box }) => box !== null)),
    ...packed.filter(({ box }) => box === null),
  ];
}
