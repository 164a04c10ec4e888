import { expect, test } from '@jest/globals';
import { labelRows, makeScale } from './stripLayout';

test('preparation and show have scales of their own that meet at the start', () => {
  const scale = makeScale(-2400, 2400, 100, 700);
  expect(scale.x(0)).toBe(scale.zero);
  expect(scale.x(-2400)).toBeCloseTo(100);
  expect(scale.x(2400)).toBeCloseTo(700);
  expect(scale.zero - 100).toBeLessThanOrEqual(150);
});

test('a label goes to the first row with room, or nowhere', () => {
  const labels = [0, 10, 20, 100].map((x) => ({ text: 'ten letters', x }));
  expect(labelRows(labels, 2, 5)).toEqual([0, 1, -1, 0]);
});
