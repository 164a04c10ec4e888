/** Rows of a table read as items, lots and boxes; nothing is stored before it was reviewed. */
import { blankItem } from '../../core/repertoire/blank';
import type { Item, Pack } from '../../core/repertoire/item';
import type { Box, StockedLot } from '../../core/inventory/types';
import type { HouseholdSizes } from '../../core/units/household';
import { parseAmount } from '../../core/units/parse';
import {
  BASE_UNIT,
  type Dimension,
  type UnitId,
  dimensionOf,
  isApproximate,
  toBase,
  UNITS,
} from '../../core/units/units';
import { ItemBody } from '../item';
import { LotBody } from '../inventory';
import { check } from '../validate';
import { columnOf, type StoreKey, titleOf } from './inventoryColumns';
import { type RowFault, cellsOf } from './table';
import {
  type Read,
  isFault,
  readDay,
  readLimit,
  readList,
  readNumber,
  readWord,
  readWords,
  readYesNo,
} from './values';
import {
  COLD_KIND,
  ITEM_KIND,
  LID,
  LOT_STATE,
  MATERIAL,
  OUTLINE,
  SIGNAL,
  STOW,
  STRENGTH_KIND,
  SUBSTANCE,
  UNIT,
} from './words';

export interface Here {
  items: readonly Item[];
  lots: readonly StockedLot[];
  boxes: readonly Box[];
  household: HouseholdSizes;
}

/** A lot as the table has it; `stock` null where the table says nothing of how much there is. */
export type ReadLot = Omit<StockedLot, 'stock'> & { stock: number | null };

export interface StoreImport {
  /** Whole items, new and changed. */
  items: Item[];
  lots: ReadLot[];
  boxes: Box[];
  /** For every row with something in it, what it comes to. */
  rows: { row: number; name: string; what: string }[];
  faults: RowFault[];
}

type Cells = Partial<Record<StoreKey, string>>;

const MOST_FAULTS = 500;

class Reading {
  readonly items = new Map<string, { item: Item; row: number }>();
  readonly lots = new Map<string, ReadLot>();
  readonly boxes = new Map<number, Box>();
  readonly faults: RowFault[] = [];
  readonly rows: StoreImport['rows'] = [];
  private readonly byName = new Map<string, string>();
  private readonly known: Map<string, Item>;
  private readonly knownLots: Map<string, StockedLot>;

  constructor(
    private readonly here: Here,
    private readonly newId: () => string,
  ) {
    this.known = new Map(here.items.map((item) => [item.id, item]));
    this.knownLots = new Map(here.lots.map((lot) => [lot.id, lot]));
    for (const item of here.items) this.byName.set(item.name.toLowerCase(), item.id);
  }

  fault(row: number, key: StoreKey | null, message: string): void {
    if (this.faults.length < MOST_FAULTS)
      this.faults.push({ row, column: key === null ? '' : titleOf(key), message });
  }

  /** The value of a cell; undefined when it is empty, left out, or wrong, which is then told. */
  private get<T>(
    row: number,
    cells: Cells,
    key: StoreKey,
    read: (text: string) => Read<T>,
  ): T | undefined {
    const text = cells[key];
    if (text === undefined || text === '') return undefined;
    const result = read(text);
    if (!isFault(result)) return result.value;
    this.fault(row, key, result.fault);
    return undefined;
  }

  private text(cells: Cells, key: StoreKey): string | undefined {
    return cells[key] === '' ? undefined : cells[key];
  }

  read(row: number, cells: Cells): void {
    if (Object.values(cells).every((cell) => cell === '')) return;
    const name = cells.name ?? '';
    const id = this.text(cells, 'itemId') ?? this.byName.get(name.toLowerCase()) ?? this.newId();
    const before = this.items.get(id)?.item ?? this.known.get(id);
    if (name === '' && !before) {
      this.fault(row, 'name', 'is missing');
      return;
    }
    const isNew = !before;
    const start = before ?? blankItem(id, name, 'consumable');
    const item = this.itemOf(row, cells, start, isNew);
    this.byName.set(item.name.toLowerCase(), id);
    this.items.set(id, { item, row: this.items.get(id)?.row ?? row });
    const lot = this.lotOf(row, cells, item);
    this.rows.push({
      row,
      name: item.name,
      what:
        [
          isNew
            ? 'new item'
            : JSON.stringify(item) === JSON.stringify(before)
              ? ''
              : 'changes the item',
          lot,
        ]
          .filter(Boolean)
          .join(', ') || 'as it is here',
    });
  }

