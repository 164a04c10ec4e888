import { expect, test } from '@jest/globals';
import { type Entry, findEntries } from './entries';

const entry = (kind: Entry['kind'], name: string, about = '', words = ''): Entry => ({
  key: `${kind} ${name}`,
  kind,
  name,
  about,
  words,
  to: `/${name}`,
});
const ALL: Entry[] = [
  entry('page', 'Store'),
  entry('action', 'New show'),
  entry('demo', 'Foam fountain', 'A spoonful sends foam over the rim', 'catalyst oxygen'),
  entry('demo', 'Static dome', 'hair stands on end'),
  entry('thing', 'Foam board'),
  entry('thing', 'Señor’s hat'),
  entry('show', 'Harbour Light Festival', 'Sat 30 May, Boat Shed'),
  ...Array.from({ length: 9 }, (_, i) => entry('thing', `Beaker ${i}`)),
];
const names = (asked: string): string[] => findEntries(ALL, asked).map(({ name }) => name);

test('by how a name begins, whatever the case; other kinds with it are not hidden', () => {
  expect(names('foam')).toEqual(['Foam board', 'Foam fountain']);
  expect(names('FOUNT')).toEqual(['Foam fountain']);
});

test('by what is said of it, and by its other words, after names', () => {
  expect(names('boat')).toEqual(['Harbour Light Festival']);
  expect(names('oxygen')).toEqual(['Foam fountain']);
});

test('all words must be in it, in any order, with or without accents', () => {
  expect(names('light harb')).toEqual(['Harbour Light Festival']);
  expect(names('foam hair')).toEqual([]);
  expect(names('senor')).toEqual(['Señor’s hat']);
});

test('of each kind some; nothing asked: what can be done and gone to', () => {
  expect(names('beaker')).toHaveLength(6);
  expect(names('  ')).toEqual(['Store', 'New show']);
  expect(names('zzz')).toEqual([]);
});
