import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { box, lot, pack, showNeeds } from '../testing/inventory';
import { shoppingList } from '../inventory/shopping';
import { shoppingTable } from '../inventory/shoppingTable';
import { withOwned } from '../inventory/owned';
import { HOUSEHOLD } from '../units/household';
import { HAZARD_CODES, PRECAUTION_CODES, hazardWords, precautionWords } from './ghs';
import { kitList } from './kit';
import { bottleLabel, boxLabels, wantsLabel, weightWords } from './labels';
import { packingOf } from './packing';
import { kitTable } from './table';

describe('labels', () => {
  const many = Array.from({ length: 30 }, (_, i) =>
    item(`thing${String(i).padStart(2, '0')}`, 'equipment', { boxId: 'b', gramsEach: 100 }),
  );
  const from = bundle(
    [
      {
        id: 'a',
        tasks: [task('p', 'perform', 60)],
        over: { kit: many.map((one) => line(one.id, 1, 'piece')) },
      },
    ],
    many,
  );
  const packed = packingOf(kitList(from, timelineOf(from)), many, [box('b', 7, { grams: 1200 })]);

  test('a box names what it holds, as far as that goes on a label', () => {
    const [label] = boxLabels(packed, 'show 1');
    expect(label).toMatchObject({ number: 7, weight: '4.2 kg', load: 'Load 1 of 1' });
    expect(label?.contents).toHaveLength(25);
    expect(label?.contents.at(-1)).toBe('and 6 more');
    expect(label?.path).toBe('/shows/show 1/pack?box=b');
  });

  test('a box says what can hurt in it, that bottles stand in it, and what it is not put beside', () => {
    const things = [
      item('spirit', 'consumable', {
        boxId: 'b',
        label: { signal: 'danger', hazards: ['H225', 'H319'], precautions: [] },
      }),
      item('peroxide', 'consumable', { boxId: 'c', substance: 'peroxide' }),
      item('flag', 'equipment', { boxId: 'd' }),
    ];
    const kit = [line('spirit', 40, 'mL'), line('peroxide', 60, 'g'), line('flag', 1, 'piece')];
    const show = bundle([{ id: 'a', tasks: [task('p', 'perform', 60)], over: { kit } }], things);
    const boxes = [box('b', 1), box('c', 2), box('d', 3)];
    const labels = boxLabels(packingOf(kitList(show, timelineOf(show)), things, boxes), 's');
    const told = new Map(labels.map((one) => [one.number, one]));
    expect(told.get(1)).toMatchObject({
      pictograms: ['flame', 'exclamation'],
      upright: true,
      apart: ['Not beside box 2: what burns and what feeds fire'],
    });
    expect(told.get(2)?.apart).toEqual(['Not beside box 1: what burns and what feeds fire']);
    expect(told.get(3)).toMatchObject({ pictograms: [], upright: false, apart: [] });
    // The third goes in between.
    expect(labels.map(({ number }) => number)[1]).toBe(3);
  });

  test('what nobody has weighed is not passed over', () => {
    expect(weightWords({ grams: 950, unweighed: 1 })).toBe('0.9 kg and one thing not weighed');
    expect(weightWords({ grams: 12_040, unweighed: 3 })).toBe('12.0 kg and 3 things not weighed');
  });

  test('a bottle wants one when it can hurt, is cold, or is a solution', () => {
    expect(wantsLabel(item('w', 'consumable'))).toBe(false);
    expect(wantsLabel(item('w', 'consumable', { cold: 'dryIce' }))).toBe(true);
    expect(wantsLabel(item('w', 'consumable', { strength: { value: 3, kind: 'molar' } }))).toBe(
      true,
    );
    expect(wantsLabel(item('w', 'equipment', { cold: 'dryIce' }))).toBe(false);
    expect(bottleLabel(item('w', 'consumable'), null, 's', null)).toMatchObject({
      strength: '',
      mixed: '',
      signal: '',
      hazards: [],
      path: '/shows/s/pack?item=w',
    });
  });
});

