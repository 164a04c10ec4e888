import { describe, expect, test } from '@jest/globals';
import {
  blankClassSet,
  blankOption,
  type ClassOption,
  type ClassSet,
  commonestError,
  forNextClass,
  groupsInWords,
  groupSizes,
} from '../brief/classSet';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { classSets, mostToChoose, sparesFor } from './classKit';
import { kitList } from './kit';
import { usedIn } from './takeOut';

const method = { id: 'm', chance: null, priorWorked: 0, priorFailed: 0 };
const option = (over: Partial<ClassOption> = {}): ClassOption => ({
  ...blankOption('o', 'd', 'm'),
  ...over,
});
const three = (over: Partial<ClassSet> = {}): ClassSet => ({
  ...blankClassSet(28),
  options: ['a', 'b', 'c'].map((id) => blankOption(id, 'd', 'm')),
  ...over,
});

describe('groups', () => {
  // Arithmetic.
  test.each([
    [28, 3, [3, 3, 3, 3, 3, 3, 3, 3, 2, 2]],
    [4, 3, [2, 2]],
    [30, 5, [5, 5, 5, 5, 5, 5]],
    [1, 3, [1]],
    [7, 6, [4, 3]],
  ])('%d pupils, at most %d in a group', (pupils, perGroup, sizes) => {
    expect(groupSizes({ pupils, perGroup })).toEqual(sizes);
  });
});

test('groups in words', () => {
  expect(groupsInWords({ pupils: 26, perGroup: 3 })).toBe('8 groups of 3 and 1 of 2');
  expect(groupsInWords({ pupils: 30, perGroup: 5 })).toBe('6 groups of 5');
  expect(groupsInWords({ pupils: 1, perGroup: 3 })).toBe('1 group of 1');
});

describe('how many will choose it', () => {
  test('nothing known: any group may', () => {
    expect(mostToChoose(10, option(), 0.95)).toBe(10);
  });

  test('a long record: the quantile of the binomial distribution', () => {
    // Binomial, n = 10, p = 1/3: P(X ≤ 5) = 0.9234, P(X ≤ 6) = 0.9803 (tables of the binomial distribution).
    const long = option({ before: { chose: 100_000, of: 300_000 } });
    expect(mostToChoose(10, long, 0.92)).toBe(5);
    expect(mostToChoose(10, long, 0.95)).toBe(6);
    expect(mostToChoose(10, long, 0.98)).toBe(6);
  });

  test('a thin record counts for less than a long one with the same share', () => {
    const thin = option({ before: { chose: 1, of: 3 } });
    expect(mostToChoose(10, thin, 0.95)).toBeGreaterThan(6);
  });

  test('never more than there are', () => {
    expect(mostToChoose(10, option({ before: { chose: 40, of: 40 } }), 0.999)).toBe(10);
    expect(mostToChoose(1, option({ before: { chose: 0, of: 40 } }), 0.5)).toBe(1);
  });
});

describe('spare sets', () => {
  test('a long record: the quantile of the binomial distribution', () => {
    // Nine come off of ten as planned with p = 0.9: P(≥ 10 of 10) = 0.349, of 11: 0.697, of 12: 0.889, of 13: 0.966
    // (arithmetic with the binomial distribution).
    const long = { worked: 900_000, failed: 100_000 };
    expect(sparesFor(10, long, 0.3)).toBe(0);
    expect(sparesFor(10, long, 0.88)).toBe(2);
    expect(sparesFor(10, long, 0.95)).toBe(3);
  });

  test('one for each at the most, which is what is not tried yet gets', () => {
    expect(sparesFor(4, { worked: 0, failed: 0 }, 0.95)).toBe(4);
    expect(sparesFor(4, { worked: 0, failed: 9 }, 0.95)).toBe(4);
  });

  test('all three together are enough with the chance that is wanted: each gets a third of what is left', () => {
    const set = three({ enough: 94 });
    const long = { ...method, priorWorked: 900_000, priorFailed: 100_000 };
    const [a] = set.options;
    // 1 − 0.06 / 3 = 0.98: of 14, at least 10 come off with 0.9908, of 13 with 0.966.
    expect(a && classSets(set, a, long, [])).toMatchObject({ groups: 10, chosenBy: 10, spare: 4 });
    expect(a && classSets(set, a, long, []).words).toBe(
      '14 sets: 10 groups may choose it, 4 spare',
    );
  });
});

