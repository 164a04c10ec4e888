/** Rows of a table as things of the store: one row says nothing of another’s faults, and what is understood stays so. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { StockedLot } from '../../core/inventory/types';
import { item } from '../../core/testing/bundle';
import { HOUSEHOLD } from '../../core/units/household';
import { toBase } from '../../core/units/units';
import { type Cell, cellText } from './file';
import { STORE_COLUMNS, type StoreKey } from './inventoryColumns';
import { type Here, type HowTaken, type StoreImport, readStoreTable } from './inventoryRead';
import { readingsOf } from './readings';
import { guessMapping } from './table';

const NOTHING: Here = { items: [], lots: [], boxes: [], household: HOUSEHOLD };
const HOW: HowTaken = {
  kinds: { '': 'byUnit' },
  kindOf: {},
  known: 'count',
  ofPacks: ['measured'],
};

function read(
  table: readonly (readonly Cell[])[],
  {
    here = NOTHING,
    how = HOW,
    mapping,
  }: { here?: Here; how?: Partial<HowTaken>; mapping?: (StoreKey | null)[] } = {},
): StoreImport {
  const [head = [], ...rows] = table;
  const heading = head.map(cellText);
  const known = mapping ?? guessMapping(heading, STORE_COLUMNS);
  let n = 0;
  return readStoreTable(
    {
      heading,
      rows: rows.map((cells, i) => ({ row: i + 2, cells })),
      mapping: known,
      readings: readingsOf(rows, known, STORE_COLUMNS),
    },
    here,
    { ...HOW, ...how },
    () => `new-${n++}`,
  );
}

const lot = (id: string, itemId: string, over: Partial<StockedLot> = {}): StockedLot => ({
  ...{ id, itemId, place: 'Shelf A', expiry: null, opened: null, state: 'good' as const },
  ...{ lastTest: null, note: '', stock: 5, ...over },
});
const faultsOf = ({ rows }: StoreImport): [number, string][] =>
  rows.flatMap(({ row, faults }) => faults.map(({ column }): [number, string] => [row, column]));

/** Cells as people write them, right and wrong. */
const messy = fc.record({
  name: fc.constantFrom('Rope', 'Soda', 'Soda ', 'Funnel', '', '=SUM(A1)'),
  amount: fc.oneof(
    fc.constantFrom<Cell>(
      '',
      '3',
      '1.500 g',
      '2 x 250 mL',
      'some',
      '-4',
      '1½ kg',
      '12 pcs',
      '2,5 L',
      'x',
    ),
    fc.double({ min: -5, max: 5000, noNaN: true }),
  ),
  place: fc.constantFrom('', 'A', 'B'),
  expiry: fc.constantFrom('', '2029-01-02', '30/05/2029', '31.2.2029', 'soon', 'May 2028'),
  pack: fc.constantFrom('', '500 g', '250 mL', '100', '0', 'a box'),
  price: fc.constantFrom<Cell>('', '€ 2,50', '1.200,00', 4.2, 'free'),
  kind: fc.constantFrom('', 'Equipment', 'PPE', 'Chemical', 'Kram'),
});
const HEAD = ['Name', 'Qty', 'Place', 'Expiry', 'Pack', 'Price', 'Kind'];
const tableOf = (rows: readonly Readonly<Record<string, Cell>>[]): Cell[][] => [
  HEAD,
  ...rows.map((row) => Object.values(row)),
];

describe('any table (properties)', () => {
  const rows = fc.array(messy, { minLength: 1, maxLength: 8 });

  test('every row is right or says why; what comes in is only of rows that are right', () => {
    fc.assert(
      fc.property(rows, (all) => {
        const found = read(tableOf(all));
        expect(found.rows.map(({ row }) => row)).toEqual(all.map((_row, i) => i + 2));
        const right = found.rows.filter(({ faults }) => faults.length === 0);
        expect(right.every(({ what }) => what !== '')).toBe(true);
        const names = new Set(right.map(({ name }) => name.toLowerCase()));
        for (const one of found.items) expect(names).toContain(one.name.toLowerCase());
        const items = new Set(found.items.map(({ id }) => id));
        for (const one of found.lots) expect(items).toContain(one.itemId);
        // Nothing is used up that was not said to be, or measured where that was said of it.
        for (const { kind, unit } of found.items)
          if (kind === 'consumable')
            expect([unit, all.some((row) => row.kind === 'Chemical')]).not.toEqual([
              'piece',
              false,
            ]);
      }),
      { numRuns: 300, seed: 11 },
    );
  });

  test('a row that is right stays right, whatever stands in the others', () => {
    fc.assert(
      fc.property(rows, (all) => {
        const alone = ['Own thing', '7', 'C', '', '', '', 'Equipment'];
        const found = read([...tableOf(all), alone]);
        expect(found.rows.at(-1)).toMatchObject({ faults: [], what: 'new item, new lot' });
        expect(found.lots.at(-1)).toMatchObject({ place: 'C', stock: 7 });
      }),
      { numRuns: 150, seed: 12 },
    );
  });

  test('what was understood, read again, is understood as the same', () => {
    fc.assert(
      fc.property(rows, (all) => {
        const first = read(tableOf(all));
        const right = first.rows.filter(({ faults }) => faults.length === 0);
        const again = read([
          HEAD,
          ...right.map(({ cells }) => cells.map((cell) => (cell === '–' ? '' : cell))),
        ]);
        expect(faultsOf(again)).toEqual([]);
        expect(again.lots.map(({ stock, expiry, place }) => ({ stock, expiry, place }))).toEqual(
          first.lots.map(({ stock, expiry, place }) => ({ stock, expiry, place })),
        );
      }),
      { numRuns: 300, seed: 13 },
    );
  });
});

