import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dayAfter, daysBetween, earlier } from './days';

test.each([
  ['2027-05-30', 2, '2027-06-01'],
  ['2028-02-28', 1, '2028-02-29'],
  ['2027-02-28', 1, '2027-03-01'],
  ['2027-12-31', 1, '2028-01-01'],
  ['2027-03-01', -1, '2027-02-28'],
  // Nights on which clocks are changed somewhere are days like any other.
  ['2027-03-27', 2, '2027-03-29'],
  ['2027-05-30', 0, '2027-05-30'],
])('%s and %d days', (day, days, expected) => {
  expect(dayAfter(day, days)).toBe(expected);
  expect(daysBetween(day, expected)).toBe(days);
});

test('days go there and back, and sort as they follow (property)', () => {
  fc.assert(
    fc.property(fc.integer({ min: -5000, max: 5000 }), (days) => {
      const there = dayAfter('2027-05-30', days);
      expect(dayAfter(there, -days)).toBe('2027-05-30');
      expect(daysBetween('2027-05-30', there)).toBe(days);
      expect(Math.sign(days)).toBe(there === '2027-05-30' ? 0 : there > '2027-05-30' ? 1 : -1);
    }),
  );
});

test('the earlier of two, where either may never come', () => {
  expect(earlier('2027-05-30', '2027-06-01')).toBe('2027-05-30');
  expect(earlier('2027-06-01', '2027-05-30')).toBe('2027-05-30');
  expect(earlier(null, '2027-05-30')).toBe('2027-05-30');
  expect(earlier('2027-05-30', null)).toBe('2027-05-30');
  expect(earlier(null, null)).toBeNull();
});

test('what is no day is refused', () => {
  expect(() => dayAfter('soon', 1)).toThrow(RangeError);
  expect(() => daysBetween('2027-05-30', '')).toThrow(RangeError);
});
