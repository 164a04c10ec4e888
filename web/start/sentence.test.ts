import { expect, test } from '@jest/globals';
import { bookingOf, faultsOf, firstSentence, namesOf } from './sentence';

const said = (more: object) => ({ ...firstSentence(), ...more });

test.each([
  ['20 minutes', 20],
  ['20', 20],
  ['half an hour', 30],
  ['1 h', 60],
  ['40:00', 40],
  ['1½ min', 2],
])('“%s” is %d minutes', (length, minutes) => {
  expect(bookingOf(said({ length }))?.minutes).toBe(minutes);
});

test.each([
  ['length', { length: 'soon' }],
  ['length', { length: '' }],
  ['length', { length: '0' }],
  ['length', { length: '7 h' }],
  ['people', { people: 'many' }],
  ['people', { people: '99999' }],
  ['start', { start: '25:00' }],
  ['date', { date: '' }],
  ['start', { start: '23:50' }],
  ['place', { place: 'x'.repeat(81) }],
  ['crew', { crew: Array.from({ length: 13 }, (_, i) => `P${i}`).join(', ') }],
  ['crew', { crew: 'x'.repeat(61) }],
])('what is wrong with %s is told there: %p', (gap, more) => {
  expect(Object.keys(faultsOf(said(more)))).toEqual([gap]);
  expect(bookingOf(said(more))).toBeNull();
});

test('as it begins nothing is wrong with it, and it is of a Saturday to come', () => {
  expect(faultsOf(firstSentence())).toEqual({});
  const { date } = firstSentence();
  expect(new Date(`${date}T12:00:00`).getDay()).toBe(6);
  expect(Date.parse(`${date}T12:00:00`)).toBeGreaterThan(Date.now());
});

test('names as one says them', () => {
  expect(namesOf('Ines, Jo and Mara & Piet')).toEqual(['Ines', 'Jo', 'Mara', 'Piet']);
  expect(namesOf('Andrea')).toEqual(['Andrea']);
  expect(namesOf('')).toEqual([]);
  expect(namesOf('Ines, ines, Jo, INES')).toEqual(['Ines', 'Jo']);
});
