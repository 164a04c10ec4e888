/** How long somebody takes beside the others: against sums done by hand and a table of Student’s t. */
import { describe, expect, test } from '@jest/globals';
import { learnedOfAll, type TimeTaken } from '../learning/time';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { methodRecord } from '../testing/records';
import { paceOf, paceWords, shareWords } from './pace';

const show = bundle([
  { id: 'drum', tasks: [task('hello', 'perform', 60), task('bang', 'perform', 30)] },
  { id: 'flag', tasks: [task('wave', 'perform', 20)] },
]);
const methodOf = (id: string) => show.demos.find((demo) => demo.id === id)?.methods[0]?.id ?? '';
const at = (seconds: number, when: number, more: Partial<TimeTaken> = {}): TimeTaken => ({
  seconds,
  at: when,
  performerId: 'ines',
  rehearsed: false,
  ...more,
});
const pace = (times: Record<string, TimeTaken[]>, flag: Record<string, TimeTaken[]> = {}) =>
  paceOf('ines', show.demos, [
    methodRecord({ demoId: 'drum', methodId: methodOf('drum'), times }),
    methodRecord({ demoId: 'flag', methodId: methodOf('flag'), times: flag }),
  ]);

describe('how long somebody takes', () => {
  test('who was never timed has no pace', () => {
    expect(pace({})).toEqual({ all: null, demos: [] });
    expect(
      pace({ hello: [at(60, 1, { performerId: 'jo' }), at(60, 2, { performerId: null })] }).all,
    ).toBe(null);
  });

  test('two performances, a tenth and a fifth longer: the interval by the table', () => {
    const { all } = pace({ hello: [at(66, 1), at(72.6, 2)] });
    // Logarithms 0.09531 and 0.19062: mean 0.14297, standard error 0.04766. Student’s t at 0.975 with one degree of
    // freedom is 12.706 (any table; from memory).
    expect(all?.share).toBeCloseTo(Math.exp(0.14297), 3);
    expect(all?.low).toBeCloseTo(Math.exp(0.14297 - 12.706 * 0.04766), 2);
    expect(all?.high).toBeCloseTo(Math.exp(0.14297 + 12.706 * 0.04766), 2);
    expect(all).toMatchObject({ performances: 2, rehearsals: 0, isEnough: false });
  });

  test('steps of one performance count as one, longer ones for more', () => {
    // 60 and 30 expected, 60 and 45 taken: 105 over 90.
    const { all } = pace({ hello: [at(60, 1)], bang: [at(45, 1)] });
    expect(all?.share).toBeCloseTo(105 / 90, 6);
    expect(all).toMatchObject({ performances: 1, low: null, high: null });
  });

  test('what the others take is expected, where they have a record', () => {
    const others = [80, 82, 78, 81, 79, 80].map((seconds, i) =>
      at(seconds, i, { performerId: 'jo' }),
    );
    const { mean } = learnedOfAll(
      show.demos[0]?.methods[0]?.tasks[0]?.time ?? { shortest: 0, likely: 0, longest: 0 },
      others,
    );
    expect(mean).toBeGreaterThan(70);
    const beside = pace({ hello: [...others, at(80, 10)] }).all;
    expect(beside?.share).toBeCloseTo(80 / mean, 6);
    expect(beside?.beside).toBe('others');
    // Of another step nobody else was timed: what is written is all there is to go by.
    expect(pace({ hello: [...others, at(80, 10)], bang: [at(30, 10)] }).all?.beside).toBe('both');
    expect(pace({ bang: [at(30, 10)] }).all?.beside).toBe('written');
    const often = Array.from({ length: 6 }, (_, i) => at(100 + i, 20 + i));
    expect(paceWords(pace({ hello: [...others, ...often] }).all)).toMatch(
      /^Takes \d+ % longer than the others take, over 6 times on stage\.$/,
    );
  });

  test('a rehearsal weighs half; ten of them are as enough as five performances', () => {
    const half = pace({ hello: [at(60, 1), at(120, 2, { rehearsed: true })] }).all;
    expect(half?.share).toBeCloseTo(2 ** (0.5 / 1.5), 6);
    expect(half).toMatchObject({ performances: 1, rehearsals: 1 });
    const many = (n: number, rehearsed: boolean) =>
      pace({ hello: Array.from({ length: n }, (_, i) => at(60 + i, i, { rehearsed })) }).all;
    expect(
      [many(4, false), many(5, false), many(9, true), many(10, true)].map((one) => one?.isEnough),
    ).toEqual([false, true, false, true]);
  });

  test('by demonstration, the oftenest first; a step that is gone and one of no length count for nothing', () => {
    const { demos, all } = pace(
      { hello: [at(60, 1)], gone: [at(900, 1)] },
      { wave: [at(20, 1), at(20, 2), at(0, 3)] },
    );
    expect(demos.map(({ name, performances }) => [name, performances])).toEqual([
      [show.demos[1]?.name, 2],
      [show.demos[0]?.name, 1],
    ]);
    expect(all).toMatchObject({ performances: 3, share: 1 });
  });

  test('what is said of it: nothing, too little, no difference, a difference', () => {
    const words = (n: number, each: (i: number) => number, rehearsed = false) =>
      paceWords(
        pace({ hello: Array.from({ length: n }, (_, i) => at(each(i), i, { rehearsed })) }).all,
      );
    expect(paceWords(null)).toBe('Nothing of theirs was timed yet.');
    expect(words(1, () => 60)).toBe('1 time on stage timed: too few to tell.');
    expect(words(4, () => 90, true)).toBe('4 times in rehearsal timed: too few to tell.');
    expect(words(6, (i) => (i % 2 ? 45 : 75))).toBe(
      'Takes as long as is written, as far as 6 times on stage tell.',
    );
    expect(words(6, (i) => 72 + (i % 2))).toBe(
      'Takes 21 % longer than is written, over 6 times on stage.',
    );
    expect(words(6, (i) => 48 - (i % 2))).toBe(
      'Takes 21 % shorter than is written, over 6 times on stage.',
    );
    expect([0.5, 0.985, 1.019, 1.02, 2.4].map(shareWords)).toEqual([
      '50 % shorter',
      'as long',
      'as long',
      '2 % longer',
      '140 % longer',
    ]);
  });
});
