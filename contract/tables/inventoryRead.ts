/** A table read as items, lots and boxes: a row that is wrong is told, and takes no other with it. */
import type { Box, StockedLot } from '../../core/inventory/types';
import { blankItem } from '../../core/repertoire/blank';
import type { Item, ItemKind, Pack } from '../../core/repertoire/item';
import type { HouseholdSizes } from '../../core/units/household';
import { toBase } from '../../core/units/units';
import { ItemBody } from '../item';
import { LotBody } from '../inventory';
import { type Checked, check } from '../validate';
import type { Rows } from './file';
import { STORE_COLUMNS, columnOf, type StoreKey } from './inventoryColumns';
import {
  type CellFault,
  type Cells,
  type HeadingUnits,
  type LotSaid,
  type PackWay,
  RowReader,
} from './inventoryRow';
import { understood } from './inventoryWrite';
import { type KindMeant, guessKind, kindOf, kindWord } from './kinds';
import { type ColumnReading, plainCells, unitInHeading } from './readings';

export interface Here {
  items: readonly Item[];
  lots: readonly StockedLot[];
  boxes: readonly Box[];
  household: HouseholdSizes;
}

/** A table with what its columns are, and how their cells are read. */
export interface StoreSheet {
  heading: readonly string[];
  /** Each with its number as the spreadsheet counts it. */
  rows: readonly { row: number; cells: Rows[number] }[];
  mapping: readonly (StoreKey | null)[];
  readings: readonly ColumnReading[];
}

/** What was said by hand of how it comes in. */
export interface HowTaken {
  /** What the words for kinds stand for, by `kindWord`; the empty one for things that say none. */
  kinds: Readonly<Record<string, KindMeant>>;
  /** Kinds of single rows, by their number. */
  kindOf: Readonly<Record<number, ItemKind>>;
  /** Of a thing that lies there already: its amount is the count of what is there, or it comes in besides. */
  known: 'count' | 'more';
  /** Where “3” beside a pack of 500 g, or of 100 pieces, is three packs. */
  ofPacks: readonly PackWay[];
}

/** A lot as the table has it; `stock` null where the table says nothing of how much there is. */
export type ReadLot = Omit<StockedLot, 'stock'> & { stock: number | null };

/** What a row comes to. It comes in when it has no faults. */
export interface ReadRow {
  row: number;
  name: string;
  /** “new item, new lot”. */
  what: string;
  /** What was understood of each column of the table; empty where nothing was. */
  cells: string[];
  faults: CellFault[];
}

export interface StoreImport {
  /** Whole items, new and changed. */
  items: Item[];
  lots: ReadLot[];
  boxes: Box[];
  rows: ReadRow[];
  /** The words for kinds, in how many rows each, and what each is taken for; null where that must be said. */
  kinds: { word: string; rows: number; means: KindMeant | null }[];
  /** Rows of things that lie there already, to which `known` applies. */
  knownLots: number;
  /** Rows with a figure alone beside a pack, to which `ofPacks` applies. */
  besidePacks: Record<PackWay, number>;
}

/** What one row changes, kept apart until all of it is seen to be right. */
interface Taken {
  item: Item;
  isNew: boolean;
  pack: Pack | null;
  lot: ReadLot | null;
  counted: boolean;
  box: Box | null;
}

const same = (a: Item, b: Item): boolean => JSON.stringify(a) === JSON.stringify(b);

const plainBody = (value: object): unknown => JSON.parse(JSON.stringify(value));

const lotColumnOf = (path: string): StoreKey | null =>
  path === 'note' ? 'lotNote' : path === 'id' ? 'lotId' : columnOf(path);

/** What the contract says of it, at the column that it stands in. */
function tell(
  reader: RowReader,
  checked: Checked<object>,
  columnAt: (path: string) => StoreKey | null,
): void {
  if (!checked.ok)
    for (const { path, message } of checked.faults) reader.fault(columnAt(path), message);
}

class Reading {
  readonly items = new Map<string, Item>();
  readonly lots = new Map<string, ReadLot>();
  readonly boxes = new Map<number, Box>();
  readonly rows: ReadRow[] = [];
  readonly kinds = new Map<string, StoreImport['kinds'][number]>();
  knownLots = 0;
  readonly besidePacks: Record<PackWay, number> = { measured: 0, counted: 0 };
  private readonly byName = new Map<string, string>();
  private readonly known: Map<string, Item>;
  private readonly lotsHere: Map<string, StockedLot>;
  private readonly lotsOf = new Map<string, StockedLot[]>();
  private readonly boxHere: Map<number, Box>;
  private readonly units: HeadingUnits = {};
  /** Ids of new things whose first row is wrong: what their other rows say is not all of them. */
  private readonly wrong = new Set<string>();

