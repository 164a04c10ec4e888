import { describe, expect, test } from '@jest/globals';
import { LIBRARY_DEMOS } from '../../library/demos';
import { blankDemo } from '../repertoire/blank';
import { browsable, type BrowseWishes, isWanted, lengthOf } from './browse';

const ANYTHING: BrowseWishes = {
  words: '',
  length: null,
  family: null,
  without: null,
  youngest: null,
};
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

  test('a hazard that one of its ways has keeps it out', () => {
    expect(found({ without: 'openFlame' })).not.toContain('egg-in-bottle');
    expect(found({ without: 'openFlame' })).toContain('rainbow-tray');
  });

  test('the youngest who watch', () => {
    expect(found({ youngest: 4 })).toContain('hoot-tube');
    expect(found({ youngest: 4 })).not.toContain('glass-clock');
    expect(found({ youngest: 8 })).toContain('glass-clock');
  });
});

test('what has no way yet is of no length', () => {
  const empty = browsable(blankDemo('x', 'Empty', []));
  expect(empty.seconds).toBeNull();
  expect(isWanted(empty, { ...ANYTHING, length: 'short' })).toBe(false);
  expect(isWanted(empty, ANYTHING)).toBe(true);
});
