/**
 * Contrast of every pair of colours that is used together, by the formula of WCAG 2.2 (relative
 * luminance and contrast ratio): at least 4.5 for text, 3 for large figures and for the borders of
 * what can be pressed (success criteria 1.4.3 and 1.4.11).
 */
import { describe, expect, test } from '@jest/globals';
import { MARK_SHAPES } from '../../core/brief/types';
import { cssVariables, type Mode, TOKENS } from './tokens';

function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
}

test('the formula: black on white is 21 to 1, a colour on itself 1 to 1', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 5);
  expect(contrast('#777777', '#777777')).toBe(1);
  // The grey that just misses 4.5 on white: a well-known borderline pair, from memory.
  expect(contrast('#777777', '#FFFFFF')).toBeCloseTo(4.48, 2);
});

describe.each(['day', 'night'] as Mode[])('by %s', (mode) => {
  const t = TOKENS[mode];
  const grounds = [t.ground, t.card, t.sunk];

  test('text, muted text and ember words can be read on every ground', () => {
    for (const ground of grounds)
      for (const colour of [t.ink, t.muted, t.ember])
        expect(contrast(colour, ground)).toBeGreaterThanOrEqual(4.5);
  });

  test('and on the wash behind trouble, on ember areas and on the cue tape', () => {
    expect(contrast(t.ink, t.emberWash)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.ember, t.emberWash)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.onEmber, t.emberArea)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.ink, t.cueTape)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.cueGlyph, t.cueTape)).toBeGreaterThanOrEqual(4.5);
  });

  test.each([...MARK_SHAPES])('figures on the tape of a %s mark', (shape) => {
    expect(contrast(t.onTape, t.tape[shape])).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.tape[shape], t.ground)).toBeGreaterThanOrEqual(3);
  });

  test('borders of what can be pressed or typed in, and background bars', () => {
    for (const ground of [t.ground, t.card]) {
      for (const border of [t.control, t.emberLine])
        expect(contrast(border, ground)).toBeGreaterThanOrEqual(3);
      expect(contrast(t.backgroundJob, ground)).toBeGreaterThanOrEqual(3);
    }
  });

  test('every token is a variable', () => {
    const variables = cssVariables(mode);
    expect(variables['--ember-wash']).toBe(t.emberWash);
    expect(variables['--tape-cross']).toBe(t.tape.cross);
    for (const value of Object.values(variables)) expect(value).toMatch(/^#[0-9A-F]{6}$/i);
  });
});
