/** What was measured of a method takes the place of usual figures in what judges it, with the evidence. */
import { expect, test } from '@jest/globals';
import { BLANK_MEASURE, type MethodResult } from '../repertoire/measure';
import type { BoundInput } from '../repertoire/care';
import type { ReadingTold } from '../readings/record';
import { given } from '../testing/judged';
import { calculatorVerdicts } from './calculatorVerdicts';

const thrust: MethodResult = {
  ...BLANK_MEASURE,
  id: 'far',
  name: 'How far it flew',
  quantity: 'distance',
  unit: 'm',
  task: null,
  within: null,
  becomes: null,
};

const read = (...values: number[]): ReadingTold[] =>
  values.map((value, i) => ({
    id: null,
    result: 'far',
    value,
    first: value,
    go: 1,
    at: i,
    of: 'Show',
    kind: 'performance',
    conditions: {},
  }));

/** The bang’s verdict, with the distance of the front row as this binding has it. */
function judged(bound: Partial<BoundInput>, readings: ReadingTold[]) {
  const inputs: BoundInput[] = [
    { input: 'peak', from: 'fixed', ref: '', value: 130 },
    { input: 'level', from: 'fixed', ref: '', value: 100 },
    { input: 'at', from: 'fixed', ref: '', value: 1 },
    { input: 'crew', from: 'fixed', ref: '', value: 6 },
    { input: 'youngest', from: 'fixed', ref: '', value: 8 },
    { input: 'bangs', from: 'fixed', ref: '', value: 1 },
    { input: 'lasts', from: 'fixed', ref: '', value: 0.5 },
    { input: 'plugs', from: 'fixed', ref: '', value: 0 },
    { input: 'hands', from: 'choice', ref: 'free', value: null },
    { input: 'front', from: 'measured', ref: 'far', value: null, ...bound },
  ];
  const { shown } = given({
    rocket: { results: [thrust], calculators: [{ id: 'c', calculator: 'bang', inputs }] },
  });
  const [demo] = shown.demos;
  const methodId = demo?.methods[0]?.id ?? '';
  const records = [{ demoId: demo?.id ?? '', methodId, worked: 0, partly: 0, failed: 0, readings }];
  const [verdict] = calculatorVerdicts(shown, { records });
  const step = verdict?.steps.find(({ formula }) => /measured|given, until|not said/.test(formula));
  return { verdict, step };
}

test('the mean counts, and the verdict covers all that a go has shown', () => {
  const even = judged({}, read(8, 8, 8));
  expect(even.step).toMatchObject({
    value: '8 m',
    formula: 'measured: How far it flew, 3 readings',
  });
  // 130 dB at 1 m are 112 at 8 m; once it came down a metre off, which is over 120 for children.
  const uneven = judged({}, read(1, 8, 15));
  expect(uneven.step).toMatchObject({ value: '8 m' });
  expect([even.verdict?.level, uneven.verdict?.level]).toEqual(['ok', 'stop']);
});

test('until it is measured, what was given counts and is said to be only that', () => {
  expect(judged({ value: 7 }, []).step).toMatchObject({
    value: '7 m',
    formula: 'as given, until it is measured',
  });
});

test('with neither it is not known, and does not pass', () => {
  const { verdict } = judged({}, []);
  expect(verdict?.level).toBe('unknown');
});

test('readings of another result say nothing', () => {
  const others = read(6, 8).map((one) => ({ ...one, result: 'other' }));
  expect(judged({}, others).verdict?.level).toBe('unknown');
});
