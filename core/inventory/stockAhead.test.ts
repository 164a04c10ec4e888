import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dayAfter } from '../time/days';
import { lastsTo, standingOn, stockAfter, stockBefore, type Wanting } from './stockAhead';
import type { Movement, StockedLot } from './types';

const TODAY = '2027-05-30';
const day = (n: number): string => dayAfter(TODAY, n);
const lot = (id: string, stock: number, over: Partial<StockedLot> = {}): StockedLot => ({
  ...{ id, itemId: 'x', place: '', expiry: null, opened: null, state: 'good' as const },
  ...{ lastTest: null, note: '', stock, ...over },
});
const want = (n: number, got: number, short: number, from: Wanting['from']): Wanting => ({
  ...{ showId: `s${n}`, title: `Show ${n}`, date: day(n), need: got + short, got, short, from },
});
const keeps = { keepsOpen: 60 };
const told = (steps: ReturnType<typeof stockAfter>) =>
  steps.map(({ day: on, kind, change, stock, short }) => [on, kind, change, stock, short]);

describe('from today on', () => {
  test('shows take, orders come, what is short lies below nothing', () => {
    const steps = stockAfter(
      keeps,
      [lot('a', 100), lot('b', 250)],
      [
        want(3, 84, 0, [{ lotId: 'a', base: 84 }]),
        want(20, 226, 44, [
          { lotId: 'a', base: 16 },
          { lotId: 'b', base: 210 },
        ]),
      ],
      [{ day: day(5), base: 40 }],
      TODAY,
    );
    expect(told(steps)).toEqual([
      [day(3), 'show', -84, 266, 0],
      [day(5), 'come', 40, 306, 0],
      [day(20), 'show', -226, 80, 44],
    ]);
    expect(steps.map(({ amount }) => amount)).toEqual([84, 40, 270]);
    expect(lastsTo(steps)).toMatchObject({
      to: { title: 'Show 3' },
      lacks: { title: 'Show 20' },
      shows: 2,
    });
  });

  test('what goes out of date is gone the day after, opened or not; what is out of use at once', () => {
    const steps = stockAfter(
      keeps,
      [
        lot('old', 5, { expiry: day(-1) }),
        lot('out', 7, { state: 'out' }),
        lot('soon', 20, { expiry: day(9) }),
        lot('open', 30, { opened: day(-50), expiry: day(400) }),
      ],
      [
        want(9, 20, 0, [
          { lotId: 'soon', base: 8 },
          { lotId: 'open', base: 12 },
        ]),
      ],
      [],
      TODAY,
    );
    expect(told(steps)).toEqual([
      [TODAY, 'spoils', -5, 57, 0],
      [TODAY, 'spoils', -7, 50, 0],
      [day(9), 'show', -20, 30, 0],
      [day(10), 'spoils', -12, 18, 0],
      [day(11), 'spoils', -18, 0, 0],
    ]);
  });

  test('what there is at the end is what there was, and came, less what was taken and spoilt (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ stock: fc.nat(500), good: fc.option(fc.nat(60)) }), { maxLength: 5 }),
        fc.array(fc.record({ on: fc.nat(40), share: fc.double({ min: 0, max: 1, noNaN: true }) }), {
          maxLength: 6,
        }),
        fc.array(fc.record({ on: fc.nat(40), base: fc.integer({ min: 1, max: 90 }) }), {
          maxLength: 3,
        }),
        (has, shows, comes) => {
          const lots = has.map(({ stock, good }, i) =>
            lot(`l${i}`, stock, { expiry: good === null ? null : day(good) }),
          );
          const wanting = shows.map(({ on, share }, i) => {
            const from = lots.map(({ id, stock }) => ({
              lotId: id,
              base: (share * stock) / shows.length,
            }));
            const got = from.reduce((sum, { base }) => sum + base, 0);
            return { ...want(on, got, 0, from), showId: `s${i}` };
          });
          const arriving = comes.map(({ on, base }) => ({ day: day(on), base }));
          const steps = stockAfter(keeps, lots, wanting, arriving, TODAY);
          let stock = lots.reduce((sum, one) => sum + one.stock, 0);
          for (const step of steps) {
            stock += step.change;
            expect(step.stock).toBeCloseTo(stock, 6);
            expect(step.stock).toBeGreaterThan(-1e-6);
          }
          expect(steps.map((one) => one.day)).toEqual(steps.map((one) => one.day).toSorted());
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });
});

test('what happened: a step a day and show, without what was taken back', () => {
  const move = (
    id: string,
    at: number,
    change: number,
    over: Partial<Movement> = {},
  ): Movement => ({
    ...{
      id,
      at,
      change,
      lotId: 'a',
      kind: 'received' as const,
      reverses: null,
      showId: null,
      note: '',
    },
    ...over,
  });
  const steps = stockBefore(
    [
      move('d', 3, -40, { showId: 's', kind: 'taken' }),
      move('a', 1, 250, { note: '2 bottles' }),
      move('b', 1, 250),
      move('x', 2, -100, { kind: 'taken' }),
      move('y', 2, 100, { kind: 'reversed', reverses: 'x' }),
      move('e', 3, -4, { showId: 's', kind: 'taken' }),
    ],
    (at) => day(at - 10),
    () => 'Boat Shed',
  );
  expect(steps).toMatchObject([
    { day: day(-9), change: 500, stock: 500, title: '2 bottles' },
    { day: day(-7), change: -44, stock: 456, title: 'Boat Shed', showId: 's' },
  ]);
});

describe('what stands in the store today', () => {
  const lots = [
    lot('late', 200, { expiry: day(400) }),
    lot('soon', 150, { expiry: day(5) }),
    lot('old', 30, { expiry: day(-1) }),
    lot('out', 7, { state: 'out' }),
    lot('empty', 0),
  ];

  test('the lot that is used first stands on top of the others; what does not count stands nowhere', () => {
    expect(standingOn(keeps, lots, TODAY)).toMatchObject({
      held: 387,
      usable: 350,
      lots: [
        { lot: { id: 'soon' }, under: 200, until: day(5) },
        { lot: { id: 'late' }, under: 0, until: day(400) },
      ],
    });
  });

  test('is where the line goes on from, once what is gone has gone', () => {
    const [first, second, ...others] = stockAfter(keeps, lots, [], [], TODAY);
    expect([first?.kind, second?.kind]).toEqual(['spoils', 'spoils']);
    expect(second?.stock).toBe(standingOn(keeps, lots, TODAY).usable);
    expect(others.map(({ stock }) => stock)).toEqual([200, 0]);
  });

  test('of nothing there is nothing', () => {
    expect(standingOn(keeps, [], TODAY)).toEqual({ held: 0, usable: 0, lots: [] });
    expect(stockAfter(keeps, [], [], [], TODAY)).toEqual([]);
    expect(lastsTo([])).toEqual({ to: null, lacks: null, shows: 0 });
  });
});
