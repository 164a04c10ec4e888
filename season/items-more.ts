/** Things of the demonstrations that are in the repertoire and in no show of the season yet. */
import type { Item } from '../core/repertoire/types';
import { item, pack, test } from './write';

const QUAY = 'Quay stores';
const MAINLAND = 'Mainland laboratory supply';

const air = { boxId: 'box-air' };
const wet = { boxId: 'box-wet' };
const spark = { boxId: 'box-spark' };

const bought = (amount: number, price: number, days: number, supplier = QUAY): Partial<Item> => ({
  packs: [pack(amount, 'piece', price, days, supplier)],
});

export const MORE_ITEMS: Item[] = [
  item('thick-candle', 'Thick candle', 'equipment', {
    ...air,
    gramsEach: 320,
    ...bought(1, 280, 2),
  }),
  item('stiff-bottle', 'Stiff plastic bottle with stopper, wide neck, 2 L', 'equipment', {
    ...test('no crack, no scratch, neck wider than a thumb', true),
    ...air,
    gramsEach: 120,
    owned: 3,
  }),
  item('waste-bottle', 'Waste bottle with stopper', 'equipment', { gramsEach: 140, owned: 1 }),
  item('dose-syringe', 'Measure for 2 mL', 'equipment', { ...wet, gramsEach: 8, owned: 2 }),
  item('clear-screen', 'Clear stiff screen', 'equipment', {
    ...test('no crack; stands by itself', true),
    gramsEach: 3400,
    owned: 1,
  }),
  item('extinguisher', 'Carbon dioxide extinguisher, 2 kg', 'gear', {
    boxId: 'box-gear',
    ...test('pin and seal in place, in date', true),
    gramsEach: 5200,
    owned: 1,
    testEvery: 365,
  }),
  item('snuffer', 'Candle snuffer', 'equipment', { ...air, gramsEach: 80, owned: 1 }),
  item('knife', 'Kitchen knife, in its sheath', 'equipment', { ...wet, gramsEach: 120, owned: 1 }),
  item('sieve', 'Sieve', 'equipment', { ...wet, gramsEach: 150, owned: 1 }),
  item('jug', 'Jug', 'equipment', { ...wet, gramsEach: 300, owned: 1 }),
  item('funnel', 'Funnel', 'equipment', { ...wet, gramsEach: 30, owned: 1 }),
  item('balloon-pump', 'Balloon pump', 'equipment', { ...air, gramsEach: 150, owned: 1 }),
  item('film-cloth', 'Strip of cloth', 'equipment', { ...wet, gramsEach: 40, owned: 2 }),
  item('kettle', 'Kettle', 'equipment', { gramsEach: 1100, owned: 1, testEvery: 365 }),
  item('washing-soda', 'Washing soda', 'consumable', {
    ...wet,
    unit: 'g',
    density: 0.9,
    label: { signal: 'warning', hazards: ['H319'], precautions: ['P264', 'P280'] },
    packs: [pack(500, 'g', 160, 1, QUAY)],
  }),
  item('long-hose', 'Pump hose, six metres, with vent valve', 'equipment', {
    ...test('valve lets the air out with one finger', true),
    gramsEach: 600,
    owned: 1,
  }),
  item('race-magnet', 'Disc magnet, small, alike', 'equipment', {
    ...test('four alike, none chipped'),
    ...spark,
    owned: 4,
    gramsEach: 18,
  }),
  item('race-stand', 'Stand for four sheets, with a lift bar', 'equipment', {
    ...spark,
    gramsEach: 1900,
    owned: 1,
  }),
  // By itself, away from what feeds fire.
  item('propan2ol', 'Propan-2-ol', 'consumable', {
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
    owned: 2,
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
