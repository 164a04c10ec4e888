import { describe, expect, test } from '@jest/globals';
import { item } from '../testing/bundle';
import { lot, pack } from '../testing/inventory';
import { HOUSEHOLD } from '../units/household';
import { costOf, takingOf, type Wanted } from './taking';

const yeast = item('yeast', 'consumable', {
  unit: 'g',
  density: 0.5,
  packs: [pack('sachet', 7, 'g', 70), pack('tin', 125, 'g', 450)],
});
const taking = (wanted: Wanted[], items = [yeast], lots = [lot('l', 'yeast', 63)]) =>
  takingOf(wanted, { items, lots, sizes: HOUSEHOLD, day: '2027-05-20' });

describe('of one item', () => {
  test('against the store, with the packs to buy and what is used up is worth', () => {
    const [line] = taking([{ itemId: 'yeast', unit: 'g', amount: 84 }]);
    expect(line).toMatchObject({ wanted: 84, there: 63, missing: 21 });
    // Three sachets of 70 are cheaper than one tin of 450.
    expect(line?.packs).toEqual([{ id: 'sachet', count: 3 }]);
    expect(line?.toBuy).toBe(210);
    // The tin is the cheapest for its amount: 450 for 125 g.
    expect(line?.worth).toBeCloseTo((84 * 450) / 125, 9);
  });

  test('by the spoon, where its density is known; two lines are one', () => {
    const [line] = taking([
      { itemId: 'yeast', unit: 'tsp', amount: 2 },
      { itemId: 'yeast', unit: 'tsp', amount: 6 },
    ]);
    expect(line?.wanted).toBeCloseTo(8 * 4.92892159375 * 0.5, 9);
    expect(line).toMatchObject({ missing: 0, toBuy: 0, packs: [] });
  });

  test('what is lost in handling is wanted too', () => {
    const [line] = taking([{ itemId: 'yeast', unit: 'g', amount: 80 }], [{ ...yeast, waste: 20 }]);
    expect(line?.wanted).toBeCloseTo(100, 9);
  });

  test('what can’t be turned into the unit of its stock is left out, and so is what nobody knows', () => {
    expect(
      taking([{ itemId: 'yeast', unit: 'mL', amount: 5 }], [{ ...yeast, density: null }]),
    ).toEqual([]);
    expect(taking([{ itemId: 'else', unit: 'g', amount: 5 }])).toEqual([]);
    expect(taking([{ itemId: 'yeast', unit: 'g', amount: 0 }])).toEqual([]);
  });

  test('none of it in the store is none; out of date does not count', () => {
    const [none] = taking([{ itemId: 'yeast', unit: 'g', amount: 7 }], [yeast], []);
    expect(none).toMatchObject({ there: 0, missing: 7, toBuy: 70 });
    const old = lot('l', 'yeast', 63, { expiry: '2027-05-19' });
    const [gone] = taking([{ itemId: 'yeast', unit: 'g', amount: 7 }], [yeast], [old]);
    expect(gone?.there).toBe(0);
  });
});

test('equipment comes back: it is worth nothing, and missing only beyond what is owned', () => {
  const cylinder = item('cylinder', 'equipment', { owned: 4 });
  const [line] = taking([{ itemId: 'cylinder', unit: 'piece', amount: 5 }], [cylinder], []);
  expect(line).toMatchObject({ there: 4, missing: 1, worth: 0, toBuy: null });
  const stand = item('stand', 'equipment', { owned: null });
  const [free] = taking([{ itemId: 'stand', unit: 'piece', amount: 5 }], [stand], []);
  expect(free).toMatchObject({ there: null, missing: 0, toBuy: 0 });
});

test('water that is found there costs nothing and is never missing', () => {
  const water = item('water', 'consumable', { unit: 'mL', atVenue: true });
  const [line] = taking([{ itemId: 'water', unit: 'L', amount: 5 }], [water], []);
  expect(line).toMatchObject({ there: null, missing: 0, worth: 0, toBuy: 0 });
});

test('all together, with what has no price named', () => {
  const plain = item('soap', 'consumable', { unit: 'mL' });
  const lines = taking(
    [
      { itemId: 'yeast', unit: 'g', amount: 70 },
      { itemId: 'soap', unit: 'mL', amount: 10 },
    ],
    [yeast, plain],
  );
  const { worth, toBuy, unknown } = costOf(lines);
  expect(worth).toBeCloseTo((70 * 450) / 125, 9);
  expect(toBuy).toBe(70);
  expect(unknown.map(({ id }) => id)).toEqual(['soap']);
});
