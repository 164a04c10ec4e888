import { describe, expect, test } from '@jest/globals';
import { check } from '../testing/check';
import { dueBy, nextCheck } from './whose';

const CHECKS = [
  check('drum', { personId: 'jo', due: -900 }),
  check('exits', { personId: null, due: -1200 }),
  check('goggles', { personId: 'ines', due: -600 }),
  check('can', { personId: 'ines', due: -300 }),
];

describe('next', () => {
  test('mine before what falls due earlier; without me what falls due first', () => {
    expect(nextCheck(CHECKS, 'ines')?.key).toBe('goggles');
    expect(nextCheck(CHECKS, null)?.key).toBe('exits');
    expect(nextCheck(CHECKS, 'mara')?.key).toBe('exits');
    expect(nextCheck([], 'ines')).toBeUndefined();
  });
});

describe('whose', () => {
  const PEOPLE = [{ id: 'ines' }, { id: 'jo' }, { id: 'mara' }, { id: 'piet' }];
  const by = (
    checks: ReturnType<typeof check>[],
    followUps: { ownerId: string | null; words: string }[],
  ) =>
    dueBy(['jo', 'ines', 'piet'], PEOPLE, checks, followUps).map((one) => [
      one.person?.id ?? null,
      one.checks.map(({ key }) => key),
      one.followUps.map(({ words }) => words),
    ]);

  test('in the order of the crew, then who else has something, nobody last; who has nothing is left out', () => {
    expect(
      by(CHECKS, [
        { ownerId: 'mara', words: 'ring' },
        { ownerId: null, words: 'write' },
      ]),
    ).toEqual([
      ['jo', ['drum'], []],
      ['ines', ['goggles', 'can'], []],
      ['mara', [], ['ring']],
      [null, ['exits'], ['write']],
    ]);
  });

  test('what somebody was to do who is gone is not lost', () => {
    expect(
      by([check('drum', { personId: 'gone', due: -1 })], [{ ownerId: 'gone', words: 'ring' }]),
    ).toEqual([[null, ['drum'], ['ring']]]);
    expect(by([], [])).toEqual([]);
  });
});
