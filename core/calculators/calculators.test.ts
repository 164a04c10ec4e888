/** Chance; and what holds for every calculator. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seenToWork } from '../chance/spares';
import { betaBelow, jeffreys } from '../chance/jeffreys';
import { CALCULATORS } from './catalogue';
import { enoughGoes } from './chance/enoughGoes';
import { inputFaults, usualValues } from './inputs';
import { LEVELS, type Calculator, type Values } from './calculator';

// The same cases every time.
fc.configureGlobal({ seed: 151 });

describe('chance', () => {
  // Beta(2, 2) has the cumulative function 3x² − 2x³; Beta(½, ½) is the arcsine law.
  test('the beta distribution', () => {
    for (const x of [0.1, 0.35, 0.5, 0.9]) {
      expect(betaBelow(x, 2, 2)).toBeCloseTo(3 * x * x - 2 * x ** 3, 9);
      expect(betaBelow(x, 0.5, 0.5)).toBeCloseTo((2 / Math.PI) * Math.asin(Math.sqrt(x)), 9);
    }
    expect([betaBelow(-1, 2, 2), betaBelow(2, 2, 2)]).toEqual([0, 1]);
  });

  // Brown, Cai and DasGupta 2001 give the interval's ends for 0 and n; halves lie evenly by symmetry.
  test('Jeffreys interval', () => {
    expect(jeffreys(0, 10).low).toBe(0);
    expect(jeffreys(10, 10).high).toBe(1);
    const { low, high } = jeffreys(5, 10);
    expect(low + high).toBeCloseTo(1, 9);
    expect(betaBelow(low, 5.5, 5.5)).toBeCloseTo(0.025, 9);
  });

  test('goes for the wanted chance', () => {
    const found = enoughGoes.evaluate({ ...usualValues(enoughGoes), goes: 1 });
    expect(found.level).toBe('fix');
    const needed = Number(/Plan for (\d+) goes/.exec(found.remedy)?.[1]);
    expect(enoughGoes.evaluate({ ...usualValues(enoughGoes), goes: needed }).level).toBe('ok');
  });

  test('a wanted chance that no number of goes reaches is told as what they do reach', () => {
    const found = enoughGoes.evaluate({
      ...usualValues(enoughGoes),
      worked: 0,
      failed: 40,
      goes: 3,
      wanted: 95,
    });
    expect(found.level).toBe('fix');
    const reached = Number(/Even 50 goes reach ([\d.]+) % only/.exec(found.remedy)?.[1]);
    expect(reached).toBeLessThan(95);
    expect(reached).toBeCloseTo(seenToWork({ worked: 0, failed: 40 }, 50) * 100, 0);
    expect(found.remedy).not.toMatch(/Plan for/);
  });
});

/** Any values that a calculator's fields would let through. */
const anyValues = (calculator: Calculator): fc.Arbitrary<Values> =>
  fc.record(
    Object.fromEntries(
      Object.entries(calculator.inputs).map(([id, input]) => [
        id,
        input.kind === 'choice'
          ? fc.constantFrom(...Object.keys(input.options))
          : fc.double({ min: input.least, max: input.most, noNaN: true }),
      ]),
    ),
  );

test('each says what it rests on, and no two have the same name', () => {
  expect(new Set(CALCULATORS.map(({ id }) => id)).size).toBe(CALCULATORS.length);
  expect(new Set(CALCULATORS.map(({ title }) => title)).size).toBe(CALCULATORS.length);
  for (const { grounds } of CALCULATORS)
    for (const words of Object.values(grounds)) expect(words).toMatch(/\S{3}/);
});

describe.each(CALCULATORS.map((calculator) => [calculator.id, calculator] as const))(
  '%s',
  (_id, calculator) => {
    test('begins with values that can be calculated', () => {
      expect(inputFaults(calculator, usualValues(calculator))).toEqual({});
      for (const input of Object.values(calculator.inputs))
        if (input.kind === 'number') {
          expect(input.slide[0]).toBeLessThan(input.slide[1]);
          expect(input.slide[0]).toBeGreaterThanOrEqual(input.least);
          expect(input.slide[1]).toBeLessThanOrEqual(input.most);
        }
    });

    test('gives a verdict with figure, limit, source and working, whatever goes in', () => {
      fc.assert(
        fc.property(anyValues(calculator), (values) => {
          if (Object.keys(inputFaults(calculator, values)).length > 0) return;
          const found = calculator.evaluate(values);
          expect(LEVELS).toContain(found.level);
          for (const text of [found.message, found.figure, found.limit, found.source]) {
            expect(text).not.toBe('');
            expect(text).not.toMatch(/NaN|undefined|\bsafe\b/i);
          }
          expect(found.steps.length).toBeGreaterThan(0);
          if (found.level !== 'ok' && found.level !== 'watch') expect(found.remedy).not.toBe('');
          for (const id of calculator.unused?.(values) ?? [])
            expect(calculator.inputs).toHaveProperty(String(id));
          expect(Number.isNaN(calculator.curve?.at(values) ?? 0)).toBe(false);
        }),
        { numRuns: 200 },
      );
    });
  },
);
