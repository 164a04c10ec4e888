import type { Pack } from '../repertoire/item';
import { blankLot } from '../inventory/blank';
import type { Need, ShowNeeds } from '../inventory/types';
import type { Box, StockedLot } from '../inventory/types';

export const lot = (
  id: string,
  itemId: string,
  stock: number,
  over: Partial<StockedLot> = {},
): StockedLot => ({
  ...blankLot(id, itemId),
  stock,
  ...over,
});

export const pack = (
  id: string,
  amount: number,
  unit: Pack['unit'],
  price: number,
  leadDays = 0,
  over: Partial<Pack> = {},
): Pack => ({
  id,
  amount,
  unit,
  price,
  leadDays,
  supplier: '',
  keeps: null,
  hireDays: null,
  ...over,
});

export const box = (id: string, number: number, over: Partial<Box> = {}): Box => ({
  id,
  name: id,
  number,
  grams: null,
  note: '',
  ...over,
});

export const showNeeds = (
  showId: string,
  date: string,
  needs: (Partial<Need> & { itemId: string; base: number })[],
  over: Partial<ShowNeeds> = {},
): ShowNeeds => ({
  showId,
  title: showId,
  date,
  audience: 100,
  from: 36_000,
  until: 50_000,
  way: 0,
  venueId: null,
  needs: needs.map((need) => ({ perDay: 0, uses: 0, demos: [], instead: [], ...need })),
  unlike: [],
  swaps: [],
  ...over,
});
