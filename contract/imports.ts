/** Tables brought in: what is asked of a preview, what it answers, and what came in before. */
import { ITEM_KINDS, type ItemKind } from '../core/repertoire/item';
import { Holds, Id, OneOf, OneOfList, Text, Whole, YesNo } from './fields';
import { ENCODINGS, type Cell, type Encoding, MOST_COLUMNS, MOST_ROWS } from './tables/file';
import type { DayOrder } from './tables/days';
import type { DecimalMark } from './tables/figures';
import { STORE_COLUMNS, type StoreKey } from './tables/inventoryColumns';
import type { HowTaken, ReadRow, StoreImport } from './tables/inventoryRead';
import { PACK_WAYS, type PackWay } from './tables/inventoryRow';
import type { KindMeant } from './tables/kinds';
import type { LeftOut } from './tables/layout';
import type { ColumnReading, ReadingAsked } from './tables/readings';

/** Longest cell, in letters. */
const MOST_LETTERS = 20_000;

const isCell = (cell: unknown): cell is Cell =>
  typeof cell === 'string' ? cell.length <= MOST_LETTERS : Number.isFinite(cell);

function rowsFault(rows: unknown): string | null {
  if (!Array.isArray(rows)) return 'is missing';
  if (rows.length > MOST_ROWS) return `must have at most ${MOST_ROWS} rows`;
  return rows.every((row) => Array.isArray(row) && row.length <= MOST_COLUMNS && row.every(isCell))
    ? null
    : `must be rows of at most ${MOST_COLUMNS} cells, each a text or a number`;
}

const MARKS: readonly (DecimalMark | null)[] = ['.', ',', null];
const ORDERS: readonly (DayOrder | null)[] = ['dayFirst', 'monthFirst', null];
const KEYS = new Set<string>(STORE_COLUMNS.map(({ key }) => key));
const MEANT: readonly KindMeant[] = [...ITEM_KINDS, 'byUnit'];

const isReading = (asked: unknown): asked is ReadingAsked | null => {
  if (asked === null) return true;
  if (typeof asked !== 'object') return false;
  const { mark, order } = asked as Partial<ReadingAsked>;
  return MARKS.includes(mark ?? null) && ORDERS.includes(order ?? null);
};

/** Each value of an object that is one of these. */
const eachIn = (object: unknown, values: readonly unknown[], most: number): boolean =>
  typeof object === 'object' &&
  object !== null &&
  !Array.isArray(object) &&
  Object.keys(object).length <= most &&
  Object.values(object).every((value) => values.includes(value));

/** A sheet, which column each of its headings is, and how it is to be read. */
export class PreviewBody implements HowTaken {
  @Holds<PreviewBody>(({ rows }) => rowsFault(rows))
  rows!: Cell[][];

  @Whole(0, MOST_ROWS)
  headingAt!: number;

  @Holds<PreviewBody>(({ mapping }) =>
    Array.isArray(mapping) &&
    mapping.length <= MOST_COLUMNS &&
    mapping.every((key) => key === null || (typeof key === 'string' && KEYS.has(key)))
      ? null
      : 'must name a column, or null, for each heading',
  )
  mapping!: (StoreKey | null)[];

  /** By column; null, or none, lets its cells say it. */
  @Holds<PreviewBody>(({ readings }) =>
    Array.isArray(readings) && readings.length <= MOST_COLUMNS && readings.every(isReading)
      ? null
      : 'must say a decimal mark, an order of day and month, or null, for each column',
  )
  readings!: (ReadingAsked | null)[];

  @Holds<PreviewBody>(({ kinds }) =>
    eachIn(kinds, MEANT, 1000) ? null : 'must say what kind each word stands for',
  )
  kinds!: Record<string, KindMeant>;

  @Holds<PreviewBody>(({ kindOf }) =>
    eachIn(kindOf, ITEM_KINDS, MOST_ROWS) ? null : 'must say the kind of a row',
  )
  kindOf!: Record<number, ItemKind>;

  @OneOf(['count', 'more'])
  known!: 'count' | 'more';

  @OneOfList(PACK_WAYS)
  ofPacks!: PackWay[];

  /** Rows that came in before come in again. */
  @YesNo()
  again!: boolean;
}

export class ImportBody extends PreviewBody {
  /** By which it can be asked how far it is, and be stopped. */
  @Id()
  id!: string;

  /** Of the file, or what else it is called by. */
  @Text(200)
  name!: string;

  /** Rows that were seen to need another look, and are left out; any other that does holds all of it up. */
  @Holds<ImportBody>(({ leave }) =>
    Array.isArray(leave) && leave.length <= MOST_ROWS && leave.every(Number.isInteger)
      ? null
      : 'must be numbers of rows',
  )
  leave!: number[];
}

/** How the letters of a file are to be read, where that is said by hand. */
export class TableQuery {
  @OneOf(['', ...ENCODINGS])
  letters!: '' | Encoding;
}

/** What was said of words that a table uses, and is remembered for the next. */
export interface TableWords {
  /** The column that a heading means, by the heading in plain letters; null leaves it out. */
  headings: Record<string, StoreKey | null>;
  kinds: Record<string, KindMeant>;
}

export class ForgetQuery {
  @OneOf(['heading', 'kind'])
  what!: 'heading' | 'kind';

  @Text(200)
  word!: string;
}

/** What a table would come to. */
export interface StorePreview {
  rows: ReadRow[];
  leftOut: (Omit<LeftOut, 'why'> & { why: LeftOut['why'] | 'same' })[];
  readings: ColumnReading[];
  kinds: StoreImport['kinds'];
  knownLots: number;
  besidePacks: StoreImport['besidePacks'];
  /** The table that rows of this one came in with; null where all are new. */
  same: { rows: number; name: string; at: number } | null;
  items: number;
  lots: number;
  boxes: number;
}

/** A table that came in. */
export interface TableImport {
  id: string;
  name: string;
  /** Milliseconds since 1970. */
  at: number;
  items: number;
  lots: number;
  /** How many of its items are in. */
  came: number;
  /** All of it came in; otherwise it was stopped, or comes in now. */
  whole: boolean;
  /** It comes in, or is taken back, now. */
  busy: boolean;
  /** When it was taken back; null while it is in. */
  back: number | null;
}

/** What came of taking one back: what could not be, since it was changed or used in the meantime. */
export interface TakenBack {
  items: number;
  lots: number;
  stays: { name: string; why: string }[];
}
