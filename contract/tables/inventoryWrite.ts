import type { Item, Pack } from '../../core/repertoire/item';
import type { Box, StockedLot } from '../../core/inventory/types';
import { writeAmount } from '../../core/units/format';
import { BASE_UNIT, dimensionOf, fromBase, toBase, UNITS } from '../../core/units/units';
import { STORE_COLUMNS, type StoreKey } from './inventoryColumns';
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
} from './words';

type Cells = Partial<Record<StoreKey, string | number | null>>;

const yes = (value: boolean): string => (value ? 'yes' : 'no');

function limitText({ testMeasures }: Item, side: 'least' | 'most'): string {
  const limit = testMeasures?.[side] ?? null;
  return testMeasures && limit !== null ? writeAmount(limit, testMeasures.unit) : '';
}

const itemCells = (item: Item, box: Box | undefined): Cells => ({
  kind: ITEM_KIND[item.kind],
  unit: UNITS[item.unit].label,
  functionTest: item.functionTest,
  testHolds: yes(item.testHolds),
  testLeast: limitText(item, 'least'),
  testMost: limitText(item, 'most'),
  owned: item.owned,
  atVenue: yes(item.atVenue),
  waste: item.waste,
  density: item.density,
  gramsEach: item.gramsEach,
  material: item.material && MATERIAL[item.material],
  cold: item.cold && COLD_KIND[item.cold],
  lid: LID[item.lid],
  holds: item.holds,
  boilsOff: item.boilsOff,
  substance: item.substance && SUBSTANCE[item.substance],
  strength: item.strength && item.strength.value,
  strengthAs: item.strength && STRENGTH_KIND[item.strength.kind],
  signal: SIGNAL[item.label.signal],
  hazards: item.label.hazards.join('; '),
  precautions: item.label.precautions.join('; '),
  keepsOpen: item.keepsOpen,
  testEvery: item.testEvery,
  note: item.note,
  outline: item.outline && OUTLINE[item.outline],
  stows: item.stows.map((stow) => STOW[stow]).join('; '),
  box: box?.number ?? null,
  boxName: box?.name ?? '',
  boxGrams: box?.grams ?? null,
  boxNote: box?.note ?? '',
});

/** In the unit it is counted in, or in the base unit where that would not come back exactly. */
function amountText(stock: number, item: Item): string {
  if (item.unit === 'piece') return String(stock);
  const inUnit = Number(fromBase(stock, item.unit).toPrecision(12));
  return toBase(inUnit, item.unit) === stock
    ? `${inUnit} ${UNITS[item.unit].label}`
    : `${stock} ${UNITS[BASE_UNIT[dimensionOf(item.unit)]].label}`;
}

const lotCells = (lot: StockedLot, item: Item): Cells => ({
  lotId: lot.id,
  amount: amountText(lot.stock, item),
  place: lot.place,
  expiry: lot.expiry,
  opened: lot.opened,
  state: LOT_STATE[lot.state],
  lastTest: lot.lastTest,
  lotNote: lot.note,
});

const packCells = (pack: Pack): Cells => ({
  packId: pack.id,
  pack: `${pack.amount} ${UNITS[pack.unit].label}`,
  price: pack.price / 100,
  leadDays: pack.leadDays,
  supplier: pack.supplier,
  keeps: pack.keeps,
  hireDays: pack.hireDays,
});

/** The whole store as rows, the heading first. */
export function storeTable(
  items: readonly Item[],
  lots: readonly StockedLot[],
  boxes: readonly Box[],
): (string | number | null)[][] {
  const lotsOf = new Map<string, StockedLot[]>();
  for (const lot of lots) lotsOf.set(lot.itemId, [...(lotsOf.get(lot.itemId) ?? []), lot]);
  const rows: Cells[] = items.flatMap((item) => {
    const mine = lotsOf.get(item.id) ?? [];
    const count = Math.max(1, mine.length, item.packs.length);
    return Array.from({ length: count }, (_, i): Cells => {
      const lot = mine[i];
      const pack = item.packs[i];
      return {
        itemId: item.id,
        name: item.name,
        ...(i === 0
          ? itemCells(
              item,
              boxes.find((box) => box.id === item.boxId),
            )
          : {}),
        ...(lot ? lotCells(lot, item) : {}),
        ...(pack ? packCells(pack) : {}),
      };
    });
  });
  return [
    STORE_COLUMNS.map((column) => column.title),
    ...rows.map((row) => STORE_COLUMNS.map(({ key }) => row[key] ?? null)),
  ];
}

/** What a row of a table came to, as it would be written here; nothing for what it does not speak of. */
export function understood({
  item,
  lot,
  pack,
  box,
}: {
  item: Item;
  lot: (Omit<StockedLot, 'stock'> & { stock: number | null }) | null;
  pack: Pack | null;
  box: Box | null;
}): Partial<Record<StoreKey, string>> {
  const cells: Cells = {
    name: item.name,
    itemId: item.id,
    ...itemCells(item, box ?? undefined),
    ...(lot ? lotCells({ ...lot, stock: lot.stock ?? 0 }, item) : {}),
    ...(pack ? { ...packCells(pack), price: (pack.price / 100).toFixed(2) } : {}),
  };
  return Object.fromEntries(
    Object.entries(cells).map(([key, cell]) => [key, String(cell ?? '')]),
  ) as Partial<Record<StoreKey, string>>;
}
