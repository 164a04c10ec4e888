import { expect, test } from '@jest/globals';
import { gasFrom } from '../calculators/cold/gasFrom';
import { MATERIALS, type Material, coolDown } from './materials';

// Latent heat only, 300 K to 77 K; cryogenic engineering handbooks (from memory), within 10 %.
test.each([
  ['aluminium', 1.01],
  ['stainless', 0.53],
  ['copper', 0.46],
] as [Material, number][])('a kilogram of %s takes %d L of liquid nitrogen', (material, litres) => {
  const ours = coolDown('nitrogen', material, 1000) / 1000;
  expect(Math.abs(ours - litres)).toBeLessThan(0.1 * litres);
});

// Common practice: 3 mL of liquid nitrogen fills a 2 L bottle; 2.08 L at 20 °C, within 0.03 L.
test('three millilitres of liquid nitrogen fill a two litre bottle', () => {
  expect(Math.abs(gasFrom('nitrogen', 0.003, 20) - 2.08)).toBeLessThan(0.03);
});

// Guidance gives 692 to 696 times at 20 °C (from memory); the ideal gas gives 692: 806 g/L ÷ 28.0134 g/mol × 24.055 L/mol.
test('liquid nitrogen expands about 692 times', () => {
  expect(Math.abs(gasFrom('nitrogen', 1, 20) - (806 / 28.0134) * 24.055)).toBeLessThan(1);
});

// Ideal gas, M = 44.0095 g/mol: 0.547 m³ within 0.003 from a kilogram at 20 °C.
test('dry ice as gas', () => {
  expect(Math.abs(gasFrom('dryIce', 0.001, 20) - 24.055 / 44.0095)).toBeLessThan(0.003);
});

test('twice as much takes twice as much, nothing takes nothing, and less than nothing is refused', () => {
  for (const material of MATERIALS) {
    expect(coolDown('dryIce', material, 200)).toBeCloseTo(2 * coolDown('dryIce', material, 100), 9);
    expect(coolDown('nitrogen', material, 0)).toBe(0);
  }
  expect(() => coolDown('nitrogen', 'glass', -1)).toThrow(RangeError);
  expect(() => coolDown('nitrogen', 'glass', NaN)).toThrow(RangeError);
});
