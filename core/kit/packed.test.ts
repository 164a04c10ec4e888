/** How far packing is, whatever has changed since it was ticked; and what should come home. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { kitList } from './kit';
import { mostOf, mostPacked, packState, pressed, type Way } from './packed';
import { packingOf, type PackMark } from './packing';

const items = [
  item('dish', 'equipment', { functionTest: 'no dents' }),
  item('drum', 'equipment'),
  item('soap', 'consumable', { unit: 'mL' }),
  item('cup', 'consumable'),
];
const packedWith = (dishes: number) => {
  const kit = [
    line('dish', dishes, 'piece'),
    line('drum', 1, 'piece'),
    line('soap', 0.5, 'L'),
    line('cup', 10, 'piece'),
  ];
  const show = bundle([{ id: 'a', tasks: [task('p', 'perform', 60)], over: { kit } }], items);
  return packingOf(kitList(show, timelineOf(show)), items, []);
};
const mark = (key: string, over: Partial<PackMark> = {}): PackMark => ({
  ...{ key, kind: 'packed', by: 'jo', at: 0, amount: null, of: null },
  ...over,
});
const context = { system: 'metric' as const, used: null };
const state = (marks: PackMark[], way: Way = 'out', more: object = {}, dishes = 4) =>
  packState(packedWith(dishes), marks, way, { ...context, ...more });
const ofKey = (found: ReturnType<typeof state>, key: string) =>
  found.lines.find((one) => one.line.key === key);

describe('to the show', () => {
  test('in part is open: “3 of 4”', () => {
    const found = state([mark('dish.count', { amount: 3, of: 4 })]);
    expect(ofKey(found, 'dish.count')).toMatchObject({ is: 'part', have: 3, words: '3 of 4' });
    expect(found).toMatchObject({ done: 0, all: 4 });
  });

  test('more wanted since opens the tick again, less is said, the same stays as it is', () => {
    const found = (dishes: number) =>
      ofKey(state([mark('dish.count', { amount: 4, of: 4 })], 'out', {}, dishes), 'dish.count');
    expect(found(6)).toMatchObject({ is: 'part', words: 'packed 4, now 6' });
    expect(found(4)).toMatchObject({ is: 'all', words: '' });
    expect(found(2)).toMatchObject({ is: 'all', words: '4 packed, 2 needed' });
  });

  test('a tick from before amounts were counted says all of it', () => {
    expect(ofKey(state([mark('soap.volume')]), 'soap.volume')).toMatchObject({
      is: 'all',
      words: '',
    });
  });

  test('what is packed and not in the kit any more is told; tests stay open until they are done', () => {
    const stray = mark('flag.count', { amount: 1, of: 1 });
    const found = state([stray, mark('dish.count', { kind: 'tested' })]);
    expect(found.stray).toEqual([stray]);
    expect(found.untested).toEqual([]);
    expect(state([]).untested.map(({ line: { key } }) => key)).toEqual(['dish.count']);
  });
});

describe('home again', () => {
  const went = [
    mark('dish.count', { amount: 3, of: 4 }),
    mark('soap.volume', { amount: 500, of: 500 }),
    mark('cup.count', { amount: 10, of: 10 }),
  ];
  const used = [
    { itemId: 'soap', name: 'soap', planned: 500, used: 320 },
    { itemId: 'cup', name: 'cup', planned: 10, used: 9.6 },
  ];

  test('as much as was packed; what was never packed is not missing', () => {
    const home = state(went, 'home', { used });
    expect(home.lines.map(({ line: { key }, want }) => [key, want])).toEqual([
      ['soap.volume', 180],
      ['dish.count', 3],
    ]);
    expect(
      ofKey(
        state([...went, mark('dish.count', { kind: 'home', amount: 2, of: 3 })], 'home', { used }),
        'dish.count',
      ),
    ).toMatchObject({ is: 'part', words: '2 of 3' });
  });

  test('what is left of what is used up comes home, in whole pieces; all of it where the show was not performed', () => {
    expect(ofKey(state(went, 'home', { used: [] }), 'cup.count')?.want).toBe(10);
    expect(ofKey(state(went, 'home', { used }), 'cup.count')).toBeUndefined();
  });

  test('more may be left than was reckoned with, up to what went along', () => {
    const home = state(
      [...went, mark('soap.volume', { kind: 'home', amount: 300, of: 180 })],
      'home',
      { used },
    );
    const soap = ofKey(home, 'soap.volume');
    expect(soap).toMatchObject({ want: 180, have: 300, is: 'all', words: '' });
    if (!soap) throw new Error('no soap');
    expect(mostOf(soap, 'home', null)).toBe(500);
    expect(pressed({ ...soap, is: 'none', have: 0 }, 500)).toBe(180);
  });

  test('where nobody ticked while packing, all of the kit is looked for', () => {
    const home = state([], 'home', { used });
    expect(home.lines.map(({ line: { key } }) => key).sort()).toEqual([
      'dish.count',
      'drum.count',
      'soap.volume',
    ]);
  });
});

test('no more can be packed than there is, in the kind that the kit is written in', () => {
  const soap = item('soap', 'consumable', { unit: 'mL', density: 2 });
  expect(mostPacked({ dimension: 'volume', item: soap }, 300)).toBe(300);
  expect(mostPacked({ dimension: 'mass', item: soap }, 300)).toBe(600);
  expect(mostPacked({ dimension: 'volume', item: soap }, null)).toBeNull();
  expect(mostPacked({ dimension: 'count', item: soap }, 300)).toBeNull();
});

test('pressed, as much is in as there is; pressed again, none', () => {
  const [dish] = state([], 'out').lines.filter(({ line: { key } }) => key === 'dish.count');
  if (!dish) throw new Error('no dish');
  const shares = (there: number | null) => [{ itemId: 'dish', there }];
  expect([null, 3, 9].map((there) => mostOf(dish, 'out', shares(there)))).toEqual([4, 3, 4]);
  expect(mostOf(dish, 'out', null)).toBe(4);
  // What comes home is not held against the store.
  expect(mostOf(dish, 'home', shares(1))).toBe(4);
  expect(pressed({ is: 'none', have: 0, want: 4 }, 3)).toBe(3);
  expect(pressed({ is: 'part', have: 1, want: 4 }, 3)).toBe(3);
  expect(pressed({ is: 'part', have: 3, want: 4 }, 3)).toBe(0);
  expect(pressed({ is: 'all', have: 4, want: 4 }, 4)).toBe(0);
});
