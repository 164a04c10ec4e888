/** One row of a table read as an item, with its pack, its lot and its box; what is wrong in it is told. */
import type { Item, Pack } from '../../core/repertoire/item';
import type { Box } from '../../core/inventory/types';
import { parseAmount } from '../../core/units/parse';
import {
  BASE_UNIT,
  type Dimension,
  type UnitId,
  dimensionOf,
  isApproximate,
  UNITS,
} from '../../core/units/units';
import { type StoreKey, titleOf } from './inventoryColumns';
import {
  type Read,
  isFault,
  readDay,
  readDays,
  readIn,
  readLimit,
  readList,
  readNumber,
  readWord,
  readWords,
  readYesNo,
} from './values';
import {
  COLD_KIND,
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
import type { LotState } from '../../core/inventory/types';

/** Cells as everything here reads them: figures with a point, days as YYYY-MM-DD. */
export type Cells = Partial<Record<StoreKey, string>>;
/** The units that headings say their figures are in. */
export type HeadingUnits = Partial<Record<StoreKey, UnitId>>;

export interface CellFault {
  /** Heading of the column here; empty when it is the row as a whole. */
  column: string;
  message: string;
}

export interface Amounted {
  amount: number;
  unit: UnitId;
}

/** What a row says of a lot; undefined where it says nothing. */
export interface LotSaid {
  amount: Amounted | undefined;
  place: string | undefined;
  expiry: string | undefined;
  opened: string | undefined;
  state: LotState | undefined;
  lastTest: string | undefined;
  note: string | undefined;
}

/** What packs hold: something that is measured, or pieces. */
export const PACK_WAYS = ['measured', 'counted'] as const;
export type PackWay = (typeof PACK_WAYS)[number];

export class RowReader {
  readonly faults: CellFault[] = [];

  constructor(
    private readonly cells: Cells,
    private readonly units: HeadingUnits,
    /** Where a figure alone beside a pack is so many packs. */
    private readonly ofPacks: readonly PackWay[],
  ) {}

  fault(key: StoreKey | null, message: string): void {
    this.faults.push({ column: key === null ? '' : titleOf(key), message });
  }

  /** The value of a cell; undefined when it is empty, left out, or wrong, which is then told. */
  private get<T>(key: StoreKey, read: (text: string) => Read<T>): T | undefined {
    const text = this.cells[key];
    if (text === undefined || text === '') return undefined;
    const result = read(text);
    if (!isFault(result)) return result.value;
    this.fault(key, result.fault);
    return undefined;
  }

  text(key: StoreKey): string | undefined {
    return this.cells[key] === '' ? undefined : this.cells[key];
  }

  private number(key: StoreKey): number | undefined {
    return this.get(key, readNumber);
  }

  private days(key: StoreKey, longest = false): number | undefined {
    return this.get(key, (text) => readDays(text, longest));
  }

  private in(key: StoreKey, unit: UnitId): number | undefined {
    return this.get(key, (text) => readIn(text, unit, this.units[key] ?? unit));
  }

  /** The unit it is counted in: as said, else what its first amount is written in, if that is always as large. */
  unitOf(start: Item, isNew: boolean): UnitId {
    const said = this.get('unit', (text) => readWord(text, UNIT));
    if (said ?? !isNew) return said ?? start.unit;
    const pack = this.firstAmount('pack');
    const amount =
      this.besidePack(pack) === 'measured' ? pack : (this.firstAmount('amount') ?? pack);
    if (!amount) return start.unit;
    return isApproximate(amount.unit) ? BASE_UNIT[dimensionOf(amount.unit)] : amount.unit;
  }

  /** An amount of whatever kind; nothing is told, since that is done once the item is known. */
  private firstAmount(key: 'amount' | 'pack'): Amounted | null {
    const read = parseAmount(this.cells[key] ?? '', { bare: this.units[key] ?? 'piece' });
    return read.ok ? read.value : null;
  }

  /** `start` with what the row says of it; its kind, its box and its packs are said by others. */
  item(start: Item, unit: UnitId): Item {
    const strength = this.number('strength');
    const as = this.get('strengthAs', (text) => readWord(text, STRENGTH_KIND));
    return {
      ...start,
      // By its name it is known whatever its capitals, and keeps its own.
      name: (this.text('itemId') && this.text('name')) ?? start.name,
      unit,
      functionTest: this.text('functionTest') ?? start.functionTest,
      testHolds: this.get('testHolds', readYesNo) ?? start.testHolds,
      testMeasures: this.measured() ?? start.testMeasures,
      owned: this.number('owned') ?? start.owned,
      atVenue: this.get('atVenue', readYesNo) ?? start.atVenue,
      waste: this.number('waste') ?? start.waste,
      density: this.number('density') ?? start.density,
      gramsEach: this.in('gramsEach', 'g') ?? start.gramsEach,
      material: this.get('material', (text) => readWord(text, MATERIAL)) ?? start.material,
      cold: this.get('cold', (text) => readWord(text, COLD_KIND)) ?? start.cold,
      lid: this.get('lid', (text) => readWord(text, LID)) ?? start.lid,
      holds: this.in('holds', 'mL') ?? start.holds,
      boilsOff: this.number('boilsOff') ?? start.boilsOff,
      substance: this.get('substance', (text) => readWord(text, SUBSTANCE)) ?? start.substance,
      strength:
        strength === undefined
          ? start.strength
          : { value: strength, kind: as ?? start.strength?.kind ?? 'massPerVolume' },
      label: {
        signal: this.get('signal', (text) => readWord(text, SIGNAL)) ?? start.label.signal,
        hazards: this.list('hazards') ?? start.label.hazards,
        precautions: this.list('precautions') ?? start.label.precautions,
      },
      keepsOpen: this.days('keepsOpen') ?? start.keepsOpen,
      testEvery: this.days('testEvery') ?? start.testEvery,
      outline: this.get('outline', (text) => readWord(text, OUTLINE)) ?? start.outline,
      stows: this.get('stows', (text) => readWords(text, STOW)) ?? start.stows,
      note: this.text('note') ?? start.note,
    };
  }

  private list(key: StoreKey): string[] | undefined {
    const text = this.text(key);
    return text === undefined ? undefined : readList(text);
  }

  /** Limits of what a test reads, both in the unit of the first that is given. */
  private measured(): Item['testMeasures'] | undefined {
    const limit = (key: 'testLeast' | 'testMost') => this.get(key, readLimit);
    const least = limit('testLeast');
    const most = limit('testMost');
    const unit = least?.unit ?? most?.unit;
    if (unit === undefined) return undefined;
    if (most && most.unit !== unit) {
      this.fault('testMost', `must be in ${UNITS[unit].label}, as the least is`);
      return undefined;
    }
    return { unit, least: least?.amount ?? null, most: most?.amount ?? null };
  }

  /** The number of its box: “3”, “Box 3”. */
  boxNumber(): number | undefined {
    const number = this.get('box', (text) => readNumber(text.replace(/^box\s+(?=\d)/i, '')));
    if (number === undefined || (Number.isInteger(number) && number >= 1)) return number;
    this.fault('box', 'must be a whole number from 1');
    return undefined;
  }

  box(id: string, number: number): Box {
    return {
      id,
      number,
      name: this.text('boxName') ?? `Box ${number}`,
      grams: this.in('boxGrams', 'g') ?? null,
      note: this.text('boxNote') ?? '',
    };
  }

  /** Whether its amount is a figure alone beside a pack, which may mean so many packs; null where it can’t. */
  besidePack(pack: Amounted | null): PackWay | null {
    if (!pack || this.units.amount || !/^\d+(?:\.\d+)?$/.test(this.cells.amount ?? '')) return null;
    if (dimensionOf(pack.unit) !== 'count') return 'measured';
    return pack.amount > 1 ? 'counted' : null;
  }

  private amount(unit: UnitId, pack: Amounted | null): Amounted | undefined {
    const kind: Dimension = dimensionOf(unit);
    const way = this.besidePack(pack);
    return this.get('amount', (text) => {
      if (pack && way && this.ofPacks.includes(way) && dimensionOf(pack.unit) === kind)
        return {
          value: { amount: Number((Number(text) * pack.amount).toPrecision(12)), unit: pack.unit },
        };
      const parsed = parseAmount(text, { kind, bare: this.units.amount ?? unit });
      if (!parsed.ok) return { fault: `${parsed.message}; it says “${text}”` };
      return parsed.value.amount < 0 ? { fault: 'must not be negative' } : { value: parsed.value };
    });
  }

  /** The pack of this row: by its size; without one the only pack there is, or for what is counted a single one. */
  private packSize(packs: readonly Pack[], unit: UnitId): Amounted | undefined {
    const size = this.get('pack', (text): Read<Amounted> => {
      const parsed = parseAmount(text, { bare: this.units.pack ?? unit });
      return parsed.ok
        ? { value: parsed.value }
        : { fault: `${parsed.message}; it says “${text}”` };
    });
    if (size || this.cells.pack || !(this.text('price') ?? this.text('supplier'))) return size;
    const [only] = packs;
    if (only && packs.length === 1) return { amount: only.amount, unit: only.unit };
    return packs.length === 0 && dimensionOf(unit) === 'count' ? { amount: 1, unit } : undefined;
  }

  /** The packs with the one of this row, and which that is. */
  packs(packs: readonly Pack[], unit: UnitId): { packs: Pack[]; pack: Pack | null } {
    const size = this.packSize(packs, unit);
    if (!size) return { packs: [...packs], pack: null };
    const id =
      this.text('packId') ??
      packs.find((p) => p.amount === size.amount && p.unit === size.unit)?.id ??
      `pack-${size.amount}-${size.unit}`;
    const before = packs.find((pack) => pack.id === id);
    const price = this.number('price');
    const pack: Pack = {
      id,
      ...size,
      price: price === undefined ? (before?.price ?? 0) : Math.round(price * 100),
      leadDays: this.days('leadDays', true) ?? before?.leadDays ?? 0,
      supplier: this.text('supplier') ?? before?.supplier ?? '',
      keeps: this.days('keeps') ?? before?.keeps ?? null,
      hireDays: this.days('hireDays') ?? before?.hireDays ?? null,
    };
    return {
      packs: before ? packs.map((p) => (p.id === id ? pack : p)) : [...packs, pack],
      pack,
    };
  }

  /** What the row says of a lot; null when it says nothing of any. */
  lot(unit: UnitId, pack: Amounted | null): LotSaid | null {
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
    if (keys.every((key) => !this.cells[key])) return null;
    return {
      amount: this.amount(unit, pack),
      place: this.text('place'),
      expiry: this.get('expiry', readDay),
      opened: this.get('opened', readDay),
      state: this.get('state', (text) => readWord(text, LOT_STATE)),
      lastTest: this.get('lastTest', readDay),
      note: this.text('lotNote'),
    };
  }
}
