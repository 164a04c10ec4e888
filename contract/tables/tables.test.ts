import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { writeAmount } from '../../core/units/format';
import { item, line } from '../../core/testing/bundle';
import { formatAmount } from '../../core/units/format';
import { KIT_COLUMNS, kitLinesTable, readKitTable } from './kitRead';
import { STORE_COLUMNS } from './inventoryColumns';
import { disarmed, guessMapping, rearmed } from './table';
import { readDay, readNumber, readWord, readYesNo } from './values';
import { BASIS } from './words';

describe('headings', () => {
  test('the headings that are written are understood again', () => {
    for (const columns of [STORE_COLUMNS, KIT_COLUMNS])
      expect(
        guessMapping(
          columns.map((c) => c.title),
          columns,
        ),
      ).toEqual(columns.map((c) => c.key));
  });

  test('other words for them, whatever their capitals; nothing is taken twice', () => {
    expect(
      guessMapping(['ITEM', 'Qty.', 'best-before', 'Colour', 'Name', 'Where?'], STORE_COLUMNS),
    ).toEqual(['name', 'amount', 'expiry', null, null, 'place']);
  });
});

describe('cells', () => {
  test('what would be run as a formula is disarmed, and comes back as it was (property)', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(rearmed(disarmed(text))).toBe(text);
        expect(disarmed(text)).not.toMatch(/^[=+\-@\t\r]/);
      }),
    );
    expect(disarmed('=1+1')).toBe("'=1+1");
    expect(rearmed("'quoted")).toBe("'quoted");
  });

  test.each([
    [readNumber('1,5'), { value: 1.5 }],
    [readNumber('1 500'), { value: 1500 }],
    [readNumber('many'), { fault: 'must be a number; it says “many”' }],
    [readYesNo('Yes'), { value: true }],
    [readYesNo('no'), { value: false }],
    [readYesNo('perhaps'), { fault: 'must be yes or no; it says “perhaps”' }],
    [readDay('2027-05-30'), { value: '2027-05-30' }],
    [readDay('3.5.2027'), { value: '2027-05-03' }],
    [readDay('30/05/27'), { fault: 'must be a date such as 2027-05-30; it says “30/05/27”' }],
    [readDay('2027-02-30'), { fault: 'must be a date such as 2027-05-30; it says “2027-02-30”' }],
    [readWord('PER GO', BASIS), { value: 'perGo' }],
    [readWord('perHead', BASIS), { value: 'perHead' }],
  ])('%j', (read, expected) => {
    expect(read).toEqual(expected);
  });
});

describe('a kit list', () => {
  const items = [
    item('salt', 'consumable', { name: 'Salt', unit: 'g' }),
    item('jar', 'equipment', { name: 'Jar' }),
  ];
  const read = (rows: string[][]) => {
    let n = 0;
    return readKitTable(rows, ['item', 'amount', 'basis', 'note'], items, () => `k${n++}`);
  };

  test('is read by the names in the store', () => {
    const { lines, faults } = read([
      ['salt', '1½ tbsp', 'per go', 'fine'],
      ['', '', '', ''],
      ['JAR', '', '', ''],
      ['salt', '20', 'for the day', ''],
    ]);
    expect(faults).toEqual([]);
    expect(lines).toMatchObject([
      { itemId: 'salt', amount: 1.5, unit: 'tbsp', basis: 'perGo', note: 'fine' },
      { itemId: 'jar', amount: 1, unit: 'piece', basis: 'perShow' },
      { itemId: 'salt', amount: 20, unit: 'g', basis: 'perDay' },
    ]);
  });

  test('ranges, and one for every so many, out and back', () => {
    const { lines, faults } = read([
      ['salt', '40 to 60 g', 'per volunteer per go', ''],
      ['salt', '1–2 tsp', 'for every 4', ''],
      ['jar', '1', 'one per 6 pupils', ''],
    ]);
    expect(faults).toEqual([]);
    expect(lines).toMatchObject([
      { amount: 40, most: 60, unit: 'g', basis: 'perVolunteerGo', groupOf: null },
      { amount: 1, most: 2, unit: 'tsp', basis: 'perGroup', groupOf: 4 },
      { amount: 1, most: null, basis: 'perGroup', groupOf: 6 },
    ]);
    const [, ...rows] = kitLinesTable(
      lines,
      (id) => id,
      ({ amount, unit }) => formatAmount(amount, unit),
    );
    expect(read(rows).lines.map(({ id: _id, ...of }) => of)).toEqual(
      lines.map(({ id: _id, ...of }) => of),
    );
  });

  test('bad rows are named', () => {
    const { lines, faults } = read([
      ['Pepper', '1 g', '', ''],
      ['salt', '-4 g', '', ''],
      ['salt', '4 minutes', '', ''],
      ['salt', '4 g', 'per moon', ''],
      ['', '4 g', '', ''],
    ]);
    expect(lines).toEqual([]);
    expect(faults.map((f) => [f.row, f.column])).toEqual([
      [2, 'Item'],
      [3, 'Amount'],
      [4, 'Amount'],
      [5, 'Counted'],
      [6, 'Item'],
    ]);
    expect(faults[0]?.message).toBe('is not in the store: “Pepper”');
  });

  test('there and back', () => {
    const lines = [
      line('salt', 1.25, 'cup', 'perGo'),
      line('jar', 2, 'piece', 'perHead', { note: 'clear' }),
    ];
    const [, ...rows] = kitLinesTable(
      lines,
      (id) => items.find((i) => i.id === id)?.name ?? '',
      (l) => writeAmount(l.amount, l.unit),
    );
    expect(read(rows).lines.map(({ id: _id, ...rest }) => rest)).toEqual(
      lines.map(({ id: _id, ...rest }) => rest),
    );
  });
});
