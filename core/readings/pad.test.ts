import { expect, test } from '@jest/globals';
import { padded, padValue, type PadKey } from './pad';

const typed = (keys: string): string =>
  [...keys].reduce((text, key) => padded(text, key as PadKey), '');

test.each([
  ['42', 42],
  ['4.5', 4.5],
  ['.5', 0.5],
  ['4..5', 4.5],
  ['007', 7],
  ['12⌫', 1],
  ['12−', -12],
  ['1−−', 1],
  ['−.5', -0.5],
  ['1234567890123', 123456789],
  ['', null],
  ['−', null],
  ['⌫⌫', null],
])('%s', (keys, value) => {
  expect(padValue(typed(keys))).toBe(value);
});