describe('hazard statements', () => {
  test('every code has its words, a class of its own, and ends once', () => {
    for (const words of [...hazardWords(HAZARD_CODES), ...precautionWords(PRECAUTION_CODES)])
      expect(words).toMatch(/^[HP]\d{3} [A-Z][^.]{8,}.*[^.]\.$/);
    expect(HAZARD_CODES.every((code) => /^H[234]\d\d$/.test(code))).toBe(true);
    expect(PRECAUTION_CODES.every((code) => /^P[1-5]\d\d$/.test(code))).toBe(true);
    expect(hazardWords(['H999'])).toEqual(['H999']);
  });

  // Globally Harmonized System, Annex 3 (from memory).
  test.each([
    ['H225', 'Highly flammable liquid and vapour'],
    ['H272', 'May intensify fire; oxidizer'],
    ['H314', 'Causes severe skin burns and eye damage'],
    ['H319', 'Causes serious eye irritation'],
  ])('%s', (code, words) => {
    expect(hazardWords([code])).toEqual([`${code} ${words}.`]);
  });
});

describe('lists as rows', () => {
  test('a kit list: what it is for, how it came about, sets, what may be used instead', () => {
    const items = [item('jar', 'equipment'), item('cup', 'equipment'), item('dye', 'consumable')];
    const from = bundle(
      [
        {
          id: 'a',
          tasks: [task('p', 'perform', 60)],
          over: {
            goesAllowed: 2,
            kit: [
              line('jar', 1, 'piece', 'perShow', {
                instead: [{ itemId: 'cup', times: 1, unit: 'piece', figures: null }],
                note: 'clear',
              }),
              line('dye', 3, 'drop', 'perGo'),
            ],
          },
          slot: { again: 1 },
        },
      ],
      items,
    );
    const [, jar, dye] = kitTable(kitList(from, timelineOf(from)));
    expect(jar).toEqual(['Equipment', 'jar', '1', 'a', '1 for the show', '', 'cup', 'clear']);
    expect(dye?.[2]).toBe('about 6 drops (0.3 mL)');
    expect(dye?.[5]).toContain('2 sets: 1 planned, 1 spare');
  });

  test('a shopping list: a row for each pack, and one that says why there is none', () => {
    const items = [
      item('salt', 'consumable', { unit: 'g', packs: [pack('big', 1, 'kg', 250, 2)] }),
      item('moss', 'consumable'),
    ];
    const list = shoppingList(
      [
        showNeeds('Harbour day', '2027-06-01', [
          { itemId: 'salt', base: 1500 },
          { itemId: 'moss', base: 2 },
        ]),
      ],
      {
        items: new Map(items.map((one) => [one.id, one])),
        lots: [],
        orders: [],
        sizes: HOUSEHOLD,
      },
      '2027-05-20',
    );
    const [head, ...rows] = shoppingTable(list);
    expect(head).toHaveLength(9);
    expect(rows.find((row) => row[2] === 'salt')).toEqual([
      '2027-05-30',
      2,
      'salt',
      '1 kg',
      '',
      5,
      '1.5 kg',
      'Harbour day (2027-06-01)',
      '',
    ]);
    expect(rows.find((row) => row[2] === 'moss')?.[8]).toContain('No pack is known');
  });
});

describe('how many there are on a day', () => {
  const dome = item('dome', 'equipment', { owned: 4 });

  test('what the store has of it, what is out of use or expired by then left out', () => {
    const lots = [
      lot('a', 'dome', 2),
      lot('b', 'dome', 1, { state: 'out' }),
      lot('c', 'dome', 1, { expiry: '2027-05-29' }),
    ];
    expect(withOwned([dome], lots, '2027-05-30')[0]?.owned).toBe(2);
    expect(withOwned([dome], lots, '2027-05-29')[0]?.owned).toBe(3);
  });

  test('without lots what its card says; consumables are none of its business', () => {
    const salt = item('salt', 'consumable');
    expect(withOwned([dome, salt], [lot('s', 'salt', 9)], '2027-05-30')).toEqual([dome, salt]);
  });
});
