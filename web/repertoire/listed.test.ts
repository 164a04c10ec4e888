/** Which demonstrations are listed, as whose, and in which order. */
import { expect, test } from '@jest/globals';
import type { DemoSummary } from '../../contract/api';
import type { Demo } from '../../core/repertoire/types';
import { LIBRARY_DEMOS } from '../../library/demos';
import { inListOrder, listedOf } from './listed';

const summary = (id: string, name: string, more: Partial<DemoSummary> = {}): DemoSummary => ({
  id,
  name,
  hook: '',
  energy: 3,
  usualPosition: '',
  family: null,
  face: null,
  origin: null,
  version: 1,
  text: name.toLowerCase(),
  hazards: [],
  methods: [],
  showSeconds: null,
  record: { worked: 0, partly: 0, failed: 0 },
  ...more,
});
const [first, second] = LIBRARY_DEMOS as [Demo, Demo];

test('one’s own, and of the library what one does not have', () => {
  const taken = summary('taken', first.name, {
    origin: { demoId: first.id, mark: '', methods: [] },
  });
  const listed = listedOf([summary('mine', 'Mine'), taken], [], LIBRARY_DEMOS);
  expect(listed).toHaveLength(LIBRARY_DEMOS.length + 1);
  expect(listed.filter(({ whose }) => whose === 'mine').map(({ id }) => id)).toEqual([
    'mine',
    'taken',
  ]);
  expect(listed.find(({ id }) => id === 'mine')).toMatchObject({ ours: true });
  expect(listed.find(({ id }) => id === 'taken')).toMatchObject({ ours: false });
  expect(listed.some(({ id }) => id === first.id)).toBe(false);
  expect(listed.find(({ id }) => id === second.id)).toMatchObject({
    whose: 'library',
    record: 'not tried here',
  });
});

test('a volunteer is needed where every way of it needs one', () => {
  const method = first.methods[0];
  if (!method) throw new Error('it has a method');
  const ways = (...volunteers: number[]): Demo => ({
    ...first,
    id: 'mine',
    methods: volunteers.map((count) => ({ ...method, volunteers: count })),
  });
  const needs = (whole: Demo[]): boolean | undefined =>
    listedOf([summary('mine', 'Mine')], whole, [])[0]?.volunteer;
  expect(needs([ways(1, 2)])).toBe(true);
  expect(needs([ways(1, 0)])).toBe(false);
  expect(needs([ways()])).toBe(false);
  // One that could not be read says nothing.
  expect(needs([])).toBe(false);
});

test('those of the order by their numbers, then one’s own, then the lift, then the name', () => {
  const own = [
    summary('b', 'B', { energy: 2 }),
    summary('a', 'A', { energy: 2 }),
    summary('loud', 'Loud', { energy: 5 }),
    summary('late', 'Late', { energy: 1 }),
  ];
  const listed = listedOf(own, [], [second]);
  const numbers = new Map([
    [second.id, 1],
    ['late', 2],
  ]);
  const order = (of: ReadonlyMap<string, number>): string[] =>
    inListOrder(listed, (id) => of.get(id)).map(({ id }) => id);
  expect(order(numbers)).toEqual([second.id, 'late', 'loud', 'a', 'b']);
  expect(order(new Map())).toEqual(['loud', 'a', 'b', 'late', second.id]);
});
