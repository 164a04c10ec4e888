import { describe, expect, test } from '@jest/globals';
import { LIBRARY_DEMOS } from '../../library/demos';
import { blankDemo } from '../repertoire/blank';
import { browsable, type BrowseWishes, ENERGIES, isAtHand, isWanted, lengthOf } from './browse';

const ANYTHING: BrowseWishes = {
  words: '',
  length: null,
  family: null,
  without: null,
  youngest: null,
  energy: null,
  where: null,
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

test('energy: every one is of one kind', () => {
  const all = ENERGIES.flatMap((energy) => found({ energy }));
  expect(all.toSorted()).toEqual(LIBRARY_DEMOS.map(({ id }) => id).toSorted());
  expect(found({ energy: 'loud' })).toContain('foam-fountain');
});

test('where: what can be done either way is found both ways', () => {
  const [inside, outside] = [found({ where: 'indoors' }), found({ where: 'outdoors' })];
  expect(new Set([...inside, ...outside]).size).toBe(LIBRARY_DEMOS.length);
  expect(inside).not.toContain('bottle-launch');
  expect(outside).toContain('bottle-launch');
  expect(inside).toContain('foam-fountain');
});

test('with what is there: all of one way, or what does instead of it', () => {
  const foam = LIBRARY_DEMOS.find(({ id }) => id === 'foam-fountain');
  if (!foam) throw new Error('no foam');
  const [first] = foam.methods;
  const kit = first?.kit ?? [];
  const all = new Set(kit.map(({ itemId }) => itemId));
  expect(isAtHand(foam, all)).toBe(true);
  expect(isAtHand(foam, new Set())).toBe(false);
  const swapped = kit.find(({ instead }) => instead.length > 0);
  if (!swapped) throw new Error('nothing does instead');
  all.delete(swapped.itemId);
  expect(isAtHand(foam, all)).toBe(false);
  expect(isAtHand(foam, all.add(swapped.instead[0] ?? ''))).toBe(true);
});

test('what has no way yet is of no length', () => {
  const empty = browsable(blankDemo('x', 'Empty', []));
  expect(empty.seconds).toBeNull();
  expect(isWanted(empty, { ...ANYTHING, length: 'short' })).toBe(false);
  expect(isWanted(empty, ANYTHING)).toBe(true);
});
