import { expect, test } from '@jest/globals';
import { evenings, stackDots } from './dots';

test('ten evenings out of a hundred: as many late as the chance says, in their order', () => {
  const ends = Array.from({ length: 100 }, (_, i) => 1000 + i * 10).reverse();
  const ten = evenings(ends, 10);
  expect(ten).toHaveLength(10);
  expect(ten).toEqual(ten.toSorted((a, b) => a - b));
  // Ninety of a hundred end by 1890: nine of ten do.
  expect(ten.filter((end) => end <= 1890)).toHaveLength(9);
  expect(evenings([5, 3], 10)).toEqual([3, 5]);
  expect(evenings([], 10)).toEqual([]);
});

test('none stands in a stack with shows from both sides of the hard finish', () => {
  const dots = stackDots([95, 99, 100, 101, 105], 100, 10);
  expect(dots.map(({ level, late }) => [level, late])).toEqual([
    [0, false],
    [1, false],
    [2, false],
    [0, true],
    [1, true],
  ]);
  for (const { at, late } of dots) expect(at > 100).toBe(late);
});
