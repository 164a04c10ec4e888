import type { Item } from '../core/repertoire/item';
import { item, test } from './write';

const EQUIPMENT: Item[] = [
  item('drum', 'Smoke-ring drum', 'equipment', {
    ...test('skin tight, no tears'),
    gramsEach: 5200,
  }),
  item('smoke-machine', 'Smoke machine', 'equipment', {
    ...test('first puff within five minutes of switching on'),
    gramsEach: 3400,
    testEvery: 365,
  }),
  item('copper-pipe', 'Copper pipe, thick wall', 'equipment', { outline: 'long', gramsEach: 1900 }),
  item('plastic-pipe', 'Plastic pipe, same bore', 'equipment', { outline: 'long', gramsEach: 240 }),
  item('magnet', 'Disc magnet', 'equipment', {
    outline: 'round',
    ...test('not chipped; falls freely through the plastic pipe'),
    gramsEach: 60,
  }),
  item('steel-slug', 'Steel slug, same size', 'equipment', { outline: 'round', gramsEach: 62 }),
  item('tray', 'Deep tray', 'equipment', { outline: 'flat', gramsEach: 480 }),
  item('measuring-cup', 'Measuring cup', 'equipment', { outline: 'round', gramsEach: 60 }),
  item('cylinder', 'Tall measuring cylinder', 'equipment', {
    outline: 'round',
    ...test('no cracks at the foot'),
    gramsEach: 650,
  }),
  item('narrow-bottle', 'Narrow-necked bottle', 'equipment', { outline: 'bottle', gramsEach: 310 }),
  item('stool', 'Turning stool', 'equipment', {
    ...test('turns freely and does not tip', true),
    gramsEach: 7800,
  }),
  item('dumb-bells', 'Soft dumb-bells', 'equipment', { gramsEach: 1000 }),
  item('dome', 'Static dome', 'equipment', {
    ...test('spark to the earth rod at a finger’s width', true),
    gramsEach: 6100,
    testEvery: 180,
  }),
  item('earth-rod', 'Earth rod and lead', 'equipment', {
    outline: 'cord',
    ...test('lead sound from end to end', true),
    gramsEach: 700,
    testEvery: 180,
  }),
  item('plastic-crate', 'Dry plastic crate', 'equipment', { gramsEach: 1500 }),
  item('hot-plate', 'Hot plate', 'equipment', {
    outline: 'block',
    ...test('warms in two minutes'),
    gramsEach: 1700,
    testEvery: 365,
  }),
  item('cold-bowl', 'Bowl for cold water', 'equipment', { outline: 'round', gramsEach: 400 }),
  item('long-tongs', 'Long tongs', 'equipment', {
    outline: 'long',
    ...test('close at the tips'),
    gramsEach: 210,
  }),
  item('lamp', 'Hand lamp', 'equipment', {
    outline: 'round',
    ...test('full beam'),
    gramsEach: 240,
  }),
  item('match-cup', 'Cup of water for matches', 'equipment', { outline: 'round', gramsEach: 60 }),
  item('drop-mat', 'Soft mat to drop on', 'equipment', { outline: 'flat', gramsEach: 300 }),
  item('cable-tape', 'Cable tape and ramp', 'equipment', { outline: 'cord', gramsEach: 900 }),
  item('fire-blanket', 'Fire blanket', 'gear', {
    outline: 'flat',
    ...test('in its case, tapes hanging out, in date', true),
    gramsEach: 900,
    testEvery: 365,
  }),
  item('tongs', 'Tongs', 'equipment', {
    outline: 'long',
    ...test('grip the can upside down'),
    gramsEach: 180,
  }),
  item('cold-flask', 'Vented cold flask', 'equipment', {
    ...test('lid sits loose and the vent is clear', true),
    lid: 'loose',
    gramsEach: 900,
    material: 'stainless',
    holds: 2000,
    boilsOff: 90,
  }),
  item('travel-flask', 'Vented travel vessel', 'equipment', {
    stows: ['upright'],
    ...test('neck plug lifts by itself', true),
    lid: 'loose',
    gramsEach: 4600,
    material: 'aluminium',
    holds: 10_000,
    boilsOff: 35,
    note: 'Upright, strapped, never in the cabin with people.',
  }),
  item('forks', 'Pair of forks', 'equipment', { outline: 'long', unit: 'pair', gramsEach: 90 }),
  item('tumbler', 'Heavy glass tumbler', 'equipment', {
    stows: ['onTop'],
    outline: 'round',
    gramsEach: 340,
  }),
  item('cloud-bottle', 'Clear pressure bottle', 'equipment', {
    outline: 'bottle',
    ...test('no scratches; stopper seats by hand', true),
    gramsEach: 150,
  }),
  item('foot-pump', 'Foot pump with gauge', 'equipment', {
    ...test('gauge at rest reads next to nothing'),
    testMeasures: { unit: 'kPa', least: 0, most: 5 },
    gramsEach: 1300,
  }),
];

