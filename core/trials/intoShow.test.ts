import { expect, test } from '@jest/globals';
import { bookedSlot } from '../testing/bundle';
import { foamTrial } from '../testing/trial';
import { besideSlot, finaleInShow, seriesInShow, unitIn } from './intoShow';

const trial = {
  ...foamTrial,
  kit: [
    { id: 'a', itemId: 'yeast', unit: 'tsp' as const, perGo: 0, perAmount: 1 },
    { id: 'b', itemId: 'peroxide', unit: 'mL' as const, perGo: 60, perAmount: 0 },
  ],
};
const booked = bookedSlot('foam', { id: 'new', again: 2 });

test('a series is a station for each level, from the least to the most, each read', () => {
  const { levels } = trial;
  const { stations, measure, kind } = seriesInShow({ ...trial, levels: levels.toReversed() });
  expect(kind).toBe('series');
  expect(stations.map(({ label }) => label)).toEqual([
    '1 spoon',
    '2 spoons',
    '3 spoons',
    '4 spoons',
    '5 spoons',
    '6 spoons',
  ]);
  expect(stations[2]).toMatchObject({
    levelId: 'l3',
    amounts: [
      { itemId: 'yeast', unit: 'tsp', amount: 3 },
      { itemId: 'peroxide', unit: 'mL', amount: 60 },
    ],
  });
  expect(measure).toEqual(trial.measure);
});

test('a finale is so many stations at one level, with names of their own', () => {
  const four = { id: 'l4', label: '4', value: 4 };
  const { stations, spares, measure } = finaleInShow(trial, four, { stations: 5, spares: 2 });
  expect(stations).toHaveLength(5);
  expect(new Set(stations.map(({ id }) => id)).size).toBe(5);
  expect(new Set(stations.map(({ label }) => label))).toEqual(new Set(['4 spoons']));
  expect(spares).toBe(2);
  expect(measure).toBeNull();
});

test('the setting that is changed goes with it: the most of a series, the level of a finale', () => {
  const of = { ...trial, variable: { ...trial.variable, settingId: 'dose' } };
  expect(seriesInShow(of).setting).toEqual({ id: 'dose', value: 6, unit: null });
  const level = { id: 'l4', label: '4', value: 4 };
  const size = { stations: 2, spares: 0 };
  expect(finaleInShow(of, level, size).setting).toEqual({ id: 'dose', value: 4, unit: null });
  expect(finaleInShow(trial, level, size).setting).toBeNull();
  // A level that is no amount sets nothing.
  expect(finaleInShow(of, { ...level, value: null }, size).setting).toBeNull();
});

test('a finale is worth most', () => {
  const level = { id: 'l4', label: '4', value: 4 };
  const finale = besideSlot(booked, finaleInShow(trial, level, { stations: 2, spares: 0 }));
  expect(finale).toMatchObject({ id: 'new', demoId: 'foam', goes: 1, again: 0, worth: 5 });
  expect(besideSlot(booked, seriesInShow(trial)).worth).toBe(3);
});

test.each([
  ['teaspoons', 'tsp'],
  ['mL', 'mL'],
  ['°C', 'degC'],
  ['spoons', null],
  ['', null],
])('levels in “%s” are in %p', (words, unit) => {
  expect(unitIn(words)).toBe(unit);
});
