/** Vapour against handbook values; those marked so are from memory. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { airToReachShare, shareAfterVentilation } from '../air/ventilation';
import { inputFaults, usualValues } from '../inputs';
import { stoichiometricShare, stoichiometricOxygen } from './stoichiometry';
import { doseToSaturate, vapourFromDose } from './dose';
import { anotherGo } from './anotherGo';
import { LIQUID_IDS, LIQUIDS, type LiquidId } from './liquids';
import { saturatedShare, saturationPressure, temperatureForShare } from './saturation';
import { willItLight } from './willItLight';

// The same cases every time.
fc.configureGlobal({ seed: 152 });

// Boiling points at 760 mmHg: CRC Handbook (from memory).
test.each([
  ['ethanol', 78.3],
  ['propan2ol', 82.3],
  ['methanol', 64.7],
] as [LiquidId, number][])(
  '%s boils at %d °C: its vapour then has the pressure of the air',
  (liquid, boils) => {
    expect(Math.abs(temperatureForShare(liquid, 100) - boils)).toBeLessThan(0.5);
    expect(Math.abs(saturationPressure(liquid, boils) - 101.325)).toBeLessThan(2.2);
  },
);

// From the constants: 5.8, 4.4 and 12.8 % at 20 °C.
test.each([
  ['ethanol', 5.8],
  ['propan2ol', 4.4],
  ['methanol', 12.8],
] as [LiquidId, number][])('saturated vapour of %s at 20 °C is %d %%', (liquid, share) => {
  expect(Math.abs(saturatedShare(liquid, 20) - share)).toBeLessThan(0.2);
});

// Closed-cup flash points 13, 12 and 11 °C (ICSC cards, from memory).
test.each([
  ['ethanol', 13],
  ['propan2ol', 12],
  ['methanol', 11],
] as [LiquidId, number][])(
  '%s starts to light 0 to 6 °C below its flash point',
  (liquid, flash) => {
    const starts = temperatureForShare(liquid, LIQUIDS[liquid].lower);
    expect(flash - starts).toBeGreaterThanOrEqual(0);
    expect(flash - starts).toBeLessThanOrEqual(6);
  },
);

test('equation and its inverse agree, and a warmer room never has less vapour', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...LIQUID_IDS),
      fc.double({ min: -40, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 20, noNaN: true }),
      (liquid, t, more) => {
        expect(temperatureForShare(liquid, saturatedShare(liquid, t))).toBeCloseTo(t, 6);
        expect(saturatedShare(liquid, t + more)).toBeGreaterThanOrEqual(saturatedShare(liquid, t));
      },
    ),
  );
});

// Balanced equation: 2 C₃H₈O + 9 O₂ → 6 CO₂ + 8 H₂O; shares 6.53, 4.45 and 12.26 %, oxygen 20.95 % of air.
test('complete combustion', () => {
  expect(stoichiometricOxygen('propan2ol')).toBe(4.5);
  expect(stoichiometricShare('ethanol')).toBeCloseTo(6.53, 1);
  expect(stoichiometricShare('propan2ol')).toBeCloseTo(4.45, 2);
  expect(stoichiometricShare('methanol')).toBeCloseTo(12.26, 1);
});

test('2 L saturated with propan-2-ol at 20 °C takes 0.28 mL', () => {
  const full = doseToSaturate({ liquid: 'propan2ol', litres: 2, celsius: 20 });
  expect(Math.abs(full - 0.28)).toBeLessThan(0.02);
  expect(
    vapourFromDose({ liquid: 'propan2ol', litres: 2, celsius: 20, millilitres: full / 2 }),
  ).toEqual({
    share: expect.closeTo(saturatedShare('propan2ol', 20) / 2, 9),
    left: 0,
  });
});

// Common practice: 5 strokes of a quarter of a litre leave 54 % in 2 L.
test('airing', () => {
  expect(shareAfterVentilation(2, 1.25)).toBeCloseTo(0.535, 2);
  expect(airToReachShare(2, shareAfterVentilation(2, 3))).toBeCloseTo(3, 9);
  expect(() => shareAfterVentilation(0, 1)).toThrow(RangeError);
});

describe('will it light', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    willItLight.evaluate({ ...usualValues(willItLight), ...over });

  test('2 mL swirled at 20 °C and poured away lights', () => {
    expect(judge()).toMatchObject({ level: 'ok', figure: '4.36 % propan-2-ol vapour' });
  });

  test('in a cold hall it is too lean, and no dose helps: the temperature is told', () => {
    const cold = judge({ temperature: 5 });
    expect(cold.level).toBe('fix');
    expect(cold.message).toContain('Too lean');
    expect(cold.remedy).toContain('no dose lights');
  });

  test('on a hot day it is too rich, until it is aired', () => {
    const hot = judge({ temperature: 45 });
    expect(hot.level).toBe('fix');
    expect(hot.message).toContain('Too rich');
    const strokes = Number(/with (\d+) strokes/.exec(hot.remedy)?.[1]);
    expect(judge({ temperature: 45, strokes }).level).toBe('ok');
    // What is left in as liquid makes it as rich again.
    expect(judge({ temperature: 45, strokes, surplus: 'left', dose: 20 }).level).toBe('fix');
  });

  test('methanol is off, with the reason; asked for, it is calculated and watched', () => {
    expect(judge({ liquid: 'methanol' })).toMatchObject({ level: 'stop' });
    expect(judge({ liquid: 'methanol' }).remedy).toContain('toxic');
    expect(judge({ liquid: 'methanol', toxic: 'on', dose: 5 }).level).toBe('watch');
  });

  test('a dose bigger than the vessel, a vessel of nothing, absolute zero', () => {
    const faults = (over: Record<string, number | string>) =>
      inputFaults(willItLight, { ...usualValues(willItLight), ...over });
    expect(faults({ dose: 800, vessel: 0.5 })).toEqual({
      dose: 'Dose must be less than the vessel holds',
    });
    expect(faults({ vessel: 0 })).toEqual({ vessel: 'Vessel must be more than nothing' });
    expect(faults({ temperature: -300 })).toEqual({
      temperature: 'Temperature must be above absolute zero, −273.15 °C',
    });
    expect(faults({ liquid: 'petrol' })).toHaveProperty('liquid');
    expect(faults({})).toEqual({});
  });
});

describe('another go', () => {
  test('the strokes it asks for are enough, and one less is not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        fc.double({ min: 50, max: 500, noNaN: true }),
        (vessel, stroke) => {
          const first = anotherGo.evaluate({ vessel, stroke, strokes: 0, pace: 1 });
          const needed = Number(/takes (\d+) strokes/.exec(first.message)?.[1]);
          const level = (strokes: number) =>
            anotherGo.evaluate({ vessel, stroke, strokes, pace: 1 }).level;
          expect(level(needed)).toBe('ok');
          expect(level(needed - 1)).toBe('fix');
        },
      ),
    );
  });
});