describe('in the kit of the show', () => {
  const tasks = [task('p', 'perform', 60)];
  const items = [
    item('vinegar', 'consumable', { unit: 'mL' }),
    item('bottle', 'equipment'),
    item('goggles', 'gear'),
  ];
  const kit = [
    line('vinegar', 50, 'mL', 'perGo'),
    line('bottle', 1, 'piece', 'perShow'),
    line('goggles', 1, 'piece', 'perShow'),
  ];
  const made = (chose: number | null, slots: boolean) => {
    const shown = bundle([{ id: 'fizz', tasks, over: { kit, priorWorked: 900_000 } }], items, {
      classSet: {
        ...blankClassSet(10),
        options: [{ ...blankOption('o', 'fizz', 'm'), chose }],
      },
    });
    return slots ? shown : { ...shown, show: { ...shown.show, slots: [] } };
  };
  const totals = (of: ReturnType<typeof made>) =>
    Object.fromEntries(kitList(of, timelineOf(of)).map((entry) => [entry.itemId, entry.total]));

  test('used up for every set, equipment for every group, gear for every pupil', () => {
    // Four groups of at most three.
    expect(totals(made(null, false))).toEqual({ vinegar: 200, bottle: 4, goggles: 12 });
  });

  test('what the show uses adds up; its bottle is free again when the class begins', () => {
    expect(totals(made(null, true))).toEqual({ vinegar: 250, bottle: 4, goggles: 12 });
  });

  test('what was used goes by the groups that were counted', () => {
    const used = (chose: number | null) =>
      usedIn(made(chose, false), null).find(({ itemId }) => itemId === 'vinegar')?.used;
    expect(used(null)).toBe(200);
    expect(used(3)).toBe(150);
    expect(used(0)).toBe(0);
  });

  test('a demonstration that is gone takes nothing, and no other with it', () => {
    const of = made(null, false);
    const gone = {
      ...of,
      show: {
        ...of.show,
        classSet: of.show.classSet && {
          ...of.show.classSet,
          options: [blankOption('x', 'gone', 'm'), ...of.show.classSet.options],
        },
      },
    };
    expect(totals(gone).bottle).toBe(4);
  });
});

describe('counted', () => {
  const errors = [
    { id: '1', words: 'Too much powder', count: 4 },
    { id: '2', words: 'Lid off', count: 1 },
  ];

  test('the commonest error, and of how many', () => {
    expect(commonestError(option({ chose: 8, errors }))).toEqual({
      words: ['Too much powder'],
      count: 4,
      share: 0.5,
    });
    expect(commonestError(option({ chose: null, errors }))?.share).toBeNull();
    expect(commonestError(option({ chose: 8, errors: [] }))).toBeNull();
  });

  test('two that are even are both told', () => {
    const even = errors.map((one) => ({ ...one, count: 2 }));
    expect(commonestError(option({ chose: 5, errors: even }))?.words).toEqual([
      'Too much powder',
      'Lid off',
    ]);
  });

  test('for the next class it begins anew, and what was chosen is what is known', () => {
    const [a, b] = three().options;
    if (!a || !b) throw new Error('three to choose');
    const next = forNextClass(
      three({
        options: [
          { ...a, chose: 6, errors, before: { chose: 2, of: 8 } },
          { ...b, chose: 4 },
        ],
      }),
    );
    expect(next.options.map(({ chose, before }) => [chose, before])).toEqual([
      [null, { chose: 8, of: 18 }],
      [null, { chose: 4, of: 10 }],
    ]);
    expect(next.options[0]?.errors.map(({ words, count }) => [words, count])).toEqual([
      ['Too much powder', 0],
      ['Lid off', 0],
    ]);
    // Not counted, nothing more is known.
    expect(forNextClass(three()).options[0]?.before).toEqual({ chose: 0, of: 0 });
  });
});

test('household amounts where the hand-out has them, with the gear of the method', () => {
  const items = [item('peroxide', 'consumable', { unit: 'mL' }), item('goggles', 'gear')];
  const kit = [line('peroxide', 200, 'mL', 'perGo'), line('goggles', 1, 'piece', 'perShow')];
  const made = bundle([{ id: 'foam', tasks: [task('p', 'perform', 60)], over: { kit } }], items, {
    classSet: { ...blankClassSet(6), options: [blankOption('o', 'foam', 'm')] },
  });
  const things = [{ id: 'h', itemId: 'peroxide', amount: 30, unit: 'mL' as const }];
  const demos = made.demos.map((demo) => ({ ...demo, handOut: { ...demo.handOut, things } }));
  const shown = { ...made, demos, show: { ...made.show, slots: [] } };
  // Two groups of three; not tried yet, so one spare set for each.
  expect(
    kitList(shown, timelineOf(shown)).map(({ itemId, total, how }) => [itemId, total, how]),
  ).toEqual([
    ['peroxide', 120, '30 mL × 4 for a class = 120 mL'],
    ['goggles', 6, '1 × 6 for a class = 6'],
  ]);
});
