import { expect, test } from '@jest/globals';
import { pack } from '../testing/inventory';
import { noHelp, orderFor, waitsFor } from './placing';
import type { BoughtPack } from './shoppingLine';

const bought = (over: Partial<BoughtPack>): BoughtPack => ({
  pack: pack('p', 500, 'mL', 380, 4, { supplier: 'Quay' }),
  count: 3,
  cost: 1140,
  orderBy: '2027-06-04',
  orderFrom: null,
  neededBy: '2027-06-08',
  backBy: null,
  days: ['2027-06-08'],
  ...over,
});
const placed = (over: Partial<BoughtPack> = {}) =>
  orderFor({ itemId: 'acid' }, bought(over), 'o', '2027-05-20');

test('what keeps comes by its usual time; what does not, and what is hired, on the day it is for', () => {
  expect(placed()).toMatchObject({
    ...{ itemId: 'acid', terms: 'bought', amount: 500, unit: 'mL', count: 3, price: 1140 },
    ...{ supplier: 'Quay', ordered: '2027-05-20', expected: '2027-05-24', come: null },
  });
  expect(placed({ orderFrom: '2027-06-03' }).expected).toBe('2027-06-08');
  expect(placed({ backBy: '2027-06-10' })).toMatchObject({
    terms: 'hired',
    expected: '2027-06-08',
    backBy: '2027-06-10',
  });
});

test('an order helps a show if it is there on its day', () => {
  const said = (over: object) =>
    noHelp(
      { terms: 'bought', expected: '2027-06-01', backBy: null, ...over },
      '2027-06-08',
      '2027-05-20',
    );
  expect(said({})).toBeNull();
  expect(said({ expected: '2027-06-08' })).toBeNull();
  expect(said({ expected: '2027-06-09' })).toContain('by the day of the show');
  expect(said({ expected: '2027-05-19' })).toContain('today or later');
  expect(said({ terms: 'hired', backBy: '2027-06-07' })).toContain('stay until');
  expect(said({ terms: 'borrowed' })).toContain('stay until');
  expect(said({ terms: 'borrowed', backBy: '2027-06-08' })).toBeNull();
});

test('it waits to come, then to go back', () => {
  const of = { expected: '2027-06-01', come: null, backBy: '2027-06-09' };
  expect(waitsFor(of)).toEqual({ for: 'come', by: '2027-06-01' });
  expect(waitsFor({ ...of, come: '2027-06-02' })).toEqual({ for: 'back', by: '2027-06-09' });
  expect(waitsFor({ ...of, come: '2027-06-02', backBy: null })).toBeNull();
});
