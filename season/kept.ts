/** What the crew has of the things that its demonstrations need: how many, in which box, and where it buys more. All invented. */
import type { Box } from '../core/inventory/types';
import type { Item } from '../core/repertoire/item';
import { pack } from '../library/write';

const QUAY = 'Quay stores';
const CHANDLER = 'Harbour chandler';
const MAINLAND = 'Mainland laboratory supply';
const SCHOOL = 'Hollin school, science room';
const GAS = 'Gas works, Tarn Skerry';

const AIR = 'box-air';
const WET = 'box-wet';
const SPARK = 'box-spark';
const GEAR = 'box-gear';

export const BOXES: Box[] = [
  { id: AIR, name: 'Air and steam', number: 1, grams: 2100, note: '' },
  { id: WET, name: 'Wet bench', number: 2, grams: 2100, note: 'Upright; bottles in the rack' },
  { id: SPARK, name: 'Sparks and magnets', number: 3, grams: 2100, note: 'Keep dry' },
  { id: GEAR, name: 'Protective gear', number: 4, grams: 1400, note: 'Opened first' },
];

/** By item; what is not named there is as the library has it. */
export const KEPT: Readonly<Record<string, Partial<Pick<Item, 'owned' | 'boxId' | 'packs'>>>> = {
  drum: { owned: 1 },
  'smoke-machine': { owned: 1, boxId: AIR },
  'copper-pipe': { boxId: SPARK },
  'plastic-pipe': { boxId: SPARK },
  magnet: { owned: 1, boxId: SPARK },
  'steel-slug': { boxId: SPARK },
  tray: { owned: 2, boxId: WET, packs: [pack(1, 'piece', 850, 2, QUAY)] },
  'measuring-cup': { owned: 3, boxId: WET },
  cylinder: { owned: 3, boxId: WET, packs: [pack(1, 'piece', 1890, 6, MAINLAND)] },
  'narrow-bottle': { boxId: WET },
  stool: { owned: 1 },
  'dumb-bells': { boxId: AIR },
  dome: { owned: 1 },
  'earth-rod': { owned: 1, boxId: SPARK },
  'hot-plate': { owned: 1, boxId: AIR },
  'cold-bowl': { boxId: AIR },
  'long-tongs': { owned: 2, boxId: GEAR },
  lamp: { owned: 1, boxId: AIR },
  'match-cup': { boxId: AIR },
  'drop-mat': { boxId: SPARK },
  'cable-tape': { owned: 2 },
  'fire-blanket': { owned: 1, boxId: GEAR },
  tongs: { owned: 2, boxId: AIR },
  'cold-flask': { owned: 1 },
  'travel-flask': { owned: 1 },
  forks: { boxId: AIR },
  tumbler: { boxId: AIR },
  'cloud-bottle': { boxId: AIR },
  'foot-pump': { boxId: AIR },
  'smoke-fluid': {
    boxId: AIR,
    packs: [pack(1, 'L', 1450, 3, CHANDLER), pack(5, 'L', 4990, 7, MAINLAND)],
  },
  'paper-cups': {
    boxId: AIR,
    packs: [pack(25, 'piece', 220, 1, QUAY), pack(100, 'piece', 690, 1, QUAY)],
  },
  'peroxide-3': {
    boxId: WET,
    packs: [pack(200, 'mL', 260, 1, QUAY), pack(1, 'L', 690, 4, MAINLAND)],
  },
  'peroxide-9': {
    boxId: WET,
    packs: [pack(250, 'mL', 540, 4, MAINLAND), pack(1, 'L', 1480, 4, MAINLAND)],
  },
  yeast: { boxId: WET, packs: [pack(56, 'g', 190, 1, QUAY), pack(500, 'g', 720, 3, CHANDLER)] },
  iodide: {
    boxId: WET,
    packs: [pack(25, 'g', 1290, 5, MAINLAND), pack(100, 'g', 3900, 5, MAINLAND)],
  },
  detergent: { boxId: WET, packs: [pack(500, 'mL', 180, 1, QUAY)] },
  colour: { boxId: WET, packs: [pack(38, 'mL', 240, 1, QUAY)] },
  towels: { boxId: WET, packs: [pack(10, 'piece', 450, 1, QUAY)] },
  'foil-dishes': { boxId: SPARK, packs: [pack(24, 'piece', 310, 1, QUAY)] },
  'drink-can': { boxId: AIR, packs: [pack(1, 'piece', 0, 2, 'Kept by the ferry café')] },
  matches: { boxId: AIR, packs: [pack(40, 'piece', 190, 1, QUAY)] },
  nitrogen: { packs: [pack(1, 'L', 380, 2, GAS), pack(5, 'L', 1600, 2, GAS)] },
  flower: {
    packs: [
      pack(1, 'piece', 120, 0, QUAY, { keeps: 3 }),
      pack(10, 'piece', 780, 0, QUAY, { keeps: 3 }),
    ],
  },
  sticks: { boxId: AIR, packs: [pack(100, 'piece', 150, 1, QUAY)] },
  goggles: {
    boxId: GEAR,
    packs: [pack(1, 'piece', 490, 3, CHANDLER), pack(20, 'piece', 900, 4, SCHOOL, { hireDays: 3 })],
  },
  gloves: { boxId: GEAR },
  'cold-gloves': { boxId: GEAR },
  'face-shield': { boxId: GEAR },
  'ear-muffs': { boxId: GEAR },
  'thick-candle': { boxId: AIR, packs: [pack(1, 'piece', 280, 2, QUAY)] },
  'stiff-bottle': { owned: 3, boxId: AIR },
  'waste-bottle': { owned: 1 },
  'dose-syringe': { owned: 2, boxId: WET },
  'clear-screen': { owned: 1 },
  extinguisher: { owned: 1, boxId: GEAR },
  snuffer: { owned: 1, boxId: AIR },
  knife: { owned: 1, boxId: WET },
  sieve: { owned: 1, boxId: WET },
  jug: { owned: 1, boxId: WET },
  funnel: { owned: 1, boxId: WET },
  'balloon-pump': { owned: 1, boxId: AIR },
  'film-cloth': { owned: 2, boxId: WET },
  kettle: { owned: 1 },
  'washing-soda': { boxId: WET, packs: [pack(500, 'g', 160, 1, QUAY)] },
  'long-hose': { owned: 1 },
  'race-magnet': { owned: 4, boxId: SPARK },
  'race-stand': { owned: 1, boxId: SPARK },
  propan2ol: { packs: [pack(100, 'mL', 320, 4, MAINLAND), pack(1, 'L', 980, 4, MAINLAND)] },
  'long-lighter': { owned: 1, boxId: AIR },
  'stem-glass': { owned: 6, boxId: AIR },
  'red-cabbage': { packs: [pack(1, 'kg', 260, 1, QUAY)] },
  vinegar: { boxId: WET, packs: [pack(500, 'mL', 120, 1, QUAY)] },
  bicarbonate: { boxId: WET, packs: [pack(200, 'g', 150, 1, QUAY)] },
  balloon: { boxId: SPARK, packs: [pack(25, 'piece', 240, 1, QUAY)] },
  'wide-bowl': { owned: 1, boxId: WET },
  'dry-ice': { packs: [pack(1, 'kg', 600, 2, MAINLAND), pack(5, 'kg', 2400, 2, MAINLAND)] },
  'stiff-card': { boxId: AIR, packs: [pack(50, 'piece', 180, 1, QUAY)] },
  'filter-cone': { boxId: AIR, packs: [pack(100, 'piece', 210, 1, QUAY)] },
  'step-stool': { owned: 2 },
  'hair-dryer': { owned: 1, boxId: AIR },
  'light-ball': { owned: 3, boxId: AIR },
  'launch-bottle': { boxId: AIR, packs: [pack(1, 'piece', 0, 1, QUAY)] },
  'slide-launcher': { owned: 1 },
  'rope-line': { owned: 1 },
  'copper-sheet': { owned: 1, boxId: SPARK },
  'aluminium-sheet': { owned: 1, boxId: SPARK },
  'brass-sheet': { owned: 1, boxId: SPARK },
  'lead-sheet': { owned: 1, boxId: SPARK },
  'wool-cloth': { boxId: SPARK },
};
