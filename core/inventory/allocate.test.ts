import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { item } from '../testing/bundle';
import { lot, showNeeds } from '../testing/inventory';
import { allocate } from './allocate';
import type { StockedLot } from './types';
import { firstExpiredFirst, lastDay, nextTest, usableOn } from './dates';

const items = new Map(
  [
    item('salt', 'consumable', { unit: 'g', keepsOpen: 30 }),
    item('flask', 'equipment'),
    item('dome', 'equipment', { owned: 1 }),
  ].map((one) => [one.id, one]),
);
const salt = items.get('salt') ?? item('salt', 'consumable');

describe('what counts on a day', () => {
  test('up to the day it expires, or so long after it was opened', () => {
    const opened = lot('a', 'salt', 1, { expiry: '2027-12-31', opened: '2027-05-01' });
    expect(lastDay(opened, salt)).toBe('2027-05-31');
    expect(usableOn(opened, salt, '2027-05-31')).toBe(true);
    expect(usableOn(opened, salt, '2027-06-01')).toBe(false);
    expect(usableOn({ ...opened, state: 'out' }, salt, '2027-05-02')).toBe(false);
    expect(usableOn({ ...opened, state: 'attention' }, salt, '2027-05-02')).toBe(true);
  });

  test('first expired first; opened before unopened; what keeps last', () => {
    const lots = [
      lot('keeps', 'salt', 1),
      lot('late', 'salt', 1, { expiry: '2028-01-01' }),
      lot('opened', 'salt', 1, { expiry: '2028-01-01', opened: '2027-12-20' }),
      lot('soon', 'salt', 1, { expiry: '2027-06-01' }),
    ];
    expect(firstExpiredFirst(lots, salt).map((l) => l.id)).toEqual([
      'soon',
      'opened',
      'late',
      'keeps',
    ]);
  });

  test('the next test: never tested is due today', () => {
    const tested = { testEvery: 365 };
    expect(nextTest({ lastTest: null }, tested, '2027-05-30')).toBe('2027-05-30');
    expect(nextTest({ lastTest: '2027-02-28' }, tested, '2027-05-30')).toBe('2028-02-28');
    expect(nextTest({ lastTest: null }, { testEvery: null }, '2027-05-30')).toBeNull();
  });
});

describe('consumables are shared by date', () => {
  const lots = [
    lot('a', 'salt', 100, { expiry: '2027-06-10' }),
    lot('b', 'salt', 50, { expiry: '2027-12-01' }),
    lot('c', 'salt', 500, { expiry: '2027-05-01' }),
  ];
  const shares = allocate(
    [
      showNeeds('second', '2027-06-20', [{ itemId: 'salt', base: 80 }]),
      showNeeds('first', '2027-06-01', [{ itemId: 'salt', base: 120 }]),
    ],
    items,
    lots,
  );

  test('the first takes what expires first; what is out of date on the day does not count', () => {
    expect(shares[0]).toMatchObject({
      showId: 'first',
      got: 120,
      short: 0,
      outOfDate: 500,
      from: [
        { lotId: 'a', base: 100 },
        { lotId: 'b', base: 20 },
      ],
      before: [],
    });
  });

  test('the second is told what the first will take', () => {
    expect(shares[1]).toMatchObject({
      showId: 'second',
      got: 30,
      short: 50,
      before: [{ showId: 'first', title: 'first', base: 120 }],
    });
  });

  test('what is wanted once a day is shared by all shows of the day', () => {
    const twice = allocate(
      [
        showNeeds('am', '2027-06-01', [{ itemId: 'salt', base: 30, perDay: 20 }], {
          from: 1,
          until: 2,
        }),
        showNeeds('pm', '2027-06-01', [{ itemId: 'salt', base: 25, perDay: 20 }], {
          from: 3,
          until: 4,
        }),
      ],
      items,
      lots,
    );
    expect(twice.map((s) => s.need)).toEqual([30, 5]);
  });
});

describe('equipment comes back', () => {
  const need = (base: number) => [{ itemId: 'flask', base }];
  const two = [lot('x', 'flask', 2), lot('y', 'flask', 1, { state: 'out' })];

  test('shows of different days share it; one that is out does not count', () => {
    const shares = allocate(
      [showNeeds('a', '2027-06-01', need(2)), showNeeds('b', '2027-06-02', need(3))],
      items,
      two,
    );
    expect(shares.map((s) => s.short)).toEqual([0, 1]);
  });

  test('shows at the same time do not', () => {
    const shares = allocate(
      [
        showNeeds('a', '2027-06-01', need(2), { from: 0, until: 100 }),
        showNeeds('b', '2027-06-01', need(1), { from: 50, until: 150 }),
        showNeeds('c', '2027-06-01', need(1), { from: 150, until: 200 }),
      ],
      items,
      two,
    );
    expect(shares.map((s) => s.short)).toEqual([0, 1, 0]);
    expect(shares[1]?.before).toEqual([{ showId: 'a', title: 'a', base: 2 }]);
  });

  test('without lots, what the card says there is; or as many as are asked for', () => {
    const shares = allocate(
      [showNeeds('a', '2027-06-01', [...need(9), { itemId: 'dome', base: 2 }])],
      items,
      [],
    );
    expect(shares.map((s) => s.short)).toEqual([0, 1]);
  });
});

