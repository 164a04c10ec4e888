/** How far packing is: each thing none, in part or whole; and on the way home, what went along and is not back. */
import type { Share } from '../inventory/allocate';
import { convert } from '../inventory/convert';
import { formatTotal, type System } from '../units/format';
import type { Item } from '../repertoire/item';
import { type Dimension, dimensionOf } from '../units/units';
import type { PackedBox, PackLine, PackMark, PackMarkKind } from './packing';
import type { Used } from './takeOut';

export type Way = 'out' | 'home';

export interface LineState {
  line: PackLine;
  /** In base units of the line’s kind: how much should be in, or back, and how much is. */
  want: number;
  have: number;
  /** How much there can be at the most as far as packing goes: all that is wanted, or that went along. */
  most: number;
  is: 'none' | 'part' | 'all';
  /** “3 of 4”, “packed 1, now 6”, “6 packed, 4 needed”; empty where there is nothing to say. */
  words: string;
  /** The tick, with whose it is; null where there is none. */
  mark: PackMark | null;
  tested: PackMark | null;
}

export interface PackState {
  lines: readonly LineState[];
  /** Things still to be packed, or on the way home still missing; those in part too. */
  open: readonly LineState[];
  /** Packed things whose function test is not done. */
  untested: readonly LineState[];
  done: number;
  all: number;
  /** Packed, and not in the kit any more: keys. */
  stray: readonly PackMark[];
}

/** Amounts closer than this are the same: they were added up from decimals. */
const SAME = 1e-6;

interface PackContext {
  system: System;
  /** What the show used up; null while that is not known, so that all of it may be left. */
  used?: readonly Used[] | null;
}

const markOf = (marks: readonly PackMark[], key: string, kind: PackMarkKind): PackMark | null =>
  marks.find((mark) => mark.key === key && mark.kind === kind) ?? null;

/** How much a mark says is in; one that was not counted says all of it. */
const amountOf = (mark: PackMark | null, want: number): number =>
  mark === null ? 0 : (mark.amount ?? want);

function inWords(
  { entry }: PackLine,
  { want, have, mark }: Pick<LineState, 'want' | 'have' | 'mark'>,
  way: Way,
  system: System,
): string {
  const text = (base: number): string => {
    const unit = entry.parts[0]?.unit;
    return unit ? formatTotal(base, entry.dimension, unit, system) : String(base);
  };
  const done = way === 'out' ? 'packed' : 'back';
  if (mark === null || Math.abs(have - want) <= SAME) return '';
  // More is left than was reckoned with.
  if (have > want && way === 'home') return '';
  if (have > want) return `${text(have)} ${done}, ${text(want)} needed`;
  // It was whole when it was ticked: what is asked has changed since.
  if (way === 'out' && mark.of !== null && have >= mark.of - SAME)
    return `${done} ${text(have)}, now ${text(want)}`;
  return `${text(have)} of ${text(want)}`;
}

/** What of a thing that is used up should be left: what was packed of it, less what was used. */
function leftOf(line: PackLine, packed: number, used: readonly Used[]): number {
  const { item, entry } = line;
  const found = used.find(({ itemId }) => itemId === item.id);
  if (!found) return packed;
  const gone = convert(found.used, dimensionOf(item.unit), entry.dimension, item);
  const left = Math.max(0, packed - (gone ?? packed));
  return entry.dimension === 'count' ? Math.floor(left + SAME) : left;
}

/** How much of a line went along. What was never packed is not missing, unless nobody ticked at all. */
function wentAlong(line: PackLine, marks: readonly PackMark[]): number {
  const ticked = marks.some(({ kind }) => kind === 'packed');
  const mark = markOf(marks, line.key, 'packed');
  return ticked ? amountOf(mark, line.entry.total) : line.entry.total;
}

/** How far packing is, on the way out or home. */
export function packState(
  packed: readonly PackedBox[],
  marks: readonly PackMark[],
  way: Way,
  context: PackContext,
): PackState {
  const kind = way === 'out' ? 'packed' : 'home';
  const every = packed.flatMap((box) => box.lines);
  const lines = every.flatMap((line): LineState[] => {
    const most = way === 'out' ? line.entry.total : wentAlong(line, marks);
    const want = way === 'home' && line.usedUp ? leftOf(line, most, context.used ?? []) : most;
    if (way === 'home' && want <= SAME) return [];
    const mark = markOf(marks, line.key, kind);
    const have = amountOf(mark, want);
    const is = mark === null || have <= 0 ? 'none' : have >= want - SAME ? 'all' : 'part';
    const words = inWords(line, { want, have, mark }, way, context.system);
    return [{ line, want, have, most, is, words, mark, tested: markOf(marks, line.key, 'tested') }];
  });
  const open = lines.filter((one) => one.is !== 'all');
  const known = new Set(every.map(({ key }) => key));
  return {
    lines,
    open,
    untested:
      way === 'out'
        ? lines.filter(({ line, tested }) => line.item.functionTest !== '' && tested === null)
        : [],
    done: lines.length - open.length,
    all: lines.length,
    stray: marks.filter((mark) => mark.kind === 'packed' && !known.has(mark.key)),
  };
}

/**
 * The most of a line that can be packed: no more than there is. Null where the store does not count it, or counts
 * it in another kind.
 */
export const mostPacked = (
  { dimension, item }: { dimension: Dimension; item: Item },
  there: number | null,
): number | null =>
  there === null ? null : convert(there, dimensionOf(item.unit), dimension, item);

/** As much of a line as can be in, or back: no more than is wanted and there is, or than went along. */
export function mostOf(
  { line, most }: Pick<LineState, 'line' | 'most'>,
  way: Way,
  shares: readonly Pick<Share, 'itemId' | 'there'>[] | null,
): number {
  const there = shares?.find(({ itemId }) => itemId === line.item.id)?.there ?? null;
  const can = mostPacked({ dimension: line.entry.dimension, item: line.item }, there);
  return way === 'home' || can === null ? most : Math.max(0, Math.min(most, can));
}

/** How much is in once the tick is pressed: as much as can be; nothing where that is in already. */
export function pressed(
  { is, have, want }: Pick<LineState, 'is' | 'have' | 'want'>,
  most: number,
): number {
  const all = Math.min(want, most);
  const full = is === 'all' || (is === 'part' && have >= all - SAME);
  return full ? 0 : all;
}
