/** The order of loading against every order there is, and by facts of the trade. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { item } from '../testing/bundle';
import { apartFrom, costOfOrder, type Loadable, loadOrder } from './loading';

const thing = (over: Parameters<typeof item>[2]) => ({ item: item('x', 'consumable', over) });
const NOTHING = thing({});
const FUEL = thing({ label: { signal: 'danger', hazards: ['H225'], precautions: [] } });
const OXIDISER = thing({ substance: 'peroxide' });
const FOOD = thing({ stows: ['food'] });
const box = (firstUse: number, grams = 3000, lines = [NOTHING]): Loadable => ({
  firstUse,
  grams,
  lines,
});

function orders<T>(all: readonly T[]): T[][] {
  return all.length < 2
    ? [[...all]]
    : all.flatMap((one, i) =>
        orders(all.filter((_, at) => at !== i)).map((rest) => [one, ...rest]),
      );
}

const anyBox = fc
  .tuple(
    fc.integer({ min: 0, max: 5 }),
    fc.integer({ min: 500, max: 20_000 }),
    fc.constantFrom(NOTHING, FUEL, OXIDISER, FOOD),
  )
  .map(([firstUse, grams, line]) => box(firstUse, grams, [line]));

describe('the order of loading', () => {
  test('is as cheap as the cheapest of all orders', () => {
    fc.assert(
      fc.property(fc.array(anyBox, { maxLength: 6 }), (boxes) => {
        const found = loadOrder(boxes);
        expect(new Set(found)).toEqual(new Set(boxes));
        const costs = orders(boxes).map(costOfOrder);
        expect(costOfOrder(found)).toBe(Math.min(...costs, Infinity) || 0);
      }),
      { numRuns: 150, seed: 191 },
    );
  });

  test('more boxes than can be tried in every order still all go in, none cheaper by one swap', () => {
    fc.assert(
      fc.property(fc.array(anyBox, { minLength: 13, maxLength: 16 }), (boxes) => {
        const found = loadOrder(boxes);
        expect(new Set(found)).toEqual(new Set(boxes));
        const cost = costOfOrder(found);
        for (let i = 0; i + 1 < found.length; i++) {
          const swapped = [...found];
          swapped.splice(i, 2, ...found.slice(i, i + 2).reverse());
          expect(costOfOrder(swapped)).toBeGreaterThanOrEqual(cost);
        }
      }),
      { numRuns: 20, seed: 192 },
    );
  });

  // Common practice: first needed is last in; heavy below light; oxidiser never beside fuel, food never beside chemicals.
  test('what is set up first goes in last', () => {
    const [soon, later, last] = [box(0), box(600), box(1200)];
    expect(loadOrder([soon, later, last])).toEqual([last, later, soon]);
  });

  test('a heavy box goes in before a light one, though it is needed sooner', () => {
    const [heavy, light] = [box(0, 14_000), box(1200, 2000)];
    expect(loadOrder([light, heavy])).toEqual([heavy, light]);
  });

  test('another stands between what burns and what feeds fire, and between food and chemicals', () => {
    const [fuel, oxidiser, plain] = [box(0, 3000, [FUEL]), box(600, 3000, [OXIDISER]), box(1200)];
    expect(apartFrom(fuel, oxidiser)).toBe('what burns and what feeds fire');
    expect(loadOrder([fuel, oxidiser, plain])[1]).toBe(plain);
    expect(apartFrom(box(0, 0, [FOOD]), oxidiser)).toBe('food and chemicals');
    expect(apartFrom(plain, fuel)).toBeNull();
  });
});
