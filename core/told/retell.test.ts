import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankDemo, blankItem, blankLine } from '../repertoire/blank';
import type { Item } from '../repertoire/item';
import type { Demo, Task } from '../repertoire/types';
import { align } from './align';
import { readTold } from './read';
import { retell } from './retell';
import type { Knows } from './types';
import { weave } from './weave';

const THINGS: Item[] = [
  blankItem('hot-plate', 'Hot plate', 'equipment'),
  blankItem('can', 'Drinks can', 'consumable'),
  { ...blankItem('water', 'Water', 'consumable'), unit: 'mL' },
];
const KNOWS: Knows = {
  things: THINGS,
  people: [{ id: 'jo', name: 'Jo' }],
  positions: ['Left bench'],
};

const TEXT = `Crushed can, with Jo

0:10 pour 12 mL water into the can
put it on the hot plate, wait about 3 min
when steam -> 70-85 s
goggles on
say: Call out when you see the steam.
0:05 flip it into the cold water
   1:20   explain
clear: hot plate off, 1 min, Jo
needs: hot plate, 3 drinks cans`;

let made = 0;
const newId = (): string => `id-${++made}`;
const told = (text: string, demo: Demo = blankDemo('d', 'd', [])): Demo =>
  weave(readTold(text, KNOWS), demo, newId);

const changed = (demo: Demo, name: string, more: Partial<Task>): Demo => ({
  ...demo,
  methods: demo.methods.map((method) => ({
    ...method,
    tasks: method.tasks.map((task) => (task.name === name ? { ...task, ...more } : task)),
  })),
});

const lineDiff = (before: string, after: string): [string[], string[]] => {
  const [a, b] = [before.split('\n'), after.split('\n')];
  return [a.filter((line) => !b.includes(line)), b.filter((line) => !a.includes(line))];
};

/** The text says exactly what the demonstration is. */
const says = (text: string, demo: Demo): void => expect(told(text, demo)).toEqual(demo);

test('what was typed stays as it was typed, word for word', () => {
  const demo = told(TEXT);
  expect(retell(TEXT, demo, KNOWS)).toBe(TEXT);
  expect(told(TEXT, demo)).toEqual(demo);
});

test('a step that is changed elsewhere changes its line, and no other', () => {
  const demo = changed(told(TEXT), 'Explain', { time: { shortest: 60, likely: 90, longest: 150 } });
  const text = retell(TEXT, demo, KNOWS);
  expect(lineDiff(TEXT, text)).toEqual([
    ['   1:20   explain'],
    ['show: Explain, 1:30 (1:00–2:30)'],
  ]);
  says(text, demo);
});

test('words added to a step come beneath its line', () => {
  const demo = changed(told(TEXT), 'Flip it into the cold water', { careful: 'Tongs palm up' });
  const text = retell(TEXT, demo, KNOWS);
  expect(lineDiff(TEXT, text)[1]).toEqual([
    'show: Flip it into the cold water, 0:05',
    'careful: Tongs palm up',
  ]);
  says(text, demo);
});

test('a step taken out takes its line along; one put in has one', () => {
  const demo = told(TEXT);
  const [method] = demo.methods;
  if (!method) throw new Error('no method');
  const without = {
    ...demo,
    methods: [{ ...method, tasks: method.tasks.filter(({ name }) => name !== 'Explain') }],
  };
  const less = retell(TEXT, without, KNOWS);
  expect(lineDiff(TEXT, less)).toEqual([['   1:20   explain'], []]);
  says(less, without);
  const at = method.tasks.findIndex(({ name }) => name === 'Explain');
  const bow = { ...(method.tasks[at] as Task), id: 'bow', name: 'Bow', do: 'Bow' };
  const more = { ...demo, methods: [{ ...method, tasks: method.tasks.toSpliced(at + 1, 0, bow) }] };
  const text = retell(TEXT, more, KNOWS);
  expect(lineDiff(TEXT, text)).toEqual([[], ['show: Bow, 1:20']]);
  says(text, more);
});

test('kit that is changed elsewhere is in the list', () => {
  const demo = told(TEXT);
  const [method] = demo.methods;
  if (!method) throw new Error('no method');
  const kit = [
    ...method.kit.map((line) => (line.itemId === 'water' ? { ...line, amount: 20 } : line)),
    { ...blankLine('x', 'hot-plate'), amount: 2, basis: 'perDay' as const },
  ];
  const more = { ...demo, methods: [{ ...method, kit }] };
  const text = retell(TEXT, more, KNOWS);
  expect(text).toContain('20 mL Water');
  says(text, more);
});

test('with nothing typed it is written out', () => {
  const demo = told(TEXT);
  const text = retell('', demo, KNOWS);
  expect(text.split('\n')[0]).toBe('Crushed can');
  says(text, demo);
});

test('whatever is changed elsewhere, the text says it afterwards', () => {
  const demo = told(TEXT);
  const [method] = demo.methods;
  if (!method) throw new Error('no method');
  const change = fc.record({
    drop: fc.uniqueArray(fc.nat(method.tasks.length - 1), { maxLength: 3 }),
    rename: fc.option(
      fc.record({
        at: fc.nat(method.tasks.length - 1),
        name: fc.constantFrom('Wave', '3 min', 'wait, all', 'say: so'),
      }),
    ),
    slower: fc.option(fc.nat(method.tasks.length - 1)),
    swap: fc.option(fc.nat(method.tasks.length - 2)),
  });
  fc.assert(
    fc.property(change, ({ drop, rename, slower, swap }) => {
      let tasks = method.tasks.map((task, i) => ({
        ...task,
        ...(rename?.at === i
          ? { name: rename.name, do: task.phase === 'perform' ? rename.name : '' }
          : {}),
        ...(slower === i ? { time: { shortest: 50, likely: 70, longest: 300 } } : {}),
      }));
      if (swap !== null) {
        const [a, b] = [tasks[swap], tasks[swap + 1]];
        if (a && b && a.phase === b.phase) tasks = tasks.toSpliced(swap, 2, b, a);
      }
      const gone = new Set(drop.map((i) => method.tasks[i]?.id));
      tasks = tasks
        .filter(({ id }) => !gone.has(id))
        .map((task) => ({ ...task, after: task.after.filter((one) => !gone.has(one.task)) }));
      if (tasks.length === 0) return;
      const other = { ...demo, methods: [{ ...method, tasks }] };
      const text = retell(TEXT, other, KNOWS);
      // By its own words: ids may differ where two steps changed places.
      const bare = (of: Demo): unknown =>
        of.methods.map((one) => one.tasks.map(({ id: _id, after: _after, ...task }) => task));
      expect(bare(told(text, other))).toEqual(bare(other));
    }),
    { seed: 3, numRuns: 400 },
  );
});

test('aligned: as many pairs alike as there can be, the rest between them one by one', () => {
  const same = (a: string, b: string): boolean => a === b;
  expect(align(['a', 'b', 'c'], ['a', 'x', 'c', 'd'], same)).toEqual([
    ['a', 'a'],
    ['b', 'x'],
    ['c', 'c'],
    [null, 'd'],
  ]);
  expect(align([], ['a'], same)).toEqual([[null, 'a']]);
  expect(align(['a', 'b'], [], same)).toEqual([
    ['a', null],
    ['b', null],
  ]);
});
