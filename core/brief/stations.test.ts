/** Several of one demonstration side by side: what its method, its kit, its sounds and its chances are then. */
import { describe, expect, test } from '@jest/globals';
import { kitDemands, demandInWords } from '../kit/demand';
import { usedIn } from '../kit/takeOut';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { resolveSlots } from '../lineup/fromBundle';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { besideWords, stationsOf, stationTotals, withCount, withStations } from './stations';
import type { ShowBundle, SideBySide, Station } from './types';

const station = (id: string, spoons: number): Station => ({
  id,
  label: `${spoons} spoons`,
  levelId: `l${spoons}`,
  amounts: [
    { itemId: 'yeast', unit: 'tsp', amount: spoons },
    { itemId: 'cylinder', unit: 'piece', amount: 1 },
  ],
});
const beside = (spoons: number[], more: Partial<SideBySide> = {}): SideBySide => ({
  kind: 'finale',
  trialId: null,
  stations: spoons.map((n, i) => station(`s${i}`, n)),
  spares: 0,
  setting: null,
  measure: null,
  ...more,
});

const items = [
  item('yeast', 'consumable', { unit: 'g', density: 0.6 }),
  item('peroxide', 'consumable', { unit: 'mL' }),
  item('cylinder', 'equipment'),
  item('tray', 'equipment'),
  item('paper', 'consumable', { unit: 'piece' }),
];
const foam = (sideBySide: SideBySide | null): ShowBundle =>
  bundle(
    [
      {
        id: 'foam',
        slot: { sideBySide },
        tasks: [
          task('mix', 'prepare', 60),
          task('warm', 'settle', 300),
          task('pour', 'perform', 40),
          task('wipe', 'reset', 30),
        ],
        over: {
          volunteers: 1,
          goesAllowed: 3,
          priorWorked: 9,
          priorFailed: 1,
          settings: [{ id: 'dose', name: 'Dose', value: 2, most: 3, unit: 'tsp', source: '' }],
          kit: [
            line('yeast', 2, 'tsp', 'perGo'),
            line('peroxide', 60, 'mL', 'perGo'),
            line('cylinder', 1, 'piece', 'perShow'),
            line('tray', 1, 'piece', 'perShow'),
            line('paper', 1, 'piece', 'perHead'),
          ],
        },
      },
    ],
    items,
  );
const methodOf = (sideBySide: SideBySide | null) => {
  const [slot] = resolveSlots(foam(sideBySide));
  if (!slot) throw new Error('no slot');
  return slot.method;
};

describe('the method', () => {
  test('preparing and clearing count once for each; settling and the moment itself do not', () => {
    const { tasks, volunteers, goesAllowed } = methodOf(beside([4, 4, 4, 4, 4]));
    expect(tasks.map(({ time }) => time.likely)).toEqual([300, 300, 40, 150]);
    expect(volunteers).toBe(5);
    expect(goesAllowed).toBe(1);
  });

  test('one alone is as it was, and so is one of no stations', () => {
    expect(methodOf(null).tasks[0]?.time.likely).toBe(60);
    const alone = methodOf(null);
    expect(withStations(alone, beside([]))).toBe(alone);
    expect(stationsOf({ sideBySide: null })).toBe(1);
    expect(stationsOf({ sideBySide: beside([1, 2, 3]) })).toBe(3);
  });

  test('the setting that the levels change is judged as it is set', () => {
    const setting = (of: SideBySide | null) => methodOf(of).settings[0];
    expect(setting(beside([4], { setting: { id: 'dose', value: 4, unit: null } }))).toMatchObject({
      value: 4,
      most: null,
    });
    expect(setting(beside([4]))).toMatchObject({ value: 2, most: 3 });
    // Three teaspoons are a tablespoon.
    const spoons = beside([4], { setting: { id: 'dose', value: 2, unit: 'tbsp' } });
    expect(setting(spoons)?.value).toBeCloseTo(6, 9);
    const grams = beside([4], { setting: { id: 'dose', value: 12, unit: 'g' } });
    expect(setting(grams)?.value).toBe(2);
  });
});

