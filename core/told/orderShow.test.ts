import { describe, expect, test } from '@jest/globals';
import { usualPositions } from '../brief/blank';
import { readOrder } from './order';
import { demoToWrite, differs, orderedShow } from './orderShow';

const DEMOS = [
  {
    id: 'foam',
    name: 'Foam fountain',
    usualPosition: 'Centre table',
    methods: [
      { id: 'gentle', name: 'gentle', oneShot: false },
      { id: 'lively', name: 'lively', oneShot: true },
    ],
  },
  {
    id: 'forks',
    name: 'Balancing forks',
    usualPosition: 'Left bench',
    methods: [{ id: 'm', name: 'on a glass', oneShot: false }],
  },
];
const PEOPLE = [
  { id: 'ines', name: 'Ines' },
  { id: 'jo', name: 'Jo' },
];
const POSITIONS = usualPositions();
let made = 0;
const shown = (text: string, crew: string[] = ['ines']) => {
  const { entries } = readOrder(text, {
    demos: DEMOS,
    people: PEOPLE,
    positions: POSITIONS.map(({ name }) => name),
  });
  return orderedShow(
    entries,
    { positions: POSITIONS, crew },
    (id) => DEMOS.find((demo) => demo.id === id),
    () => `new-${++made}`,
  );
};

test('demonstrations and talks in their order, each as it is written', () => {
  const { slots, crew } = shown('1 Hello 1:30\n2 Foam (lively) × 2 @floor, Jo\n3 forks');
  expect(slots.map(({ demoId, methodId, talk }) => [talk?.title ?? demoId, methodId])).toEqual([
    ['Hello', null],
    ['foam', 'lively'],
    ['forks', 'm'],
  ]);
  expect(slots[0]?.talk?.time.likely).toBe(90);
  expect(slots[1]).toMatchObject({ goes: 2, positionId: 'floor', performerId: 'jo' });
  // At its usual position, by the first of the crew.
  expect(slots[2]).toMatchObject({ goes: 1, positionId: 'left', performerId: 'ines' });
  expect(crew).toEqual(['ines', 'jo']);
});

describe('positions', () => {
  test('one that the show lacks is made, once', () => {
    const { slots, positions } = shown('Foam @sink\nforks @Sink');
    expect(positions).toHaveLength(POSITIONS.length + 1);
    expect(positions.at(-1)?.name).toBe('Sink');
    expect(new Set(slots.map(({ positionId }) => positionId))).toEqual(
      new Set([positions.at(-1)?.id]),
    );
  });

  test('more than a show may have are not made: it stays where it usually is', () => {
    const { positions, slots } = shown(
      'forks @a\nforks @b\nforks @c\nforks @d\nforks @e\nforks @f',
    );
    expect(positions).toHaveLength(8);
    expect(slots.at(-1)?.positionId).toBe('left');
  });
});

test('what is still to be written is left out, and a crew of none has nobody', () => {
  const { slots } = shown('Potato gun 4:00\nforks', []);
  expect(slots).toMatchObject([{ demoId: 'forks', performerId: null }]);
});

test('one that is still to be written is a step as long as was said', () => {
  const [entry] = readOrder('Potato gun 4:00', { demos: [], people: [], positions: [] }).entries;
  if (!entry) throw new Error('nothing read');
  const demo = demoToWrite(entry, () => `new-${++made}`);
  expect(demo.name).toBe('Potato gun');
  expect(demo.methods[0]?.tasks).toMatchObject([
    { phase: 'perform', time: { likely: 240 }, hands: [{ role: 'performer', count: 1 }] },
  ]);
});

test('a length differs from the steps’ by more than a breath', () => {
  expect(differs({ seconds: 255 }, 270)).toBe(false);
  expect(differs({ seconds: 254 }, 270)).toBe(true);
  expect(differs({ seconds: null }, 270)).toBe(false);
});
