/** Vapour against handbook values; those marked so are from memory. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { airToReachShare, shareAfterVentilation } from '../air/ventilation';
import { inputFaults, usualValues } from '../inputs';
import { stoichiometricShare, stoichiometricOxygen } from './stoichiometry';
import { doseToSaturate, vapourFromDose } from './dose';
import { anotherGo } from './anotherGo';
import { mostFilm } from './film';
import { LIQUID_IDS, LIQUIDS, type LiquidId } from './liquids';
import { saturatedShare, saturationPressure, temperatureForShare } from './saturation';
import { pressureAtNeck } from './vent';
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

  // Common practice: 2 L, a few mL shaken, surplus poured off, five strokes of a hand pump: it lights.
  test.each(['ethanol', 'propan2ol'])(
    '%s, poured off and aired with five strokes, may light',
    (liquid) => {
      const found = judge({ liquid, dose: 4, strokes: 5 });
      expect(found.message).not.toContain('Too lean');
      expect(['ok', 'watch']).toContain(found.level);
    },
  );

  test('what clings to the wall makes it a range; a wall that drains long keeps less', () => {
    const aired = { strokes: 6, dose: 4 };
    expect(judge(aired).figure).toMatch(/^[\d.]+ to [\d.]+ %/);
    expect(mostFilm('propan2ol', 2, 40)).toBeCloseTo(mostFilm('propan2ol', 2, 10) / 2, 9);
    expect(() => mostFilm('propan2ol', 2, 0)).toThrow(RangeError);
  });

  // Lower limit of ethanol: 3.3 % in NFPA 325, 3.1 % in IEC 60079-20-1 (from memory).
  test('between two published limits it is at the edge, below both too lean', () => {
    expect(judge({ liquid: 'ethanol', dose: 0.155 }).message).toContain('At the edge');
    expect(judge({ liquid: 'ethanol', dose: 0.14 })).toMatchObject({ level: 'fix' });
  });

  test('a flame over what stays liquid is a stop, however much it is', () => {
    for (const dose of [1, 20, 500]) {
      const found = judge({ dose, surplus: 'left' });
      expect(found.level).toBe('stop');
      expect(found.message).toContain('stay liquid under the flame');
    }
    // All of this little becomes vapour.
    expect(judge({ dose: 0.2, surplus: 'left' }).level).not.toBe('stop');
  });

  test('half a litre in the hand is no dose', () => {
    expect(judge({ dose: 500 })).toMatchObject({ level: 'fix' });
  });

  test('thin glass and a stopper that is in are stops, a narrow neck and thick glass to be fixed', () => {
    expect(judge({ material: 'thinGlass' }).level).toBe('stop');
    expect(judge({ stopper: 'in' }).level).toBe('stop');
    expect(judge({ material: 'thickGlass' }).level).toBe('fix');
    expect(judge({ neck: 10 }).message).toContain('too narrow');
    expect(judge({ material: 'unsaid' }).level).toBe('unknown');
    expect(judge({ stopper: 'unsaid' }).level).toBe('unknown');
    // Half the width, a quarter of the opening, sixteen times the pressure.
    expect(pressureAtNeck(2, 40) / pressureAtNeck(2, 80)).toBeCloseTo(16, 6);
    expect(pressureAtNeck(20, 10)).toBe(Infinity);
  });

  test('in a cold hall it is too lean, and no dose helps: the temperature is told', () => {
    const cold = judge({ temperature: 5 });
    expect(cold.level).toBe('fix');
    expect(cold.message).toContain('Too lean');
    expect(cold.remedy).toContain('no dose lights');
  });

  // Saturated propan-2-ol is within its range up to 38 °C: a warm evening does not make it too rich.
  test('a warm night is not too rich; a hot bottle is, until it is aired', () => {
    expect(judge({ temperature: 30 }).message).not.toContain('Too rich');
    expect(Math.abs(temperatureForShare('propan2ol', 12.7) - 38)).toBeLessThan(0.5);
    const hot = judge({ temperature: 45, dose: 0.9 });
    expect(hot.level).toBe('fix');
    expect(hot.message).toContain('Too rich');
    const strokes = Number(/with (\d+) strokes/.exec(hot.remedy)?.[1]);
    expect(judge({ temperature: 45, dose: 0.9, strokes }).level).toBe('ok');
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
