import { expect, test } from '@jest/globals';
import { formatClock, formatDuration, parseClock, sayDuration, parseDuration } from './clock';

test('clock times', () => {
  expect(parseClock('14:05')).toBe(50_700);
  expect(formatClock(50_759)).toBe('14:05');
  expect(formatClock(-60)).toBe('23:59');
  expect(formatClock(86_400)).toBe('00:00');
  for (const bad of ['24:00', '9:00', '14.05', ''])
    expect(() => parseClock(bad)).toThrow(RangeError);
});

test('durations: minutes and seconds, never seconds alone above 90', () => {
  expect(formatDuration(170)).toBe('2:50');
  expect(formatDuration(-70)).toBe('−1:10');
  expect(formatDuration(-0.2)).toBe('0:00');
  expect(formatDuration(3725)).toBe('1:02:05');
  expect(sayDuration(40)).toBe('40 s');
  expect(sayDuration(200)).toBe('3 min 20 s');
  expect(sayDuration(120)).toBe('2 min');
  expect(sayDuration(3900)).toBe('1 h 5 min');
  expect(sayDuration(7200)).toBe('2 h');
});

test('a duration that was typed is read as it is told', () => {
  for (const seconds of [0, 31, 60, 599, 3599])
    expect(parseDuration(formatDuration(seconds))).toBe(seconds);
  expect(['31', ' 1:05 ', '1:02:05'].map(parseDuration)).toEqual([31, 65, 3725]);
  expect(['', 'soon', '1:60', '-3', '1:2:3:4', '2.5'].map(parseDuration)).toEqual(
    Array.from({ length: 6 }, () => null),
  );
});
