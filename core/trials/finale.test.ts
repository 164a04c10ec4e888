import { expect, test } from '@jest/globals';
import { finaleOf } from './finale';

const kit = [
  { id: 'a', itemId: 'yeast', unit: 'tsp' as const, perGo: 0, perAmount: 1 },
  { id: 'b', itemId: 'peroxide', unit: 'mL' as const, perGo: 60, perAmount: 0 },
  { id: 'c', itemId: 'cylinder', unit: 'piece' as const, perGo: 0, perAmount: 0 },
];
const four = { id: 'l4', label: '4', value: 4 };

test('level times stations and spares, what is not used up left out', () => {
  const { lines, all } = finaleOf({ kit }, four, { stations: 5, spares: 2 }, null);
  expect(lines).toEqual([
    { itemId: 'yeast', unit: 'tsp', each: 4, sets: 7, amount: 28 },
    { itemId: 'peroxide', unit: 'mL', each: 60, sets: 7, amount: 420 },
  ]);
  expect(all).toBeNull();
});

test('spares make it surer that all come off', () => {
  const sure = (spares: number): number =>
    finaleOf({ kit }, four, { stations: 5, spares }, { worked: 18, failed: 2 }).all ?? NaN;
  expect(sure(0)).toBeLessThan(sure(1));
  expect(sure(1)).toBeLessThan(sure(2));
  expect(sure(2)).toBeGreaterThan(0.9);
});
