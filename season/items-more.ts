/** Things of the demonstrations that are in the repertoire and in no show of the season yet. */
import type { Item } from '../core/repertoire/types';
import { item, pack, test } from './write';

const QUAY = 'Quay stores';
const MAINLAND = 'Mainland laboratory supply';

const air = { boxId: 'box-air' };
const wet = { boxId: 'box-wet' };
const spark = { boxId: 'box-spark' };
const gear = { boxId: 'box-gear' };

const bought = (amount: number, price: number, days: number, supplier = QUAY): Partial<Item> => ({
  packs: [pack(amount, 'piece', price, days, supplier)],
});

export const MORE_ITEMS: Item[] = [
  item('thick-candle', 'Thick candle', 'equipment', {
    ...air,
    gramsEach: 320,
    ...bought(1, 280, 2),
  }),
  item('matches', 'Long matches', 'consumable', { ...air, gramsEach: 3, ...bought(40, 190, 1) }),
  item('fire-blanket', 'Fire blanket', 'gear', {
    ...test('in its case, tapes hanging out, in date', true),
    ...gear,
    gramsEach: 900,
    owned: 1,
    testEvery: 365,
  }),
  item('stiff-bottle', 'Stiff wide-necked bottle, 2 L', 'equipment', {
    ...test('no crack, no scratch, neck wider than a thumb', true),
    ...air,
    gramsEach: 120,
    owned: 2,
  }),
  item('propan2ol', 'Propan-2-ol', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 0.7855,
    substance: 'propan2ol',
    label: {
      signal: 'danger',
      hazards: ['H225', 'H319', 'H336'],
      precautions: ['P210', 'P233', 'P403'],
    },
    packs: [pack(100, 'mL', 320, 4, MAINLAND), pack(1, 'L', 980, 4, MAINLAND)],
  }),
  item('long-lighter', 'Long lighter', 'equipment', { ...air, gramsEach: 60, owned: 1 }),
  item('stem-glass', 'Thick stem glass', 'equipment', { ...air, gramsEach: 280, owned: 6 }),
  item('tap-water', 'Tap water', 'consumable', { unit: 'mL', density: 1, atVenue: true }),
  item('red-cabbage', 'Red cabbage', 'consumable', {
    unit: 'g',
    packs: [pack(1, 'kg', 260, 1, QUAY)],
  }),
  item('vinegar', 'Vinegar 5 %', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 1.005,
    substance: 'aceticAcid',
    strength: { value: 5, kind: 'massPerVolume' },
    packs: [pack(500, 'mL', 120, 1, QUAY)],
  }),
  item('bicarbonate', 'Sodium hydrogencarbonate', 'consumable', {
    ...wet,
    unit: 'g',
    density: 1.1,
    substance: 'hydrogencarbonate',
    packs: [pack(200, 'g', 150, 1, QUAY)],
  }),
  item('balloon', 'Balloon', 'consumable', { ...spark, gramsEach: 3, ...bought(25, 240, 1) }),
  item('wide-bowl', 'Wide bowl', 'equipment', { ...wet, gramsEach: 700, owned: 1 }),
  item('dry-ice', 'Dry ice', 'consumable', {
    unit: 'kg',
    cold: 'dryIce',
    packs: [pack(1, 'kg', 600, 2, MAINLAND), pack(5, 'kg', 2400, 2, MAINLAND)],
  }),
  item('stiff-card', 'Stiff card', 'consumable', { ...air, gramsEach: 4, ...bought(50, 180, 1) }),
  item('filter-cone', 'Paper filter cone', 'consumable', {
    ...air,
    gramsEach: 2,
    ...bought(100, 210, 1),
  }),
  item('step-stool', 'Step-stool', 'equipment', {
    ...test('stands firm, rubber feet on'),
    gramsEach: 2600,
    owned: 1,
  }),
  item('hair-dryer', 'Hair dryer with a cold setting', 'equipment', {
    ...test('runs cold; lead sound from end to end'),
    ...air,
    gramsEach: 700,
    owned: 1,
    testEvery: 365,
  }),
  item('light-ball', 'Light ball', 'equipment', { ...air, gramsEach: 3, owned: 3 }),
  item('launch-bottle', 'Drinks bottle made for fizz', 'consumable', {
    ...air,
    gramsEach: 45,
    ...bought(1, 0, 1),
  }),
  item('slide-launcher', 'Launching slide with cord', 'equipment', {
    ...test('pin slides free; cord not frayed', true),
    gramsEach: 2100,
    owned: 1,
  }),
  item('rope-line', 'Rope and stakes for the line', 'equipment', { gramsEach: 3200, owned: 1 }),
  item('copper-sheet', 'Copper sheet', 'equipment', { ...spark, gramsEach: 1600, owned: 1 }),
  item('aluminium-sheet', 'Aluminium sheet', 'equipment', { ...spark, gramsEach: 490, owned: 1 }),
  item('brass-sheet', 'Brass sheet', 'equipment', { ...spark, gramsEach: 1500, owned: 1 }),
  item('lead-sheet', 'Lead sheet, painted', 'equipment', { ...spark, gramsEach: 2040, owned: 1 }),
  item('wool-cloth', 'Woollen cloth', 'equipment', { ...spark, gramsEach: 90 }),
];
