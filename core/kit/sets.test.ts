import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import type { Show, ShowBundle, Slot, SparePolicy } from '../brief/types';
import { believedAtLeast } from '../chance/atLeast';
import { beliefFrom } from '../learning/prior';
import type { Method } from '../repertoire/types';
import { bookedSlot, bundle, item, line } from '../testing/bundle';
import { pack } from '../testing/inventory';
import { kitList } from './kit';
import { type KnownRecord, type Sets, allSeen, setsForShow } from './sets';

const record = (worked: number, failed: number, partly = 0) => [
  { demoId: 'foam', methodId: 'm', worked, partly, failed },
];

interface Asked {
  slot?: Partial<Slot>;
  over?: Partial<Method>;
  show?: Partial<Show>;
  records?: readonly KnownRecord[];
}
/** The sets of a show of one demonstration, which may be done again twice. */
function setsOf({ slot, over, show, records = [] }: Asked): Sets {
  const tasks = [task('p', 'perform', 60)];
  const made = { goesAllowed: 5, ...over };
  const of = bundle([{ id: 'foam', tasks, over: made, slot: { again: 2, ...slot } }], [], show);
  const sets = setsForShow(of, records).get('slot-foam');
  if (!sets) throw new Error('no sets');
  return sets;
}

test('spares until the wanted chance, told in one sentence', () => {
  const sets = setsOf({ records: record(69, 31) });
  expect(sets).toMatchObject({ planned: 1, spare: 2 });
  expect(sets.words).toBe('3 sets: 1 planned, 2 spare, 96 % to see it work at least once');
});

test('a go that partly worked is not one that worked', () => {
  expect(setsOf({ records: record(69, 0, 31) })).toEqual(setsOf({ records: record(69, 31) }));
});

test('no more than are allowed, and it says so', () => {
  const sets = setsOf({ over: { goesAllowed: 2 }, records: record(5, 5) });
  expect(sets.spare).toBe(1);
  expect(sets.words).toContain('95 % would take more goes than the 2 allowed');
});

describe('a thin record', () => {
  const many = { slot: { again: 99 }, over: { goesAllowed: 100 } };

  test('what was never tried is taken as others: a few spares, not all that are allowed', () => {
    const sets = setsOf(many);
    expect(sets.spare).toBe(2);
    expect(sets.words).toContain('taken as others while it is not tried');
  });

  test('one success of one: one spare', () => {
    expect(setsOf({ ...many, records: record(1, 0) }).spare).toBe(1);
  });

  test('a family that seldom works asks for more, until it has a record of its own', () => {
    const family = { worked: 10, failed: 30 };
    const poor = (worked: number) => [{ ...record(worked, 0)[0]!, family }];
    expect(setsOf({ ...many, records: poor(0) }).spare).toBeGreaterThan(4);
    expect(setsOf({ ...many, records: poor(60) }).spare).toBeLessThan(2);
  });
});

test('five planned goes are five to be seen, unless less is wanted', () => {
  const five = { goes: 5, again: 20 };
  const half = { over: { goesAllowed: 30 }, records: record(500, 500) };
  // At a chance of a half, 16 goes see five with 96 %, 15 with 94 % (binomial).
  expect(setsOf({ ...half, slot: five })).toMatchObject({ planned: 5, spare: 11 });
  expect(setsOf({ ...half, slot: five }).words).toContain('to see it work 5 times');
  expect(setsOf({ ...half, slot: { ...five, wantedGoes: 1 } }).spare).toBe(0);
});

test('without a record of runs, what its card says of earlier goes', () => {
  const card = { goesAllowed: 3, priorWorked: 400, priorFailed: 2 };
  expect(setsOf({ over: card })).toMatchObject({ spare: 0 });
  expect(setsOf({ over: card }).words).toContain('99 %');
});

test('a line-up that gives no further go has no spare, and it is told', () => {
  const sets = setsOf({ slot: { again: 0 }, records: record(69, 31) });
  expect(sets.spare).toBe(0);
  expect(sets.words).toContain('the line-up moves on after 1 go');
});

test('no spares where none are wanted', () => {
  const none: Partial<Show> = { sparePolicy: { wish: 'none', mostCost: null, mostGrams: null } };
  expect(setsOf({ records: record(69, 31), show: none })).toMatchObject({ planned: 1, spare: 0 });
});

