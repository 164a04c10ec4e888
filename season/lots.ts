/** What lies on the shelves of the demo season. */
import type { StockedLot } from '../core/inventory/types';
import { dayAfter } from '../core/time/days';

type Dated = 'expiry' | 'opened' | 'lastTest';
type Days = Partial<Record<Dated, number>>;

/** Base units; days count from today. */
const SHELF: [
  id: string,
  itemId: string,
  stock: number,
  place: string,
  days: Days,
  more?: Partial<StockedLot>,
][] = [
  ['smoke-fluid-1', 'smoke-fluid', 640, 'Shelf A', { opened: -40 }],
  ['cups-1', 'paper-cups', 30, 'Shelf A', {}],
  ['peroxide-3-old', 'peroxide-3', 150, 'Fridge', { expiry: 3, opened: -20 }],
  ['peroxide-3-new', 'peroxide-3', 200, 'Fridge', { expiry: 210 }],
  ['peroxide-9-1', 'peroxide-9', 500, 'Locked cupboard', { expiry: 160, opened: -12 }],
  ['yeast-1', 'yeast', 70, 'Shelf B', { expiry: 95, opened: -30 }],
  ['iodide-1', 'iodide', 21, 'Locked cupboard', { expiry: 700 }],
  ['detergent-1', 'detergent', 420, 'Shelf B', {}],
  ['colour-1', 'colour', 16, 'Shelf B', {}],
  ['towels-1', 'towels', 26, 'Shelf B', {}],
  ['foil-1', 'foil-dishes', 20, 'Shelf C', {}],
  ['cans-1', 'drink-can', 10, 'Shelf A', {}],
  ['flowers-1', 'flower', 5, 'Bucket by the back door', { expiry: 2 }],
  ['matches-1', 'matches', 34, 'Shelf A', {}],
  ['sticks-1', 'sticks', 60, 'Shelf A', {}],
  ['smoke-machine-1', 'smoke-machine', 1, 'Shelf A', { lastTest: -300 }],
  [
    'dome-1',
    'dome',
    1,
    'Dry cupboard',
    { lastTest: -200 },
    { state: 'attention', note: 'Belt squeaks' },
  ],
  ['earth-rod-1', 'earth-rod', 1, 'Dry cupboard', { lastTest: -60 }],
  ['hot-plate-1', 'hot-plate', 1, 'Shelf A', { lastTest: -90 }],
  ['cylinder-1', 'cylinder', 3, 'Shelf B', {}],
  ['cylinder-2', 'cylinder', 1, 'Shelf B', {}, { state: 'out', note: 'Chip at the foot' }],
  ['tongs-1', 'tongs', 2, 'Shelf A', {}],
  ['goggles-1', 'goggles', 6, 'Gear rail', {}],
];

export const lotsFor = (today: string, itemIds: ReadonlySet<string>): StockedLot[] =>
  SHELF.filter(([, itemId]) => itemIds.has(itemId)).map(
    ([id, itemId, stock, place, days, more]): StockedLot => {
      const day = (name: Dated): string | null =>
        days[name] === undefined ? null : dayAfter(today, days[name]);
      return {
        id,
        itemId,
        stock,
        place,
        expiry: day('expiry'),
        opened: day('opened'),
        state: 'good',
        lastTest: day('lastTest'),
        note: '',
        ...more,
      };
    },
  );
