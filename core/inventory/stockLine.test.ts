import { expect, test } from '@jest/globals';
import { item } from '../testing/bundle';
import { lot } from '../testing/inventory';
import { findStockLines, stockLine, stockLines } from './stockLine';

const today = '2027-05-30';
const salt = item('salt', 'consumable', { unit: 'g', keepsOpen: 30 });

test('what counts today, and until when', () => {
  const line = stockLine(
    salt,
    [
      lot('a', 'salt', 400, { expiry: '2027-06-05', place: 'Shelf A' }),
      lot('b', 'salt', 100, { place: 'Shelf B' }),
      lot('c', 'salt', 50, { expiry: '2027-05-29' }),
      lot('d', 'salt', 0, { place: 'Attic' }),
    ],
    today,
  );
  expect(line).toMatchObject({
    stock: 500,
    text: '500 g',
    until: '2027-06-05',
    places: 'Shelf A, Shelf B',
    warnings: ['50 g out of date', 'use by 2027-06-05'],
  });
});

test('tests due, what needs attention, and what is out of use', () => {
  const dome = item('dome', 'equipment', { testEvery: 180 });
  const line = stockLine(
    dome,
    [
      lot('a', 'dome', 1, { lastTest: '2026-05-01', state: 'attention', note: 'Belt squeaks' }),
      lot('b', 'dome', 2, { state: 'out' }),
    ],
    today,
  );
  expect(line.warnings).toEqual(['test is due', 'Belt squeaks', '2 out of use']);
  expect(line.text).toBe('1');
});

test('nothing kept: none left, not counted, or at the venue', () => {
  const lines = stockLines(
    [
      salt,
      item('rod', 'equipment'),
      item('dome', 'equipment', { owned: 2 }),
      item('water', 'consumable', { atVenue: true }),
    ],
    [],
    today,
  );
  expect(lines.map((line) => line.text)).toEqual(['0 g', 'not counted', '2', 'at the venue']);
  expect(lines.map((line) => line.warnings)).toEqual([['none left'], [], [], []]);
});

test('found by every word of name, place or note', () => {
  const lines = stockLines(
    [salt, item('sea salt', 'consumable', { note: 'for the lamp' })],
    [lot('a', 'salt', 1, { place: 'Shelf A' })],
    today,
  );
  expect(findStockLines(lines, 'SALT shelf').map((l) => l.item.id)).toEqual(['salt']);
  expect(findStockLines(lines, 'lamp').map((l) => l.item.id)).toEqual(['sea salt']);
  expect(findStockLines(lines, '')).toHaveLength(2);
});
