/** Each rule of a field: what passes, and the words for what does not. */
import { describe, expect, test } from '@jest/globals';
import {
  ClockTime,
  DayDate,
  Exactly,
  fieldsOf,
  Holds,
  Id,
  IdList,
  Num,
  OneOf,
  OneOfList,
  OrNull,
  Part,
  PartList,
  Positive,
  Text,
  TextList,
  Whole,
  YesNo,
  Zone,
} from './fields';
import { check } from './validate';

/** A class with one field under one rule. */
function fieldOf(...rules: PropertyDecorator[]): new () => object {
  class One {
    value!: unknown;
  }
  for (const rule of [...rules].reverse()) rule(One.prototype, 'value');
  return One;
}
const fault = (type: new () => object, value: unknown): string | null => {
  const checked = check(type, value === undefined ? {} : { value });
  return checked.ok ? null : checked.faults.map((f) => f.message).join('; ');
};

describe.each<[string, PropertyDecorator[], good: unknown[], bad: [unknown, string][]]>([
  [
    'text',
    [Text(5, 1)],
    ['a', 'äöü', ' a ', '12345', 'a\nb'],
    [
      [undefined, 'is missing'],
      [null, 'is missing'],
      [7, 'must be text'],
      ['', 'must not be empty'],
      ['  \t', 'must not be empty'],
      ['123456', 'must be at most 5 characters; it has 6'],
      ['a\u0000', 'holds characters that can’t be shown'],
      ['a\u007f', 'holds characters that can’t be shown'],
    ],
  ],
  ['text that may be empty', [Text(1)], ['', 'a'], [['ab', 'at most 1 character; it has 2']]],
  [
    'an id',
    [Id()],
    ['a', 'A-1.b_c', '0', 'x'.repeat(64)],
    [
      ['', 'must be chosen'],
      ['constructor', 'can’t be a name here'],
      ['toString', 'can’t be a name here'],
      ['-a', 'must be a short name'],
      ['a b', 'must be a short name'],
      ['a/b', 'must be a short name'],
      ['x'.repeat(65), 'must be a short name'],
      [undefined, 'must be a short name'],
      [{ toString: 'a' }, 'is not known here'],
    ],
  ],
  [
    'a whole number',
    [Whole(1, 9)],
    [1, 9],
    [
      [undefined, 'is missing'],
      ['1', 'must be a number'],
      [NaN, 'must be a number'],
      [Infinity, 'must be a number'],
      [1.5, 'must be a whole number'],
      [0, 'must be at least 1'],
      [10, 'must be at most 9'],
    ],
  ],
  [
    'a number',
    [Num(0, 2.5)],
    [0, 2.5, 1e-9],
    [
      [-1, 'must not be negative'],
      [3, 'at most 2.5'],
    ],
  ],
  [
    'an amount',
    [Positive(10)],
    [0.001, 10],
    [
      [0, 'must be more than nothing'],
      [-1, 'must not be negative'],
      [11, 'must be at most 10'],
    ],
  ],
  [
    'yes or no',
    [YesNo()],
    [true, false],
    [
      [1, 'must be yes or no'],
      ['true', 'must be yes or no'],
    ],
  ],
  [
    'one of a few',
    [OneOf(['a', 'b'])],
    ['a'],
    [
      ['c', 'must be one of: a, b'],
      [['a'], 'must be'],
    ],
  ],
  [
    'one value only',
    [Exactly(1, 'must be 1')],
    [1],
    [
      ['1', 'must be 1'],
      [2, 'must be 1'],
    ],
  ],
  [
    'a clock time',
    [ClockTime()],
    ['00:00', '09:05', '23:59'],
    [
      ['24:00', 'must be a time such as 14:05'],
      ['9:05', 'must be a time'],
      ['09:60', 'must be a time'],
      ['09:05:00', 'must be a time'],
      [905, 'must be a time'],
    ],
  ],
  [
    'a date',
    [DayDate()],
    ['2027-05-30', '2028-02-29'],
    [
      ['2027-02-29', 'must be a date such as 2027-05-30'],
      ['2027-13-01', 'must be a date'],
      ['30.05.2027', 'must be a date'],
      ['2027-5-3', 'must be a date'],
      [null, 'must be a date'],
    ],
  ],
  [
    'a time zone',
    [Zone()],
    ['Etc/UTC'],
    [
      ['Mars/Base', 'the name of a time zone'],
      ['', 'zone'],
    ],
  ],
  [
    'ids without repeats',
    [IdList(2)],
    [[], ['a', 'b']],
    [
      [['a', 'a'], 'has the same entry twice'],
      [['a', 'b', 'c'], 'must have at most 2 entries; it has 3'],
      [['a', ''], 'entry 2 must be chosen'],
      ['a', 'must be a list'],
      [{ length: 1, 0: 'a' }, 'must be a list'],
    ],
  ],
  [
    'several of a few',
    [OneOfList(['a', 'b'])],
    [[], ['b', 'a']],
    [
      [['c'], 'entry 1 must be one of: a, b'],
      [['a', 'a'], 'twice'],
    ],
  ],
  [
    'words in a list',
    [TextList(3, 4)],
    [[], ['one', 'two']],
    [
      [[''], 'entry 1 must not be empty'],
      [['longer'], 'entry 1 must be at most 4 characters'],
      [[1], 'entry 1 must be text'],
      [['a', 'a'], 'twice'],
    ],
  ],
  [
    'a value or none',
    [OrNull(), Whole(1, 3)],
    [null, 2],
    [
      [undefined, 'is missing'],
      [4, 'at most 3'],
    ],
  ],
])('%s', (_name, rules, good, bad) => {
  const type = fieldOf(...rules);

  test('passes', () => {
    for (const value of good) expect([value, fault(type, value)]).toEqual([value, null]);
  });

  test('is refused in words', () => {
    for (const [value, words] of bad) expect(fault(type, value) ?? 'passed').toContain(words);
  });
});

