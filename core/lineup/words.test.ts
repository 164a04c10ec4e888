/** What the line-up says: joins between slots, and the end against the hard finish. */
import { describe, expect, test } from '@jest/globals';
import { input, slot, task } from '../testing/build';
import { type Join, joinsOf } from './joins';
import { schedule } from './schedule';
import type { LineupInput } from './types';

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
