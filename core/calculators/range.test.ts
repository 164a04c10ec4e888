/** Verdicts over ranges, and how near one is to the next. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { HOUSEHOLD } from '../units/household';
import type { Setting } from '../repertoire/types';
import { resolveInputs, settingRange } from './bind';
import { LEVELS } from './calculator';
import { edgesOf, passes } from './edge';
import { evaluateChecked } from './evaluate';
import { usualValues } from './inputs';
import { clearZone } from './motion/clearZone';
import { evaluateOver, measureFirst } from './range';
import { foam } from './reaction/foam';
import { willItLight } from './vapour/willItLight';

fc.configureGlobal({ seed: 155 });

const NO_FACTS = {
  temperature: null,
  humidity: null,
  people: null,
  wind: null,
  pressure: null,
  roomVolume: null,
  airChanges: null,
  frontRow: null,
  backRow: null,
  sound: null,
  youngest: null,
};

const setting = (more: Partial<Setting>): Setting => ({
  id: 'dose',
  name: 'Dose',
  value: 40,
  most: null,
  unit: 'mL',
  source: '',
  ...more,
});

const levelOf = (found: ReturnType<typeof evaluateOver>) =>
  found.ok ? found.assessment.level : 'not calculated';

test('a verdict over a range is as bad as any in it', () => {
  const range = fc
    .tuple(fc.double({ min: 0, max: 40, noNaN: true }), fc.double({ min: 0, max: 40, noNaN: true }))
    .map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as const);
  fc.assert(
    fc.property(range, fc.double({ min: 0, max: 1, noNaN: true }), ([low, high], at) => {
      const values = { ...usualValues(clearZone), clear: 30 };
      const over = evaluateOver(clearZone, values, { speed: [low, high] });
      const one = evaluateChecked(clearZone, { ...values, speed: low + at * (high - low) });
      if (!over.ok || !one.ok) throw new Error('not calculated');
      expect(LEVELS.indexOf(over.assessment.level)).toBeLessThanOrEqual(
        LEVELS.indexOf(one.assessment.level),
      );
    }),
  );
});

test('where the range decides it says so, and what to measure first', () => {
  const values = { ...usualValues(foam), catalyst: 'yeast', water: 10 };
  const ranges = { amount: [40, 60], strength: [3, 30] } as const;
  const found = evaluateOver(foam, values, ranges);
  if (!found.ok) throw new Error('not calculated');
  expect(found.assessment.level).toBe('fix');
  expect(found.assessment.message).toMatch(
    /^With peroxide 40 to 60 mL and strength 3 to 30 it depends/,
  );
  expect(found.assessment.remedy).toMatch(/^Measure strength first\./);
  expect(measureFirst(foam, values, ranges)).toBe('strength');
  expect(measureFirst(foam, values, {})).toBeNull();
});

test('a range within one verdict keeps it; no range at all is the plain verdict', () => {
  const values = usualValues(foam);
  const small = evaluateOver(foam, values, { amount: [49, 51] });
  expect(levelOf(small)).toBe('ok');
  expect(evaluateOver(foam, values, {})).toEqual(evaluateChecked(foam, values));
  // A range that goes beyond what can be calculated is told at its input.
  const beyond = evaluateOver(foam, values, { amount: [40, 9000] });
  expect(beyond.ok ? {} : beyond.faults).toHaveProperty('amount');
});

test('“a good squirt” and “40 to 60 mL” are ranges; a size that somebody measured is not', () => {
  const input = foam.inputs.amount;
  if (input?.kind !== 'number') throw new Error('no number');
  expect(settingRange(input, setting({ most: 60 }))).toEqual([40, 60]);
  expect(settingRange(input, setting({}))).toBeNull();
  const [least, most] = settingRange(input, setting({ value: 1, unit: 'squirt' })) ?? [0, 0];
  expect(least).toBeLessThan(HOUSEHOLD.squirt);
  expect(most).toBeGreaterThan(HOUSEHOLD.squirt);
  const own = { ...HOUSEHOLD, squirt: 6 };
  expect(settingRange(input, setting({ value: 1, unit: 'squirt' }), own)).toBeNull();
});

test('what nothing says is unsaid, what does not count is not asked, what is expected is told', () => {
  const none = resolveInputs(willItLight, [], { settings: [], facts: NO_FACTS });
  expect(none.unsaid).toContain('Vessel is of');
  expect(none.missing).toEqual(['temperature', 'pressure']);
  // One stroke of the pump counts only where there are strokes; toxic liquids only where the liquid is.
  expect(none.unsaid).not.toContain('One stroke');
  expect(none.unsaid).not.toContain('Toxic liquids');
  const facts = { ...NO_FACTS, temperature: 20, pressure: 101.3 };
  const expected = new Set(['temperature'] as const);
  const some = resolveInputs(willItLight, [], { settings: [], facts, expected });
  expect(some).toMatchObject({ missing: [], expected: ['temperature'] });
  expect(some.from.temperature).toBe('expected');
});

test('at the edge: the change it names undoes the verdict, and half of it does not', () => {
  const values = { ...usualValues(clearZone), speed: 11, clear: 14, ground: 'soft' };
  const edges = edgesOf(clearZone, values);
  expect(edges.map(({ input }) => input)).toEqual(['speed', 'clear']);
  const now = evaluateChecked(clearZone, values);
  for (const { input, by } of edges) {
    const then = evaluateChecked(clearZone, {
      ...values,
      [input]: Number(values[input as 'speed']) + by,
    });
    if (!now.ok || !then.ok) throw new Error('not calculated');
    expect(passes(then.assessment.level)).not.toBe(passes(now.assessment.level));
  }
  expect(edges.find(({ input }) => input === 'speed')?.words).toMatch(/^speed [12] m\/s more$/);
  expect(edgesOf(clearZone, { ...values, clear: 300 })).toEqual([]);
  expect(edgesOf(clearZone, { ...values, clear: NaN })).toEqual([]);
});
