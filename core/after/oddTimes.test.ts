import { expect, test } from '@jest/globals';
import { isOdd } from './oddTimes';

const time = (seconds: number, over = {}) => ({
  task: 't',
  go: 1,
  seconds,
  measured: null,
  doubtful: false,
  trusted: false,
  ...over,
});

test('a press that was forgotten, or made twice, is asked about; what is only slow or quick is not', () => {
  expect(isOdd(time(961), 31)).toBe(true);
  expect(isOdd(time(90), 31)).toBe(false);
  expect(isOdd(time(100), 60)).toBe(false);
  expect(isOdd(time(1), 60)).toBe(true);
  expect(isOdd(time(1), 10)).toBe(false);
  expect(isOdd(time(20), 60)).toBe(false);
});

test('what was put right, doubted or trusted, is not asked about again', () => {
  expect(isOdd(time(961, { doubtful: true }), 31)).toBe(false);
  expect(isOdd(time(31, { measured: 961 }), 31)).toBe(false);
  expect(isOdd(time(961, { trusted: true }), 31)).toBe(false);
});