test('nothing is given twice, nothing out of date, and got and short make the need (property)', () => {
  const day = fc.integer({ min: 1, max: 28 }).map((d) => `2027-06-${String(d).padStart(2, '0')}`);
  fc.assert(
    fc.property(
      fc.array(fc.record({ stock: fc.integer({ min: 0, max: 90 }), expiry: fc.option(day) }), {
        maxLength: 6,
      }),
      fc.array(fc.record({ date: day, base: fc.integer({ min: 1, max: 120 }) }), {
        minLength: 1,
        maxLength: 6,
      }),
      (stock, wants) => {
        const lots = stock.map((s, i) => lot(`l${i}`, 'salt', s.stock, { expiry: s.expiry }));
        const shares = allocate(
          wants.map((w, i) => showNeeds(`s${i}`, w.date, [{ itemId: 'salt', base: w.base }])),
          items,
          lots,
        );
        const given = new Map<string, number>();
        for (const share of shares) {
          const date = wants[Number(share.showId.slice(1))]?.date ?? '';
          expect(share.got + share.short).toBeCloseTo(share.need, 9);
          expect(share.from.reduce((sum, f) => sum + f.base, 0)).toBeCloseTo(share.got, 9);
          for (const { lotId, base } of share.from) {
            given.set(lotId, (given.get(lotId) ?? 0) + base);
            const from = lots.find((l) => l.id === lotId);
            expect(from && usableOn(from, salt, date)).toBe(true);
          }
        }
        for (const l of lots) expect(given.get(l.id) ?? 0).toBeLessThanOrEqual(l.stock);
        // First expired first, show by show, gives the first shows all that could be had for them.
        const first = shares[0];
        const date = wants[Number(first?.showId.slice(1))]?.date ?? '';
        const there = lots.reduce((sum, l) => sum + (usableOn(l, salt, date) ? l.stock : 0), 0);
        expect(first?.got).toBeCloseTo(Math.min(first?.need ?? 0, there), 9);
      },
    ),
    { seed: 6 },
  );
});

describe('what is opened, and what is on its way', () => {
  const acid = item('acid', 'consumable', { unit: 'mL', keepsOpen: 7 });
  const need = (id: string, date: string, base = 100) =>
    showNeeds(id, date, [{ itemId: 'acid', base }]);
  const shows = [need('a', '2027-06-01'), need('b', '2027-06-08'), need('c', '2027-06-09')];
  const of = (
    lots: StockedLot[],
    expected: Parameters<typeof allocate>[3] = [],
    items = [acid],
  ): Record<string, number> =>
    Object.fromEntries(
      allocate(shows, new Map(items.map((one) => [one.id, one])), lots, expected).map(
        ({ showId, short }) => [showId, short],
      ),
    );

  test('a bottle that the first show opens is gone for those after its days', () => {
    expect(of([lot('l', 'acid', 1000)])).toEqual({ a: 0, b: 0, c: 100 });
    expect(of([lot('l', 'acid', 1000), lot('m', 'acid', 100)])).toEqual({ a: 0, b: 0, c: 0 });
  });

  test('a pack on its way counts from the day it comes, closed until it is used', () => {
    const pack = { orderId: 'o', itemId: 'acid', until: null, expiry: null, packs: [1000] };
    expect(of([], [{ ...pack, from: '2027-06-05' }])).toEqual({ a: 100, b: 0, c: 0 });
    expect(of([], [{ ...pack, from: '2027-06-05', expiry: '2027-06-08' }])).toEqual({
      a: 100,
      b: 0,
      c: 100,
    });
  });

  test('two packs of one order are two bottles', () => {
    const pack = { orderId: 'o', itemId: 'acid', from: '2027-05-01', until: null, expiry: null };
    expect(of([], [{ ...pack, packs: [200] }])).toEqual({ a: 0, b: 0, c: 100 });
    expect(of([], [{ ...pack, packs: [200, 200] }])).toEqual({ a: 0, b: 0, c: 0 });
  });

  test('what is borrowed is there between its days', () => {
    const lamp = { ...item('acid', 'equipment'), owned: 0 };
    const lent = { orderId: 'o', itemId: 'acid', expiry: null, packs: [100] };
    expect(of([], [{ ...lent, from: '2027-06-02', until: '2027-06-08' }], [lamp])).toEqual({
      a: 100,
      b: 0,
      c: 100,
    });
  });
});
