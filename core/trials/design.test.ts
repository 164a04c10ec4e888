import { describe, expect, test } from '@jest/globals';
import { amountsOf, inOrder, plannedGoes, readingsIn, roundsNeeded, secondsOf } from './design';
import type { Level } from './types';

const spoons = (n: number): Level[] =>
  Array.from({ length: n }, (_, i) => ({ id: `s${i + 1}`, label: `${i + 1}`, value: i + 1 }));

describe('the order of goes', () => {
  const plan = { levels: spoons(6), rounds: 4, order: 'blocks' as const, seed: 11, stations: 1 };

  test('each round holds every level once', () => {
    const goes = plannedGoes(plan);
    expect(goes.map(({ go }) => go)).toEqual(Array.from({ length: 24 }, (_, i) => i + 1));
    for (const round of [1, 2, 3, 4])
      expect(
        goes
          .filter((go) => go.round === round)
          .map(({ levelId }) => levelId)
          .sort(),
      ).toEqual(['s1', 's2', 's3', 's4', 's5', 's6']);
  });

  test('is drawn by its seed: the same again, another for another, and a round more changes none before it', () => {
    const ids = (seed: number, rounds = 4): string[] =>
      plannedGoes({ ...plan, seed, rounds }).map(({ levelId }) => levelId);
    expect(ids(11)).toEqual(ids(11));
    expect(ids(12)).not.toEqual(ids(11));
    expect(ids(11, 5).slice(0, 24)).toEqual(ids(11));
    expect(() => ids(2 ** 32 - 1, 400)).not.toThrow();
  });

  test('every level is first about as often as any other', () => {
    const first = new Map<string, number>();
    for (let seed = 0; seed < 3000; seed++) {
      const [go] = plannedGoes({ ...plan, seed, rounds: 1 });
      if (go) first.set(go.levelId, (first.get(go.levelId) ?? 0) + 1);
    }
    // 500 expected, standard deviation 20.
    for (const count of first.values()) expect(Math.abs(count - 500)).toBeLessThan(90);
    expect(first.size).toBe(6);
  });

  test('from left to right where that is wanted', () => {
    const goes = plannedGoes({ ...plan, order: 'asListed', stations: 3 });
    expect(goes.slice(6, 12).map(({ levelId }) => levelId)).toEqual(
      plan.levels.map(({ id }) => id),
    );
    expect(goes.slice(0, 6).map(({ station }) => station)).toEqual([1, 2, 3, 1, 2, 3]);
  });
});

test('1 to 8 spoons are 36 a round, and a fixed part for each go', () => {
  const kit = [
    { id: 'a', itemId: 'yeast', unit: 'tsp' as const, perGo: 0, perAmount: 1 },
    { id: 'b', itemId: 'peroxide', unit: 'mL' as const, perGo: 60, perAmount: 0 },
  ];
  expect(amountsOf({ kit, levels: spoons(8), rounds: 3 })).toEqual([
    { itemId: 'yeast', unit: 'tsp', perRound: 36, amount: 108 },
    { itemId: 'peroxide', unit: 'mL', perRound: 480, amount: 1440 },
  ]);
});

test('stations beside each other shorten it; a round that does not fill them takes as long', () => {
  const plan = { levels: spoons(6), rounds: 4, secondsPerGo: 180 };
  expect(secondsOf({ ...plan, stations: 1 })).toBe(24 * 180);
  expect(secondsOf({ ...plan, stations: 4 })).toBe(8 * 180);
  expect(secondsOf({ ...plan, stations: 6 })).toBe(4 * 180);
});

test('rounds that a difference needs, once something is known of the spread', () => {
  expect(roundsNeeded({ levels: spoons(2), matters: 1 }, 1)).toBe(17);
  expect(roundsNeeded({ levels: spoons(2), matters: 1 }, null)).toBeNull();
  expect(roundsNeeded({ levels: spoons(2), matters: null }, 1)).toBeNull();
});

test('amounts come in order, kinds as they are listed', () => {
  const levels = [
    { id: 'b', label: '10', value: 10 },
    { id: 'a', label: '9', value: 9 },
  ];
  expect(inOrder(levels).map(({ id }) => id)).toEqual(['a', 'b']);
  expect(inOrder(levels.map((level) => ({ ...level, value: null }))).map(({ id }) => id)).toEqual([
    'b',
    'a',
  ]);
});

test('what was not read, or is left out, does not count', () => {
  const go = { levelId: 's1', first: 4, reason: '', by: null, at: 0, conditions: [], source: null };
  expect(
    readingsIn([
      { ...go, go: 1, state: 'read', value: 5 },
      { ...go, go: 2, state: 'notRead', value: null },
      { ...go, go: 3, state: 'leftOut', value: 30 },
    ]),
  ).toEqual([{ level: 's1', value: 5, go: 1 }]);
});
