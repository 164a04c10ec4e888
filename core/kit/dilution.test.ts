import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Strength } from '../repertoire/substances';
import { item } from '../testing/bundle';
import { type Dilution, dilute } from './dilution';
import { gramsPerLitre, strengthText, writtenAs } from './strength';

const share = (value: number): Strength => ({ value, kind: 'massShare' });
const perVolume = (value: number): Strength => ({ value, kind: 'massPerVolume' });
const volumes = (value: number): Strength => ({ value, kind: 'volumes' });

describe('strength', () => {
  // Volume strength: litres of oxygen at 0 °C and 1 atm from a litre, by definition; 9.9, sold as “10 volume”.
  test('3 % peroxide is sold as 10 volume', () => {
    const written = writtenAs(
      { substance: 'peroxide', strength: perVolume(3), density: null },
      'volumes',
    );
    expect(Math.abs((written?.value ?? 0) - 9.9)).toBeLessThan(0.1);
  });

  // The same definition: 30 % by mass at 1.108 g/mL is 109.5 volume, within 1.
  test('30 % peroxide by mass', () => {
    const written = writtenAs(
      { substance: 'peroxide', strength: share(30), density: 1.108 },
      'volumes',
    );
    expect(Math.abs((written?.value ?? 0) - 109.5)).toBeLessThan(1);
  });

  test('a share by mass can’t be told without a density', () => {
    const solution = { substance: 'peroxide', strength: share(30), density: null } as const;
    expect(gramsPerLitre(solution)).toBeNull();
    expect(writtenAs(solution, 'molar')).toBeNull();
  });

  test('there and back again, any way it is written (property)', () => {
    const kinds = ['massShare', 'massPerVolume', 'volumes', 'molar'] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(...kinds),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        fc.double({ min: 0.8, max: 1.9, noNaN: true }),
        (from, to, value, density) => {
          const start = { value, kind: from };
          const there = writtenAs({ substance: 'peroxide', strength: start, density }, to);
          if (!there) throw new Error('Every way of writing peroxide is known');
          const back = writtenAs({ substance: 'peroxide', strength: there, density }, from);
          expect(back?.value).toBeCloseTo(value, 9);
        },
      ),
    );
  });

  test('in words', () => {
    expect(
      [perVolume(3), volumes(9.884), share(30), { value: 0.5, kind: 'molar' as const }].map(
        strengthText,
      ),
    ).toEqual(['3 % (g in 100 mL)', '9.88 volume', '30 % by mass', '0.5 mol/L']);
  });
});

describe('dilution', () => {
  const peroxide = item('p', 'consumable', {
    name: 'Peroxide 9 %',
    substance: 'peroxide',
    strength: perVolume(9),
  });
  const mix = (result: Dilution) => {
    if (result.is !== 'mix') throw new Error(`${result.is}: ${result.words}`);
    return result;
  };

  test('a third of it and two thirds of water', () => {
    const result = mix(dilute(peroxide, perVolume(3), 120));
    expect(result.stock).toBeCloseTo(40, 9);
    expect(result.water).toBeCloseTo(80, 9);
    expect(result.words).toContain(
      'Put 80 mL of water in the jug first, then 40 mL of Peroxide 9 %',
    );
    expect(result.working).toBe(
      '9 % (g in 100 mL) is 90 g in a litre, 3 % (g in 100 mL) is 30 g: 120 mL × 30 ÷ 90 = 40 mL',
    );
  });

  // The cross rule of handbooks: 30 % to 10 % by mass takes 1 part in 3 by mass.
  test('shares by mass keep the mass of the substance, with density', () => {
    const strong = { ...peroxide, strength: share(30), density: 1.108 };
    const { stock, water } = mix(dilute(strong, share(10), 1000));
    const [gramsStock, gramsWater] = [stock * 1.108, water * 0.9982];
    expect((gramsStock * 0.3) / (gramsStock + gramsWater)).toBeCloseTo(0.1, 9);
  });

  test('as it comes, and too weak', () => {
    expect(dilute(peroxide, perVolume(9.05), 100).is).toBe('ready');
    expect(dilute(peroxide, perVolume(12), 100)).toMatchObject({
      is: 'refused',
      words: expect.stringContaining('weaker'),
    });
  });

  test.each([
    ['sulfuricAcid', share(96), 1.84],
    ['hydrochloricAcid', share(36), 1.18],
    ['nitricAcid', { value: 15.8, kind: 'molar' }, null],
    ['aceticAcid', share(99), 1.05],
  ] as const)('water is never added to concentrated %s', (substance, strength, density) => {
    const acid = item('a', 'consumable', { name: 'Acid', substance, strength, density });
    expect(dilute(acid, { value: 0.5, kind: 'molar' }, 100)).toMatchObject({
      is: 'refused',
      words: expect.stringContaining('concentrated acid'),
    });
  });

  test('vinegar may be thinned', () => {
    const vinegar = item('v', 'consumable', { substance: 'aceticAcid', strength: perVolume(5) });
    expect(dilute(vinegar, perVolume(2.5), 100)).toMatchObject({ is: 'mix', water: 50 });
  });

  test.each([
    [{ substance: null }, perVolume(3), 100, 'needs its substance'],
    [{ density: 0 }, perVolume(3), 100, 'density above zero'],
    [{ strength: share(9) }, perVolume(3), 100, 'needs its density'],
    [{ substance: 'salt' as const }, volumes(3), 100, 'of hydrogen peroxide only'],
    [{}, perVolume(0), 100, 'must be more than nothing'],
    [{}, perVolume(3), 0, 'must be more than nothing'],
  ])('what is not known is asked for: %j', (over, wanted, volume, words) => {
    expect(dilute({ ...peroxide, ...over }, wanted, volume)).toMatchObject({
      is: 'unknown',
      words: expect.stringContaining(words),
    });
  });

  test('stock and water make up what is wanted, with as much of the substance (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0.05, max: 0.9, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        (strong, part, volume) => {
          const result = mix(
            dilute({ ...peroxide, strength: perVolume(strong) }, perVolume(strong * part), volume),
          );
          expect(result.stock + result.water).toBeCloseTo(volume, 6);
          expect(result.stock * strong).toBeCloseTo(volume * strong * part, 4);
        },
      ),
    );
  });
});