  private itemOf(row: number, cells: Cells, start: Item, isNew: boolean): Item {
    const get = <T>(key: StoreKey, read: (text: string) => Read<T>): T | undefined =>
      this.get(row, cells, key, read);
    const number = (key: StoreKey): number | undefined => get(key, readNumber);
    const amount = this.amountOf(row, cells, null);
    const unit = get('unit', (text) => readWord(text, UNIT));
    // Not said: what its first amount is written in, if that is always as large.
    const counted =
      unit ??
      (isNew && amount
        ? isApproximate(amount.unit)
          ? BASE_UNIT[dimensionOf(amount.unit)]
          : amount.unit
        : start.unit);
    const strength = number('strength');
    const as = get('strengthAs', (text) => readWord(text, STRENGTH_KIND));
    return {
      ...start,
      name: this.text(cells, 'name') ?? start.name,
      kind: get('kind', (text) => readWord(text, ITEM_KIND)) ?? start.kind,
      unit: counted,
      functionTest: this.text(cells, 'functionTest') ?? start.functionTest,
      testHolds: get('testHolds', readYesNo) ?? start.testHolds,
      testMeasures: this.measuredOf(row, cells) ?? start.testMeasures,
      owned: number('owned') ?? start.owned,
      atVenue: get('atVenue', readYesNo) ?? start.atVenue,
      waste: number('waste') ?? start.waste,
      density: number('density') ?? start.density,
      gramsEach: number('gramsEach') ?? start.gramsEach,
      material: get('material', (text) => readWord(text, MATERIAL)) ?? start.material,
      cold: get('cold', (text) => readWord(text, COLD_KIND)) ?? start.cold,
      lid: get('lid', (text) => readWord(text, LID)) ?? start.lid,
      holds: number('holds') ?? start.holds,
      boilsOff: number('boilsOff') ?? start.boilsOff,
      substance: get('substance', (text) => readWord(text, SUBSTANCE)) ?? start.substance,
      strength:
        strength === undefined
          ? start.strength
          : { value: strength, kind: as ?? start.strength?.kind ?? 'massPerVolume' },
      label: {
        signal: get('signal', (text) => readWord(text, SIGNAL)) ?? start.label.signal,
        hazards: this.text(cells, 'hazards') ? readList(cells.hazards ?? '') : start.label.hazards,
        precautions: this.text(cells, 'precautions')
          ? readList(cells.precautions ?? '')
          : start.label.precautions,
      },
      keepsOpen: number('keepsOpen') ?? start.keepsOpen,
      testEvery: number('testEvery') ?? start.testEvery,
      boxId: this.boxOf(row, cells) ?? start.boxId,
      outline: get('outline', (text) => readWord(text, OUTLINE)) ?? start.outline,
      stows: get('stows', (text) => readWords(text, STOW)) ?? start.stows,
      packs: this.packsOf(row, cells, start.packs, counted),
      note: this.text(cells, 'note') ?? start.note,
    };
  }

  /** Limits of what a test reads, both in the unit of the first that is given. */
  private measuredOf(row: number, cells: Cells): Item['testMeasures'] | undefined {
    const limit = (key: 'testLeast' | 'testMost') => this.get(row, cells, key, readLimit);
    const least = limit('testLeast');
    const most = limit('testMost');
    const unit = least?.unit ?? most?.unit;
    if (unit === undefined) return undefined;
    if (most && most.unit !== unit) {
      this.fault(row, 'testMost', `must be in ${UNITS[unit].label}, as the least is`);
      return undefined;
    }
    return { unit, least: least?.amount ?? null, most: most?.amount ?? null };
  }

  private boxOf(row: number, cells: Cells): string | undefined {
    const number = this.get(row, cells, 'box', readNumber);
    if (number === undefined) return undefined;
    if (!Number.isInteger(number) || number < 1) {
      this.fault(row, 'box', 'must be a whole number from 1');
      return undefined;
    }
    const here =
      this.boxes.get(number) ?? this.here.boxes.find((candidate) => candidate.number === number);
    if (here) return here.id;
    const box: Box = {
      id: this.newId(),
      name: this.text(cells, 'boxName') ?? `Box ${number}`,
      number,
      grams: this.get(row, cells, 'boxGrams', readNumber) ?? null,
      note: this.text(cells, 'boxNote') ?? '',
    };
    this.boxes.set(number, box);
    return box.id;
  }

  /** `kind` null: whatever it is written in. */
  private amountOf(
    row: number,
    cells: Cells,
    item: Item | null,
  ): { amount: number; unit: UnitId } | undefined {
    const kind: Dimension | undefined = item ? dimensionOf(item.unit) : undefined;
    const read = (text: string): Read<{ amount: number; unit: UnitId }> => {
      const parsed = parseAmount(text, { ...(kind ? { kind } : {}), bare: item?.unit ?? 'piece' });
      if (!parsed.ok) return { fault: `${parsed.message}; it says “${text}”` };
      return parsed.value.amount < 0 ? { fault: 'must not be negative' } : { value: parsed.value };
    };
    // Told once, when the item is known.
    if (item) return this.get(row, cells, 'amount', read);
    const result = cells.amount ? read(cells.amount) : null;
    return result && !isFault(result) ? result.value : undefined;
  }

