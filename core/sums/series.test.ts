/** Curves for charts, over any sum. */
import { describe, expect, test } from '@jest/globals';
import { SUMS } from './catalogue';
import { usualValues } from './inputs';
import { clearerEnd, curveOver, drawnFirst } from './series';
import { willItLight } from './vapour/willItLight';

describe.each(SUMS.map((sum) => [sum.id, sum] as const))('%s', (_id, sum) => {
  test('draws over an input that counts, from one end of its slider to the other', () => {
    const over = drawnFirst(sum);
    const input = sum.inputs[over];
    if (input?.kind !== 'number') throw new Error(`${over} is no number`);
    const curve = curveOver(sum, usualValues(sum), over);
    expect(curve?.points[0]?.x).toBe(input.slide[0]);
    expect(curve?.points.at(-1)?.x).toBeCloseTo(input.slide[1], 9);
    const ys = curve?.points.flatMap((p) => p.y ?? []) ?? [];
    expect(Math.max(...ys)).toBeGreaterThan(Math.min(...ys));
    expect(curve?.now?.y).toBeCloseTo(sum.curve?.at(usualValues(sum)) ?? NaN, 9);
  });
});

test('where the inputs do not go together nothing is drawn, and it is not said to stand there', () => {
  const values = { ...usualValues(willItLight), vessel: 0.5 };
  const dose = { ...willItLight, inputs: willItLight.inputs };
  const curve = curveOver(dose, { ...values, dose: 900 }, 'vessel');
  expect(curve?.now).toBeNull();
  expect(curve?.points[0]?.y).toBeNull();
  expect(curve?.points.at(-1)?.y).not.toBeNull();
  expect(curve?.limits).toEqual([]);
  expect(curveOver(willItLight, values, 'liquid')).toBeNull();
});

test('limits are named at the end where the curve is farther off them', () => {
  const points = Array.from({ length: 21 }, (_, x) => ({ x, y: x }));
  const at = (value: number) => clearerEnd({ points, limits: [{ label: 'limit', value }] });
  expect([at(1), at(19)]).toEqual(['end', 'start']);
  expect(clearerEnd({ points, limits: [] })).toBe('start');
});
