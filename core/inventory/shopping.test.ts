import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { timelineOf } from '../lineup/timelineOf';
import type { Item } from '../repertoire/types';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { lot, pack, showNeeds } from '../testing/inventory';
import { HOUSEHOLD } from '../units/household';
import { convert } from './convert';
import { needsOf } from '../kit/needs';
import { boughtWords, dueOrders, shareOut, shoppingList } from './shopping';
import { takeFrom, usedIn } from '../kit/takeOut';

const today = '2027-05-20';
const map = (...items: Item[]) => new Map(items.map((one) => [one.id, one]));
const list = (
  items: Item[],
  shows: Parameters<typeof shoppingList>[0],
  lots = [] as ReturnType<typeof lot>[],
) => shoppingList(shows, map(...items), lots, today, HOUSEHOLD);

const peroxide = item('peroxide', 'consumable', {
  unit: 'mL',
  packs: [pack('small', 500, 'mL', 380, 1), pack('large', 5, 'L', 2100, 7)],
});

describe('the shopping list', () => {
  test('the cheapest packs for what is missing, the day to order, and what it costs each show', () => {
    const result = list(
      [peroxide],
      [
        showNeeds('a', '2027-06-01', [{ itemId: 'peroxide', base: 600 }], { audience: 40 }),
        showNeeds('b', '2027-06-08', [{ itemId: 'peroxide', base: 300 }], { audience: 0 }),
      ],
      [lot('l', 'peroxide', 200)],
    );
    expect(result.lines[0]).toMatchObject({
      missing: 700,
      over: 300,
      cost: 760,
      packs: [{ pack: { id: 'small' }, count: 2, orderBy: '2027-05-31', late: false }],
    });
    expect(result.perShow).toMatchObject([
      { showId: 'a', cost: 434, perHead: 11 },
      { showId: 'b', cost: 326, perHead: null },
    ]);
    expect(result.cost).toBe(760);
  });

  test('a show that was not chosen still takes its own first', () => {
    const needs = [
      showNeeds('a', '2027-06-01', [{ itemId: 'peroxide', base: 150 }]),
      showNeeds('b', '2027-06-08', [{ itemId: 'peroxide', base: 100 }]),
    ];
    const result = shoppingList(
      needs,
      map(peroxide),
      [lot('l', 'peroxide', 200)],
      today,
      HOUSEHOLD,
      new Set(['b']),
    );
    expect(result.lines[0]).toMatchObject({ missing: 50, shows: [{ showId: 'b', short: 50 }] });
    expect(result.perShow.map((s) => s.showId)).toEqual(['b']);
  });

  test('shows of the past need nothing', () => {
    expect(
      list([peroxide], [showNeeds('a', '2027-05-19', [{ itemId: 'peroxide', base: 9 }])]).lines,
    ).toEqual([]);
  });

  test('too late by the usual lead time is told, with what would be bought', () => {
    const slow = { ...peroxide, packs: [pack('large', 5, 'L', 2100, 30)] };
    const [one] = list(
      [slow],
      [showNeeds('a', '2027-06-01', [{ itemId: 'peroxide', base: 600 }])],
    ).lines;
    expect(one?.problem).toContain('Can’t be there in time');
    expect(one?.packs[0]).toMatchObject({ count: 1, late: true, orderBy: '2027-05-02' });
  });

  test('what is cold is fetched for each show by itself', () => {
    const nitrogen = item('ln', 'consumable', {
      unit: 'L',
      cold: 'nitrogen',
      packs: [pack('one', 1, 'L', 400), pack('five', 5, 'L', 1600)],
    });
    const { lines } = list(
      [nitrogen],
      [
        showNeeds('a', '2027-06-01', [{ itemId: 'ln', base: 2500 }]),
        showNeeds('b', '2027-06-08', [{ itemId: 'ln', base: 2500 }]),
      ],
    );
    expect(lines.map((one) => [one.missing, one.cost])).toEqual([
      [2500, 1200],
      [2500, 1200],
    ]);
  });

  test('without a pack it says what to do', () => {
    const [one] = list(
      [{ ...peroxide, packs: [] }],
      [showNeeds('a', '2027-06-01', [{ itemId: 'peroxide', base: 600 }])],
    ).lines;
    expect(one).toMatchObject({ cost: 0, problem: expect.stringContaining('No pack is known') });
  });

  test('equipment that was bought for the first show is there for the second', () => {
    const flask = item('flask', 'equipment', { owned: 1, packs: [pack('one', 1, 'piece', 900)] });
    const [one] = list(
      [flask],
      [
        showNeeds('a', '2027-06-01', [{ itemId: 'flask', base: 3 }]),
        showNeeds('b', '2027-06-02', [{ itemId: 'flask', base: 4 }]),
      ],
    ).lines;
    expect(one).toMatchObject({ missing: 3, cost: 2700 });
  });

  test('a pack sold by weight covers what is counted by volume, by its density', () => {
    const acid = item('acid', 'consumable', {
      unit: 'mL',
      density: 1.25,
      packs: [pack('kg', 1, 'kg', 500)],
    });
    const [one] = list(
      [acid],
      [showNeeds('a', '2027-06-01', [{ itemId: 'acid', base: 900 }])],
    ).lines;
    expect(one?.packs[0]?.count).toBe(2);
  });

  test('what is to be ordered this week, the most pressing first', () => {
    const result = list(
      [
        { ...peroxide, packs: [pack('slow', 5, 'L', 2100, 10)] },
        item('salt', 'consumable', { packs: [pack('bag', 1, 'piece', 90, 1)] }),
      ],
      [
        showNeeds('a', '2027-05-29', [{ itemId: 'salt', base: 1 }]),
        showNeeds('b', '2027-06-02', [
          { itemId: 'peroxide', base: 1 },
          { itemId: 'salt', base: 1 },
        ]),
      ],
    );
    const names = (days: number): string[] =>
      dueOrders(result, today, days).map(({ line: one }) => one.name);
    expect(names(1)).toEqual([]);
    expect(names(3)).toEqual(['peroxide']);
    expect(names(9)).toEqual(['peroxide', 'salt']);
    expect(dueOrders(result, today, 9).map(({ bought }) => boughtWords(bought))).toEqual([
      '1 × 5 L',
      '2',
    ]);
  });

  test('shares of a cost add up to it (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.array(fc.integer({ min: 1, max: 999 }), { minLength: 1, maxLength: 8 }),
        (whole, weights) => {
          const parts = shareOut(whole, weights);
          expect(parts.reduce((a, b) => a + b, 0)).toBe(whole);
          const sum = weights.reduce((a, b) => a + b, 0);
          parts.forEach((part, i) =>
            expect(Math.abs(part - (whole * (weights[i] ?? 0)) / sum)).toBeLessThan(1),
          );
        },
      ),
    );
    expect(shareOut(5, [0, 0])).toEqual([0, 0]);
  });
});

