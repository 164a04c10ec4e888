import { expect, test } from '@jest/globals';
import { blankItem } from '../repertoire/blank';
import type { ItemKind } from '../repertoire/item';
import type { UnitId } from '../units/units';
import { tourKit } from './tourKit';
import type { Need, ShowNeeds } from '../inventory/types';

const item = (id: string, kind: ItemKind, unit: UnitId) => ({ ...blankItem(id, id, kind), unit });
const ITEMS = new Map(
  [
    item('tray', 'equipment', 'piece'),
    item('goggles', 'gear', 'piece'),
    item('yeast', 'consumable', 'g'),
  ].map((one) => [one.id, one]),
);

const need = (itemId: string, base: number, perDay = 0): Need => ({
  itemId,
  base,
  perDay,
  uses: 0,
  demos: [],
  instead: [],
});
const show = (id: string, date: string, from: number, until: number, needs: Need[]): ShowNeeds => ({
  showId: id,
  title: id,
  date,
  audience: 50,
  from: from * 3600,
  until: until * 3600,
  way: 0,
  venueId: null,
  needs,
  unlike: [],
  swaps: [],
});
const carried = (...shows: ShowNeeds[]) =>
  Object.fromEntries(tourKit(shows, ITEMS).map((line) => [line.itemId, line.carried]));

test('what is used up adds up, what is used goes along once', () => {
  expect(
    carried(
      show('a', '2026-06-01', 12, 15, [need('tray', 1), need('yeast', 0.02), need('goggles', 3)]),
      show('b', '2026-06-02', 12, 15, [need('tray', 2), need('yeast', 0.03)]),
      show('c', '2026-06-04', 12, 15, [need('goggles', 2)]),
    ),
  ).toEqual({ tray: 2, goggles: 3, yeast: 0.05 });
});

test('two at once on one day need two sets; one after the other one', () => {
  const tray = [need('tray', 1)];
  const first = show('a', '2026-06-01', 10, 13, tray);
  expect(carried(first, show('b', '2026-06-01', 12, 15, tray))).toEqual({ tray: 2 });
  expect(carried(first, show('b', '2026-06-01', 13, 15, tray))).toEqual({ tray: 1 });
});

test('what all shows of a day share is taken once a day', () => {
  const of = (id: string, date: string) => show(id, date, 10, 11, [need('yeast', 0.5, 0.2)]);
  expect(carried(of('a', '2026-06-01'), of('b', '2026-06-01'), of('c', '2026-06-02'))).toEqual({
    yeast: 1.5 - 0.2,
  });
});

test('each show has its own column, what is used up stands last, what is gone is left out', () => {
  const lines = tourKit(
    [
      show('a', '2026-06-01', 1, 2, [need('yeast', 1), need('gone', 1)]),
      show('b', '2026-06-02', 1, 2, [need('goggles', 2)]),
    ],
    ITEMS,
  );
  expect(lines.map(({ itemId, perShow }) => [itemId, perShow])).toEqual([
    ['goggles', [0, 2]],
    ['yeast', [1, 0]],
  ]);
  expect(tourKit([], ITEMS)).toEqual([]);
});
