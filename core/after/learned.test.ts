/** What the record offers, in which state, and what taking it does to a show to come. */
import { describe, expect, test } from '@jest/globals';
import type { TimeTaken } from '../learning/time';
import type { TimeFigure } from '../repertoire/types';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { methodRecord } from '../testing/records';
import {
  decide,
  decision,
  learnedEstimate,
  learnedFigures,
  learnedOfSlot,
  moves,
  recordsBefore,
} from './learned';
import { decidedWords, evidenceWords, learnedWords, movesWords } from './learnedWords';
import { nextShow } from './nextShow';
import type { MethodRecord } from './review';

const show = bundle([
  {
    id: 'drum',
    tasks: [task('hello', 'perform', 60), task('bang', 'perform', 60), task('far', 'prepare', 60)],
  },
]);
const [drum] = show.demos;
const method = drum?.methods[0];
if (!drum || !method) throw new Error('The show has its demo');

const goes = (n: number, seconds: number, more: Partial<TimeTaken> = {}): TimeTaken[] =>
  Array.from({ length: n }, (_, at) => ({
    seconds: seconds + (at % 3) - 1,
    performerId: 'ines',
    rehearsed: false,
    at,
    ...more,
  }));
const record = (times: Record<string, TimeTaken[]>): MethodRecord =>
  methodRecord({ demoId: 'drum', methodId: method.id, worked: 5, times });
const figures = (times: Record<string, TimeTaken[]>, decided: TimeFigure[] = []) =>
  learnedFigures([{ ...drum, methods: [{ ...method, figures: decided }] }], [record(times)]);
const one = (times: Record<string, TimeTaken[]>, decided: TimeFigure[] = []) => {
  const [first] = figures(times, decided);
  if (!first) throw new Error('It was timed');
  return first;
};
const taken = (more: Partial<TimeFigure> = {}): TimeFigure => ({
  id: 'f',
  task: 'hello',
  performerId: null,
  use: 'taken',
  frozen: false,
  time: { shortest: 70, likely: 75, longest: 80 },
  from: 5,
  at: 1,
  ...more,
});

describe('a figure is', () => {
  test.each([
    ['thin from four goes', goes(4, 90), [], 'thin'],
    [
      'thin from nine in rehearsal, which are half as many',
      goes(9, 90, { rehearsed: true }),
      [],
      'thin',
    ],
    ['offered from five goes that say otherwise', goes(5, 90), [], 'offered'],
    ['offered from ten in rehearsal', goes(10, 90, { rehearsed: true }), [], 'offered'],
    ['held where they say what the plan has', goes(8, 62), [], 'held'],
    ['held where it was taken', goes(8, 75), [taken()], 'held'],
    ['offered anew where the record has moved on', goes(8, 95), [taken()], 'offered'],
    ['kept where somebody keeps to the guess', goes(8, 95), [taken({ use: 'mine' })], 'kept'],
    ['frozen where it is not to be offered', goes(8, 95), [taken({ frozen: true })], 'frozen'],
  ] as const)('%s', (_, times, decided, state) => {
    expect(one({ hello: [...times] }, [...decided]).state).toBe(state);
  });

  test('none of a step that was never timed, or that is gone', () => {
    expect(figures({})).toEqual([]);
    expect(figures({ gone: goes(8, 60) })).toEqual([]);
    expect(figures({ constructor: goes(8, 60) })).toEqual([]);
  });
});

describe('what was decided', () => {
  test('can be taken back though nothing is on record any more, as of a file without runs', () => {
    const [figure] = figures({}, [taken()]);
    expect(figure).toMatchObject({ state: 'thin', planned: { likely: 75 }, decided: { id: 'f' } });
    expect(figure && learnedWords(figure)).toBe('1:00 guessed, not timed yet');
  });

  test('of one performer too, once they take what all do', () => {
    const mine = taken({ id: 'g', performerId: 'ines' });
    const all = figures({ hello: goes(8, 75) }, [mine]);
    expect(all.map(({ performerId, decided }) => [performerId, decided?.id ?? null])).toEqual([
      [null, null],
      ['ines', 'g'],
    ]);
  });
});