const CONSUMABLES: Item[] = [
  item('smoke-fluid', 'Smoke fluid', 'consumable', {
    unit: 'mL',
    density: 1.04,
  }),
  item('paper-cups', 'Paper cups', 'consumable', { outline: 'round', gramsEach: 6 }),
  item('peroxide-3', 'Hydrogen peroxide 3 %', 'consumable', {
    unit: 'mL',
    density: 1.01,
    waste: 5,
    substance: 'peroxide',
    strength: { value: 3, kind: 'massPerVolume' },
    keepsOpen: 90,
  }),
  item('peroxide-9', 'Hydrogen peroxide 9 %', 'consumable', {
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
  }),
  item('yeast', 'Dried yeast', 'consumable', {
    unit: 'g',
    density: 0.6,
    keepsOpen: 120,
  }),
  item('iodide', 'Potassium iodide', 'consumable', {
    unit: 'g',
    label: { signal: 'danger', hazards: ['H372'], precautions: ['P260', 'P270'] },
  }),
  item('detergent', 'Washing-up liquid', 'consumable', {
    unit: 'mL',
    density: 1.03,
  }),
  item('colour', 'Food colour', 'consumable', {
    unit: 'mL',
    density: 1.05,
  }),
  item('warm-water', 'Warm water', 'consumable', { unit: 'mL', density: 1, atVenue: true }),
  item('towels', 'Drying towels', 'consumable', { outline: 'flat', gramsEach: 120 }),
  item('foil-dishes', 'Foil dishes', 'consumable', { outline: 'round', gramsEach: 4 }),
  item('drink-can', 'Empty drinks can', 'consumable', { outline: 'round', gramsEach: 14 }),
  item('ice', 'Ice', 'consumable', { unit: 'g', atVenue: true }),
  item('tap-water', 'Tap water', 'consumable', { unit: 'mL', density: 1, atVenue: true }),
  item('matches', 'Long matches', 'consumable', {
    gramsEach: 3,
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
  }),
  item('flower', 'Cut flower', 'consumable', {
    gramsEach: 15,
    material: 'watery',
  }),
  item('sticks', 'Wooden sticks', 'consumable', { outline: 'long', gramsEach: 1 }),
];

const GEAR: Item[] = [
  item('goggles', 'Goggles', 'gear', { outline: 'block', gramsEach: 70 }),
  item('gloves', 'Splash gloves', 'gear', { unit: 'pair', gramsEach: 60 }),
  item('cold-gloves', 'Loose insulated gloves', 'gear', {
    ...test('dry inside', true),
    unit: 'pair',
    gramsEach: 260,
  }),
  item('face-shield', 'Face shield', 'gear', { gramsEach: 190 }),
  item('ear-muffs', 'Ear muffs', 'gear', { gramsEach: 210 }),
];

export const ITEMS: Item[] = [...EQUIPMENT, ...CONSUMABLES, ...GEAR];
