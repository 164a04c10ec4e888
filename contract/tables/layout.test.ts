import { describe, expect, test } from '@jest/globals';
import { STORE_COLUMNS } from './inventoryColumns';
import { headingOf, isTotal, rowsOf, sheetOf } from './layout';

const SHEET = [
  ['Our things, spring 2027', '', ''],
  ['', '', ''],
  ['What', 'Qty', 'Shelf'],
  ['Goggles', '12', 'A'],
  ['', '', ''],
  ['What', 'Qty', 'Shelf'],
  ['Total Eclipse lamp', '1', 'B'],
  ['Total', '13', ''],
  ['', '', ''],
];

describe('where the table is', () => {
  test('its heading below a title, or at once, or without a known word', () => {
    expect(headingOf(SHEET, STORE_COLUMNS)).toBe(2);
    expect(headingOf(SHEET.slice(2), STORE_COLUMNS)).toBe(0);
    expect(
      headingOf(
        [
          ['Gegenstand', 'Anzahl'],
          ['Brille', '3'],
        ],
        STORE_COLUMNS,
      ),
    ).toBe(0);
    expect(headingOf([], STORE_COLUMNS)).toBe(0);
  });

  test('blank rows, totals and headings again are left out, and said; a thing called so is not', () => {
    const { rows, leftOut } = rowsOf(SHEET, 2, 0);
    expect(rows.map(({ row, cells }) => [row, cells[0]])).toEqual([
      [4, 'Goggles'],
      [7, 'Total Eclipse lamp'],
    ]);
    expect(leftOut).toEqual([
      { row: 5, why: 'blank' },
      { row: 6, why: 'heading' },
      { row: 8, why: 'total' },
    ]);
  });

  test.each([
    [['Total', '13'], true],
    [['Summe', '', '4,50'], true],
    [['Subtotal wet', '3'], true],
    [['Totally clear glue', '3', 'shelf', 'B', 'good'], false],
    [['Lamp', '3'], false],
  ])('%j: %s', (row, is) => {
    expect(isTotal(row, 0)).toBe(is);
  });

  test('of several sheets the one whose heading is known', () => {
    const other = { name: 'Notes', rows: [['Remember the tape']] };
    expect(sheetOf([other, { name: 'Things', rows: SHEET }], STORE_COLUMNS)).toBe(1);
    expect(sheetOf([other], STORE_COLUMNS)).toBe(0);
  });
});
