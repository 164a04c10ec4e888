/** Things of the demonstrations that are told as text. */
import type { Item } from '../core/repertoire/item';
import { item, test } from './write';

export const EASY_ITEMS: Item[] = [
  item('tablecloth', 'Smooth tablecloth without a hem', 'equipment', { gramsEach: 250 }),
  item('plate', 'Heavy plate', 'equipment', { gramsEach: 600 }),
  item('boiled-egg', 'Peeled boiled egg', 'consumable', { gramsEach: 50 }),
  item('egg-bottle', 'Glass bottle with an egg-wide neck', 'equipment', {
    ...test('no crack, no chip at the rim', true),
    gramsEach: 700,
  }),
  item('potato', 'Raw potato', 'consumable', { gramsEach: 150 }),
  item('stiff-straw', 'Stiff paper straw', 'consumable', { gramsEach: 1 }),
  item('clear-bottle', 'Clear drinks bottle with cap', 'equipment', { gramsEach: 40 }),
  item('dropper', 'Glass dropper', 'equipment', { gramsEach: 12 }),
  item('sauce-sachet', 'Sealed sauce sachet', 'consumable', { gramsEach: 10 }),
  item('paper-clip', 'Paper clip', 'equipment', { gramsEach: 1 }),
  item('cornflour', 'Cornflour', 'consumable', { unit: 'g', waste: 5 }),
  item('long-trough', 'Long shallow trough', 'equipment', {
    ...test('carries a person without bending', true),
    gramsEach: 4200,
  }),
  item('mallet', 'Rubber mallet', 'equipment', { gramsEach: 500 }),
  item('skewer', 'Long wooden skewer', 'consumable', { gramsEach: 4 }),
  item('tea-light', 'Tea light', 'consumable', { gramsEach: 15 }),
  item('mirror', 'Flat mirror', 'equipment', { gramsEach: 180 }),
  item('bright-torch', 'Bright torch', 'equipment', {
    ...test('bright at the back wall'),
    gramsEach: 220,
  }),
  item('white-card', 'Large white card', 'equipment', { gramsEach: 90 }),
  item('old-disc', 'Old music disc', 'equipment', { gramsEach: 16 }),
  item('stream-bottle', 'Clear bottle with a plugged side hole', 'equipment', { gramsEach: 60 }),
  item('hoot-tube', 'Ribbed hose, 80 cm', 'equipment', {
    ...test('no split along the ribs', true),
    gramsEach: 140,
  }),
  item('film-drum', 'Bowl with cling film over it', 'equipment', { gramsEach: 400 }),
  item('salt', 'Table salt', 'consumable', { unit: 'g' }),
  item('metal-tray', 'Metal tray', 'equipment', { gramsEach: 500 }),
  item('wooden-spoon', 'Wooden spoon', 'equipment', { gramsEach: 60 }),
  item('loud-box', 'Open loudspeaker with a tone source', 'equipment', {
    ...test('hums at the lowest setting'),
    gramsEach: 1800,
  }),
  item('snap-pot', 'Snap-lid pot, 35 mL', 'equipment', { gramsEach: 7, lid: 'snapOn' }),
  item('fizz-tablet', 'Fizzing tablet, quarter', 'consumable', { gramsEach: 1 }),
  item('syrup', 'Sugar syrup', 'consumable', { unit: 'mL', density: 1.3 }),
  item('cooking-oil', 'Cooking oil', 'consumable', { unit: 'mL', density: 0.92 }),
  item('tall-glass', 'Tall straight glass', 'equipment', { gramsEach: 400 }),
  item('small-things', 'Grape, cork and nut to drop in', 'consumable', { unit: 'set' }),
  item('pendulum-ball', 'Heavy ball on a rope', 'equipment', {
    ...test('knot, ring and rope looked at over their whole length', true),
    gramsEach: 5200,
  }),
  item('beam-hook', 'Rated hook on a beam', 'equipment', {
    ...test('holds twice the ball, seen by two', true),
    gramsEach: 300,
  }),
  item('spoke-wheel', 'Bicycle wheel with handles', 'equipment', {
    ...test('turns freely, no loose spoke, tyre on', true),
    gramsEach: 2100,
  }),
  item('strong-cord', 'Strong cord with a loop', 'equipment', { gramsEach: 60 }),
  item('vitamin-c', 'Vitamin C tablet, 500 mg', 'consumable', { gramsEach: 1 }),
  item('iodine', 'Iodine tincture 2 %', 'consumable', { unit: 'mL' }),
  item('spray-starch', 'Liquid starch', 'consumable', { unit: 'mL' }),
  item('putty', 'Soft putty', 'consumable', { unit: 'g' }),
  item('long-ruler', 'Ruler, 30 cm', 'equipment', { gramsEach: 25 }),
  item('camera', 'Camera on an arm, to the screen', 'equipment', {
    ...test('picture on the screen'),
    gramsEach: 900,
  }),
];
