import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import loadHighs from 'highs';
import { type PackDemand, type PackOffer, cheapestPacks } from './packs';

const offer = (size: number, price: number, leadDays = 0): PackOffer => ({
  id: `${size}-${price}-${leadDays}`,
  size,
  price,
  leadDays,
});
const now = (amount: number): PackDemand[] => [{ amount, inDays: 7 }];

test('the big pack when it is cheaper by amount, and small ones for the rest', () => {
  const choice = cheapestPacks(now(1100), [offer(100, 150), offer(500, 400), offer(1000, 700)]);
  expect(choice).toMatchObject({ cost: 850, over: 0, proven: true });
});

test('one too many is cheaper than many small ones', () => {
  expect(cheapestPacks(now(950), [offer(100, 150), offer(1000, 700)])).toMatchObject({
    cost: 700,
    over: 50,
  });
});

test('nothing is missing, nothing is bought; nothing is sold, nothing can be', () => {
  expect(cheapestPacks([], [offer(1, 1)])).toMatchObject({ cost: 0, counts: [] });
  expect(cheapestPacks(now(5), [])).toBeNull();
  expect(cheapestPacks(now(5), [offer(0, 1)])).toBeNull();
});

describe('in time', () => {
  const slow = offer(1000, 500, 10);
  const fast = offer(100, 200, 2);

  test('what is needed sooner comes from the shop next door, the rest from afar', () => {
    const choice = cheapestPacks(
      [
        { amount: 150, inDays: 3 },
        { amount: 700, inDays: 20 },
      ],
      [slow, fast],
    );
    expect(choice?.counts).toEqual([
      { id: fast.id, count: 2 },
      { id: slow.id, count: 1 },
    ]);
  });

  test('too late for all', () => {
    expect(cheapestPacks([{ amount: 1, inDays: 1 }], [slow, fast])).toBeNull();
  });
});

describe('against a general-purpose integer solver', () => {
  const loaded = loadHighs();
  /** The same question as a mixed integer programme, minimised by HiGHS. */
  async function solver(demands: readonly PackDemand[], offers: readonly PackOffer[]) {
    const highs = await loaded;
    const names = offers.map((_, i) => `n${i}`);
    const days = [...new Set(demands.map((d) => d.inDays))].sort((a, b) => a - b);
    const rows: string[] = [];
    for (const [k, day] of days.entries()) {
      const missing = demands.reduce((sum, d) => sum + (d.inDays <= day ? d.amount : 0), 0);
      const terms = offers.flatMap((o, i) => (o.leadDays <= day ? [`${o.size} n${i}`] : []));
      if (terms.length === 0) return null;
      rows.push(` c${k}: ${terms.join(' + ')} >= ${missing}`);
    }
    const result = highs.solve(
      [
        'Minimize',
        ` obj: ${offers.map((o, i) => `${o.price} n${i}`).join(' + ')}`,
        'Subject To',
        ...rows,
        'General',
        ` ${names.join(' ')}`,
        'End',
      ].join('\n'),
    );
    return result.Status === 'Optimal' ? Math.round(result.ObjectiveValue) : null;
  }

  test('never dearer, on random cases (property)', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            amount: fc.integer({ min: 1, max: 2000 }),
            inDays: fc.integer({ min: 0, max: 20 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.array(
          fc.record({
            size: fc.integer({ min: 5, max: 1000 }),
            price: fc.integer({ min: 1, max: 3000 }),
            leadDays: fc.integer({ min: 0, max: 12 }),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        async (demands, sold) => {
          const offers = sold.map((o, i) => ({ ...o, id: `p${i}` }));
          const ours = cheapestPacks(demands, offers);
          const theirs = await solver(demands, offers);
          expect(ours?.cost ?? null).toBe(theirs);
          if (!ours) return;
          expect(ours.proven).toBe(true);
          // It really covers every day, and costs what it says.
          const count = (id: string) => ours.counts.find((c) => c.id === id)?.count ?? 0;
          expect(offers.reduce((sum, o) => sum + o.price * count(o.id), 0)).toBe(ours.cost);
          for (const { inDays } of demands) {
            const missing = demands.reduce((s, d) => s + (d.inDays <= inDays ? d.amount : 0), 0);
            const there = offers.reduce(
              (s, o) => s + (o.leadDays <= inDays ? o.size * count(o.id) : 0),
              0,
            );
            expect(there).toBeGreaterThanOrEqual(missing - 1e-6);
          }
        },
      ),
      { numRuns: 150, seed: 5 },
    );
  });

  test('fractions of a litre and free samples', async () => {
    const demands = now(2.345);
    const offers = [offer(0.25, 130), offer(1, 399), offer(0.1, 0)];
    expect(cheapestPacks(demands, offers)?.cost).toBe(await solver(demands, offers));
  });
});