describe('from a show to its needs', () => {
  const from = bundle(
    [
      {
        id: 'foam',
        tasks: [task('p', 'perform', 60)],
        over: {
          goesAllowed: 1,
          kit: [
            line('yeast', 2, 'tbsp', 'perGo'),
            line('soap', 30, 'g'),
            line('water', 1, 'L'),
            line('gas', 2, 'piece', 'perDay'),
            line('tray', 2, 'piece'),
            line('lamp', 5, 'cm'),
          ],
        },
      },
      { id: 'bowl', tasks: [task('p', 'perform', 60)], over: { kit: [line('tray', 1, 'piece')] } },
    ],
    [
      item('yeast', 'consumable', { unit: 'g', density: 0.6 }),
      item('soap', 'consumable', { unit: 'mL', density: 1.2 }),
      item('water', 'consumable', { atVenue: true }),
      item('gas', 'consumable'),
      item('tray', 'equipment'),
      item('lamp', 'consumable'),
    ],
  );
  const needs = (owned: number) =>
    needsOf(from, { timeline: () => timelineOf(from), owned: () => owned });
  const of = (id: string, owned = Infinity) => needs(owned).needs.find((n) => n.itemId === id);

  test('in the unit of the stock, by density; nothing for what the venue has', () => {
    expect(of('yeast')?.base).toBeCloseTo(2 * 14.787 * 0.6, 2);
    expect(of('soap')?.base).toBeCloseTo(25, 9);
    expect(of('water')).toBeUndefined();
    expect(of('gas')).toMatchObject({ base: 2, perDay: 2 });
  });

  test('what can’t be turned into it is named', () => {
    expect(needs(9).unlike).toEqual(['lamp']);
  });

  test('the timeline is asked only where there may be too few', () => {
    let asked = 0;
    const timeline = () => {
      asked++;
      return timelineOf(from);
    };
    needsOf(from, { timeline, owned: () => 3 });
    expect(asked).toBe(0);
    needsOf(from, { timeline, owned: () => 2 });
    expect(asked).toBe(1);
    // Both slots are at the table, one after the other: two trays at once.
    expect(of('tray', 2)?.base).toBe(2);
  });

  test('what was used follows from the goes there were', () => {
    const used = usedIn(from, new Map([['slot-foam', 2]]));
    expect(used.find((u) => u.itemId === 'yeast')?.used).toBeCloseTo(2 * 2 * 14.787 * 0.6, 2);
    expect(used.find((u) => u.itemId === 'soap')?.used).toBeCloseTo(25, 9);
    expect(usedIn(from, new Map()).every((u) => u.used === 0)).toBe(true);
    expect(usedIn(from, null).find((u) => u.itemId === 'soap')?.used).toBeCloseTo(25, 9);
  });
});

test('taken first from what counts, in the order it expires, then from what is out of date', () => {
  const lots = [
    lot('old', 'peroxide', 10, { expiry: '2027-01-01' }),
    lot('keeps', 'peroxide', 10),
    lot('soon', 'peroxide', 10, { expiry: '2027-06-01' }),
  ];
  expect(takeFrom(peroxide, lots, 25, today).from).toEqual([
    { lotId: 'soon', base: 10 },
    { lotId: 'keeps', base: 10 },
    { lotId: 'old', base: 5 },
  ]);
  expect(takeFrom(peroxide, lots, 40, today).over).toBe(10);
});

test('between kinds only by what is known', () => {
  expect(convert(3, 'count', 'mass', { density: null, gramsEach: 12 })).toBe(36);
  expect(convert(36, 'mass', 'count', { density: null, gramsEach: 12 })).toBe(3);
  expect(convert(3, 'count', 'volume', { density: 2, gramsEach: 12 })).toBe(18);
  expect(convert(3, 'volume', 'mass', { density: null, gramsEach: 12 })).toBeNull();
  expect(convert(3, 'volume', 'mass', { density: 0, gramsEach: null })).toBe(0);
  expect(convert(3, 'mass', 'volume', { density: 0, gramsEach: null })).toBeNull();
  expect(convert(3, 'time', 'mass', { density: 1, gramsEach: 1 })).toBeNull();
});
