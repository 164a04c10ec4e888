import { expect, test } from '@jest/globals';
import { NO_CONDITIONS } from '../brief/types';
import { conditionsInWords } from './day';

test('what was measured, in a few words; nothing of what was not', () => {
  expect(conditionsInWords(NO_CONDITIONS)).toBe('');
  expect(conditionsInWords({ ...NO_CONDITIONS, takenAt: '12:50' })).toBe('');
  expect(
    conditionsInWords({ ...NO_CONDITIONS, temperature: 17, humidity: 48, takenAt: '12:50' }),
  ).toBe('17 °C, 48 % humidity, at 12:50');
  expect(
    conditionsInWords({ ...NO_CONDITIONS, wind: 4, sound: 52, people: 0, pressure: 1001 }),
  ).toBe('0 people, 4 m/s, 52 dB(A), 1001 hPa');
});
