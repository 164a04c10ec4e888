import { describe, expect, test } from '@jest/globals';
import type { StockedLot } from '../inventory/types';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { heaviest, mindedKit } from './foremost';
import { type KitEntry, kitList } from './kit';
import { packingOf } from './packing';
import type { StockView } from './stockWords';

const DAY = '2027-05-30';
const pack = (keeps: number | null) => ({
  ...{ id: 'p', amount: 1, unit: 'piece' as const, price: 100, leadDays: 1, supplier: '' },
  ...{ keeps, hireDays: null },
});
const items = [
  item('flower', 'consumable', { packs: [pack(3)] }),
  item('acid', 'consumable', {
    unit: 'mL',
    label: { signal: 'danger', hazards: ['H314'], precautions: [] },
  }),
  item('peroxide', 'consumable', {
    unit: 'mL',
    keepsOpen: 60,
    label: { signal: 'warning', hazards: ['H319'], precautions: [] },
  }),
  item('soap', 'consumable', { unit: 'mL' }),
  item('dome', 'equipment', { gramsEach: 6100 }),
  item('stool', 'equipment', { gramsEach: 7800 }),
  item('cup', 'equipment', { gramsEach: 100, boxId: 'box' }),
];
const lot = (id: string, itemId: string, stock: number, expiry: string | null): StockedLot => ({
  ...{ id, itemId, stock, expiry, place: '', opened: null, state: 'good' as const },
  ...{ lastTest: null, note: '' },
});
const show = bundle(
  [
    {
      id: 'a',
      tasks: [task('p', 'perform', 60)],
      over: {
        kit: [
          line('cup', 3, 'piece'),
          line('soap', 30, 'mL'),
          line('acid', 20, 'mL'),
          line('peroxide', 190, 'mL'),
          line('flower', 2, 'piece'),
          line('dome', 1, 'piece'),
          line('stool', 1, 'piece'),
        ],
      },
    },
  ],
  items,
);
const entries = kitList(show, timelineOf(show));
const minded = (
  lots: StockedLot[],
  levelOf: (entry: KitEntry) => StockView['level'] = () => 'there',
) => mindedKit(entries, levelOf, { items, lots, day: DAY });
const named = (lots: StockedLot[], levelOf?: (entry: KitEntry) => StockView['level']) =>
  minded(lots, levelOf).flatMap(({ entry, mind }) =>
    mind === 'rest' ? [] : [`${mind} ${entry.itemId}`],
  );

describe('what is to be minded', () => {
  test('what is short before what spoils before what can hurt, each once', () => {
    const lots = [lot('l', 'peroxide', 500, '2027-06-10')];
    expect(named(lots).sort()).toEqual(['dangerous acid', 'first flower', 'first peroxide']);
    expect(named(lots, ({ itemId }) => (itemId === 'acid' ? 'short' : 'there')).sort()).toEqual([
      'first flower',
      'first peroxide',
      'short acid',
    ]);
  });

  test('how much comes out of which lot, the one that spoils first before the others', () => {
    const found = minded([
      lot('late', 'peroxide', 500, '2028-01-01'),
      lot('gone', 'peroxide', 500, '2027-05-01'),
      lot('soon', 'peroxide', 150, '2027-06-02'),
    ]).find(({ entry }) => entry.itemId === 'peroxide');
    expect(found).toMatchObject({
      mind: 'first',
      lots: [
        { text: '150 mL', last: '2027-06-02' },
        { text: '40 mL', last: '2028-01-01' },
      ],
    });
  });

  test('what keeps for long is no more than what it is; what keeps for days is fetched fresh', () => {
    const found = minded([lot('late', 'peroxide', 500, '2028-01-01')]);
    expect(found.find(({ entry }) => entry.itemId === 'peroxide')?.mind).toBe('dangerous');
    expect(found.find(({ entry }) => entry.itemId === 'flower')).toMatchObject({
      keeps: 3,
      lots: [],
    });
    expect(found.find(({ entry }) => entry.itemId === 'soap')?.mind).toBe('rest');
  });
});

test('what is heavy: boxes with all that is in them, and things in none', () => {
  const box = { id: 'box', number: 1, name: 'Cups', grams: 4800, note: '' };
  expect(
    heaviest(packingOf(entries, items, [box])).map(({ name, grams }) => [name, grams]),
  ).toEqual([
    ['stool', 7800],
    ['dome', 6100],
    ['Cups', 5100],
  ]);
});