describe('performers', () => {
  const both = [...goes(8, 60), ...goes(8, 90, { performerId: 'mara' })];

  test('somebody who takes otherwise than all has a figure of their own', () => {
    const all = figures({ hello: both });
    expect(all.map(({ performerId }) => performerId)).toEqual([null, 'ines', 'mara']);
    expect(all[2]?.taken).toHaveLength(8);
  });

  test('and one alone has none beside everybody’s', () => {
    expect(figures({ hello: goes(8, 90) })).toHaveLength(1);
  });

  test('a slot goes by its performer’s, and else by everybody’s', () => {
    const of = (performerId: string | null) =>
      learnedOfSlot([drum], [record({ hello: both })], {
        demoId: 'drum',
        methodId: method.id,
        performerId,
      }).map((figure) => figure.performerId);
    expect([of('mara'), of('jo'), of(null)]).toEqual([['mara'], [null], [null]]);
  });
});

describe('taking it', () => {
  const figure = one({ hello: goes(8, 90) });

  test('is written beside the guess, which stays', () => {
    const now = decide(
      drum,
      { ...figure, task: figure.task.id },
      decision(figure, 'taken', false, { id: 'f', at: 7 }),
    );
    const [own] = now.methods;
    expect(own?.tasks[0]?.time.likely).toBe(60);
    expect(own?.figures).toMatchObject([{ task: 'hello', use: 'taken', from: 8, at: 7 }]);
    expect(own?.figures[0]?.time).toEqual(learnedEstimate(figure.learned));
    const back = decide(now, { ...figure, task: figure.task.id }, null);
    expect(back).toEqual(drum);
  });

  test('of one performer leaves the others’ alone', () => {
    const mine = taken({ id: 'g', performerId: 'mara' });
    const with2 = { ...drum, methods: [{ ...method, figures: [mine] }] };
    const now = decide(with2, { ...figure, task: 'hello' }, taken());
    expect(now.methods[0]?.figures.map(({ id }) => id)).toEqual(['g', 'f']);
  });

  test('moves the end of a show to come by as much', () => {
    const { before, after } = nextShow(show, [figure]);
    expect(after.end - before.end).toBe(moves(figure));
    expect(moves(figure)).toBeGreaterThan(25);
    expect(nextShow(show, [])).toMatchObject({ before, after: before });
  });
});

test('what was known before a run is the record without its times', () => {
  const [before] = recordsBefore([record({ hello: goes(8, 90) })], 3);
  expect(before?.times.hello?.map(({ at }) => at)).toEqual([0, 1, 2, 4, 5, 6, 7]);
});

test('in words', () => {
  const figure = one({ hello: goes(7, 232) });
  expect(learnedWords(figure)).toMatch(/^1:00 guessed, 3:5\d from 7 goes$/);
  expect(movesWords(figure)).toMatch(/^\+2:5\d$/);
  expect(movesWords({ ...figure, planned: { ...figure.planned, likely: 300 } })).toMatch(
    /^−1:\d\d$/,
  );
  const evidence = (shown: number, rehearsed: number): string =>
    evidenceWords({ ...figure.learned, goes: shown, rehearsed });
  expect([evidence(1, 0), evidence(3, 2), evidence(0, 2)]).toEqual([
    '1 go',
    '3 goes and 2 in rehearsal',
    '2 in rehearsal',
  ]);
  expect(decidedWords({ decided: null })).toBe('the plan goes by the guess');
  expect(decidedWords({ decided: taken({ use: 'mine' }) })).toBe('the guess was kept');
  expect(decidedWords({ decided: taken() })).toBe('1:15 taken from 5 goes');
  expect(decidedWords({ decided: taken({ frozen: true }) })).toBe('1:15 taken from 5 goes, frozen');
});
