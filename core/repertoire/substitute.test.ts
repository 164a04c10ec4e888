import { describe, expect, test } from '@jest/globals';
import { coldBudget } from '../kit/cold/budget';
import { coldPlanOf } from '../kit/cold/plan';
import { kitList } from '../kit/kit';
import { needsOf } from '../kit/needs';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line, method } from '../testing/bundle';
import { takeInstead, withSwaps } from './substitute';

const items = [
  item('pump', 'equipment', { name: 'Foot pump' }),
  item('bicycle', 'equipment', { name: 'Bicycle pump' }),
  item('juice', 'consumable', { name: 'Lemon juice', unit: 'mL' }),
  item('citric', 'consumable', { name: 'Citric acid', unit: 'g' }),
];
const juice = line('juice', 60, 'mL', 'perGo', {
  most: 90,
  instead: [{ itemId: 'citric', times: 0.05, unit: 'g', figures: null }],
  note: 'fresh',
});
const pump = line('pump', 1, 'piece', 'perShow', {
  instead: [{ itemId: 'bicycle', times: 2, unit: 'piece', figures: null }],
});
const from = method('m', { kit: [juice, pump] });
const swaps = [{ itemId: 'juice', by: 'citric' }];

describe('another thing instead', () => {
  test('in its own amount and unit, and it says of what', () => {
    const [swapped, kept] = withSwaps(from, swaps, items).kit;
    expect(swapped).toMatchObject({
      itemId: 'citric',
      amount: 3,
      most: 4.5,
      unit: 'g',
      basis: 'perGo',
      note: 'instead of lemon juice; fresh',
    });
    expect(kept).toBe(pump);
  });

  test('and back it is as it was', () => {
    const once = withSwaps(from, swaps, items);
    const [back] = withSwaps(once, [{ itemId: 'citric', by: 'juice' }], items).kit;
    expect(back).toMatchObject({ itemId: 'juice', unit: 'mL' });
    expect(back?.amount).toBeCloseTo(60, 9);
  });

  test('a third thing is still as much for what it was first', () => {
    const either = line('juice', 60, 'mL', 'perGo', {
      instead: [...juice.instead, { itemId: 'bicycle', times: 0.1, unit: 'piece', figures: [] }],
    });
    const once = withSwaps(method('m', { kit: [either] }), swaps, items);
    const [then] = withSwaps(once, [{ itemId: 'citric', by: 'bicycle' }], items).kit;
    expect(then?.amount).toBeCloseTo(6, 9);
  });

  test('only where the method lets it, and only what is there', () => {
    expect(withSwaps(from, [{ itemId: 'juice', by: 'bicycle' }], items)).toBe(from);
    expect(withSwaps(from, swaps, items.slice(0, 3))).toBe(from);
    expect(withSwaps(from, [], items)).toBe(from);
  });
});

test('a show with a swap needs, lists and packs the other thing', () => {
  const tasks = [task('p', 'perform', 60)];
  const show = bundle([{ id: 'd', tasks, over: { kit: [juice, pump] } }], items, { swaps });
  const names = kitList(show, timelineOf(show)).map(({ name, text }) => `${text} ${name}`);
  expect(names).toContain('4.5 g Citric acid');
  expect(names.join()).not.toContain('Lemon');
  const needs = needsOf(show, { timeline: () => timelineOf(show), owned: () => Infinity }).needs;
  expect(needs.map(({ itemId }) => itemId).sort()).toEqual(['citric', 'pump']);
  // What stands in for what stands in: the first, and as much of it as it was.
  const [entry] = kitList(show, timelineOf(show)).filter(({ itemId }) => itemId === 'citric');
  expect(entry?.instead).toEqual([
    { id: 'juice', name: 'Lemon juice', words: '90 mL lemon juice', demos: [] },
  ]);
});

test('what the day needs is judged anew: another metal takes another share of the cold liquid', () => {
  const cold = item('ln', 'consumable', { cold: 'nitrogen', unit: 'mL' });
  const flask = item('flask', 'equipment', { material: 'aluminium', gramsEach: 400 });
  const cup = item('cup', 'equipment', { material: 'aluminium', gramsEach: 100 });
  const kit = [
    line('ln', 200, 'mL'),
    line('flask', 1, 'piece', 'perShow', {
      chilled: true,
      instead: [{ itemId: 'cup', times: 1, unit: 'piece', figures: null }],
    }),
  ];
  const cooling = (by: boolean): number => {
    const show = bundle(
      [{ id: 'd', tasks: [task('p', 'perform', 60)], over: { kit } }],
      [cold, flask, cup],
      { swaps: by ? [{ itemId: 'flask', by: 'cup' }] : [] },
    );
    return coldBudget(show, timelineOf(show), coldPlanOf(show.show, cold))?.draws[0]?.cooling ?? 0;
  };
  expect(cooling(true)).toBeCloseTo(cooling(false) / 4, 6);
});

describe('figures that are others with it', () => {
  const settings = [
    { id: 'bore', name: 'Bore', value: 5, most: 6, unit: 'cm', source: 'measured once' },
    { id: 'turns', name: 'Turns', value: 3, most: null, unit: 'piece', source: '' },
  ] as const;
  const flask = (figures: { settingId: string; value: number }[] | null) =>
    method('m', {
      settings: [...settings],
      kit: [line('pump', 1, 'piece', 'perShow', { instead: [{ ...narrow, figures }] })],
    });
  const narrow = { itemId: 'bicycle', times: 1, unit: 'piece' as const };
  const by = [{ itemId: 'pump', by: 'bicycle' }];

  test('are what the calculators of the method reckon with, and it says with what', () => {
    const swapped = withSwaps(flask([{ settingId: 'bore', value: 2.8 }]), by, items);
    expect(swapped.settings).toEqual([
      { ...settings[0], value: 2.8, most: null, source: 'with bicycle pump' },
      settings[1],
    ]);
    expect(swapped.kit[0]?.instead[0]?.figures).toEqual([{ settingId: 'bore', value: 5 }]);
  });

  test('none, or nothing said, leaves them as they are', () => {
    expect(withSwaps(flask([]), by, items).settings).toEqual(settings);
    expect(withSwaps(flask(null), by, items).settings).toEqual(settings);
  });
});

test('one thing is taken for each, the last that was said; back it is none', () => {
  const first = takeInstead([], { itemId: 'juice', by: 'citric' });
  expect(first).toEqual(swaps);
  // What is on the list now is the other one.
  const then = takeInstead(first, { itemId: 'citric', by: 'vinegar' });
  expect(then).toEqual([{ itemId: 'juice', by: 'vinegar' }]);
  expect(takeInstead(then, { itemId: 'vinegar', by: 'juice' })).toEqual([]);
  // Of two that have the same one in their place, the one that is named.
  const both = [...first, { itemId: 'lime', by: 'citric' }];
  expect(takeInstead(both, { itemId: 'citric', by: 'lime' })).toEqual(first);
  const other = { itemId: 'pump', by: 'bicycle' };
  expect(takeInstead([other], { itemId: 'juice', by: 'citric' })).toEqual([other, ...swaps]);
});
