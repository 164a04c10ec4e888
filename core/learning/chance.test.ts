import { describe, expect, test } from '@jest/globals';
import { setsForShow } from '../kit/sets';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { triesOf } from './chance';

const method = { chance: null, priorWorked: 4, priorFailed: 1 };
const known = { worked: 17, partly: 1, failed: 2 };
const chance = { worked: 9, failed: 1, at: 0 };

test('what is kept to, before the record, before what was counted earlier', () => {
  expect(triesOf({ ...method, chance }, known)).toEqual({ worked: 9, failed: 1 });
  expect(triesOf(method, known)).toEqual({ worked: 17, failed: 3 });
  expect(triesOf(method, undefined)).toEqual({ worked: 4, failed: 1 });
});

describe('goes everywhere', () => {
  const poor = { worked: 1, failed: 9, at: 0 };
  const record = { demoId: 'foam', methodId: 'm', worked: 40, partly: 0, failed: 0, times: {} };
  const over = (kept: typeof poor | null) => ({ chance: kept, goesAllowed: 6 });
  const show = (kept: typeof poor | null) =>
    bundle([
      { id: 'foam', tasks: [task('pour', 'perform', 60)], over: over(kept), slot: { again: 5 } },
    ]);

  test('into the forecast, on any kind of day', () => {
    const byDay = { good: { worked: 40, failed: 0 }, poor: { worked: 0, failed: 0 } };
    const of = (kept: typeof poor | null) =>
      policiesOf(show(kept), [{ ...record, byDay }]).get('slot-foam')?.record;
    expect(of(poor)).toEqual({ worked: 1, failed: 9 });
    expect(of(null)).toEqual({ worked: 40, failed: 0 });
  });

  test('into the spares', () => {
    const all = (kept: typeof poor | null): number => {
      const sets = setsForShow(show(kept), [record]).get('slot-foam');
      return (sets?.planned ?? 0) + (sets?.spare ?? 0);
    };
    expect(all(null)).toBe(1);
    expect(all(poor)).toBe(6);
  });
});
