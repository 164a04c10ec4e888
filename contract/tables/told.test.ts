import { describe, expect, test } from '@jest/globals';
import { readOrder } from '../../core/told/order';
import { readTold } from '../../core/told/read';
import { ORDER_COLUMNS, STEP_COLUMNS, isTable, orderFrom, stepsFrom } from './told';

const WHO = { people: [{ id: 'mara', name: 'Mara Quay' }], positions: ['Centre table'] };
const KNOWS = {
  ...WHO,
  demos: [{ id: 'foam', name: 'Foam', methods: [{ id: 'm', name: 'Jug' }] }],
};
const entriesOf = (rows: (string | number)[][]) =>
  readOrder(orderFrom(rows, WHO).text, KNOWS).entries;

describe('a running order out of a table', () => {
  test('with headings, whatever their order', () => {
    const rows = [
      ['Harbour hall, May'],
      ['#', 'Demo', 'Who', 'Min', 'Where', 'Start', 'Method'],
      ['1', 'Welcome', 'Mara', 2, '', '14:00', ''],
      ['2', 'Foam', '', '4,5', 'centre table', '14:02:00', 'Jug'],
      ['3', 'Forks, 3 of them', 'Bob', '0:03:00', 'Roof', '', ''],
      ['', 'Total', '', 9.5, '', '', ''],
    ];
    expect(orderFrom(rows, WHO).strangers).toEqual(['Roof', 'Bob']);
    expect(entriesOf(rows)).toMatchObject([
      { name: 'Welcome', kind: 'talk', clock: 50_400, seconds: 120, personId: 'mara' },
      {
        name: 'Foam',
        demoId: 'foam',
        methodId: 'm',
        clock: 50_520,
        seconds: 270,
        position: 'Centre table',
      },
      { name: 'Forks, 3 of them', kind: 'fresh', seconds: 180, position: null, personId: null },
    ]);
  });

  test('without headings, by what stands in its columns', () => {
    expect(
      entriesOf([
        [1, '14:00', 'Welcome', '2 min'],
        [2, '14:02', 'Foam', '4:30'],
        [3, '14:07', 'Rope trick', '90 s'],
      ]),
    ).toMatchObject([
      { name: 'Welcome', clock: 50_400, seconds: 120 },
      { name: 'Foam', clock: 50_520, seconds: 270 },
      { name: 'Rope trick', clock: 50_820, seconds: 90 },
    ]);
  });

  test('lengths as workbooks keep them: 4:30 typed becomes half past four', () => {
    const seconds = (length: string | number, heading = 'Min') =>
      entriesOf([
        ['Demo', heading],
        ['Foam', length],
      ])[0]?.seconds;
    expect(seconds('04:30:00')).toBe(270);
    expect(seconds('00:04:30')).toBe(270);
    expect(seconds(4.5)).toBe(270);
    expect(seconds('4,5')).toBe(270);
    expect(seconds(90, 'Seconds')).toBe(90);
    expect(seconds('4 min 30')).toBe(270);
    expect(seconds('01:30:15')).toBe(5415);
  });
});

test('the steps of a demonstration out of a table', () => {
  const text = stepsFrom(
    [
      ['Crushed can'],
      [],
      ['Step', 'Minutes', 'When', 'Say', 'Safety', 'Equipment'],
      ['Pour water into the can', 0.5, 'Setup', '', '', 'hot plate; 3 cans'],
      ['Flip it', '0:05', 'Show', 'Now look: it is gone!', 'Steam burns', 'tongs'],
      ['Hot plate off', 1, 'After', '', '', 'hot plate'],
    ],
    'a file',
  );
  expect(text).toBe(
    [
      'Crushed can',
      'before: Pour water into the can, 0:30',
      'show: Flip it, 0:05',
      'say: Now look: it is gone!',
      'careful: Steam burns',
      'clear: Hot plate off, 1:00',
      'needs: hot plate, 3 cans, tongs',
    ].join('\n'),
  );
  const told = readTold(text, { demos: [], things: [], people: [], positions: [] } as never);
  expect(told.methods[0]?.steps.map(({ name }) => name)).toEqual([
    'Pour water into the can',
    'Flip it',
    'Hot plate off',
  ]);
  expect(
    stepsFrom(
      [
        ['Step', 'Min'],
        ['Stir', 1],
      ],
      'Slow fizz',
    ).split('\n')[0],
  ).toBe('Slow fizz');
});

test('what is pasted is a table where its headings say so', () => {
  expect(
    isTable(
      [
        ['Demo', 'Min'],
        ['Foam', '3'],
      ],
      ORDER_COLUMNS,
    ),
  ).toBe(true);
  expect(isTable([['1 Foam 4:30 @centre'], ['2 forks 3 min, Mara']], ORDER_COLUMNS)).toBe(false);
  expect(isTable([['Crushed can'], ['pour 12 mL water']], STEP_COLUMNS)).toBe(false);
});
