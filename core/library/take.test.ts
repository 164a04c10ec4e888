import { expect, test } from '@jest/globals';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import { itemsNamed } from '../brief/itemsNamed';
import { changedSince, markOf, originOf } from '../repertoire/origin';
import type { Demo } from '../repertoire/types';
import { hasIt, take, type TakeInto } from './take';

const demoOf = (id: string): Demo => {
  const demo = LIBRARY_DEMOS.find((one) => one.id === id);
  if (!demo) throw new Error(id);
  return demo;
};
const FOAM = demoOf('foam-fountain');
const EMPTY: TakeInto = { items: [], isTaken: () => false, newId: () => 'new' };

test('taken into nothing it comes with everything it needs', () => {
  for (const library of LIBRARY_DEMOS) {
    const { demo, items } = take(library, LIBRARY_ITEMS, EMPTY);
    const named = new Set(itemsNamed({ cold: [], slots: [] }, [demo]));
    expect(new Set(items.map(({ id }) => id))).toEqual(named);
    expect(demo.origin?.demoId).toBe(library.id);
    expect(demo.methods.every(({ hazardsReviewed }) => !hazardsReviewed)).toBe(true);
    expect(demo.methods.flatMap(({ tasks }) => tasks).flatMap(({ cues }) => cues)).toEqual([]);
  }
});

test('a thing that is there already is used, whatever its id; one that is counted otherwise is another thing', () => {
  const yeast = {
    id: 'my-yeast',
    name: 'dried  Yeast',
    unit: 'kg' as const,
    density: null,
    gramsEach: null,
  };
  const bags = { ...yeast, id: 'bags', unit: 'piece' as const };
  const kitOf = (into: TakeInto): string[] =>
    take(FOAM, LIBRARY_ITEMS, into).demo.methods[0]?.kit.map(({ itemId }) => itemId) ?? [];
  expect(kitOf({ ...EMPTY, items: [yeast] })).toContain('my-yeast');
  expect(kitOf({ ...EMPTY, items: [bags] })).toContain('yeast');
  expect(
    take(FOAM, LIBRARY_ITEMS, { ...EMPTY, items: [yeast] }).items.map(({ id }) => id),
  ).not.toContain('yeast');
});

test('an id that is taken, if only by something removed, is not taken again', () => {
  let made = 0;
  const into: TakeInto = { items: [], isTaken: () => true, newId: () => `new-${++made}` };
  const { demo, items } = take(FOAM, LIBRARY_ITEMS, into);
  expect(demo.id).toMatch(/^new-/);
  expect(items.every(({ id }) => id.startsWith('new-'))).toBe(true);
  const ids = new Set(items.map(({ id }) => id));
  expect(demo.methods.every(({ kit }) => kit.every(({ itemId }) => ids.has(itemId)))).toBe(true);
});

test('what one has is known by its origin, or by being the very one', () => {
  expect(hasIt([{ id: 'x', origin: originOf(FOAM) }], 'foam-fountain')).toBe(true);
  expect(hasIt([{ id: 'foam-fountain', origin: null }], 'foam-fountain')).toBe(true);
  expect(
    hasIt([{ id: 'foam-fountain', origin: originOf(demoOf('static-dome')) }], 'foam-fountain'),
  ).toBe(false);
});

test('it is told when the library has changed, and what of it', () => {
  const origin = originOf(FOAM);
  expect(changedSince(origin, FOAM)).toBeNull();
  expect(changedSince(origin, undefined)).toBeNull();
  expect(changedSince(origin, { ...FOAM, hook: 'More foam' })).toEqual({
    words: true,
    methods: [],
  });
  const [first, second] = FOAM.methods;
  if (!first || !second) throw new Error('two methods');
  const gentler = { ...second, summary: 'Other' };
  expect(changedSince(origin, { ...FOAM, methods: [first, gentler] })).toEqual({
    words: false,
    methods: [gentler],
  });
  const third = { ...first, id: 'third' };
  expect(changedSince(origin, { ...FOAM, methods: [...FOAM.methods, third] })?.methods).toEqual([
    third,
  ]);
  // What looks and families are changed to is nobody’s work.
  expect(changedSince(origin, { ...FOAM, family: 'cold', face: null })).toBeNull();
});

test('marks of texts differ where the texts do', () => {
  const marks = new Set(Array.from({ length: 20_000 }, (_, i) => markOf(`text ${i}`)));
  expect(marks.size).toBe(20_000);
});
