import { expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { box } from '../testing/inventory';
import { kitList } from './kit';
import { packingOf, partsOfKey, standsUpright } from './packing';

const watch = [task('p', 'perform', 60)];
const items = [
  item('drum', 'equipment', { boxId: 'big', gramsEach: 2000, functionTest: 'skin tight' }),
  item('salt', 'consumable', { boxId: 'big' }),
  item('dome', 'equipment', { boxId: 'small', gramsEach: 900 }),
  item('rod', 'equipment', { boxId: 'small', gramsEach: 100 }),
  item('soap', 'consumable', { boxId: 'small', density: 1.05 }),
  item('flag', 'equipment', { boxId: 'gone' }),
  item('water', 'consumable', { atVenue: true }),
];
const from = bundle(
  [
    { id: 'a', tasks: watch, over: { kit: [line('drum', 1, 'piece'), line('flag', 1, 'piece')] } },
    { id: 'b', tasks: watch, over: { kit: [line('salt', 50, 'g'), line('rod', 1, 'piece')] } },
    {
      id: 'c',
      tasks: watch,
      over: { kit: [line('dome', 1, 'piece'), line('soap', 1, 'L'), line('water', 1, 'L')] },
    },
  ],
  items,
);
const boxes = [box('big', 1, { grams: 1500 }), box('small', 2)];
const packed = packingOf(kitList(from, timelineOf(from)), items, boxes);

test('the box that is set up first is loaded last; what has no box goes by hand at the end', () => {
  expect(packed.map((p) => p.box?.id ?? null)).toEqual(['small', 'big', null]);
  expect(packed[2]?.lines.map((l) => l.entry.name)).toEqual(['flag']);
});

test('within a box bottles stand on its floor, and the last needed lies at the bottom', () => {
  expect(packed[0]?.lines.map((l) => l.entry.name)).toEqual(['soap', 'dome', 'rod']);
  expect(packed[0]?.lines.map(standsUpright)).toEqual([true, false, false]);
});

test('heavy things lie at the bottom whenever they are needed, and nothing on what is fragile', () => {
  const others = items.map((one) =>
    one.id === 'rod'
      ? { ...one, gramsEach: 4000 }
      : one.id === 'dome'
        ? { ...one, stows: ['onTop' as const] }
        : one,
  );
  const again = packingOf(kitList({ ...from, items: others }, timelineOf(from)), others, boxes);
  expect(again[0]?.lines.map((l) => l.entry.name)).toEqual(['rod', 'soap', 'dome']);
});

test('a key tells its item and kind, whatever the item is called', () => {
  expect(partsOfKey('a.b.volume')).toEqual({ itemId: 'a.b', dimension: 'volume' });
  expect(partsOfKey('drum.colour')).toEqual({ itemId: 'drum', dimension: null });
});

test('weights add up, the box’s own too; what nobody has weighed is counted', () => {
  expect(packed[1]).toMatchObject({ grams: 2000 + 1500 + 50, unweighed: 0 });
  expect(packed[0]).toMatchObject({ grams: 900 + 1050 + 100, unweighed: 1 });
});

test('what the venue has is not packed', () => {
  expect(packed.flatMap((p) => p.lines).some((l) => l.item.id === 'water')).toBe(false);
});
