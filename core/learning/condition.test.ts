/** Success on days that a calculator passes, and on days that it does not. */
import { describe, expect, test } from '@jest/globals';
import { CALCULATORS } from '../calculators/catalogue';
import { policiesOf } from '../lineup/forecast/fromBundle';
import type { CalculatorBinding } from '../repertoire/care';
import { blankMethod } from '../repertoire/blank';
import { given } from '../testing/judged';
import { dayKind, triesOn } from './condition';

/** One that judges by the humidity of the day, everything else of it given. */
const byHumidity = CALCULATORS.find(({ inputs }) =>
  Object.values(inputs).some((input) => input.kind === 'number' && input.fact === 'humidity'),
);
if (!byHumidity) throw new Error('There is one');
const binding: CalculatorBinding = {
  id: 'c',
  calculator: byHumidity.id,
  inputs: Object.entries(byHumidity.inputs).flatMap(([input, of]): CalculatorBinding['inputs'] =>
    of.kind === 'choice'
      ? [{ input, from: 'choice', ref: of.usual, value: null }]
      : of.fact
        ? []
        : [{ input, from: 'fixed', ref: '', value: of.usual }],
  ),
};
const method = { ...blankMethod('m', 'm'), calculators: [binding] };
const DAY = { temperature: 19, pressure: 1010, wind: 0 };
const DRY = { ...DAY, humidity: 25 };
const DAMP = { ...DAY, humidity: 85 };

describe('the kind of a day', () => {
  test('is by what the calculator says of its figures', () => {
    expect([dayKind(method, DRY), dayKind(method, DAMP)]).toEqual(['good', 'poor']);
  });

  test('is not known without them, nor where nothing goes by the day', () => {
    expect(dayKind(method, DAY)).toBeNull();
    expect(dayKind(blankMethod('m', 'm'), DAMP)).toBeNull();
    const gone = { ...method, calculators: [{ ...binding, calculator: 'gone' }] };
    expect(dayKind(gone, DAMP)).toBeNull();
    const fixed = binding.inputs.filter(({ from }) => from === 'fixed').slice(1);
    expect(dayKind({ ...method, calculators: [{ ...binding, inputs: fixed }] }, DAMP)).toBeNull();
  });
});

describe('its record', () => {
  const all = { worked: 8, failed: 4 };
  const byDay = { good: { worked: 7, failed: 0 }, poor: { worked: 1, failed: 4 } };

  test('is that of such days, shrunk towards all', () => {
    const poor = triesOn('poor', all, byDay);
    const good = triesOn('good', all, byDay);
    const rate = ({ worked, failed }: typeof all): number => worked / (worked + failed);
    expect(rate(poor)).toBeGreaterThan(1 / 5);
    expect(rate(poor)).toBeLessThan(rate(all));
    expect(rate(good)).toBeGreaterThan(rate(all));
    expect(rate(good)).toBeLessThan(1);
  });

  test('is that of all days where there are few of its kind, or the day is not known', () => {
    expect(triesOn('poor', all, { ...byDay, poor: { worked: 0, failed: 2 } })).toEqual(all);
    expect(triesOn(null, all, byDay)).toEqual(all);
  });

  test('is the forecast’s on such a day', () => {
    const chance = (humidity: number): number => {
      const { shown } = given(
        { dome: { calculators: [binding] } },
        { conditions: { ...DAY, humidity } },
      );
      const methodId = shown.demos[0]?.methods[0]?.id ?? '';
      const record = {
        demoId: 'dome',
        methodId,
        worked: 8,
        partly: 1,
        failed: 3,
        times: {},
        byDay,
      };
      const tries = policiesOf(shown, [record]).get('slot-dome')?.record;
      return tries ? tries.worked / (tries.worked + tries.failed) : 0;
    };
    expect(chance(25)).toBeGreaterThan(chance(85) + 0.3);
  });
});
