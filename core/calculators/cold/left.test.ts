/** What is left of a cold liquid that stands. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { inputFaults, usualValues } from '../inputs';
import { coldLeft, leftAfter } from './left';

fc.configureGlobal({ seed: 157 });

const judge = (over: Record<string, number | string>) =>
  coldLeft.evaluate({ ...usualValues(coldLeft), ...over });

// Common practice: a flask of 5 L that loses a litre in 20 h.
test('a litre in twenty hours: 5 L are 3.8 L a day later, and have made 830 L of gas', () => {
  expect(leftAfter(5, 0.05, 24)).toBeCloseTo(3.8, 9);
  const found = judge({ amount: 5, rate: 0.05, hours: 24, needed: 3, temperature: 20 });
  expect(found).toMatchObject({ level: 'ok', figure: '3.8 L' });
  // EIGA and BCGA guidance: 692 to 696 times at 20 °C (from memory).
  const gas = Number(/([\d.]+) L/.exec(found.steps[2]?.value ?? '')?.[1]);
  expect(gas / 1.2).toBeGreaterThan(690);
  expect(gas / 1.2).toBeLessThan(697);
});

test('longer, faster or less fetched is never more', () => {
  const some = fc.double({ min: 0, max: 50, noNaN: true });
  fc.assert(
    fc.property(some, some, some, some, (amount, rate, hours, more) => {
      const left = leftAfter(amount, rate, hours);
      expect(left).toBeGreaterThanOrEqual(0);
      expect(leftAfter(amount, rate, hours + more)).toBeLessThanOrEqual(left);
      expect(leftAfter(amount, rate + more, hours)).toBeLessThanOrEqual(left);
      expect(leftAfter(amount + more, rate, hours)).toBeGreaterThanOrEqual(left);
    }),
  );
  expect(() => leftAfter(1, -1, 1)).toThrow(RangeError);
});

test('what it tells to fetch is enough', () => {
  const of = { amount: 2, rate: 0.1, hours: 30, needed: 3 };
  const short = judge(of);
  expect(short.level).toBe('fix');
  const fetched = Number(/Fetch ([\d.]+) L/.exec(short.remedy)?.[1]);
  expect(judge({ ...of, amount: fetched }).level).not.toBe('fix');
});

test('what can’t be is told at its field', () => {
  const faults = (over: Record<string, number>) =>
    inputFaults(coldLeft, { ...usualValues(coldLeft), ...over });
  expect(faults({ amount: 0 })).toEqual({ amount: 'Fetched, L or kg must be more than nothing' });
  expect(faults({ temperature: -280 })).toHaveProperty('temperature');
  expect(faults({ hours: -1 })).toEqual({ hours: 'Until it is wanted must not be negative' });
});
