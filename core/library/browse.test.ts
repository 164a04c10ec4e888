import { describe, expect, test } from '@jest/globals';
import { LIBRARY_DEMOS } from '../../library/demos';
import { blankDemo } from '../repertoire/blank';
import { ANYTHING, browsable, type BrowseWishes, ENERGIES, isWanted, lengthOf } from './browse';

const found = (more: Partial<BrowseWishes>): string[] =>
  LIBRARY_DEMOS.filter((demo) => isWanted(browsable(demo), { ...ANYTHING, ...more })).map(
    ({ id }) => id,
  );

test('with no wish everything is found', () => {
  expect(found({})).toHaveLength(LIBRARY_DEMOS.length);
  expect(found({ words: '   ' })).toHaveLength(LIBRARY_DEMOS.length);
});

test('every word has to be in it, in whatever order and letters', () => {
  expect(found({ words: 'FLAME balloon' })).toEqual(['balloon-over-flame']);
  expect(found({ words: 'volcano' })).toEqual([]);
});

describe('each wish leaves only what it asks for', () => {
  test('length, by its first way', () => {
    const all = (['short', 'middle', 'long'] as const).flatMap((length) => found({ length }));
    expect(all.toSorted()).toEqual(LIBRARY_DEMOS.map(({ id }) => id).toSorted());
    expect([lengthOf(120), lengthOf(121), lengthOf(240), lengthOf(241)]).toEqual([
      'short',
      'middle',
      'middle',
      'long',
    ]);
  });

  test('family', () => {
    for (const id of found({ family: 'light' }))
      expect(LIBRARY_DEMOS.find((demo) => demo.id === id)?.family).toBe('light');
    expect(found({ family: 'light' })).toEqual(['rainbow-tray', 'light-in-the-stream']);
  });

  test('whose it is', () => {
    expect(found({ whose: 'library' })).toHaveLength(LIBRARY_DEMOS.length);
    expect(found({ whose: 'mine' })).toEqual([]);
  });
});

test('energy: every one is of one kind', () => {
  const all = ENERGIES.flatMap((energy) => found({ energy }));
  expect(all.toSorted()).toEqual(LIBRARY_DEMOS.map(({ id }) => id).toSorted());
  expect(found({ energy: 'loud' })).toContain('foam-fountain');
});

test('what has no way yet is of no length', () => {
  const empty = browsable(blankDemo('x', 'Empty', []));
  expect(empty.seconds).toBeNull();
  expect(isWanted(empty, { ...ANYTHING, length: 'short' })).toBe(false);
  expect(isWanted(empty, ANYTHING)).toBe(true);
});
