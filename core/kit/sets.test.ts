import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bookedSlot, bundle, item, line, method } from '../testing/bundle';
import { kitList } from './kit';
import { setsOf } from './sets';

const slot = bookedSlot('foam', { again: 2 });
const record = (worked: number, failed: number, partly = 0) => [
  { demoId: 'foam', methodId: 'm', worked, partly, failed },
];

test('spares until the wanted chance, told in one sentence', () => {
  const sets = setsOf(slot, method('m', { goesAllowed: 5 }), record(69, 31), 95);
  expect(sets).toMatchObject({ planned: 1, spare: 2 });
  expect(sets.words).toBe('3 sets: 1 planned, 2 spare, 96 % to see it work at least once');
});

test('a go that partly worked is not one that worked', () => {
  const most = method('m', { goesAllowed: 5 });
  expect(setsOf(slot, most, record(69, 0, 31), 95)).toEqual(setsOf(slot, most, record(69, 31), 95));
});

test('no more than are allowed, and it says so', () => {
  const sets = setsOf(slot, method('m', { goesAllowed: 2 }), record(5, 5), 95);
  expect(sets.spare).toBe(1);
  expect(sets.words).toContain('95 % would take more goes than the 2 allowed');
});

test('what was never tried brings as many as are allowed', () => {
  const sets = setsOf(slot, method('m', { goesAllowed: 3 }), [], 95);
  expect(sets.words).toBe('3 sets: 1 planned, 2 spare, not tried yet, so as many as are allowed');
});

test('without a record of runs, what its card says of earlier goes', () => {
  const card = method('m', { goesAllowed: 3, priorWorked: 400, priorFailed: 2 });
  expect(setsOf(slot, card, [], 95)).toMatchObject({ spare: 0 });
  expect(setsOf(slot, card, [], 95).words).toContain('99 %');
});

test('a line-up that gives no further go is told', () => {
  const sets = setsOf({ ...slot, again: 0 }, method('m', { goesAllowed: 5 }), record(69, 31), 95);
  expect(sets.words).toContain('the line-up moves on after 1 go');
});

describe('on the list', () => {
  const from = bundle(
    [
      {
        id: 'foam',
        tasks: [task('p', 'perform', 60)],
        slot: { goes: 1 },
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