describe('the kit', () => {
  const wanted = (of: SideBySide | null): Record<string, number> => {
    const show = foam(of);
    const totals: Record<string, number> = {};
    for (const { item: one, base } of kitDemands(show))
      totals[one.id] = (totals[one.id] ?? 0) + base;
    return totals;
  };
  const TSP = 4.92892159375;

  // 1 + 2 + … + 8 = 36, the sum of an arithmetic series.
  test('is added up over levels as they are: 1 to 8 spoons are 36', () => {
    const { yeast = 0, cylinder } = wanted(beside([1, 2, 3, 4, 5, 6, 7, 8], { kind: 'series' }));
    expect(yeast / TSP).toBeCloseTo(36, 9);
    expect(cylinder).toBe(8);
  });

  test('what the stations don’t name is wanted at each, what is for the show or for heads is not', () => {
    expect(wanted(beside([4, 4, 4, 4, 4]))).toMatchObject({ peroxide: 300, tray: 1, paper: 120 });
  });

  test('spare sets come besides, of the station that takes most', () => {
    const { yeast = 0, peroxide, cylinder } = wanted(beside([2, 4], { spares: 2 }));
    expect(yeast / TSP).toBeCloseTo(2 + 4 + 2 * 4, 9);
    expect(peroxide).toBe(4 * 60);
    expect(cylinder).toBe(4);
  });

  test('spare sets come home unless somebody says otherwise', () => {
    const done = new Map([['slot-foam', 1]]);
    const [peroxide] = usedIn(foam(beside([2, 4], { spares: 2 })), done).filter(
      ({ itemId }) => itemId === 'peroxide',
    );
    expect(peroxide).toMatchObject({ planned: 240, used: 120 });
  });

  test('says how many sets, and nothing of a further go', () => {
    const show = foam(beside([4, 4, 4], { spares: 1 }));
    const [first] = kitDemands(show);
    expect(first?.sets).toMatchObject({ planned: 1, spare: 0 });
    expect(first?.sets.words).toMatch(/^3 side by side, 1 spare set; all come off in \d+ %$/);
    expect(first && demandInWords(first, show).sum).toContain('per go × 1 go');
  });

  test('amounts of one item in two units stay two lines', () => {
    const totals = stationTotals([
      { ...station('a', 2), amounts: [{ itemId: 'x', unit: 'g', amount: 1 }] },
      { ...station('b', 2), amounts: [{ itemId: 'x', unit: 'tsp', amount: 2 }] },
      { ...station('c', 2), amounts: [{ itemId: 'x', unit: 'g', amount: 5 }] },
      { ...station('d', 2), amounts: [{ itemId: 'y', unit: 'g', amount: 0 }] },
    ]);
    expect(totals).toEqual([
      { itemId: 'x', unit: 'g', amount: 6, most: 5 },
      { itemId: 'x', unit: 'tsp', amount: 2, most: 2 },
    ]);
  });
});

describe('the forecast', () => {
  const policy = (of: SideBySide | null) => policiesOf(foam(of), []).get('slot-foam');
  test('all of a finale have to work; a series has nothing to fail', () => {
    expect(policy(beside([4, 4, 4]))).toMatchObject({
      together: 3,
      record: { worked: 9, failed: 1 },
    });
    expect(policy(beside([1, 2], { kind: 'series' }))?.record).toBeNull();
    expect(policy(null)).toMatchObject({ together: 1 });
  });

  test('times of one alone say nothing of several', () => {
    const tried = {
      demoId: 'foam',
      methodId: 'm',
      worked: 5,
      partly: 0,
      failed: 0,
      times: {
        mix: Array.from({ length: 6 }, (_, i) => ({
          seconds: 90,
          at: i,
          rehearsed: false,
          performerId: null,
          odd: false,
        })),
      },
    };
    const times = (of: SideBySide | null) =>
      policiesOf(foam(of), [tried]).get('slot-foam')?.times.size;
    expect(times(null)).toBe(1);
    expect(times(beside([4, 4]))).toBe(0);
  });
});

describe('in words, and resized', () => {
  test.each([
    [beside([4, 4, 4, 4, 4]), '5 at once, 4 spoons each'],
    [beside([4, 4], { spares: 1 }), '2 at once, 4 spoons each, 1 spare set'],
    [beside([2, 4]), '2 at once, 2 spoons and 4 spoons'],
    [beside([1, 2, 3], { kind: 'series' }), '3 side by side, 1 spoons to 3 spoons'],
    [beside([1, 2], { kind: 'series' }), '2 side by side, 1 spoons and 2 spoons'],
    [beside([]), ''],
  ])('%#', (of, words) => {
    expect(besideWords(of)).toBe(words);
  });

  test('more are like the first, fewer lose the last; names stay their own', () => {
    const more = withCount(beside([4, 4]), 5);
    expect(more.stations).toHaveLength(5);
    expect(new Set(more.stations.map(({ id }) => id)).size).toBe(5);
    expect(more.stations.every(({ label }) => label === '4 spoons')).toBe(true);
    expect(withCount(more, 2).stations).toEqual(beside([4, 4]).stations);
    expect(withCount(withCount(more, 1), 3).stations).toHaveLength(3);
  });
});
