/** Gases against Henry's law, published tables and the ideal gas. */
import { describe, expect, test } from '@jest/globals';
import { closedPressure, realGasPressure, vapourPressure } from '../cold/carbonDioxide';
import { closedVessel } from '../cold/closedVessel';
import { usualValues } from '../inputs';
import { balloon } from './balloon';
import { dissolves, pressureOver } from './dissolved';
import { poppingLid } from './poppingLid';
import { sodaGas } from './sodaGas';

// Henry's law constants, Sander (from memory): 0.034 mol/L at 25 °C and 1 atm, falling as exp(2400 K·(1/T − 1/298 K)).
test('carbon dioxide in water', () => {
  expect(dissolves(25) * 101.325).toBeCloseTo(0.034, 6);
  expect(dissolves(0) / dissolves(25)).toBeCloseTo(Math.exp(2400 * (1 / 273.15 - 1 / 298.15)), 9);
  // A litre of water and nothing above it, with 0.034 mol in it, presses with one atmosphere.
  expect(pressureOver(0.034, 1, 0, 25)).toBeCloseTo(101.325, 3);
  expect(() => pressureOver(1, 0, 0, 20)).toThrow(RangeError);
});

describe('carbon dioxide in a closed vessel', () => {
  // NIST Chemistry WebBook (from memory): 57.3 bar at 20 °C, 5.18 bar at the triple point.
  test('vapour pressure', () => {
    expect(Math.abs((vapourPressure(20) ?? 0) / 57.3 - 1)).toBeLessThan(0.01);
    expect(vapourPressure(-56.56)).toBe(5.18);
    expect(vapourPressure(35)).toBeNull();
    expect(vapourPressure(-70)).toBeNull();
  });

  test('200 g in half a litre turn liquid: 57 bar, not 222', () => {
    const found = closedVessel.evaluate({ ...usualValues(closedVessel), amount: 200, holds: 0.5 });
    expect(found).toMatchObject({ level: 'stop', final: true, figure: '57.3 bar' });
  });

  test('a little of it is nearly an ideal gas, and more never presses less', () => {
    const bar = (grams: number) => closedPressure('dryIce', grams / 44.0095 / 0.5, 20);
    expect(bar(0.5) / ((0.5 / 44.0095 / 0.5) * 0.083145 * 293.15)).toBeCloseTo(1, 1);
    const rising = [0, 1, 5, 20, 50, 100, 200, 300, 400, 500, 600].map(bar);
    expect([...rising].sort((a, b) => a - b)).toEqual(rising);
    // Denser than the liquid: there is no room left.
    expect(bar(500)).toBeGreaterThan(100);
  });

  test('nitrogen stays a gas', () => {
    expect(realGasPressure('nitrogen', 0.05, 20) / (0.05 * 0.083145 * 293.15)).toBeCloseTo(1, 2);
    const found = closedVessel.evaluate({ ...usualValues(closedVessel), kind: 'nitrogen' });
    expect(found).toMatchObject({ level: 'stop', final: true });
  });
});

describe('a lid that is meant to pop off', () => {
  const judge = (over: Record<string, number>) =>
    poppingLid.evaluate({ ...usualValues(poppingLid), ...over });

  test('is no final stop, and asks for distance, eyes and ears', () => {
    const far = judge({ clear: 500 });
    expect(far).toMatchObject({ level: 'ok', final: false });
    expect(far.remedy).toMatch(/eyes covered.*ears covered/);
    expect(judge({ clear: 1 }).level).toBe('fix');
  });

  test('a lid that holds much, or a large vessel, is a stop', () => {
    expect(judge({ lets: 600 }).level).toBe('stop');
    expect(judge({ holds: 2 }).level).toBe('stop');
  });
});

describe('soda', () => {
  const judge = (over: Record<string, number> = {}) =>
    sodaGas.evaluate({ ...usualValues(sodaGas), ...over });

  // Common practice: about two thirds of a 2 L bottle go out.
  test('two thirds gone is as usual, a third is watched', () => {
    expect(judge({ left: 670 }).level).toBe('ok');
    expect(judge({ left: 1400 })).toMatchObject({ level: 'watch' });
  });

  test('warming drives out more, and presses harder while it is closed', () => {
    const gas = (temperature: number) =>
      sodaGas.curve?.at({ ...usualValues(sodaGas), temperature }) ?? 0;
    expect(gas(40)).toBeGreaterThan(gas(20));
    expect(gas(20)).toBeGreaterThan(gas(5));
    // All of it but what one atmosphere keeps dissolved.
    expect(gas(25)).toBeCloseTo((7 / 44.0095 - 0.034) * 2 * 0.0820574 * 298.15, 1);
    expect(judge({ temperature: 60 })).toMatchObject({ level: 'fix' });
  });
});

describe('a balloon', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    balloon.evaluate({ ...usualValues(balloon), ...over });

  // Common practice: a litre of helium lifts about a gram.
  test('helium lifts about a gram a litre', () => {
    const lift = balloon.curve?.at({ ...usualValues(balloon), width: 28, skin: 0 }) ?? 0;
    const litres = (Math.PI / 6) * 2.8 ** 3;
    expect(lift / litres).toBeGreaterThan(0.95);
    expect(lift / litres).toBeLessThan(1.1);
    expect(judge({ gas: 'air' }).message).toContain('Does not rise');
  });

  test.each(['hydrogen', 'methane', 'propane'])('%s is a stop that nothing sets aside', (gas) => {
    const found = judge({ gas });
    expect(found).toMatchObject({ level: 'stop', final: true });
    expect(found.message).toMatch(/kJ/);
  });
});
