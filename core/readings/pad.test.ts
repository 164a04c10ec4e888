import { expect, test } from '@jest/globals';
import { numberTyped, padded, padValue, type PadKey } from './pad';

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

test.each([
  ['5,1', 5.1],
  [' 12 ', 12],
  ['−3', -3],
  ['', null],
  ['far', null],
  ['1e999', null],
  ['4 m', null],
])('typed in a field, “%s” is %s', (text, value) => {
  expect(numberTyped(text)).toBe(value);
});
