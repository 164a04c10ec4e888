import type { Item } from '../core/repertoire/types';
import type { Box } from '../core/inventory/types';
import { item, pack, test } from './write';

/** Where the crew buys; all invented. */
const QUAY = 'Quay stores';
const CHANDLER = 'Harbour chandler';
const MAINLAND = 'Mainland laboratory supply';
const GAS = 'Gas works, Tarn Skerry';

export const BOXES: Box[] = [
  { id: 'box-air', name: 'Air and steam', number: 1, grams: 2100, note: '' },
  {
    id: 'box-wet',
    name: 'Wet bench',
    number: 2,
    grams: 2100,
    note: 'Upright; bottles in the rack',
  },
  { id: 'box-spark', name: 'Sparks and magnets', number: 3, grams: 2100, note: 'Keep dry' },
  { id: 'box-gear', name: 'Protective gear', number: 4, grams: 1400, note: 'Opened first' },
];

const air = { boxId: 'box-air' };
const wet = { boxId: 'box-wet' };
const spark = { boxId: 'box-spark' };
const gear = { boxId: 'box-gear' };

const EQUIPMENT: Item[] = [
  item('drum', 'Smoke-ring drum', 'equipment', {
    ...test('skin tight, no tears'),
    owned: 1,
    gramsEach: 5200,
  }),
  item('smoke-machine', 'Smoke machine', 'equipment', {
    ...test('first puff within five minutes of switching on'),
    ...air,
    owned: 1,
    gramsEach: 3400,
    testEvery: 365,
  }),
  item('copper-pipe', 'Copper pipe, thick wall', 'equipment', { ...spark, gramsEach: 1900 }),
  item('plastic-pipe', 'Plastic pipe, same bore', 'equipment', { ...spark, gramsEach: 240 }),
  item('magnet', 'Disc magnet', 'equipment', {
    ...test('not chipped; falls freely through the plastic pipe'),
    ...spark,
    owned: 1,
    gramsEach: 60,
  }),
  item('steel-slug', 'Steel slug, same size', 'equipment', { ...spark, gramsEach: 62 }),
  item('tray', 'Deep tray', 'equipment', {
    ...wet,
    owned: 2,
    gramsEach: 480,
    packs: [pack(1, 'piece', 850, 2, QUAY)],
  }),
  item('measuring-cup', 'Measuring cup', 'equipment', {
    boxId: 'box-wet',
    gramsEach: 60,
    owned: 3,
  }),
  item('cylinder', 'Tall measuring cylinder', 'equipment', {
    ...test('no cracks at the foot'),
    ...wet,
    owned: 3,
    gramsEach: 650,
    packs: [pack(1, 'piece', 1890, 6, MAINLAND)],
  }),
  item('narrow-bottle', 'Narrow-necked bottle', 'equipment', { ...wet, gramsEach: 310 }),
  item('stool', 'Turning stool', 'equipment', {
    ...test('turns freely and does not tip', true),
    owned: 1,
    gramsEach: 7800,
  }),
  item('dumb-bells', 'Soft dumb-bells', 'equipment', { ...air, gramsEach: 1000 }),
  item('dome', 'Static dome', 'equipment', {
    ...test('spark to the earth rod at a finger’s width', true),
    owned: 1,
    gramsEach: 6100,
    testEvery: 180,
  }),
  item('earth-rod', 'Earth rod and lead', 'equipment', {
    ...test('lead sound from end to end', true),
    ...spark,
    owned: 1,
    gramsEach: 700,
    testEvery: 180,
  }),
  item('plastic-crate', 'Dry plastic crate', 'equipment', { gramsEach: 1500 }),
  item('hot-plate', 'Hot plate', 'equipment', {
    ...test('warms in two minutes'),
    ...air,
    owned: 1,
    gramsEach: 1700,
    testEvery: 365,
  }),
  item('cold-bowl', 'Bowl for cold water', 'equipment', { ...air, gramsEach: 400 }),
  item('long-tongs', 'Long tongs', 'equipment', {
    ...test('close at the tips'),
    ...gear,
    owned: 2,
    gramsEach: 210,
  }),
  item('lamp', 'Hand lamp', 'equipment', {
    ...test('full beam'),
    ...air,
    owned: 1,
    gramsEach: 240,
  }),
  item('match-cup', 'Cup of water for matches', 'equipment', { ...air, gramsEach: 60 }),
  item('drop-mat', 'Soft mat to drop on', 'equipment', { ...spark, gramsEach: 300 }),
  item('cable-tape', 'Cable tape and ramp', 'equipment', { gramsEach: 900, owned: 2 }),
  item('fire-blanket', 'Fire blanket', 'gear', {
    ...test('in its case, tapes hanging out, in date', true),
    ...gear,
    gramsEach: 900,
    owned: 1,
    testEvery: 365,
  }),
  item('tongs', 'Tongs', 'equipment', {
    ...test('grip the can upside down'),
    ...air,
    owned: 2,
    gramsEach: 180,
  }),
  item('cold-flask', 'Vented cold flask', 'equipment', {
    ...test('lid sits loose and the vent is clear', true),
    lid: 'loose',
    gramsEach: 900,
    material: 'stainless',
    holds: 2000,
    boilsOff: 90,
    owned: 1,
  }),
  item('travel-flask', 'Vented travel vessel', 'equipment', {
    ...test('neck plug lifts by itself', true),
    lid: 'loose',
    gramsEach: 4600,
    material: 'aluminium',
    holds: 10_000,
    boilsOff: 35,
    owned: 1,
    note: 'Upright, strapped, never in the cabin with people.',
  }),
  item('forks', 'Pair of forks', 'equipment', { ...air, unit: 'pair', gramsEach: 90 }),
  item('tumbler', 'Heavy glass tumbler', 'equipment', { ...air, gramsEach: 340 }),
  item('cloud-bottle', 'Clear pressure bottle', 'equipment', {
    ...test('no scratches; stopper seats by hand', true),
    ...air,
    gramsEach: 150,
  }),
  item('foot-pump', 'Foot pump with gauge', 'equipment', {
    ...test('gauge at rest reads next to nothing'),
    testMeasures: { unit: 'kPa', least: 0, most: 5 },
    ...air,
    gramsEach: 1300,
  }),
];

