import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { timelineOf } from '../lineup/timelineOf';
import type { Item } from '../repertoire/item';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { lot, pack, showNeeds } from '../testing/inventory';
import { HOUSEHOLD } from '../units/household';
import { convert } from './convert';
import { needsOf } from '../kit/needs';
import { type Order, blankOrder } from './orders';
import { shareOut } from './shareOut';
import { boughtWords, dueOrders, shoppingList } from './shopping';
import { takeFrom, usedIn } from '../kit/takeOut';

const today = '2027-05-20';
const map = (...items: Item[]) => new Map(items.map((one) => [one.id, one]));
const list = (
  items: Item[],
  shows: Parameters<typeof shoppingList>[0],
  lots = [] as ReturnType<typeof lot>[],
) => shoppingList(shows, { items: map(...items), lots, orders: [], sizes: HOUSEHOLD }, today);

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
      packs: [{ pack: { id: 'small' }, count: 2, orderBy: '2027-05-31', neededBy: '2027-06-01' }],
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
      {
        items: map(peroxide),
        lots: [lot('l', 'peroxide', 200)],
        orders: [],
        sizes: HOUSEHOLD,
      },
      today,
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

  test('what can’t be there in time is told, by how much, and what would help', () => {
    const slow = { ...peroxide, packs: [pack('large', 5, 'L', 2100, 30)] };
    const weak = item('weak', 'consumable', { unit: 'mL' });
    const want = { itemId: 'peroxide', base: 600, demos: ['Foam'], instead: ['weak'] };
    const { lines } = list(
      [slow, weak],
      [showNeeds('a', '2027-06-01', [want]), showNeeds('b', '2027-07-01', [want])],
      [lot('w', 'weak', 900)],
    );
    expect(lines[0]).toMatchObject({
      missing: 1200,
      cost: 2100,
      packs: [{ count: 1, orderBy: '2027-06-01', neededBy: '2027-07-01' }],
      tooLate: [
        {
          showId: 'a',
          short: 600,
          comes: '2027-06-19',
          days: 18,
          instead: [{ itemId: 'weak', there: 900 }],
          demos: ['Foam'],
        },
      ],
    });
  });

  test('flowers for December are not bought in November', () => {
    const flowers = item('flowers', 'consumable', {
      packs: [pack('bunch', 5, 'piece', 450, 1, { keeps: 2 })],
    });
    const { lines } = list(
      [flowers],
      [
        showNeeds('a', '2027-06-01', [{ itemId: 'flowers', base: 2 }]),
        showNeeds('b', '2027-06-03', [{ itemId: 'flowers', base: 2 }]),
        showNeeds('c', '2027-06-12', [{ itemId: 'flowers', base: 2 }]),
      ],
    );
    expect(lines[0]?.packs).toMatchObject([
      // One bunch for both: it must come on the first day, and no sooner.
      { count: 1, orderFrom: '2027-05-31', orderBy: '2027-05-31' },
      { count: 1, orderFrom: '2027-06-09', orderBy: '2027-06-11' },
    ]);
  });

  test('what is ordered is not ordered again; what comes too late does not count', () => {
    const order = (expected: string): Order => ({
      ...blankOrder('o', 'peroxide', today),
      amount: 1,
      unit: 'L',
      expected,
    });
    const shows = [showNeeds('a', '2027-06-01', [{ itemId: 'peroxide', base: 600 }])];
    const lines = (expected: string) =>
      shoppingList(
        shows,
        { items: map(peroxide), lots: [], orders: [order(expected)], sizes: HOUSEHOLD },
        today,
      ).lines;
    expect(lines('2027-06-01')).toEqual([]);
    expect(lines('2027-06-02')).toMatchObject([{ missing: 600 }]);
  });

  test('hired for one show, bought for many', () => {
    const lamp = item('lamp', 'equipment', {
      owned: 0,
      packs: [pack('own', 1, 'piece', 9000), pack('hire', 1, 'piece', 2000, 1, { hireDays: 3 })],
    });
    const days = ['01', '02', '10', '20', '28'].map((day) => `2027-06-${day}`);
    const bill = (count: number) =>
      list(
        [lamp],
        days.slice(0, count).map((day) => showNeeds(day, day, [{ itemId: 'lamp', base: 1 }])),
      ).lines[0];
    // Two days in a row are one hire.
    expect(bill(2)).toMatchObject({ cost: 2000, packs: [{ backBy: '2027-06-03' }] });
    expect(bill(5)).toMatchObject({ cost: 8000 });
    const dear = { ...lamp, packs: [pack('own', 1, 'piece', 5000), ...lamp.packs.slice(1)] };
    expect(
      list(
        [dear],
        days.map((day) => showNeeds(day, day, [{ itemId: 'lamp', base: 1 }])),
      ).lines[0],
    ).toMatchObject({ cost: 5000, packs: [{ pack: { id: 'own' }, backBy: null }] });
  });

  test('that a pack is bought twice is one order within a month, where it keeps', () => {
    const shows = ['2027-06-01', '2027-06-20', '2027-09-01'].map((day) =>
      showNeeds(day, day, [{ itemId: 'peroxide', base: 500 }]),
    );
    const one = { ...peroxide, packs: [pack('small', 500, 'mL', 380, 1)] };
    expect(list([one], shows).lines[0]?.packs.map(({ count }) => count)).toEqual([2, 1]);
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
