/** What crude readings stand for, against mechanics, geometry, and the guide to uncertainty. */
import { describe, expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { normalFrom } from '../testing/normal';
import { BLANK_MEASURE, type Conversion, type MethodResult } from '../repertoire/measure';
import { conversionOf, conversionsFor, figureOf, givenFaults, unitFault } from './conversions';
import { ofLimits, ofResolution, propagate } from './propagate';
import { figureWords, readingInFull, readingWords } from './words';

const result = (
  unit: string,
  becomes: Conversion | null,
  more: Partial<MethodResult> = {},
): MethodResult => ({
  ...BLANK_MEASURE,
  id: 'r',
  task: null,
  within: null,
  unit,
  becomes,
  ...more,
});

const given = (id: Conversion['id'], values: Record<string, number>, within = 0): Conversion => ({
  id,
  given: Object.entries(values).map(([name, value]) => ({ id: name, value, within })),
});

const valueOf = (unit: string, becomes: Conversion, value: number): number =>
  figureOf(result(unit, becomes, { resolution: null }), value)?.value ?? NaN;

describe('what a reading stands for', () => {
  test('a balance under a push: 600 g of force are 5.9 N (standard gravity 9.80665 m/s²)', () => {
    expect(valueOf('g', given('weight', {}), 600)).toBeCloseTo(5.88399, 4);
    expect(valueOf('kg', given('weight', {}), 0.6)).toBeCloseTo(5.88399, 4);
  });

  test('2.0 s up and down again: 4.9 m; 1 s of falling as well (free fall, mechanics)', () => {
    expect(valueOf('s', given('flight', {}), 2)).toBeCloseTo(4.9033, 3);
    expect(valueOf('s', given('fall', {}), 1)).toBeCloseTo(4.9033, 3);
    expect(valueOf('min', given('flight', {}), 2 / 60)).toBeCloseTo(4.9033, 3);
  });

  test('45° over 20 m and an eye at 1.5 m: 21.5 m (geometry)', () => {
    expect(valueOf('°', given('sighting', { distance: 20, eye: 1.5 }), 45)).toBeCloseTo(21.5, 9);
    expect(valueOf('°', given('sighting', { distance: 10, eye: 0 }), 60)).toBeCloseTo(17.32, 2);
  });

  test('120 frames at 240 a second: 0.5 s; five turns in 300 frames: 240 a minute (arithmetic)', () => {
    expect(valueOf('frames', given('frames', { rate: 240 }), 120)).toBe(0.5);
    expect(valueOf('frames', given('turns', { turns: 5, rate: 240 }), 300)).toBe(240);
  });

  test('a level that fell by two thirds of a full bottle', () => {
    expect(valueOf('cm', given('levelLost', { full: 24 }), 16)).toBeCloseTo(66.67, 2);
    expect(valueOf('mm', given('levelLost', { full: 24 }), 160)).toBeCloseTo(66.67, 2);
  });

  test('2.08 m of foam in a bore of 6 cm: 5.88 L (geometry)', () => {
    expect(valueOf('m', given('bore', { bore: 6 }), 2.08)).toBeCloseTo(5.88, 2);
    expect(valueOf('cm', given('bore', { bore: 6 }), 208)).toBeCloseTo(5.88, 2);
  });
});

describe('how sure it is', () => {
  test('the resolution and limits of the guide (JCGM 100:2008, 4.3.7)', () => {
    expect(ofResolution(1)).toBeCloseTo(0.2887, 4);
    expect(ofLimits(1)).toBeCloseTo(0.5774, 4);
  });

  test('of a product, relative uncertainties add as squares (JCGM 100:2008, 5.1.6)', () => {
    const made = propagate(
      (a, b) => a * b ** 2,
      [
        { value: 10, u: 0.1 },
        { value: 5, u: 0.05 },
      ],
    );
    expect(made.u / made.value).toBeCloseTo(Math.hypot(0.01, 0.02), 4);
  });

  test('2.0 s to a tenth, by a thumb good to 0.2 s: 4.9 ± 1.2 m', () => {
    const hand = result('s', given('flight', {}), { resolution: 0.1, within: 0.2 });
    const figure = figureOf(hand, 2);
    // dh/dt = g t / 4; the parts of it by hand.
    const u = (9.80665 * 2 * Math.hypot(0.1 / Math.sqrt(12), 0.2 / Math.sqrt(3))) / 4;
    expect(figure?.u).toBeCloseTo(u, 6);
    expect(figure && figureWords(figure)).toBe('4.9 ± 1.2 m');
    expect(readingInFull(hand, 2)).toBe('2 s: 4.9 ± 1.2 m');
  });

  test('a film is uncertain at both ends: one frame spread as a triangle has 1/√6', () => {
    const film = result('frames', given('frames', { rate: 240 }), { resolution: 1 });
    expect(figureOf(film, 120)?.u).toBeCloseTo(1 / Math.sqrt(6) / 240, 9);
  });

  test('and agrees with trying it out (JCGM 101:2008, by simulation)', () => {
    const becomes = given('sighting', { distance: 20, eye: 1.5 }, 0.5);
    const sighted = result('°', becomes, { resolution: 1, within: 1 });
    const figure = figureOf(sighted, 40);
    const draw = normalFrom(randomFrom(3));
    const u = { angle: Math.hypot(1 / Math.sqrt(12), 1 / Math.sqrt(3)), given: 0.5 / Math.sqrt(3) };
    const heights = Array.from({ length: 40_000 }, () => {
      const angle = 40 + u.angle * draw();
      const distance = 20 + u.given * draw();
      return distance * Math.tan((angle * Math.PI) / 180) + 1.5 + u.given * draw();
    });
    const mean = heights.reduce((sum, h) => sum + h, 0) / heights.length;
    const sd = Math.sqrt(heights.reduce((sum, h) => sum + (h - mean) ** 2, 0) / heights.length);
    expect(Math.abs((figure?.u ?? 0) / sd - 1)).toBeLessThan(0.02);
    expect(Math.abs((figure?.value ?? 0) - mean)).toBeLessThan(0.02);
  });
});

describe('what can’t be made of it', () => {
  test('a unit of another kind, and words of one’s own', () => {
    expect(unitFault(conversionOf('weight'), 'cm')).toBe(
      'must be read in g, kg, oz, lb or the like',
    );
    expect(unitFault(conversionOf('sighting'), 'cm')).toBe('must be read in °');
    expect(unitFault(conversionOf('weight'), 'oz')).toBeNull();
    expect(figureOf(result('cups', given('weight', {})), 3)).toBeNull();
  });

  test('what is missing, or can’t be', () => {
    const kind = conversionOf('bore');
    expect([...givenFaults(kind, []).values()]).toEqual(['Inner width is missing']);
    expect([...givenFaults(kind, [{ id: 'bore', value: 0, within: 0 }]).values()]).toEqual([
      'Inner width must be more than 0',
    ]);
    expect(figureOf(result('cm', given('bore', { bore: 0 })), 3)).toBeNull();
    expect(figureOf(result('frames', given('turns', { turns: 5, rate: 240 })), 0)).toBeNull();
  });

  test('is offered for readings of its kind only', () => {
    expect(conversionsFor('time').map(({ id }) => id)).toEqual(['flight', 'fall']);
    expect(conversionsFor('temperature')).toEqual([]);
  });
});

test('readings as they were, in words', () => {
  const cm = result('cm', null);
  expect(readingWords(cm, 44)).toBe('44 cm');
  expect(readingWords(cm, null)).toBe('not read');
  expect(readingWords(result('', null, { quantity: 'yesNo' }), 0)).toBe('no');
  expect(readingWords(result('°', null), 31.5)).toBe('31.5°');
  expect(readingInFull(cm, 44)).toBe('44 cm');
  expect(figureWords({ value: 44, u: 0, unit: 'cm' })).toBe('44 cm');
  expect(figureWords({ value: 251.4, u: 17, unit: 'm' })).toBe('251 ± 34 m');
});
