import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { item } from '../testing/bundle';
import { pack, showNeeds } from '../testing/inventory';
import { HOUSEHOLD } from '../units/household';
import { type Away, handsOn, leastFor, stayOf } from './away';
import { shoppingList } from './shopping';
import type { ShowNeeds } from './types';

const HOUR = 3600;
const show = (id: string, from: number, until: number, over: Partial<ShowNeeds> = {}): ShowNeeds =>
  showNeeds(id, '2027-06-01', [{ itemId: 'dome', base: 1 }], {
    from: from * HOUR,
    until: until * HOUR,
    ...over,
  });
const away = (shows: readonly ShowNeeds[]): Away[] =>
  shows.map((one) => ({ stay: stayOf(one), base: one.needs[0]?.base ?? 0 }));

describe('how many are away at once', () => {
  test('one after the other with the same one, at once with another', () => {
    expect(leastFor(away([show('a', 9, 11), show('b', 11, 13)]))).toBe(1);
    expect(leastFor(away([show('a', 9, 11), show('b', 10, 13)]))).toBe(2);
  });

  test('a third one that overlaps both in turn needs no third', () => {
    expect(leastFor(away([show('a', 9, 11), show('b', 12, 14), show('c', 10, 13)]))).toBe(2);
  });

  test('the way from one to the next counts, but not in one and the same hall', () => {
    const first = show('a', 9, 11, { way: HOUR, venueId: 'hall' });
    expect(leastFor(away([first, show('b', 12, 14, { way: HOUR / 2, venueId: 'school' })]))).toBe(
      2,
    );
    expect(leastFor(away([first, show('b', 13, 14, { way: HOUR / 2, venueId: 'school' })]))).toBe(
      1,
    );
    expect(leastFor(away([first, show('b', 11, 14, { way: HOUR, venueId: 'hall' })]))).toBe(1);
  });
});

/** Piece by piece, each handed to at most one later show: the most pieces that can be, by trying (Kuhn 1955). */
function pieces(all: readonly Away[]): number {
  const each = all.flatMap((one) => Array.from({ length: one.base }, () => one));
  const givenTo = new Map<number, number>();
  const give = (from: number, asked: Set<number>): boolean =>
    each.some((to, j) => {
      const giver = each[from];
      if (!giver || asked.has(j) || giver === to || !handsOn(giver, to)) return false;
      asked.add(j);
      const other = givenTo.get(j);
      if (other !== undefined && !give(other, asked)) return false;
      givenTo.set(j, from);
      return true;
    });
  return each.length - each.filter((_, i) => give(i, new Set())).length;
}

const season = fc.array(
  fc.record({
    day: fc.integer({ min: 1, max: 4 }),
    from: fc.integer({ min: 8, max: 18 }),
    hours: fc.integer({ min: 1, max: 6 }),
    way: fc.integer({ min: 0, max: 2 }),
    venueId: fc.option(fc.constantFrom('hall', 'school')),
    base: fc.integer({ min: 0, max: 4 }),
  }),
  { minLength: 1, maxLength: 8 },
);
const showsOf = (all: typeof season extends fc.Arbitrary<infer T> ? T : never): ShowNeeds[] =>
  all.map(({ day, from, hours, way, venueId, base }, i) =>
    showNeeds(`s${i}`, `2027-06-0${day}`, base > 0 ? [{ itemId: 'dome', base }] : [], {
      from: from * HOUR,
      until: (from + hours) * HOUR,
      way: way * HOUR,
      venueId,
    }),
  );

test('as counted piece by piece, in two thousand random seasons; bought is what is missing then', () => {
  fc.assert(
    fc.property(season, fc.integer({ min: 0, max: 4 }), (all, owned) => {
      const shows = showsOf(all);
      const least = pieces(away(shows));
      expect(leastFor(away(shows))).toBe(least);
      const dome = item('dome', 'equipment', { owned, packs: [pack('one', 1, 'piece', 100)] });
      const { lines } = shoppingList(
        shows,
        { items: new Map([['dome', dome]]), lots: [], orders: [], sizes: HOUSEHOLD },
        '2027-05-20',
      );
      const bought = lines.flatMap(({ packs }) => packs).reduce((sum, one) => sum + one.count, 0);
      expect(bought).toBe(Math.max(0, least - owned));
      expect(lines.map(({ problem }) => problem)).toEqual(lines.map(() => null));
    }),
    { numRuns: 2000, seed: 483 },
  );
});
