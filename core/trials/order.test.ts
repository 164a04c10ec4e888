import { expect, test } from '@jest/globals';
import { moved, withAll } from './order';

test('a guessed order of the levels there are; none stays none', () => {
  expect(withAll(['c', 'a', 'b'], ['a', 'b', 'c'])).toEqual(['c', 'a', 'b']);
  expect(withAll(['c', 'a'], ['a', 'b', 'd'])).toEqual(['a', 'b', 'd']);
  expect(withAll([], ['a', 'b'])).toEqual([]);
});

test('moved by a place, and not past the ends', () => {
  expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
  expect(moved(['a', 'b', 'c'], 2, -2)).toEqual(['c', 'a', 'b']);
  expect(moved(['a', 'b', 'c'], 0, -1)).toEqual(['a', 'b', 'c']);
  expect(moved(['a', 'b', 'c'], 2, 1)).toEqual(['a', 'b', 'c']);
});
