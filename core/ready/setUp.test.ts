import { expect, test } from '@jest/globals';
import { setUpOf } from './setUp';

const check = (due: number, takes: number) => ({ due, takes });

test('from the first that is begun to the start, held against when the crew comes', () => {
  // Begun at −3700 s; the crew is there 5400 s before the start.
  expect(setUpOf([check(-3600, 100), check(-900, 60)], -5400)).toEqual({ from: 3700, spare: 1700 });
  expect(setUpOf([check(-3600, 100)], -3000)).toEqual({ from: 3700, spare: -700 });
  expect(setUpOf([], -3000)).toBeNull();
});
