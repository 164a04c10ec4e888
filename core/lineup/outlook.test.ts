/** The one figure of when a show ends, in words. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { input, slot, task } from '../testing/build';
import { forecastShow } from './forecast/forecast';
import type { SlotPolicy } from './forecast/types';
import {
  endingOf,
  fillsTime,
  forecastSize,
  freeSeconds,
  leftOf,
  type Outlook,
  outlookOf,
} from './outlook';
import { schedule } from './schedule';
import type { LineupInput } from './types';

const START = 14 * 3600;

const outlook = (over: Partial<Outlook> = {}): Outlook => ({
  hardFinish: 2400,
  written: 2300,
  about: 2402,
  by: 2545,
  share: 0.9,
  chance: 0.49,
  again: 80,
  over: 85,
  conflicts: 0,
  guesses: [],
  ...over,
});

test('about when, by when in how many, and the clock as written named as that', () => {
  expect(endingOf(outlook(), START, 9)).toEqual({
    level: 'over',
    headline: 'Ends about 14:40',
    by: 'by 14:43 in 9 of 10',
    odds: '49 of 100 by the finish at 14:40',
    spare: '2 min 25 s too long to end by 14:40 in 9 of 10',
    written: '14:38 if everything goes as written',
    why: 'Retries add 1:20, running over 1:25.',
    guesses: '',
  });
});

test.each<[number, string, string]>([
  [2000, 'fits', '6:40 to spare before the hard finish at 14:40'],
  [2370, 'tight', '0:30 to spare before the hard finish at 14:40'],
  [2400, 'tight', 'nothing to spare before the hard finish at 14:40'],
  [2401, 'over', '1 s too long to end by 14:40 in 9 of 10'],
])('what is to spare is held against the end that nine of ten keep: %d s', (by, level, spare) => {
  expect(endingOf(outlook({ by }), START, 9)).toMatchObject({ level, spare });
});

test.each([
  [0.8, 'by 14:43 in 8 of 10'],
  [0.95, 'by 14:43 in 19 of 20'],
  [0.85, 'by 14:43 in 85 of 100'],
])('or by another share: %d', (share, by) => {
  expect(endingOf(outlook({ share }), START, 9).by).toBe(by);
});

test('while there are conflicts nothing is promised', () => {
  expect(endingOf(outlook({ conflicts: 1 }), START, 9)).toMatchObject({
    level: 'conflict',
    spare: 'if 1 conflict is settled; hard finish 14:40',
  });
});

test.each([
  [{ again: 3, over: 2 }, ''],
  [{ again: 80, over: -40 }, 'Retries add 1:20.'],
  [{ again: 0, over: 85 }, 'Running over adds 1:25.'],
])('only what is worth telling is told of why: %o', (over, why) => {
  expect(endingOf(outlook(over), START, 9).why).toBe(why);
});

test.each([
  [['Foam'], 'The times of Foam are guesses: it was never performed.'],
  [['Foam', 'Can'], 'The times of Foam and Can are guesses: they were never performed.'],
  [['Foam', 'Can', 'Dome'], 'The times of 3 of 9 slots are guesses: they were never performed.'],
])('what was never performed is guessed: %j', (guesses, words) => {
  expect(endingOf(outlook({ guesses }), START, 9).guesses).toBe(words);
});

test('what is promised is never earlier than it is: by that minute the share has ended', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9000 }),
      fc.integer({ min: 0, max: 600 }),
      (about, more) => {
        const by = about + more;
        const words = endingOf(outlook({ about, by }), 0, 9);
        const minutes = (text: string): number => {
          const [, h, m] = /(\d\d):(\d\d)/.exec(text) ?? [];
          return Number(h) * 60 + Number(m);
        };
        expect(minutes(words.by) * 60).toBeGreaterThanOrEqual(by);
        expect(minutes(words.by) * 60 - by).toBeLessThan(60);
        expect(Math.abs(minutes(words.headline) * 60 - about)).toBeLessThanOrEqual(30);
        expect(minutes(words.headline)).toBeLessThanOrEqual(minutes(words.by));
      },
    ),
    { seed: 171 },
  );
});

describe('from a show', () => {
  const unsure = task('p', 'perform', 100, { time: { shortest: 80, likely: 100, longest: 240 } });
  const show: LineupInput = input([slot('a', [unsure]), slot('b', [unsure])]);
  const policy = (over: Partial<SlotPolicy>): SlotPolicy => ({
    again: 1,
    fallback: 0,
    mayLeaveOut: true,
    worth: 3,
    record: { worked: 0, failed: 9000 },
    performed: true,
    times: new Map(),
    ...over,
  });

  test('what chance adds to the clock as written is told apart: retries, and the rest', () => {
    const policies = new Map([
      ['a', policy({})],
      ['b', policy({ performed: false, record: null })],
    ]);
    const timeline = schedule(show);
    const forecast = forecastShow(show, timeline, policies, forecastSize(20_000, '9of10'));
    const found = outlookOf(show, timeline, forecast, policies);
    // Means are (80 + 400 + 240)/6 = 120; the first always fails and is done again.
    expect(found).toMatchObject({ written: 200, guesses: ['b'], share: 0.9, conflicts: 0 });
    expect(Math.abs(found.again - 120)).toBeLessThan(2);
    expect(Math.abs(found.over - 40)).toBeLessThan(2);
    expect(found.by).toBeGreaterThan(found.about);
  });

  test('a surer share is later', () => {
    const by = (['8of10', '9of10', '19of20'] as const).map(
      (sureness) => forecastShow(show, schedule(show), new Map(), forecastSize(2000, sureness)).by,
    );
    expect(by).toEqual([...by].sort((a, b) => a - b));
    expect(new Set(by).size).toBe(3);
  });
});

describe('what is left to be filled', () => {
  const show = { start: '14:00', hardFinish: '14:40' };

  test('all of an empty show; whole minutes beyond what it surely takes', () => {
    expect(freeSeconds(show, 0, undefined)).toBe(2400);
    expect(freeSeconds(show, 4, { by: 1510 })).toBe(14 * 60);
  });

  test('nothing where no other would go in, where it is over, and while the end is not known', () => {
    expect(freeSeconds(show, 4, { by: 2221 })).toBe(0);
    expect(freeSeconds(show, 4, { by: 2220 })).toBe(180);
    expect(freeSeconds(show, 4, { by: 2600 })).toBe(0);
    expect(freeSeconds(show, 4, undefined)).toBe(0);
  });
});

test('what is left where nobody has said when it begins, held against the share', () => {
  const said = (by: number) => leftOf(outlook({ by, hardFinish: 1200, share: 0.95 }));
  expect(said(1110)).toEqual({ isOver: false, words: '1 min 30 s to spare in 19 of 20' });
  expect(said(1230)).toEqual({ isOver: true, words: '30 s too long in 19 of 20' });
});

test('a time of which a quarter is left is not filled', () => {
  const fills = (by: number): boolean => fillsTime(outlook({ by, hardFinish: 1200 }));
  expect([fills(1300), fills(900), fills(899)]).toEqual([true, true, false]);
});
