/** What a show takes instead is judged as it is then; where nobody has said what changes, it is not known. */
import { describe, expect, test } from '@jest/globals';
import type { SettingFigure } from '../repertoire/types';
import { item, line } from '../testing/bundle';
import { bound, given, judged } from '../testing/judged';
import { swapVerdicts } from './swaps';

const items = [
  item('cylinder', 'equipment', { name: 'Cylinder' }),
  item('bottle', 'equipment', { name: 'Narrow bottle' }),
];

const DAY = { temperature: 20, pressure: 1013 };
const foam = bound('foam');
const withBore = {
  ...foam,
  inputs: foam.inputs.map((one) =>
    one.input === 'bore' ? { ...one, from: 'setting' as const, ref: 'bore', value: null } : one,
  ),
};

const method = (figures: SettingFigure[] | null, calculated = true) => ({
  settings: [
    {
      id: 'bore',
      name: 'Bore',
      value: 5,
      most: null,
      unit: 'cm',
      source: 'measured once',
    } as const,
  ],
  kit: [
    line('cylinder', 1, 'piece', 'perGo', {
      instead: [{ itemId: 'bottle', times: 1, unit: 'piece', figures }],
    }),
  ],
  calculators: calculated ? [withBore] : [],
});
const swaps = [{ itemId: 'cylinder', by: 'bottle' }];

/** What is said of the foam, with the figures that it was reckoned with. */
const told = (figures: SettingFigure[] | null, show = {}): string | undefined =>
  JSON.stringify(
    judged({ foam: method(figures) }, { items, show, conditions: DAY }).find(({ key }) =>
      key.includes('judged-foam'),
    ),
  );

describe('another vessel', () => {
  const verdicts = (figures: SettingFigure[] | null, show = {}, calculated = true) =>
    swapVerdicts(given({ foam: method(figures, calculated) }, { items, show }).shown);

  test('of which nobody has said what changes is not known, and it says where to say so', () => {
    expect(verdicts(null, { swaps })).toMatchObject([
      {
        level: 'unknown',
        message:
          'Narrow bottle instead of cylinder: nobody has said whether its figures are still the same.',
        place: { page: 'demo', id: 'foam', part: 'kit' },
      },
    ]);
    expect(
      judged({ foam: method(null) }, { items, show: { swaps } }).map(({ key }) => key),
    ).toContain('swap:slot-foam:cylinder-piece-perGo');
  });

  test('of which a setting was named that is gone since has not been said either', () => {
    expect(verdicts([{ settingId: 'gone', value: 2 }], { swaps })).toMatchObject([
      { level: 'unknown' },
    ]);
  });

  test('asks nothing where it is not taken, where it was said, or where nothing is reckoned', () => {
    expect(verdicts(null)).toEqual([]);
    expect(verdicts([], { swaps })).toEqual([]);
    expect(verdicts([{ settingId: 'bore', value: 2.8 }], { swaps })).toEqual([]);
    expect(verdicts(null, { swaps }, false)).toEqual([]);
  });

  test('is judged by its own figures', () => {
    const narrow = [{ settingId: 'bore', value: 2.8 }];
    const wide = told([]);
    expect(wide).toContain('"5 cm"');
    expect(told(narrow)).toBe(wide);
    expect(told(narrow, { swaps })).toContain('"2.8 cm"');
  });
});
