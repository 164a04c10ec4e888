import { describe, expect, test } from '@jest/globals';
import Qty from 'js-quantities';
import fc from 'fast-check';
import { formatAmount, formatBoth, formatTotal } from './format';
import { HOUSEHOLD } from './household';
import { UNIT_IDS, type UnitId, dimensionOf, fromBase, isApproximate, toBase } from './units';

describe('household units', () => {
  // NIST Handbook 44, Appendix C, General Tables of Units of Measurement, to 0.001 mL.
  test.each([
    ['cup', 236.588],
    ['tbsp', 14.787],
    ['tsp', 4.929],
    ['flOz', 29.574],
  ] as [UnitId, number][])('one %s is %d mL', (unit, mL) => {
    expect(Math.abs(toBase(1, unit) - mL)).toBeLessThan(0.001);
  });

  test('three teaspoons are a tablespoon, sixteen tablespoons a cup', () => {
    expect(toBase(3, 'tsp')).toBeCloseTo(toBase(1, 'tbsp'), 9);
    expect(toBase(16, 'tbsp')).toBeCloseTo(toBase(1, 'cup'), 9);
  });
});

describe('against an independent units library', () => {
  test.each([
    ['cup', 'cup', 'mL'],
    ['pint', 'pint', 'mL'],
    ['quart', 'quart', 'mL'],
    ['gallon', 'gallon', 'mL'],
    ['oz', 'oz', 'g'],
    ['lb', 'lb', 'g'],
    ['in', 'inch', 'm'],
    ['ft', 'ft', 'm'],
    ['psi', 'psi', 'kPa'],
    ['bar', 'bar', 'kPa'],
    ['degF', 'tempF', 'tempC'],
    ['hPa', 'millibar', 'kPa'],
    ['kmh', 'kph', 'm/s'],
    ['mph', 'mph', 'm/s'],
    ['m3', 'm3', 'mL'],
  ] as [UnitId, string, string][])('%s', (ours, theirs, base) => {
    for (const amount of [0.5, 1, 12.25, 300]) {
      const expected = Qty(amount, theirs).to(base).scalar;
      expect(Math.abs(toBase(amount, ours) - expected)).toBeLessThan(
        1e-4 * Math.abs(expected) + 1e-9,
      );
    }
  });
});

test('there and back again changes nothing', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...UNIT_IDS),
      fc.double({ min: 0.001, max: 1e5, noNaN: true }),
      (unit, n) => {
        expect(fromBase(toBase(n, unit), unit)).toBeCloseTo(n, 6);
      },
    ),
  );
});

test('amounts read as a presenter writes them', () => {
  expect(formatAmount(2, 'cup')).toBe('2 cups');
  expect(formatAmount(1, 'tbsp')).toBe('1 tbsp');
  expect(formatAmount(3, 'piece')).toBe('3');
  expect(formatAmount(2, 'pinch')).toBe('2 pinches');
  expect(formatTotal(1450, 'volume')).toBe('1.45 L');
  expect(formatTotal(44.36, 'volume')).toBe('44.4 mL');
  expect(formatTotal(2000, 'mass')).toBe('2 kg');
  expect(formatTotal(0.07, 'length')).toBe('7 cm');
  expect(formatTotal(2, 'count', 'pair')).toBe('2 pairs');
});

test('what has no fixed size is marked so', () => {
  expect(UNIT_IDS.filter(isApproximate)).toEqual(['drop', 'squirt', 'stroke', 'pinch']);
  expect(dimensionOf('drop')).toBe('volume');
});

test('a person’s own size of a household word counts, and only of that word', () => {
  const sizes = { ...HOUSEHOLD, squirt: 8 };
  expect(toBase(2, 'squirt', sizes)).toBe(16);
  expect(fromBase(16, 'squirt', sizes)).toBe(2);
  expect(toBase(2, 'cup', sizes)).toBe(toBase(2, 'cup'));
});

test('totals read in the person’s choice of units', () => {
  expect(formatTotal(946.352946, 'volume', 'mL', 'us')).toBe('1 quart');
  expect(formatTotal(120, 'volume', 'mL', 'us')).toBe('0.51 cup');
  expect(formatTotal(14.79, 'volume', 'mL', 'us')).toBe('1 tbsp');
  expect(formatTotal(1, 'volume', 'mL', 'us')).toBe('0.2 tsp');
  expect(formatTotal(500, 'mass', 'g', 'us')).toBe('1.1 lb');
  expect(formatTotal(0.1, 'length', 'cm', 'us')).toBe('3.94 in');
  expect(formatBoth(120, 'mL', 'volume', { system: 'us' })).toBe('120 mL (0.51 cup)');
  expect(formatBoth(29.5735, 'tbsp', 'volume')).toBe('2 tbsp (29.6 mL)');
  expect(formatBoth(946.352946, 'quart', 'volume', { system: 'us' })).toBe('1 quart');
  expect(formatBoth(3, 'pair', 'count', { system: 'us' })).toBe('3 pairs');
  expect(formatBoth(20, 'degF', 'temperature')).toBe('68 °F (20 °C)');
  expect(formatBoth(20, 'degC', 'temperature', { system: 'us' })).toBe('20 °C (68 °F)');
  expect(formatBoth(20, 'degC', 'temperature')).toBe('20 °C');
  expect(formatBoth(9, 'V', 'voltage', { system: 'us' })).toBe('9 V');
  expect(formatBoth(90, 'min', 'time')).toBe('1.5 min');
});

// g = 9.80665 m/s²: 600 g-force of thrust is 5.9 N.
test('gram-force', () => {
  expect(Math.abs(toBase(600, 'gf') - 5.9)).toBeLessThan(0.05);
});
