import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { writeAmount } from './format';
import { parseAmount } from './parse';
import { type Dimension, UNIT_IDS, type UnitId, dimensionOf } from './units';

test.each([
  ['1½ cups', 1.5, 'cup'],
  ['1 1/2 cups', 1.5, 'cup'],
  ['3/4 tsp', 0.75, 'tsp'],
  ['½ cup', 0.5, 'cup'],
  ['2 tbsp', 2, 'tbsp'],
  ['2 Tablespoons', 2, 'tbsp'],
  ['2 T', 2, 'tbsp'],
  ['40 mL', 40, 'mL'],
  ['40ml', 40, 'mL'],
  ['1,5 l', 1.5, 'L'],
  ['1,500 g', 1500, 'g'],
  ['.5 kg', 0.5, 'kg'],
  ['8 drops', 8, 'drop'],
  ['a squirt', 1, 'squirt'],
  ['2 x 500 ml', 1000, 'mL'],
  ['2×½ L', 1, 'L'],
  ['3 bottles of 250 mL', 750, 'mL'],
  ['500 ml x 2', 1000, 'mL'],
  ['2 x 3 x 5 g', 30, 'g'],
  ['12 x', 12, 'piece'],
  ['3 x 0.1 L', 0.3, 'L'],
  ['half a cup', 0.5, 'cup'],
  ['3 strokes', 3, 'stroke'],
  ['2 pinches', 2, 'pinch'],
  ['6 inches', 6, 'in'],
  ['5 ft', 5, 'ft'],
  ['68 °F', 68, 'degF'],
  ['-4 °C', -4, 'degC'],
  ['−4 degrees C', -4, 'degC'],
  ['2 fl. oz', 2, 'flOz'],
  ['4 pairs', 4, 'pair'],
  ['7', 7, 'piece'],
  ['3 x', 3, 'piece'],
] as [string, number, UnitId][])('“%s” is %d %s', (text, amount, unit) => {
  expect(parseAmount(text)).toEqual({ ok: true, value: { amount, unit } });
});

test('a word that two kinds share goes by the kind that is wanted', () => {
  expect(parseAmount('20 c', { kind: 'volume' })).toMatchObject({ value: { unit: 'cup' } });
  expect(parseAmount('20 c', { kind: 'temperature' })).toMatchObject({ value: { unit: 'degC' } });
});

test('a number alone has the unit that is usual there', () => {
  expect(parseAmount('250', { kind: 'volume', bare: 'mL' })).toMatchObject({
    value: { amount: 250, unit: 'mL' },
  });
});

describe('what can’t be read says why', () => {
  test.each([
    ['', undefined, 'is missing'],
    ['some', undefined, 'must begin with a number, such as 40 mL'],
    ['3 blobs', undefined, 'has a unit that is not known here: “blobs”'],
    ['40 mL', 'count', 'must be a number of pieces, such as 3; “mL” measures volume'],
    ['3', 'volume', 'must be a volume, such as 40 mL'],
    ['1/0 cup', undefined, 'must be a number that can be measured out'],
  ] as [string, Dimension | undefined, string][])('“%s” as %s', (text, kind, message) => {
    expect(parseAmount(text, kind ? { kind } : {})).toEqual({ ok: false, message });
  });
});

test('whatever is shown can be read back', () => {
  fc.assert(
    fc.property(fc.constantFrom(...UNIT_IDS), fc.integer({ min: 1, max: 9999 }), (unit, n) => {
      expect(parseAmount(writeAmount(n, unit), { kind: dimensionOf(unit) })).toEqual({
        ok: true,
        value: { amount: n, unit },
      });
    }),
  );
});