  constructor(
    private readonly sheet: StoreSheet,
    private readonly here: Here,
    private readonly how: HowTaken,
    private readonly newId: () => string,
  ) {
    this.known = new Map(here.items.map((item) => [item.id, item]));
    this.lotsHere = new Map(here.lots.map((lot) => [lot.id, lot]));
    this.boxHere = new Map(here.boxes.map((box) => [box.number, box]));
    for (const lot of here.lots)
      this.lotsOf.set(lot.itemId, [...(this.lotsOf.get(lot.itemId) ?? []), lot]);
    for (const item of here.items) this.byName.set(item.name.toLowerCase(), item.id);
    sheet.mapping.forEach((key, at) => {
      const unit = unitInHeading(sheet.heading[at] ?? '');
      if (key !== null && unit !== null) this.units[key] = unit;
    });
  }

  read({ row, cells: raw }: StoreSheet['rows'][number]): void {
    const cells: Cells = plainCells(raw, this.sheet.mapping, STORE_COLUMNS, this.sheet.readings);
    const reader = new RowReader(cells, this.units, this.how.ofPacks);
    const taken = this.takenOf(row, cells, reader);
    const faults = reader.faults;
    if (taken && faults.length === 0) this.keep(taken);
    else if (taken?.isNew) this.wrong.add(taken.item.id);
    this.rows.push({
      row,
      name: taken?.item.name ?? cells.name ?? '',
      what: taken && faults.length === 0 ? this.inWords(taken) : '',
      cells: this.shown(cells, taken),
      faults,
    });
  }

  private takenOf(row: number, cells: Cells, reader: RowReader): Taken | null {
    const name = cells.name ?? '';
    const id = reader.text('itemId') ?? this.byName.get(name.toLowerCase()) ?? this.newId();
    const before = this.before(id);
    if (name === '' && !before) {
      reader.fault('name', 'is missing');
      return null;
    }
    const isNew = !before;
    if (isNew && this.wrong.has(id)) {
      reader.fault(null, 'Its first row needs another look');
      return null;
    }
    const start = before ?? blankItem(id, name, 'equipment');
    const unit = reader.unitOf(start, isNew);
    const { packs, pack } = reader.packs(start.packs, unit);
    const box = this.boxOf(reader);
    const item: Item = {
      ...reader.item(start, unit),
      kind: this.kindOfRow(row, cells, reader, before ?? null, unit) ?? start.kind,
      boxId: box.id ?? start.boxId,
      packs,
    };
    if (!before || !same(before, item)) tell(reader, check(ItemBody, plainBody(item)), columnOf);
    const way = reader.besidePack(pack);
    if (way) this.besidePacks[way]++;
    const { lot, counted } = this.lotOf(reader, item, pack);
    return { item, isNew, pack, lot, counted, box: box.fresh };
  }

  private before(id: string): Item | undefined {
    return this.items.get(id) ?? this.known.get(id);
  }

  /** What kind a new thing is must be said or seen; of one that is here, only where the table has a word for it. */
  private kindOfRow(
    row: number,
    cells: Cells,
    reader: RowReader,
    before: Item | null,
    unit: Item['unit'],
  ): ItemKind | null {
    const byHand = this.how.kindOf[row];
    if (byHand) return byHand;
    const word = kindWord(cells.kind ?? '');
    if (word === '' && before) return null;
    const means = this.how.kinds[word] ?? guessKind(word);
    const known = this.kinds.get(word) ?? { word, rows: 0, means };
    this.kinds.set(word, { ...known, rows: known.rows + 1 });
    if (means !== null) return kindOf(means, unit);
    reader.fault(
      'kind',
      word === ''
        ? 'is not said: is it equipment, used up, or protective gear?'
        : `“${cells.kind ?? ''}” is no kind here: say what it stands for`,
    );
    return null;
  }

