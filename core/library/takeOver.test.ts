import { describe, expect, test } from '@jest/globals';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import { changedSince } from '../repertoire/origin';
import type { Demo } from '../repertoire/types';
import { take, type TakeInto } from './take';
import { takeOver } from './takeOver';

const twoWays = LIBRARY_DEMOS.find(({ methods }) => methods.length > 1);
if (!twoWays) throw new Error('The library has none with two ways');
const INTO: TakeInto = { items: LIBRARY_ITEMS, isTaken: () => false, newId: () => 'new' };

/** As it was taken from an older library, and made one’s own since. */
const MINE: Demo = {
  ...take(twoWays, LIBRARY_ITEMS, INTO).demo,
  hook: 'My own hook',
  pinnedNote: 'The tall jar',
  usualPosition: 'By the door',
};
const [first, second] = MINE.methods;
const NEWER: Demo = {
  ...twoWays,
  idea: 'Another idea',
  methods: [
    ...twoWays.methods.map((method, i) =>
      i === 0 ? { ...method, summary: 'Quicker now' } : method,
    ),
    { ...(twoWays.methods[0] as Demo['methods'][0]), id: 'third', name: 'third way' },
  ],
};
const ALL = { words: true, methodIds: [first?.id ?? '', 'third'] };

test('what changed is found: its words, one method, and one that is new', () => {
  const change = changedSince(MINE.origin!, NEWER);
  expect(change?.words).toBe(true);
  expect(change?.methods.map(({ id }) => id)).toEqual([first?.id, 'third']);
});

describe('taken over', () => {
  const { demo, items } = takeOver(MINE, NEWER, LIBRARY_ITEMS, ALL, INTO);

  test('a changed method stands where it stood, a new one last, another stays as it is', () => {
    expect(demo.methods.map(({ id }) => id)).toEqual([
      ...MINE.methods.map(({ id }) => id),
      'third',
    ]);
    expect(demo.methods[0]?.summary).toBe('Quicker now');
    expect(demo.methods[1]).toEqual(second);
    expect(demo.methods.every(({ hazardsReviewed }) => !hazardsReviewed)).toBe(true);
    expect(items).toEqual([]);
  });

  test('its words come, what one has chosen oneself stays, and nothing is told of again', () => {
    expect(demo).toMatchObject({
      id: MINE.id,
      hook: twoWays.hook,
      idea: 'Another idea',
      pinnedNote: 'The tall jar',
      usualPosition: 'By the door',
    });
    expect(changedSince(demo.origin!, NEWER)).toBeNull();
  });
});

test('kept as it is: nothing changes but that it is not told of again', () => {
  const { demo, items } = takeOver(
    MINE,
    NEWER,
    LIBRARY_ITEMS,
    { words: false, methodIds: [] },
    INTO,
  );
  expect({ ...demo, origin: null }).toEqual({ ...MINE, origin: null });
  expect(items).toEqual([]);
  expect(changedSince(demo.origin!, NEWER)).toBeNull();
});

test('a thing that a new method needs and that isn’t there comes along', () => {
  const { items, demo } = takeOver(MINE, NEWER, LIBRARY_ITEMS, ALL, { ...INTO, items: [] });
  const needed = new Set(
    [demo.methods[0], demo.methods.at(-1)].flatMap(
      (method) =>
        method?.kit.flatMap(({ itemId, instead }) => [
          itemId,
          ...instead.map((one) => one.itemId),
        ]) ?? [],
    ),
  );
  expect(new Set(items.map(({ id }) => id))).toEqual(needed);
});
