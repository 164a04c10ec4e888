import { describe, expect, test } from '@jest/globals';
import { badRows } from './badRows';
import { otherCurrencies, readAs } from './figures';
import { STORE_COLUMNS } from './inventoryColumns';
import { guessKind, kindOf, kindWord } from './kinds';
import { NOTHING_ASKED, plainCell, readingsOf, unitInHeading } from './readings';
import { guessMapping, plainHeading } from './table';
import { readDays, readIn, readNumber } from './values';

describe('rows given back', () => {
  const rows = [['Our shed'], ['Name', 'Qty'], ['Rope', 2, 'blue'], ['Hook', 'some'], ['Stick']];

  test('stand as they were, as wide as the table, each with its reasons', () => {
    expect(
      badRows(rows, 1, [
        { row: 3, faults: [] },
        { row: 4, faults: [{ column: 'In store', message: 'must be a number' }] },
        {
          row: 5,
          faults: [
            { column: 'Kind', message: 'is not said' },
            { column: '', message: 'Its first row needs another look' },
          ],
        },
      ]),
    ).toEqual([
      ['Name', 'Qty', '', 'What is wrong'],
      ['Hook', 'some', '', 'In store must be a number'],
      ['Stick', '', '', 'Kind is not said; Its first row needs another look'],
    ]);
  });

  test('the column of reasons is left out when they are brought in again', () => {
    const [head = []] = badRows(rows, 1, []);
    expect(guessMapping(head.map(String), STORE_COLUMNS)).toEqual(['name', 'amount', null, null]);
  });
});

describe('kinds', () => {
  test.each([
    ['Equipment', 'equipment'],
    ['gear', 'gear'],
    [' PPE ', 'gear'],
    ['Personal protective equipment', 'gear'],
    ['Safety equipment', 'gear'],
    ['Lab apparatus', 'equipment'],
    ['Chemicals', 'consumable'],
    ['Single-use', 'consumable'],
    // Two kinds at once are no guess.
    ['Chemical equipment', null],
    ['Stuff', null],
    ['', null],
  ])('“%s” is %s', (text, kind) => {
    expect(guessKind(kindWord(text))).toBe(kind);
  });

  test('by what it is counted in: what is measured out is used up, what is counted stays', () => {
    expect(kindOf('byUnit', 'mL')).toBe('consumable');
    expect(kindOf('byUnit', 'kg')).toBe('consumable');
    expect(kindOf('byUnit', 'piece')).toBe('equipment');
    expect(kindOf('byUnit', 'm')).toBe('equipment');
    expect(kindOf('gear', 'mL')).toBe('gear');
  });
});

describe('columns', () => {
  test.each([
    ['Stock (mL)', 'mL'],
    ['Size [g]', 'g'],
    ['Weight kg', 'kg'],
    ['Qty', null],
    ['Qty (approx.)', null],
    ['Height (V)', null],
    ['Vitamin c', null],
    ['Long L', 'L'],
  ])('the unit in “%s” is %s', (heading, unit) => {
    expect(unitInHeading(heading)).toBe(unit);
  });

  test('a unit in a heading does not hide what it means', () => {
    expect(plainHeading('Weight (kg)')).toBe('weight');
    expect(guessMapping(['Stock (mL)', 'Weight kg', 'Lost in handling %'], STORE_COLUMNS)).toEqual([
      'amount',
      'gramsEach',
      'waste',
    ]);
  });

  test('the commas of one column decide for the doubt of another; what is said decides before both', () => {
    const rows = [['1.500', '2,50', '01/02/2029', '1.500 words']];
    const mapping = ['amount', 'price', 'expiry', 'note'] as const;
    const found = readingsOf(rows, mapping, STORE_COLUMNS);
    expect(found.map(({ mark, sure }) => [mark, sure])).toEqual([
      [',', false],
      [',', true],
      ['.', false],
      ['.', true],
    ]);
    expect(found[2]).toMatchObject({ order: 'dayFirst', doubt: '01/02/2029' });
    const said = readingsOf(rows, mapping, STORE_COLUMNS, [
      { mark: '.', order: null },
      undefined,
      { ...NOTHING_ASKED, order: 'monthFirst' },
    ]);
    expect(said[0]).toMatchObject({ mark: '.', sure: true });
    expect(plainCell('1.500', 'figure', said[0] ?? found[0]!)).toBe('1.500');
    expect(plainCell('01/02/2029', 'day', said[2] ?? found[2]!)).toBe('2029-01-02');
    // Words are never taken apart.
    expect(plainCell('1.500 words', undefined, found[3]!)).toBe('1.500 words');
  });

  test('figures that a workbook knows as such are in no doubt, and lose the hair of their sums', () => {
    const rows = [[0.1 + 0.2], [1500], [36_526]];
    const [reading] = readingsOf(rows, ['amount'], STORE_COLUMNS);
    expect(reading).toMatchObject({ sure: true, doubt: '' });
    expect(rows.map(([cell]) => plainCell(cell, 'figure', reading!))).toEqual([
      '0.3',
      '1500',
      '36526',
    ]);
    expect(plainCell(36_526, 'day', reading!)).toBe('2000-01-01');
  });
});

describe('cells', () => {
  test.each<[string, boolean, number | null]>([
    ['5', true, 5],
    ['3 days', true, 3],
    ['2 weeks', true, 14],
    ['2–3 weeks', true, 21],
    ['2 - 3 weeks', false, 14],
    ['1 to 2 months', true, 60],
    ['1 yr', false, 365],
    ['0.5 weeks', true, 4],
    ['soon', true, null],
    ['3 blobs', true, null],
    ['', true, null],
  ])('“%s” in days, the longest: %s', (text, longest, days) => {
    const read = readDays(text, longest);
    expect('value' in read ? read.value : null).toBe(days);
  });

  test.each<[string, number | null]>([
    ['1.2 kg', 1200],
    ['450', 450],
    ['5e-7', 5e-7],
    ['3 L', null],
    ['heavy', null],
  ])('“%s” in grams', (text, grams) => {
    const read = readIn(text, 'g', 'g');
    expect('value' in read ? read.value : null).toBe(grams);
  });

  test('numbers with what people put around them', () => {
    expect(readNumber('€ 1.200,50')).toEqual({ value: 1200.5 });
    expect(readNumber('1e-7')).toEqual({ value: 1e-7 });
    expect(readNumber('Infinity')).toMatchObject({ fault: expect.stringContaining('number') });
  });

  test('money of others is named, one’s own is not, by sign or by code', () => {
    const cells = ['€ 2', 'EUR 3', '$4', '5 CHF', '', 'per pack', '$6'];
    expect(otherCurrencies(cells, 'EUR')).toEqual(['$', 'CHF']);
    expect(otherCurrencies(cells, 'USD')).toEqual(['€', 'EUR', 'CHF']);
    expect(otherCurrencies(['12.50'], 'EUR')).toEqual([]);
  });

  test('both readings of a doubt are shown as what they come to', () => {
    expect(readAs('1.500 g', '.')).toBe('1.5 g');
    expect(readAs('1.500 g', ',')).toBe('1500 g');
    expect(readAs('2,250', ',')).toBe('2.25');
  });
});
