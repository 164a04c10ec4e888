import { describe, expect, test } from '@jest/globals';
import { blankDemo, blankHazard, blankItem, blankMethod, blankTask } from '../../repertoire/blank';
import { type HandOut, NO_HAND_OUT } from '../../repertoire/handOut';
import type { Item } from '../../repertoire/item';
import { type Demo, HAZARDS, type Method } from '../../repertoire/types';
import { LIBRARY_ITEMS } from '../../../library/all';
import { LIBRARY_DEMOS } from '../../../library/demos';
import { HOUSEHOLD } from '../../units/household';
import { judgeAtHome } from './judge';
import { labelledFrom } from '../../repertoire/mixtures';
import { HAZARD_AT_HOME } from './rules';
import { costOf, costTogether, handOutOf, sheetEntry } from './sheet';
import { thingWords } from './words';
import { bundle } from '../../testing/bundle';
import { pack } from '../../testing/inventory';
import { task } from '../../testing/build';

const vinegar: Item = {
  ...blankItem('vinegar', 'Vinegar', 'consumable'),
  unit: 'mL',
  substance: 'aceticAcid',
  strength: { value: 5, kind: 'massPerVolume' },
  packs: [pack('p', 500, 'mL', 100), pack('q', 1, 'L', 150)],
};

function made(handOut: Partial<HandOut>, method: Partial<Method> = {}): Demo {
  return {
    ...blankDemo('d', 'Demo', [
      { ...blankMethod('m', 'the way'), hazardsReviewed: true, ...method },
    ]),
    handOut: {
      ...NO_HAND_OUT,
      atHome: 'alone',
      steps: 'Pour.',
      things: [{ id: 't', itemId: 'vinegar', amount: 20, unit: 'mL' }],
      ...handOut,
    },
  };
}

const allowed = (demo: Demo, items: readonly Item[] = [vinegar]): string =>
  judgeAtHome(demo, items).allowed;

describe('what is not known is not handed out', () => {
  test.each<[string, Demo, readonly Item[]]>([
    ['nobody has said', made({ atHome: 'unknown' }), [vinegar]],
    ['no steps', made({ steps: ' ' }), [vinegar]],
    ['no things', made({ things: [] }), [vinegar]],
    ['a thing that is gone', made({}), []],
    ['a way that is gone', made({ methodId: 'gone' }), [vinegar]],
    ['hazards nobody went through', made({}, { hazardsReviewed: false }), [vinegar]],
    ['a strength that nobody put in', made({}), [{ ...vinegar, strength: null }]],
    [
      'a calculator with something unsaid',
      made({}, { calculators: [{ id: 'c', calculator: 'foam', inputs: [] }] }),
      [vinegar],
    ],
  ])('%s', (_what, demo, items) => {
    expect(allowed(demo, items)).toBe('unknown');
    expect(sheetEntry(demo, items, HOUSEHOLD)).toMatchObject({ steps: [], things: [], mind: [] });
  });

  test('all of it known, it is as the author said', () => {
    expect(allowed(made({}))).toBe('alone');
    expect(allowed(made({ atHome: 'adult' }))).toBe('adult');
    expect(allowed(made({ atHome: 'never' }))).toBe('never');
  });
});

describe('what is judged can only be stricter', () => {
  test.each(HAZARDS)('%s', (kind) => {
    const hazards = [blankHazard(kind, 'kept small')];
    expect(allowed(made({}, { hazards }))).toBe(HAZARD_AT_HOME[kind]);
    expect(allowed(made({ atHome: 'adult' }, { hazards }))).toBe(
      HAZARD_AT_HOME[kind] === 'never' ? 'never' : 'adult',
    );
    // Said not to be there with household amounts.
    expect(allowed(made({ without: [kind] }, { hazards }))).toBe('alone');
  });

  test('what takes training on stage, and what is never done', () => {
    const trained = {
      ...blankTask('t', 'Light it', 'perform', { shortest: 1, likely: 1, longest: 1 }),
      hands: [{ role: 'performer' as const, count: 1, competence: 'flame' as const }],
    };
    expect(allowed(made({}, { tasks: [trained] }))).toBe('never');
    const { care } = blankMethod('', '');
    expect(allowed(made({}, { care: { ...care, never: ['madeExplosive'] } }))).toBe('never');
  });

  test('a label that says danger, one that says warning, and how much of it', () => {
    const labelled = (signal: 'warning' | 'danger') => [
      { ...vinegar, label: { ...vinegar.label, signal } },
    ];
    expect(allowed(made({}), labelled('danger'))).toBe('never');
    expect(allowed(made({}), labelled('warning'))).toBe('adult');
    const much = made({ things: [{ id: 't', itemId: 'vinegar', amount: 1, unit: 'cup' }] });
    expect(allowed(much, labelled('warning'))).toBe('never');
    expect(allowed(much)).toBe('alone');
  });

  test('cold liquid', () => {
    expect(allowed(made({}), [{ ...vinegar, cold: 'nitrogen' }])).toBe('never');
  });
});