describe('a thing over several rows', () => {
  test('gathers packs and lots; a wrong row in between takes nothing with it', () => {
    const found = read([
      ['Name', 'Qty', 'Place', 'Pack', 'Price', 'Supplier'],
      ['Soda', '1 kg', 'A', '500 g', '2', 'Quay stores'],
      ['soda', 'some', 'B', '2 kg', '7', ''],
      ['SODA', '500 g', 'B', '1 kg', '3,50', ''],
    ]);
    expect(faultsOf(found)).toEqual([[3, 'In store']]);
    expect(found.items).toHaveLength(1);
    expect(found.items[0]?.packs.map(({ amount, unit, price }) => [amount, unit, price])).toEqual([
      [500, 'g', 200],
      [1, 'kg', 350],
    ]);
    expect(found.lots.map(({ stock }) => stock)).toEqual([1000, 500]);
  });

  test('a box is made once for all that travel in it, and not by a row that is wrong', () => {
    const found = read([
      ['Name', 'Qty', 'Box', 'Box name', 'Box grams'],
      ['Rope', 'some', 'Box 7', 'Wrong', ''],
      ['Hook', '2', '7', 'Ropes', '1.2 kg'],
      ['Pulley', '1', 'box 7', '', ''],
      ['Stick', '1', '1.5', '', ''],
    ]);
    expect(faultsOf(found)).toEqual([
      [2, 'In store'],
      [5, 'Box'],
    ]);
    expect(found.boxes).toMatchObject([{ number: 7, name: 'Ropes', grams: 1200 }]);
    expect(new Set(found.items.map(({ boxId }) => boxId))).toEqual(new Set([found.boxes[0]?.id]));
  });
});

describe('what the store has already', () => {
  const rope = item('rope', 'equipment', { name: 'Rope', note: 'blue' });
  const here: Here = {
    ...NOTHING,
    items: [rope],
    lots: [lot('a', 'rope'), lot('b', 'rope', { place: 'Shelf B', expiry: '2030-01-01' })],
  };

  test('is known by its name; an empty cell leaves it as it is', () => {
    const found = read(
      [
        ['Name', 'Notes', 'Grams each'],
        ['ROPE', '', '450'],
      ],
      { here },
    );
    expect(found.items).toEqual([{ ...rope, gramsEach: 450 }]);
    expect(found.rows[0]?.what).toBe('changes the item');
    expect(found.kinds).toEqual([]);
  });

  test.each([
    ['its place', ['Rope', '9', 'shelf b', ''], ['b', 9]],
    ['its date', ['Rope', '9', '', '2030-01-01'], ['b', 9]],
    ['both', ['Rope', '9', 'Shelf A', '2031-01-01'], ['new-0', 9]],
    ['another place', ['Rope', '9', 'Attic', ''], ['new-0', 9]],
  ])('a lot by %s', (_by, row, [id, stock]) => {
    const found = read([['Name', 'Qty', 'Place', 'Expiry'], row], { here });
    expect(found.lots).toMatchObject([{ id, stock }]);
  });

  test('by neither, of two, it must be said which; where it comes in besides, it need not', () => {
    const table = [
      ['Name', 'Qty'],
      ['Rope', '9'],
    ];
    expect(faultsOf(read(table, { here }))).toEqual([[2, 'Place']]);
    expect(read(table, { here, how: { known: 'more' } })).toMatchObject({
      knownLots: 1,
      lots: [{ id: 'new-0', stock: 9 }],
    });
  });

  test('a lot of another thing, and one lot twice, are told', () => {
    const found = read(
      [
        ['Name', 'Lot id', 'Qty'],
        ['Rope', 'a', '1'],
        ['Rope', 'a', '2'],
        ['Hook', 'b', '3'],
      ],
      { here },
    );
    expect(faultsOf(found)).toEqual([
      [3, 'Lot id'],
      [4, 'Lot id'],
    ]);
    expect(found.lots).toMatchObject([{ id: 'a', stock: 1 }]);
  });
});

test.each<[string, string, string, number]>([
  ['Stock (mL)', '750', 'mL', 750],
  ['Qty [L]', '1.5', 'L', 1500],
  ['Qty kg', '2', 'kg', 2000],
  ['Qty', '2 tbsp', 'tbsp', toBase(2, 'tbsp')],
  ['Qty', '2 squirts', 'mL', toBase(2, 'squirt')],
  ['Qty', '2 dozen', 'piece', Number.NaN],
])('under “%s”, “%s” is counted in %s', (head, cell, unit, stock) => {
  const found = read(
    [
      ['Name', head],
      ['Thing', cell],
    ],
    { mapping: ['name', 'amount'] },
  );
  if (Number.isNaN(stock)) expect(faultsOf(found)).toEqual([[2, 'In store']]);
  else {
    expect(found.items[0]?.unit).toBe(unit);
    expect(found.lots[0]?.stock).toBeCloseTo(stock, 9);
  }
});
