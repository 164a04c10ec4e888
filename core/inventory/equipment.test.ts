import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dayAfter } from '../time/days';
import { equipmentPlan, type HireOffer } from './equipment';
import type { PackDemand, PackOffer } from './packs';

const TODAY = '2027-05-20';
const buy = (price: number, leadDays = 0): PackOffer => ({ id: 'own', size: 1, price, leadDays });
const hire = (price: number, days: number, leadDays = 0): HireOffer => ({
  ...{ id: 'hire', size: 1, price, leadDays, days },
});
const on = (...days: number[]): PackDemand[] => days.map((inDays) => ({ amount: 1, inDays }));
const plan = (lacks: PackDemand[], bought: PackOffer[], hired: HireOffer[]) =>
  equipmentPlan(lacks, { buy: bought, hire: hired }, TODAY);

describe('bought or hired', () => {
  test('what the first show lacks is there for the others', () => {
    const { bought, cost } = plan(
      [
        { amount: 2, inDays: 5 },
        { amount: 1, inDays: 9 },
        { amount: 3, inDays: 20 },
      ],
      [buy(900)],
      [],
    );
    expect(bought.map(({ count, inDays }) => [count, inDays])).toEqual([
      [2, 5],
      [1, 20],
    ]);
    expect(cost).toBe(2700);
  });

  test('one that many shows need is bought, the second for one show hired', () => {
    const lacks = [...on(3, 10, 17), { amount: 2, inDays: 24 }];
    const found = plan(lacks, [buy(2000)], [hire(900, 2)]);
    expect(found).toMatchObject({ cost: 2900, unserved: [] });
    expect(found.hired).toMatchObject([{ count: 1, inDays: 24, backBy: dayAfter(TODAY, 25) }]);
  });

  test('hired until what is bought can come', () => {
    const found = plan(on(2, 30, 40, 50), [buy(1000, 14)], [hire(600, 1)]);
    expect(found.hired.map(({ inDays }) => inDays)).toEqual([2]);
    expect(found.bought.map(({ inDays }) => inDays)).toEqual([30]);
  });

  test('what neither can be there for is named', () => {
    expect(plan(on(1, 30), [buy(1000, 14)], [hire(600, 1, 5)]).unserved).toEqual(on(1));
  });
});

/** Of one thing that each show lacks, by trying every day to buy it from, and the fewest hires before. */
function least(days: readonly number[], own: PackOffer, lent: HireOffer): number {
  const hires = (these: readonly number[]): number => {
    let until = -1;
    let count = 0;
    for (const day of these)
      if (day > until) {
        until = day + lent.days - 1;
        count++;
      }
    return count * lent.price;
  };
  const ways = days.flatMap((from) =>
    from >= own.leadDays ? [own.price + hires(days.filter((day) => day < from))] : [],
  );
  return Math.min(hires(days), ...ways);
}

test('as cheap as trying every way, of one thing over a season (property)', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 10 }),
      fc.record({
        price: fc.integer({ min: 1, max: 5000 }),
        lead: fc.integer({ min: 0, max: 40 }),
      }),
      fc.record({
        price: fc.integer({ min: 1, max: 2000 }),
        days: fc.integer({ min: 1, max: 14 }),
      }),
      (all, own, lent) => {
        const days = [...all].sort((a, b) => a - b);
        const [bought, hired] = [buy(own.price, own.lead), hire(lent.price, lent.days)];
        const found = plan(on(...days), [bought], [hired]);
        expect(found.cost).toBe(least(days, bought, hired));
        expect(found.unserved).toEqual([]);
        // It is there on every day, and back by its last.
        for (const day of days) {
          const owned = found.bought.some(({ inDays }) => inDays <= day);
          const lentThen = found.hired.some(
            ({ inDays, backBy }) => inDays <= day && dayAfter(TODAY, day) <= backBy,
          );
          expect(owned || lentThen).toBe(true);
        }
      },
    ),
    { numRuns: 500, seed: 19 },
  );
});