describe('how strong', () => {
  // Regulation (EC) No 1272/2008, Annex VI, table 3: hydrogen peroxide irritates eyes from 5 %, acetic acid skin and
  // eyes from 10 %, sodium hydroxide from 0.5 %, sulfuric acid from 5 %. From memory.
  test.each([
    ['peroxide', 0.05],
    ['aceticAcid', 0.1],
    ['sodiumHydroxide', 0.005],
    ['sulfuricAcid', 0.05],
  ] as const)('%s from %d', (substance, share) => {
    expect(labelledFrom(substance)).toBe(share);
    const of = (percent: number): Item => ({
      ...vinegar,
      substance,
      strength: { value: percent, kind: 'massShare' },
    });
    expect(allowed(made({}), [of(share * 100)])).toBe('never');
    expect(allowed(made({}), [of(share * 100 * 0.9)])).toBe('alone');
  });

  test('in per cent by volume, by oxygen and by moles', () => {
    const of = (strength: Item['strength']): Item => ({
      ...vinegar,
      substance: 'peroxide',
      strength,
    });
    // 10 volumes are 3 %, 20 volumes 6 %: common practice of the trade in peroxide.
    expect(allowed(made({}), [of({ value: 10, kind: 'volumes' })])).toBe('alone');
    expect(allowed(made({}), [of({ value: 20, kind: 'volumes' })])).toBe('never');
    expect(allowed(made({}), [of({ value: 3, kind: 'massPerVolume' })])).toBe('alone');
    expect(allowed(made({}), [of({ value: 2, kind: 'molar' })])).toBe('never');
  });
});

describe('household figures run through the calculators of the method', () => {
  const foam = LIBRARY_DEMOS.find(({ id }) => id === 'foam-fountain');
  if (!foam) throw new Error('The library has no foam fountain');
  const withFigures = (over: Partial<HandOut>): Demo => ({
    ...foam,
    handOut: { ...foam.handOut, ...over },
  });

  test('small amounts are handed out with an adult; the lively way never is', () => {
    expect(allowed(foam, LIBRARY_ITEMS)).toBe('adult');
    expect(
      allowed(withFigures({ methodId: 'lively', figures: [], without: [] }), LIBRARY_ITEMS),
    ).toBe('never');
  });

  test('what the sums stop is refused, with their words', () => {
    const settingId = 'strength';
    const { allowed: may, reasons } = judgeAtHome(
      withFigures({ figures: [{ settingId, value: 30 }] }),
      LIBRARY_ITEMS,
    );
    expect(may).toBe('never');
    expect(reasons[0]?.allows).toBe('never');
    expect(reasons[0]?.words).not.toBe('');
  });

  test('no hand-out of the library is refused, and none says less than it is judged', () => {
    for (const demo of LIBRARY_DEMOS)
      if (demo.handOut.atHome !== 'unknown')
        expect([demo.id, allowed(demo, LIBRARY_ITEMS)]).toEqual([demo.id, demo.handOut.atHome]);
  });
});

test('conditions: more room than a kitchen has is outdoors', () => {
  const { needs } = blankMethod('', '');
  const of = (over: Partial<Method['needs']>) =>
    judgeAtHome(made({}, { needs: { ...needs, ...over } }), [vinegar]).conditions;
  expect(of({})).toEqual([]);
  expect(of({ clearM: 1 })).toEqual(['1 m clear all round']);
  expect(of({ clearM: 3 })).toEqual(['outdoors', '3 m clear all round']);
  expect(of({ where: 'outdoors' })).toEqual(['outdoors']);
  expect(of({ ceilingM: 4 })).toEqual(['outdoors', 'nothing above it for 4 m']);
});

describe('costs', () => {
  test('by the cheapest pack: 20 mL of what is 1.50 a litre', () => {
    expect(costOf({ amount: 20, unit: 'mL' }, vinegar, HOUSEHOLD)).toBeCloseTo(3, 9);
    // 4 tablespoons of 14.79 mL: arithmetic.
    expect(costOf({ amount: 4, unit: 'tbsp' }, vinegar, HOUSEHOLD)).toBeCloseTo(8.87, 1);
  });

  test('equipment costs nothing, and what has no price is not known', () => {
    expect(
      costOf({ amount: 1, unit: 'piece' }, blankItem('t', 'Tray', 'equipment'), HOUSEHOLD),
    ).toBe(0);
    expect(costOf({ amount: 20, unit: 'mL' }, { ...vinegar, packs: [] }, HOUSEHOLD)).toBeNull();
    expect(sheetEntry(made({}), [{ ...vinegar, packs: [] }], HOUSEHOLD).cost).toBeNull();
    expect(sheetEntry(made({}), [vinegar], HOUSEHOLD).cost).toBe(3);
  });
});

test('together, and of how many the price is not known', () => {
  const of = (items: readonly Item[]) => sheetEntry(made({}), items, HOUSEHOLD);
  const unpriced = of([{ ...vinegar, packs: [] }]);
  const never = sheetEntry(made({ atHome: 'never' }), [vinegar], HOUSEHOLD);
  expect(costTogether([of([vinegar]), of([vinegar]), unpriced, never])).toEqual({
    tried: 3,
    cost: 6,
    unknown: 1,
  });
});

test('the sheet has each demonstration once, in the order of the show, and no talks', () => {
  const tasks = [task('p', 'perform', 10)];
  const show = bundle([
    { id: 'b', tasks },
    { id: 'a', tasks },
    { id: 'b', tasks, slot: { id: 'again' } },
    {
      id: 'c',
      tasks,
      slot: { talk: { title: 'Hello', time: { shortest: 1, likely: 1, longest: 1 }, say: '' } },
    },
  ]);
  expect(handOutOf(show).map(({ demoId }) => demoId)).toEqual(['b', 'a']);
});

test('things are said by their amounts; of one it is enough to name it, counts are not plurals', () => {
  expect(
    [
      ['60 mL', 'Vinegar 5 %'],
      ['1', 'Deep tray'],
      ['2', 'Pair of forks'],
      ['1 tsp', 'Dried yeast'],
      ['12', 'Paper cups'],
    ].map(([amount = '', name = '']) => thingWords({ amount, name })),
  ).toEqual([
    '60 mL vinegar 5 %',
    'deep tray',
    '2 × pair of forks',
    '1 tsp dried yeast',
    '12 × paper cups',
  ]);
});