describe('for the whole show', () => {
  const items = [
    item('salt', 'consumable', { unit: 'g', packs: [pack('p', 1, 'g', 10)] }),
    item('dye', 'consumable', { unit: 'g', packs: [pack('p', 1, 'g', 500)] }),
  ];
  const ten = (policy: Partial<SparePolicy> = {}, wantedChance = 90) =>
    bundle(
      Array.from({ length: 10 }, (_, i) => ({
        id: `d${i}`,
        tasks: [task('p', 'perform', 60)],
        over: {
          goesAllowed: 6,
          priorWorked: 80,
          priorFailed: 20,
          kit: [line(i < 5 ? 'salt' : 'dye', 1, 'g', 'perGo')],
        },
        slot: { again: 5 },
      })),
      items,
      { wantedChance, sparePolicy: { wish: 'show', mostCost: null, mostGrams: null, ...policy } },
    );
  const spares = (show: ShowBundle) => {
    const sets = [...setsForShow(show, []).values()];
    return { all: allSeen(sets), of: sets.map(({ spare }) => spare) };
  };

  test('95 % for each of ten is far less for all of them; nine of ten shows is nine of ten', () => {
    const each = spares(ten({ wish: 'each' }, 95));
    expect(each.all).toBeLessThan(0.7);
    const show = spares(ten());
    expect(show.all).toBeGreaterThanOrEqual(0.9);
    // Where a spare is cheap there are more of them.
    const sum = (of: readonly number[]) => of.reduce((a, b) => a + b, 0);
    expect(sum(show.of.slice(0, 5))).toBeGreaterThan(sum(show.of.slice(5)));
  });

  test('as cheap as trying every number of spares finds', () => {
    const small = ten();
    small.show = { ...small.show, slots: small.show.slots.slice(3, 7) };
    const found = spares({ ...small });
    const cost = (of: readonly number[]) =>
      of.reduce((sum, n, i) => sum + n * (i < 2 ? 10 : 500), 0);
    const one = (n: number) =>
      believedAtLeast(1, n + 1, beliefFrom({ worked: 80, failed: 20 }, undefined));
    let least = Infinity;
    for (let i = 0; i < 6 ** 4; i++) {
      const of = [i % 6, Math.floor(i / 6) % 6, Math.floor(i / 36) % 6, Math.floor(i / 216)];
      const all = of.reduce((product, n) => product * one(n), 1);
      if (all >= 0.9) least = Math.min(least, cost(of));
    }
    expect(cost(found.of)).toBe(least);
  });

  test('no more than spares may cost or weigh, and it says so', () => {
    const dear = ten({ wish: 'each', mostCost: 1000 }, 95);
    const { of } = spares(dear);
    expect(of.reduce((sum, n, i) => sum + n * (i < 5 ? 10 : 500), 0)).toBeLessThanOrEqual(1000);
    expect(
      [...setsForShow(dear, []).values()].some(({ words }) => words.includes('cost or weigh')),
    ).toBe(true);
    expect(spares(ten({ mostGrams: 3 })).of.reduce((a, b) => a + b, 0)).toBe(3);
  });
});

describe('on the list', () => {
  const from = bundle(
    [
      {
        id: 'foam',
        tasks: [task('p', 'perform', 60)],
        slot: { goes: 1, again: 2 },
        over: {
          goesAllowed: 3,
          volunteers: 2,
          priorWorked: 6,
          priorFailed: 4,
          kit: [
            line('peroxide', 100, 'mL', 'perGo'),
            line('sweet', 1, 'piece', 'perHead'),
            line('cup', 1, 'piece', 'perVolunteer'),
            line('gas', 1, 'piece', 'perDay'),
            line('flask', 1, 'piece', 'perGo'),
          ],
        },
      },
    ],
    [
      item('peroxide', 'consumable', { waste: 20 }),
      item('sweet', 'consumable'),
      item('cup', 'consumable', { waste: 10 }),
      item('gas', 'consumable'),
      item('flask', 'equipment'),
    ],
    { rehearsals: 2 },
  );
  const list = kitList(from, timelineOf(from));
  const of = (id: string) => list.find((entry) => entry.itemId === id);

  test('rehearsals use things up too: the planned goes, no spares, nothing for an audience', () => {
    // (3 sets + 2 rehearsals of 1 go) × 100 mL, of which 20 % is lost: ÷ 0.8.
    expect(of('peroxide')?.total).toBeCloseTo(625, 9);
    expect(of('peroxide')?.how).toBe(
      '100 mL per go × 3 sets (1 planned, 2 spare), and for 2 rehearsals + 20 % lost in handling = 625 mL',
    );
    expect(of('sweet')?.total).toBe(120);
    expect(of('gas')?.total).toBe(3);
  });

  test('what can be counted comes whole', () => {
    // 2 × 3 ÷ 0.9 = 6.67
    expect(of('cup')).toMatchObject({ total: 7, text: '7' });
    expect(of('cup')?.how).toContain('+ 10 % lost in handling = 7');
  });

  test('equipment comes back from a rehearsal; spare sets of it are brought', () => {
    expect(of('flask')).toMatchObject({ total: 3 });
    expect(of('flask')?.parts[0]?.sets).toMatchObject({ planned: 1, spare: 2 });
  });
});

test('words are said, and can’t fail: they take no part in what is seen', () => {
  const talk = { title: 'Welcome', time: { shortest: 60, likely: 90, longest: 120 }, say: '' };
  const shown = bundle([], [], { slots: [{ ...bookedSlot(''), talk }] });
  expect(setsForShow(shown, []).size).toBe(0);
});