  private packsOf(row: number, cells: Cells, packs: Pack[], unit: UnitId): Pack[] {
    const size = this.get(row, cells, 'pack', (text): Read<{ amount: number; unit: UnitId }> => {
      const parsed = parseAmount(text, { bare: unit });
      return parsed.ok ? { value: parsed.value } : { fault: parsed.message };
    });
    if (!size) return packs;
    const id =
      this.text(cells, 'packId') ??
      packs.find((p) => p.amount === size.amount && p.unit === size.unit)?.id ??
      `pack-${size.amount}-${size.unit}`;
    const before = packs.find((pack) => pack.id === id);
    const price = this.get(row, cells, 'price', readNumber);
    const pack: Pack = {
      id,
      ...size,
      price: price === undefined ? (before?.price ?? 0) : Math.round(price * 100),
      leadDays: this.get(row, cells, 'leadDays', readNumber) ?? before?.leadDays ?? 0,
      supplier: this.text(cells, 'supplier') ?? before?.supplier ?? '',
      keeps: this.get(row, cells, 'keeps', readNumber) ?? before?.keeps ?? null,
      hireDays: this.get(row, cells, 'hireDays', readNumber) ?? before?.hireDays ?? null,
    };
    return before ? packs.map((p) => (p.id === id ? pack : p)) : [...packs, pack];
  }

  /** What the row says of a lot, in words; empty when it says nothing. */
  private lotOf(row: number, cells: Cells, item: Item): string {
    const keys = [
      'lotId',
      'amount',
      'place',
      'expiry',
      'opened',
      'state',
      'lastTest',
      'lotNote',
    ] as const;
    if (keys.every((key) => !cells[key])) return '';
    const amount = this.amountOf(row, cells, item);
    const id = this.text(cells, 'lotId') ?? this.newId();
    const before = this.knownLots.get(id);
    if (before && before.itemId !== item.id) {
      this.fault(row, 'lotId', 'belongs to another item here');
      return '';
    }
    const day = (key: StoreKey): string | null | undefined => this.get(row, cells, key, readDay);
    const lot: ReadLot = {
      id,
      itemId: item.id,
      place: this.text(cells, 'place') ?? before?.place ?? '',
      expiry: day('expiry') ?? before?.expiry ?? null,
      opened: day('opened') ?? before?.opened ?? null,
      state:
        this.get(row, cells, 'state', (text) => readWord(text, LOT_STATE)) ??
        before?.state ??
        'good',
      lastTest: day('lastTest') ?? before?.lastTest ?? null,
      note: this.text(cells, 'lotNote') ?? before?.note ?? '',
      stock: amount ? toBase(amount.amount, amount.unit, this.here.household) : null,
    };
    if (this.lots.has(id)) {
      this.fault(row, 'lotId', 'is in the file twice');
      return '';
    }
    this.lots.set(id, lot);
    return before ? 'counts the lot' : 'new lot';
  }

  /** The rules of the contract over what came together, told at the row where each began. */
  finish(): void {
    for (const { item, row } of this.items.values()) {
      const checked = check(ItemBody, JSON.parse(JSON.stringify(item)));
      if (checked.ok) continue;
      for (const { path, message } of checked.faults) this.fault(row, columnOf(path), message);
    }
    for (const { stock: _stock, ...lot } of this.lots.values()) {
      const checked = check(LotBody, JSON.parse(JSON.stringify(lot)));
      const row = this.items.get(lot.itemId)?.row ?? 0;
      if (!checked.ok)
        for (const { path, message } of checked.faults)
          this.fault(
            row,
            path === 'note' ? 'lotNote' : path === 'id' ? 'lotId' : columnOf(path),
            message,
          );
    }
    this.faults.sort((a, b) => a.row - b.row);
  }
}

/** `rows` without the heading; `newId` makes ids that are nowhere yet. */
export function readStoreTable(
  rows: readonly (readonly string[])[],
  mapping: readonly (StoreKey | null)[],
  here: Here,
  newId: () => string,
): StoreImport {
  const reading = new Reading(here, newId);
  rows.forEach((row, i) => reading.read(i + 2, cellsOf(row, mapping)));
  reading.finish();
  return {
    items: [...reading.items.values()].map((entry) => entry.item),
    lots: [...reading.lots.values()],
    boxes: [...reading.boxes.values()],
    rows: reading.rows,
    faults: reading.faults,
  };
}
