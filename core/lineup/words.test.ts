/** What the line-up says: joins between slots, and the end against the hard finish. */
import { describe, expect, test } from '@jest/globals';
import { input, slot, task } from '../testing/build';
import { finishOf } from './finish';
import { type Join, joinsOf } from './joins';
import { schedule } from './schedule';
import type { LineupInput } from './types';

const START = 14 * 3600;
const joins = (from: LineupInput): Join[] => joinsOf(from, schedule(from));

describe('joins', () => {
  test('say what others do meanwhile', () => {
    const from = input([
      slot('a', [
        task('p', 'perform', 60),
        task('Wipe the table', 'reset', 30, { name: 'Wipe the table' }),
      ]),
      slot('b', [task('p', 'perform', 60)], { positionId: 'bench' }),
    ]);
    expect(joins(from).map((j) => j.words)).toEqual(['Jo: wipe the table']);
  });

  test('or where it goes, or who takes over', () => {
    const pair = (over: Parameters<typeof slot>[2]): LineupInput =>
      input([slot('a', [task('p', 'perform', 60)]), slot('b', [task('p', 'perform', 60)], over)]);
    expect(joins(pair({ positionId: 'bench' }))[0]?.words).toBe('On to Bench');
    expect(joins(pair({ performerId: 'jo' }))[0]?.words).toBe('Jo takes over');
    expect(joins(pair({}))[0]?.words).toBe('Stays where it is');
  });

  test('a late first slot has a join with its gap before it', () => {
    const from = input([slot('a', [task('set', 'prepare', 90), task('p', 'perform', 60)])], {
      arrival: 0,
    });
    expect(joins(from)).toMatchObject([
      { before: null, after: 'a', seconds: 90, gap: { rule: 7 } },
    ]);
  });
});

describe('the end against the hard finish', () => {
  const finish = (seconds: number, over: Partial<LineupInput> = {}) =>
    finishOf(schedule(input([slot('a', [task('p', 'perform', seconds)])], over)), START);

  test.each([
    [2000, 'fits', 'Ends 14:33', '6:40 to spare before the hard finish at 14:40'],
    [2370, 'tight', 'Ends 14:39', '0:30 to spare before the hard finish at 14:40'],
    [2400, 'tight', 'Ends 14:40', 'on the hard finish, to the second'],
    [2460, 'over', 'Ends 14:41', '1 min over the hard finish at 14:40'],
  ])('%d s', (seconds, level, headline, words) => {
    expect(finish(seconds)).toMatchObject({ level, headline, words });
  });

  test('a show with a conflict is never shown as good', () => {
    expect(finish(60, { crew: [] })).toMatchObject({ level: 'conflict' });
  });
});
