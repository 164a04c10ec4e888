/** Figures and ranges as people type them. */
import { expect, test } from '@jest/globals';
import { HOUSEHOLD } from './household';
import { parseRange } from './range';
import type { UnitId } from './units';

test.each<[string, UnitId, number, number | null]>([
  ['40', 'mL', 40, null],
  ['1,5', 'L', 1.5, null],
  ['-5', 'degC', -5, null],
  ['40 to 60', 'mL', 40, 60],
  ['40 to 60 mL', 'mL', 40, 60],
  ['40–60 mL', 'L', 0.04, 0.06],
  ['0.5 L to 750 mL', 'mL', 500, 750],
  ['1,000 to 2,000', 'mL', 1000, 2000],
  ['-5 to 5', 'degC', -5, 5],
  ['50 to 68 °F', 'degC', 10, 20],
  ['2 to 3 tbsp', 'mL', 29.574, 44.36],
  ['about 40', 'mL', 40, null],
  ['3 to 6', 'piece', 3, 6],
  // A squirt is 5 mL, and may be as much smaller and larger as its word.
  ['a good squirt', 'mL', 5 / 1.6, 5 * 1.6],
  ['squirt', 'mL', 5 / 1.6, 5 * 1.6],
  ['2 to 3 squirts', 'mL', 10 / 1.6, 15 * 1.6],
])('%j in %s', (text, unit, least, most) => {
  const found = parseRange(text, unit);
  expect(found?.least).toBeCloseTo(least, 2);
  if (most === null) expect(found?.most).toBeNull();
  else expect(found?.most).toBeCloseTo(most, 2);
});

test('who has measured their squirt has one figure', () => {
  expect(parseRange('a squirt', 'mL', { ...HOUSEHOLD, squirt: 4 })).toEqual({
    least: 4,
    most: null,
  });
});

test.each([
  '',
  'much',
  '60 to 40',
  '40 to',
  '1 to 2 to 3',
  '40 g',
  '1.2.3 to 5',
  'a cup to a tile',
])('%j is none in mL', (text) => {
  expect(parseRange(text, 'mL')).toBeNull();
});
