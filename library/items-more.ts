/** Things of the demonstrations that are in the repertoire and in no show of the season yet. */
import type { Item } from '../core/repertoire/item';
import { item, test } from './write';

export const MORE_ITEMS: Item[] = [
  item('thick-candle', 'Thick candle', 'equipment', {
    gramsEach: 320,
  }),
  item('stiff-bottle', 'Stiff plastic bottle with stopper, wide neck, 2 L', 'equipment', {
    ...test('no crack, no scratch, neck wider than a thumb', true),
    gramsEach: 120,
  }),
  item('waste-bottle', 'Waste bottle with stopper', 'equipment', { gramsEach: 140 }),
  item('dose-syringe', 'Measure for 2 mL', 'equipment', { gramsEach: 8 }),
  item('clear-screen', 'Clear stiff screen', 'equipment', {
    ...test('no crack; stands by itself', true),
    gramsEach: 3400,
  }),
  item('extinguisher', 'Carbon dioxide extinguisher, 2 kg', 'gear', {
    ...test('pin and seal in place, in date', true),
    gramsEach: 5200,
    testEvery: 365,
  }),
  item('snuffer', 'Candle snuffer', 'equipment', { gramsEach: 80 }),
  item('knife', 'Kitchen knife, in its sheath', 'equipment', { gramsEach: 120 }),
  item('sieve', 'Sieve', 'equipment', { gramsEach: 150 }),
  item('jug', 'Jug', 'equipment', { gramsEach: 300 }),
  item('funnel', 'Funnel', 'equipment', { gramsEach: 30 }),
  item('balloon-pump', 'Balloon pump', 'equipment', { gramsEach: 150 }),
  item('film-cloth', 'Strip of cloth', 'equipment', { gramsEach: 40 }),
  item('kettle', 'Kettle', 'equipment', { gramsEach: 1100, testEvery: 365 }),
  item('washing-soda', 'Washing soda', 'consumable', {
    unit: 'g',
    density: 0.9,
    label: { signal: 'warning', hazards: ['H319'], precautions: ['P264', 'P280'] },
  }),
  item('long-hose', 'Pump hose, six metres, with vent valve', 'equipment', {
    ...test('valve lets the air out with one finger', true),
    gramsEach: 600,
  }),
  item('race-magnet', 'Disc magnet, small, alike', 'equipment', {
    ...test('four alike, none chipped'),
    gramsEach: 18,
  }),
  item('race-stand', 'Stand for four sheets, with a lift bar', 'equipment', {
    gramsEach: 1900,
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
  }),
  item('long-lighter', 'Long lighter', 'equipment', { gramsEach: 60 }),
  item('stem-glass', 'Thick stem glass', 'equipment', { gramsEach: 280 }),
  item('red-cabbage', 'Red cabbage', 'consumable', {
    unit: 'g',
  }),
  item('vinegar', 'Vinegar 5 %', 'consumable', {
    unit: 'mL',
    density: 1.005,
    substance: 'aceticAcid',
    strength: { value: 5, kind: 'massPerVolume' },
  }),
  item('bicarbonate', 'Sodium hydrogencarbonate', 'consumable', {
    unit: 'g',
    density: 1.1,
    substance: 'hydrogencarbonate',
  }),
  item('balloon', 'Balloon', 'consumable', { gramsEach: 3 }),
  item('wide-bowl', 'Wide bowl', 'equipment', { gramsEach: 700 }),
  item('dry-ice', 'Dry ice', 'consumable', {
    unit: 'kg',
    cold: 'dryIce',
  }),
  item('stiff-card', 'Stiff card', 'consumable', { gramsEach: 4 }),
  item('filter-cone', 'Paper filter cone', 'consumable', {
    gramsEach: 2,
  }),
  item('step-stool', 'Step-stool', 'equipment', {
    ...test('stands firm, rubber feet on'),
    gramsEach: 2600,
  }),
  item('hair-dryer', 'Hair dryer with a cold setting', 'equipment', {
    ...test('runs cold; lead sound from end to end'),
    gramsEach: 700,
    testEvery: 365,
  }),
  item('light-ball', 'Light ball', 'equipment', { gramsEach: 3 }),
  item('launch-bottle', 'Drinks bottle made for fizz', 'consumable', {
    gramsEach: 45,
  }),
  item('slide-launcher', 'Launching slide with cord', 'equipment', {
    ...test('pin slides free; cord not frayed', true),
    gramsEach: 2100,
  }),
  item('rope-line', 'Rope and stakes for the line', 'equipment', { gramsEach: 3200 }),
  item('copper-sheet', 'Copper sheet', 'equipment', { gramsEach: 1600 }),
  item('aluminium-sheet', 'Aluminium sheet', 'equipment', { gramsEach: 490 }),
  item('brass-sheet', 'Brass sheet', 'equipment', { gramsEach: 1500 }),
  item('lead-sheet', 'Lead sheet, painted', 'equipment', { gramsEach: 2040 }),
  item('wool-cloth', 'Woollen cloth', 'equipment', { gramsEach: 90 }),
];