class Leg {
  @Id()
  id!: string;

  @Whole(1, 9)
  length!: number;
}

class Stool {
  @Part(() => Leg)
  best!: Leg;

  @PartList(() => Leg, 3)
  legs!: Leg[];

  @Holds<Stool>((stool) =>
    Array.isArray(stool.legs) && stool.legs.length === 2 ? 'must not have two legs' : null,
  )
  @Text(9)
  name!: string;
}

class BarStool extends Stool {
  @Num(0, 2)
  height!: number;
}

describe('parts of parts', () => {
  const leg = (id: string, length: unknown = 3) => ({ id, length });
  const stool = (over: object = {}) => ({
    best: leg('a'),
    legs: [leg('a'), leg('b'), leg('c')],
    name: 'stool',
    ...over,
  });
  const faults = (plain: object, type: new () => object = Stool): string[] => {
    const checked = check(type, plain);
    return checked.ok ? [] : checked.faults.map((f) => `${f.path} ${f.message}`);
  };

  test('a fault deep inside has its path', () => {
    expect(faults(stool())).toEqual([]);
    expect(faults(stool({ legs: [leg('a'), leg('b', 0), leg('c')] }))).toEqual([
      'legs[1].length must be at least 1',
    ]);
    expect(faults(stool({ best: leg('?') }))[0]).toContain('best.id must be a short name');
  });

  test('what is no part at all is told once', () => {
    for (const wrong of [7, 'leg', [], null])
      expect(faults(stool({ best: wrong })).every((f) => f.startsWith('best'))).toBe(true);
    expect(faults(stool({ legs: [7] }))).toContain('legs entry 1 must be an object');
    expect(faults(stool({ best: undefined }))).toContain('best is missing');
  });

  test('two with one id, too many, and unknown properties', () => {
    expect(faults(stool({ legs: [leg('a'), leg('b'), leg('a')] }))).toEqual([
      'legs has two entries with the id “a”',
    ]);
    expect(faults(stool({ legs: ['a', 'b', 'c', 'd'].map((id) => leg(id)) }))[0]).toContain(
      'at most 3',
    );
    expect(faults(stool({ best: { ...leg('a'), colour: 'red' } }))).toEqual([
      'best.colour is not known here',
    ]);
  });

  test('a rule over several fields is told where it is written', () => {
    expect(faults(stool({ legs: [leg('a'), leg('b')] }))).toEqual(['name must not have two legs']);
  });

  test('a class keeps the rules of the one it extends', () => {
    expect(faults({ ...stool({ name: 'much too long' }), height: 1 }, BarStool)).toEqual([
      'name must be at most 9 characters; it has 13',
    ]);
    expect(fieldsOf(BarStool).map(([key]) => key)).toEqual(['best', 'legs', 'name', 'height']);
  });
});
