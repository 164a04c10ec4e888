import { describe, expect, test } from '@jest/globals';
import { foamTrial } from '../testing/trial';
import { analyse } from './analyse';
import { claimOf } from './claim';
import { plannedGoes, questionOf, readingsIn } from './design';
import { sensitivityOf, sensitivityWords } from './sensitivity';
import type { TrialGo } from './series';
import { namingOf } from './words';

const trial = { ...foamTrial, levels: foamTrial.levels.slice(0, 3), rounds: 6 };
/** Readings by level and round, in a plain order. */
const goesOf = (
  read: (level: number, round: number) => number,
  more: (go: TrialGo) => Partial<TrialGo> = () => ({}),
): TrialGo[] =>
  plannedGoes({ ...trial, order: 'asListed' }).map(({ go, round, levelId }) => {
    const value = read(Number(levelId.slice(1)), round);
    const one: TrialGo = {
      go,
      levelId,
      state: 'read',
      value,
      first: value,
      reason: '',
      by: null,
      at: 0,
      conditions: [],
      source: null,
    };
    return { ...one, ...more(one) };
  });
const said = (goes: TrialGo[], of = trial) => {
  const analysis = analyse(questionOf(of), readingsIn(goes));
  const naming = namingOf(of);
  return sensitivityOf(of, goes, { analysis, claim: claimOf(analysis, naming), naming });
};
const plain = { ...trial, conditions: [] };
const SPREAD = [0, 1, -1, 1, 0, -1];
const steady = (level: number, round: number): number => level * 10 + (SPREAD[round - 1] ?? 0);

describe('a reading far off', () => {
  test('that changes nothing is told as such', () => {
    const goes = goesOf((level, round) => (level === 1 && round === 2 ? 0 : steady(level, round)));
    const { same, otherwise } = said(goes, plain);
    expect(same).toEqual(['with or without go 4']);
    expect(otherwise).toEqual([]);
  });

  test('that carries the answer is told with what it would be', () => {
    // More than one is better, and two are as good as three; one go spoils it all.
    const top = (level: number): number => (level === 1 ? 10 : 15);
    const goes = goesOf((level, round) =>
      level === 1 && round === 3 ? 60 : top(level) + (SPREAD[round - 1] ?? 0),
    );
    const { otherwise } = said(goes, plain);
    expect(otherwise.map(({ when }) => when)).toEqual(['without go 7']);
    expect(sensitivityWords({ same: [], otherwise })).toMatch(
      /^Without go 7 it would say: Two spoons is enough/,
    );
  });
});

test('one that was left out is put back to look', () => {
  const goes = goesOf(steady, ({ go }) => (go === 4 ? { state: 'leftOut', value: 0 } : {}));
  expect(said(goes, plain).same).toEqual(['with or without go 4']);
});

test('what drifted is evened out', () => {
  const warm = (go: number): number => 18 + go * 0.1;
  const goes = goesOf(steady, ({ go }) => ({ conditions: [{ id: 'room', value: warm(go) }] }));
  expect(sensitivityWords(said(goes))).toBe('The same evened out for room.');
});

test('nothing to doubt, nothing to say', () => {
  expect(sensitivityWords(said(goesOf(steady), plain))).toBe('');
  expect(
    sensitivityWords({ same: ['with or without go 1', 'evened out for room'], otherwise: [] }),
  ).toBe('The same with or without go 1 and evened out for room.');
});
