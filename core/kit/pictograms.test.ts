/** Which pictograms a label carries, against the labels of common substances. */
import { describe, expect, test } from '@jest/globals';
import { HAZARD_CODES } from './ghs';
import { PICTOGRAMS, pictogramsOf } from './pictograms';
import { PICTOGRAM_SHAPES, pictogramSvg } from './pictogramShapes';

describe('pictograms by hazard codes', () => {
  // Harmonised labels of Regulation (EC) No 1272/2008, Annex VI, table 3; from memory.
  test.each([
    ['acetone', ['H225', 'H319', 'H336'], ['flame', 'exclamation']],
    ['ethanol', ['H225'], ['flame']],
    ['methanol', ['H225', 'H331', 'H311', 'H301', 'H370'], ['flame', 'skull', 'health']],
    ['hydrochloric acid', ['H314', 'H335'], ['corrosion', 'exclamation']],
    ['sodium hydroxide', ['H290', 'H314'], ['corrosion']],
    ['ammonia solution', ['H314', 'H400'], ['corrosion', 'environment']],
    [
      'concentrated peroxide',
      ['H271', 'H332', 'H302', 'H314'],
      ['oxidiser', 'corrosion', 'exclamation'],
    ],
    ['propane in a bottle', ['H220', 'H280'], ['flame', 'gasCylinder']],
    ['liquid nitrogen', ['H281'], ['gasCylinder']],
    ['nothing', [], []],
  ])('%s', (_name, codes, shown) => {
    expect(pictogramsOf(codes)).toEqual(shown);
  });

  // The precedence of 1.4.10.5.3.
  test('the exclamation mark gives way where something graver says it', () => {
    expect(pictogramsOf(['H301', 'H315', 'H335'])).toEqual(['skull']);
    expect(pictogramsOf(['H318', 'H315'])).toEqual(['corrosion']);
    expect(pictogramsOf(['H318', 'H302'])).toEqual(['corrosion', 'exclamation']);
    expect(pictogramsOf(['H334', 'H317', 'H319'])).toEqual(['health']);
    expect(pictogramsOf(['H317'])).toEqual(['exclamation']);
  });

  test('long-lasting harm to water of category 3, and a burst can, have words and no pictogram', () => {
    expect(pictogramsOf(['H412', 'H229'])).toEqual([]);
  });

  test('every code that labels know has a pictogram, but those that carry none', () => {
    const without = HAZARD_CODES.filter((code) => pictogramsOf([code]).length === 0);
    expect(without).toEqual(['H229', 'H412']);
  });
});

test('each is drawn, in black on white within red', () => {
  for (const one of PICTOGRAMS) {
    expect(PICTOGRAM_SHAPES[one].length).toBeGreaterThan(0);
    expect(pictogramSvg(one)).toMatch(/^<svg .*stroke="#C8102E".*fill="#000".*<\/svg>$/);
  }
});