const CONSUMABLES: Item[] = [
  item('smoke-fluid', 'Smoke fluid', 'consumable', {
    ...air,
    unit: 'mL',
    density: 1.04,
    packs: [pack(1, 'L', 1450, 3, CHANDLER), pack(5, 'L', 4990, 7, MAINLAND)],
  }),
  item('paper-cups', 'Paper cups', 'consumable', {
    ...air,
    gramsEach: 6,
    packs: [pack(25, 'piece', 220, 1, QUAY), pack(100, 'piece', 690, 1, QUAY)],
  }),
  item('peroxide-3', 'Hydrogen peroxide 3 %', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 1.01,
    waste: 5,
    substance: 'peroxide',
    strength: { value: 3, kind: 'massPerVolume' },
    keepsOpen: 90,
    packs: [pack(200, 'mL', 260, 1, QUAY), pack(1, 'L', 690, 4, MAINLAND)],
  }),
  item('peroxide-9', 'Hydrogen peroxide 9 %', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 1.03,
    waste: 5,
    substance: 'peroxide',
    strength: { value: 9, kind: 'massPerVolume' },
    keepsOpen: 60,
    label: {
      signal: 'danger',
      hazards: ['H302', 'H318'],
      precautions: ['P102', 'P264', 'P280', 'P501'],
    },
    packs: [pack(250, 'mL', 540, 4, MAINLAND), pack(1, 'L', 1480, 4, MAINLAND)],
  }),
  item('yeast', 'Dried yeast', 'consumable', {
    ...wet,
    unit: 'g',
    density: 0.6,
    keepsOpen: 120,
    packs: [pack(56, 'g', 190, 1, QUAY), pack(500, 'g', 720, 3, CHANDLER)],
  }),
  item('iodide', 'Potassium iodide', 'consumable', {
    ...wet,
    unit: 'g',
    label: { signal: 'danger', hazards: ['H372'], precautions: ['P260', 'P270'] },
    packs: [pack(25, 'g', 1290, 5, MAINLAND), pack(100, 'g', 3900, 5, MAINLAND)],
  }),
  item('detergent', 'Washing-up liquid', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 1.03,
    packs: [pack(500, 'mL', 180, 1, QUAY)],
  }),
  item('colour', 'Food colour', 'consumable', {
    ...wet,
    unit: 'mL',
    density: 1.05,
    packs: [pack(38, 'mL', 240, 1, QUAY)],
  }),
  item('warm-water', 'Warm water', 'consumable', { unit: 'mL', density: 1, atVenue: true }),
  item('towels', 'Drying towels', 'consumable', {
    ...wet,
    gramsEach: 120,
    packs: [pack(10, 'piece', 450, 1, QUAY)],
  }),
  item('foil-dishes', 'Foil dishes', 'consumable', {
    ...spark,
    gramsEach: 4,
    packs: [pack(24, 'piece', 310, 1, QUAY)],
  }),
  item('drink-can', 'Empty drinks can', 'consumable', {
    ...air,
    gramsEach: 14,
    packs: [pack(1, 'piece', 0, 2, 'Kept by the ferry café')],
  }),
  item('ice', 'Ice', 'consumable', { unit: 'g', atVenue: true }),
  item('tap-water', 'Tap water', 'consumable', { unit: 'mL', density: 1, atVenue: true }),
  item('matches', 'Long matches', 'consumable', {
    ...air,
    gramsEach: 3,
    packs: [pack(40, 'piece', 190, 1, QUAY)],
  }),
  item('nitrogen', 'Liquid nitrogen', 'consumable', {
    unit: 'L',
    density: 0.806,
    cold: 'nitrogen',
    label: {
      signal: 'warning',
      hazards: ['H281'],
      precautions: ['P282', 'P336', 'P403'],
    },
    packs: [pack(1, 'L', 380, 2, GAS), pack(5, 'L', 1600, 2, GAS)],
  }),
  item('flower', 'Cut flower', 'consumable', {
    gramsEach: 15,
    material: 'watery',
    packs: [pack(1, 'piece', 120, 0, QUAY), pack(10, 'piece', 780, 0, QUAY)],
  }),
  item('sticks', 'Wooden sticks', 'consumable', {
    ...air,
    gramsEach: 1,
    packs: [pack(100, 'piece', 150, 1, QUAY)],
  }),
];

const GEAR: Item[] = [
  item('goggles', 'Goggles', 'gear', {
    ...gear,
    gramsEach: 70,
    packs: [pack(1, 'piece', 490, 3, CHANDLER)],
  }),
  item('gloves', 'Splash gloves', 'gear', { ...gear, unit: 'pair', gramsEach: 60 }),
  item('cold-gloves', 'Loose insulated gloves', 'gear', {
    ...test('dry inside', true),
    ...gear,
    unit: 'pair',
    gramsEach: 260,
  }),
  item('face-shield', 'Face shield', 'gear', { ...gear, gramsEach: 190 }),
  item('ear-muffs', 'Ear muffs', 'gear', { ...gear, gramsEach: 210 }),
];

export const ITEMS: Item[] = [...EQUIPMENT, ...CONSUMABLES, ...GEAR];
