import { expect, test } from '@jest/globals';
import { formatDuration, sayDuration } from './clock';
import { findTimes, readTime } from './readTime';

test.each([
  ['1:30', 90],
  ['0:10', 10],
  ['1:02:05', 3725],
  ['90 s', 90],
  ['90s', 90],
  ['90 sec', 90],
  ['2 min', 120],
  ['2min', 120],
  ['2 minutes', 120],
  ['2 min 30 s', 150],
  ['2 min 30', 150],
  ['1½ min', 90],
  ['1 ½ min', 90],
  ['4½ min', 270],
  ['1,5 min', 90],
  ['1.5 min', 90],
  ['half a minute', 30],
  ['half an hour', 1800],
  ['a minute', 60],
  ['a minute and a half', 90],
  ['two minutes', 120],
  ['1 h', 3600],
  ['1 h 5 min', 3900],
  ['1 hour', 3600],
  ['about 3 min', 180],
  ['~2 min', 120],
  ['about 3', 180],
  ['70-85 s', 78],
  ['31', 31],
])('“%s” is %d s', (text, seconds) => {
  expect(readTime(text)).toBe(seconds);
});

test.each([
  '',
  'soon',
  '2 m',
  '3 spoons',
  '2 minutes of fame',
  '1:75',
  '12 mL',
  'a spoon',
  '-3 min',
])('“%s” is no duration', (text) => {
  expect(readTime(text)).toBeNull();
});

test('what the product writes of durations it reads', () => {
  for (let seconds = 1; seconds < 20_000; seconds += 37) {
    expect(readTime(formatDuration(seconds))).toBe(seconds);
    if (seconds < 3600) expect(readTime(sayDuration(seconds))).toBe(seconds);
  }
});

test.each([
  ['stir for 30 s until thick', '30 s', 30, 30],
  ['when steam -> 70-85 s', '70-85 s', 70, 85],
  ['when steam → 70–85 s', '70–85 s', 70, 85],
  ['explain, 1 to 2 min', '1 to 2 min', 60, 120],
  ['explain, 1:00–1:30', '1:00–1:30', 60, 90],
  ['wait about 3 min', 'about 3 min', 180, 180],
  ['half a minute of stirring', 'half a minute', 30, 30],
  ['30 s to 2 min', '30 s to 2 min', 30, 120],
])('in “%s” it is “%s”', (text, part, least, most) => {
  const found = findTimes(text);
  expect(found).toHaveLength(1);
  expect(text.slice(found[0]?.from, found[0]?.to)).toBe(part);
  expect(found[0]).toMatchObject({ least, most, likely: null });
});

test('a likely time with its ends', () => {
  expect(findTimes('pour 1:20 (1:00–2:00)')).toEqual([
    { from: 5, to: 21, least: 60, most: 120, isRange: true, likely: 80, noUnit: false },
  ]);
});

test.each([
  'pour 12 mL water',
  'three slaps at row 3',
  '2 × 200 mL',
  'step 2 metres back',
  '3 m clear',
  'about 3 spoons',
  'a second helper',
  'ratio 3:1',
])('no time in “%s”', (text) => {
  expect(findTimes(text)).toEqual([]);
});

test('without a unit it is taken for minutes, and that is told', () => {
  expect(findTimes('soak, about 3')).toMatchObject([{ least: 180, noUnit: true }]);
});

test('two in one line', () => {
  expect(findTimes('0:10 put it on the plate, wait 3 min').map(({ least }) => least)).toEqual([
    10, 180,
  ]);
});