  private boxOf(reader: RowReader): { id: string | null; fresh: Box | null } {
    const number = reader.boxNumber();
    if (number === undefined) return { id: null, fresh: null };
    const here = this.boxes.get(number) ?? this.boxHere.get(number);
    if (here) return { id: here.id, fresh: null };
    const fresh = reader.box(this.newId(), number);
    return { id: fresh.id, fresh };
  }

  private lotOf(reader: RowReader, item: Item, pack: Pack | null): Pick<Taken, 'lot' | 'counted'> {
    const said = reader.lot(item.unit, pack);
    if (!said) return { lot: null, counted: false };
    const asked = reader.text('lotId');
    const before =
      asked === undefined ? this.lying(reader, said, item) : (this.lotsHere.get(asked) ?? null);
    if (before && before.itemId !== item.id) reader.fault('lotId', 'belongs to another item here');
    const lot: ReadLot = {
      id: asked ?? before?.id ?? this.newId(),
      itemId: item.id,
      place: said.place ?? before?.place ?? '',
      expiry: said.expiry ?? before?.expiry ?? null,
      opened: said.opened ?? before?.opened ?? null,
      state: said.state ?? before?.state ?? 'good',
      lastTest: said.lastTest ?? before?.lastTest ?? null,
      note: said.note ?? before?.note ?? '',
      stock: said.amount ? toBase(said.amount.amount, said.amount.unit, this.here.household) : null,
    };
    if (this.lots.has(lot.id)) reader.fault('lotId', 'is in the file twice');
    const { stock: _stock, ...body } = lot;
    tell(reader, check(LotBody, plainBody(body)), lotColumnOf);
    return { lot, counted: before !== null };
  }

  /** The one lot that lies where the row says, and is good until then; null where it comes in besides. */
  private lying(reader: RowReader, { place, expiry }: LotSaid, item: Item): StockedLot | null {
    const alike = (this.lotsOf.get(item.id) ?? []).filter(
      (lot) =>
        !this.lots.has(lot.id) &&
        (place === undefined || lot.place.toLowerCase() === place.toLowerCase()) &&
        (expiry === undefined || lot.expiry === expiry),
    );
    if (alike.length === 0) return null;
    this.knownLots++;
    if (this.how.known === 'more') return null;
    if (alike.length > 1)
      reader.fault('place', `must say which: there are ${alike.length} lots of it here`);
    return alike[0] ?? null;
  }

  private keep({ item, lot, box }: Taken): void {
    this.byName.set(item.name.toLowerCase(), item.id);
    this.items.set(item.id, item);
    if (box) this.boxes.set(box.number, box);
    if (lot) this.lots.set(lot.id, lot);
  }

  private inWords({ item, isNew, lot, counted }: Taken): string {
    const before = this.known.get(item.id);
    const ofItem = isNew ? 'new item' : before && !same(item, before) ? 'changes the item' : '';
    const ofLot = lot === null ? '' : counted ? 'counts the lot' : 'new lot';
    return [ofItem, ofLot].filter(Boolean).join(', ') || 'as it is here';
  }

  /** What was understood of each cell that says something, as it would be written here. */
  private shown(cells: Cells, taken: Taken | null): string[] {
    const text = taken
      ? understood({
          ...taken,
          box:
            taken.box ??
            [...this.boxes.values(), ...this.here.boxes].find(
              ({ id }) => id === taken.item.boxId,
            ) ??
            null,
        })
      : {};
    return this.sheet.mapping.map((key) =>
      key === null || !cells[key]
        ? ''
        : // What belongs to a pack says nothing where none is known.
          (text[key] ?? (taken && OF_PACK.has(key) ? '–' : cells[key])),
    );
  }
}

const OF_PACK: ReadonlySet<StoreKey> = new Set([
  'packId',
  'pack',
  'price',
  'leadDays',
  'supplier',
  'keeps',
  'hireDays',
]);

/** `newId` makes ids that are nowhere yet. */
export function readStoreTable(
  sheet: StoreSheet,
  here: Here,
  how: HowTaken,
  newId: () => string,
): StoreImport {
  const reading = new Reading(sheet, here, how, newId);
  for (const row of sheet.rows) reading.read(row);
  return {
    items: [...reading.items.values()],
    lots: [...reading.lots.values()],
    boxes: [...reading.boxes.values()],
    rows: reading.rows,
    kinds: [...reading.kinds.values()],
    knownLots: reading.knownLots,
    besidePacks: reading.besidePacks,
  };
}
