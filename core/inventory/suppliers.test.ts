import { expect, test } from '@jest/globals';
import { item } from '../testing/bundle';
import { pack, showNeeds } from '../testing/inventory';
import { HOUSEHOLD } from '../units/household';
import { shoppingList } from './shopping';
import { shoppingTable } from './shoppingTable';
import { bySupplier, linesFrom, orderMessage } from './suppliers';

const items = [
  item('salt', 'consumable', {
    name: 'Salt',
    unit: 'g',
    packs: [pack('p', 500, 'g', 90, 2, { supplier: 'Quay' })],
  }),
  item('flower', 'consumable', {
    name: 'Cut flower',
    packs: [pack('p', 1, 'piece', 120, 0, { supplier: ' quay ', keeps: 1 })],
  }),
  item('lamp', 'equipment', {
    name: 'Lamp',
    owned: 0,
    packs: [pack('p', 1, 'piece', 900, 5, { supplier: 'Hire shop', hireDays: 3 })],
  }),
  item('moss', 'consumable', { name: 'Moss', packs: [pack('p', 1, 'piece', 10, 1)] }),
];
const list = shoppingList(
  [
    showNeeds('Fair', '2027-06-10', [
      { itemId: 'salt', base: 700 },
      { itemId: 'flower', base: 3 },
      { itemId: 'lamp', base: 1 },
      { itemId: 'moss', base: 1 },
    ]),
  ],
  {
    items: new Map(items.map((one) => [one.id, one])),
    lots: [],
    orders: [],
    sizes: HOUSEHOLD,
  },
  '2027-05-20',
);

test('one order for each who sells it, the first to be ordered first', () => {
  expect(
    bySupplier(list).map(({ supplier, entries, cost, orderBy }) => [
      supplier,
      entries.map(({ line }) => line.name),
      cost,
      orderBy,
    ]),
  ).toEqual([
    ['Hire shop', ['Lamp'], 900, '2027-06-05'],
    ['Quay', ['Salt', 'Cut flower'], 540, '2027-06-08'],
    ['', ['Moss'], 10, '2027-06-09'],
  ]);
});

test('a message says what, how many, by when, what must be fresh, and how long it is hired', () => {
  const [hired, quay] = bySupplier(list).map((order) => orderMessage(order, (day) => day));
  expect(hired).toContain('– 1 Lamp: here by 2027-06-10, to hire until 2027-06-12');
  expect(quay).toContain(
    '– 2 × 500 g Salt: here by 2027-06-10\n– 3 Cut flower: here by 2027-06-10, fresh',
  );
});

test('a table of what one of them sells', () => {
  const names = (supplier: string) =>
    shoppingTable({ lines: linesFrom(list.lines, supplier) })
      .slice(1)
      .map((row) => row[2]);
  expect(names('QUAY').sort()).toEqual(['Cut flower', 'Salt']);
  expect(names('')).toEqual(['Moss']);
  expect(names('Nobody')).toEqual([]);
});
