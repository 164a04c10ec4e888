/** Reactions against stoichiometry and the definition of volume strength. */
import { describe, expect, test } from '@jest/globals';
import { molarVolume } from '../air/molarVolume';
import { inputFaults, usualValues } from '../inputs';
import { fizz } from './fizz';
import { foam } from './foam';
import { metalGas } from './metalGas';
import { atomsOf, molarMass } from './molarMass';
import { react } from './react';
import { type Reaction, REACTIONS } from './reactions';
import { dilute } from './dilute';
import { temperatureRise } from './temperatureRise';

test.each(Object.entries(REACTIONS) as [string, Reaction][])('%s is balanced', (_id, reaction) => {
  const count = (parts: Reaction['takes']): Record<string, number> => {
    const atoms: Record<string, number> = {};
    for (const part of parts)
      for (const [element, n] of atomsOf(part.formula))
        atoms[element] = (atoms[element] ?? 0) + n * part.moles;
    return atoms;
  };
  expect(count(reaction.gives)).toEqual(count(reaction.takes));
  expect(reaction.gives.some((part) => part.formula === reaction.gas)).toBe(true);
});

// CODATA gas constant: 22.414 L/mol at 0 °C, 24.055 at 20 °C.
test('molar volume', () => {
  expect(Math.abs(molarVolume(0) - 22.414)).toBeLessThan(0.001);
  expect(Math.abs(molarVolume(20) - 24.055)).toBeLessThan(0.001);
  expect(() => molarVolume(-273.15)).toThrow(RangeError);
  expect(() => molarVolume(20, 0)).toThrow(RangeError);
});

test('molar masses, from the standard atomic masses', () => {
  expect(molarMass('C2H4O2')).toBeCloseTo(60.052, 2);
  expect(molarMass('NaHCO3')).toBeCloseTo(84.006, 2);
  expect(() => molarMass('h2o')).toThrow(RangeError);
  expect(() => molarMass('Xx2')).toThrow(RangeError);
});

// Stoichiometry: 237 mL of vinegar 5 % w/v and 16.6 g of hydrogencarbonate give 4.75 L at 20 °C.
test('a cup of vinegar', () => {
  const acid = (237 * 0.05) / molarMass('C2H4O2');
  const made = react(REACTIONS.vinegar, { C2H4O2: acid, NaHCO3: 1 });
  expect(Math.abs(made.gasMoles * molarVolume(20) - 4.75)).toBeLessThan(0.05);
  expect(Math.abs((1 - (made.left.NaHCO3 ?? 0)) * molarMass('NaHCO3') - 16.6)).toBeLessThan(0.1);
  expect(made.limiting).toBe('C2H4O2');
});

// 2 Al → 3 H₂: 1 g gives 1.337 L at 20 °C.
test('a gram of aluminium', () => {
  const { gasMoles } = react(REACTIONS.aluminium, { Al: 1 / molarMass('Al') });
  expect(Math.abs(gasMoles * molarVolume(20) - 1.337)).toBeLessThan(0.005);
  expect(metalGas.evaluate(usualValues(metalGas))).toMatchObject({ level: 'stop', final: true });
});

test('heat: water warms until it boils, and then boils off', () => {
  expect(temperatureRise(4.18, 100, 20).reached).toBeCloseTo(30, 6);
  const hot = temperatureRise(100, 100, 20);
  expect(hot.reached).toBe(100);
  // 100 kJ less the 33.44 kJ to 100 °C, at 2.257 kJ/g.
  expect(hot.boiled).toBeCloseTo((100 - 33.44) / 2.257, 6);
  expect(() => temperatureRise(1, 0, 20)).toThrow(RangeError);
});

describe('foam', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    foam.evaluate({ ...usualValues(foam), ...over });

  // 3 % w/v is 9.9 volume; 30 % w/w of 1.108 g/mL is 109.5 volume (definition of volume strength).
  test.each([
    [3, 'massPerVolume', 9.9, 0.1],
    [30, 'massShare', 109.5, 1],
  ])('%d %s gives as much oxygen as %d volume', (strength, kind, volumes, tolerance) => {
    const litres = (of: Record<string, number | string>) =>
      Number(/^([\d.]+) L/.exec(judge({ amount: 1000, temperature: 0, ...of }).message)?.[1]);
    expect(Math.abs(litres({ strength, kind }) - volumes)).toBeLessThan(tolerance);
    expect(Math.abs(litres({ strength: volumes, kind: 'volumes' }) - volumes)).toBeLessThan(0.6);
  });

  // Enthalpies of formation −187.8 and −285.8 kJ/mol: a 3 % solution warms by about 21 °C.
  test('a weak solution warms by 21 °C', () => {
    const reached = Number(
      /reaches ([\d.]+)/.exec(judge({ strength: 3, water: 0, amount: 100 }).message)?.[1],
    );
    expect(Math.abs(reached - 20 - 21)).toBeLessThan(1.5);
  });

  test('weak fits, strong is watched for skin, and what boils must be fixed', () => {
    expect(judge({ strength: 3 }).level).toBe('ok');
    expect(judge({ strength: 9, water: 100 }).remedy).toContain('Splash gloves');
    expect(judge({ strength: 30, water: 0 })).toMatchObject({ level: 'fix' });
    expect(judge({ strength: 30, water: 0 }).message).toContain('boils');
  });

  test('stronger than any stage is refused at the field', () => {
    expect(inputFaults(foam, { ...usualValues(foam), strength: 90 })).toHaveProperty('strength');
  });
});

describe('thinning', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    dilute.evaluate({ ...usualValues(dilute), ...over });

  // c₁·V₁ = c₂·V₂: 120 mL of 3 % from 9 % takes 40 mL.
  test('a third of the strength takes a third of the bottle', () => {
    expect(judge().message).toBe('40 mL from the bottle, filled up with water to 120 mL.');
  });

  test('stronger than the bottle can’t be had; concentrated acid is not thinned', () => {
    expect(judge({ wanted: 12 }).level).toBe('fix');
    expect(judge({ what: 'concentratedAcid' }).level).toBe('stop');
  });
});

describe('fizz', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    fizz.evaluate({ ...usualValues(fizz), ...over });

  test('says what is left over of which', () => {
    expect(judge({ carbonate: 20 }).message).toContain('g of hydrogencarbonate left over');
    expect(judge({ carbonate: 2 }).message).toContain('g of acid left over');
  });

  test('more gas than a closed vessel holds is a stop', () => {
    expect(judge({ holds: 0.5 }).level).toBe('watch');
    expect(judge({ holds: 0.5, closed: 'closed' }).level).toBe('stop');
    const closed = judge({ holds: 100, closed: 'closed' });
    expect(closed.level).toBe('watch');
    expect(closed.remedy).toContain('only in what is made for that');
  });

  test('three of hydrogencarbonate to one of citric acid', () => {
    const made = react(REACTIONS.citric, { C6H8O7: 1, NaHCO3: 3 });
    expect(made).toMatchObject({ gasMoles: 3, heat: null, left: { C6H8O7: 0, NaHCO3: 0 } });
  });
});
