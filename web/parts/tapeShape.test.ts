import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { figureOn, pinked, tapePath } from './tapeShape';

const numbers = (text: string): number[] => (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

/** Corners of a path made of M, H and L. */
function corners(path: string): [x: number, y: number][] {
  let y = 0;
  return [...path.matchAll(/([MLH])([-\d. ]+)/g)].map(([, command, rest]): [number, number] => {
    const [first = 0, second] = numbers(rest ?? '');
    if (command !== 'H') y = second ?? 0;
    return [first, y];
  });
}

describe('a strip of tape', () => {
  test('stays within its box, a tooth for about every 6 px on both ends', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 4, max: 600 }),
        fc.integer({ min: 6, max: 60 }),
        (x, width, height) => {
          const path = tapePath(x, 10, width, height);
          expect(path.startsWith('M') && path.endsWith('Z')).toBe(true);
          for (const [px, py] of corners(path)) {
            expect(px).toBeGreaterThanOrEqual(x - 0.01);
            expect(px).toBeLessThanOrEqual(x + width + 0.01);
            expect(py).toBeGreaterThanOrEqual(10 - 0.01);
            expect(py).toBeLessThanOrEqual(10 + height + 0.01);
          }
          const teeth = Math.max(2, Math.round(height / 6));
          expect(path.match(/L/g)).toHaveLength(4 * teeth);
        },
      ),
      { seed: 51 },
    );
  });

  test('as a clip path: the corners of the box, and teeth between them', () => {
    const polygon = pinked(2, 4);
    expect(polygon).toBe(
      'polygon(0px 0%, 4px 25%, 0px 50%, 4px 75%, 0px 100%, ' +
        'calc(100% - 0px) 100%, calc(100% - 4px) 75%, calc(100% - 0px) 50%, ' +
        'calc(100% - 4px) 25%, calc(100% - 0px) 0%)',
    );
  });

  test('a figure keeps within its piece: smaller and narrower, and none where nobody could read it', () => {
    expect(figureOn(40, 2, 16)).toEqual({ size: 16, narrow: false });
    expect(figureOn(24, 2, 16)).toEqual({ size: 16, narrow: true });
    expect(figureOn(18, 2, 16)).toEqual({ size: 12, narrow: true });
    expect(figureOn(12, 1, 16)).toEqual({ size: 12, narrow: true });
    expect(figureOn(14, 2, 16)).toBe(null);
    expect(figureOn(9, 1, 16)).toBe(null);
    for (let width = 4; width < 60; width++)
      for (const letters of [1, 2, 3]) {
        const figure = figureOn(width, letters, 16);
        if (figure) expect(letters * figure.size * 0.5).toBeLessThanOrEqual(width - 6);
      }
  });
});
