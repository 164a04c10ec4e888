/** Curves for charts, over any calculator. */
import { describe, expect, test } from '@jest/globals';
import { CALCULATORS } from './catalogue';
import { usualValues } from './inputs';
import { labelSide, curveOver, defaultCurveInput } from './curve';
import { willItLight } from './vapour/willItLight';

describe.each(CALCULATORS.map((calculator) => [calculator.id, calculator] as const))(
  '%s',
  (_id, calculator) => {
    test('draws over an input that counts, from one end of its slider to the other', () => {
      const over = defaultCurveInput(calculator);
      const input = calculator.inputs[over];
      if (input?.kind !== 'number') throw new Error(`${over} is no number`);
      const curve = curveOver(calculator, usualValues(calculator), over);
      expect(curve?.points[0]?.x).toBe(input.slide[0]);
      expect(curve?.points.at(-1)?.x).toBeCloseTo(input.slide[1], 9);
      const ys = curve?.points.flatMap((p) => p.y ?? []) ?? [];
      expect(Math.max(...ys)).toBeGreaterThan(Math.min(...ys));
      expect(curve?.now?.y).toBeCloseTo(calculator.curve?.at(usualValues(calculator)) ?? NaN, 9);
    });
  },
);

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
  const at = (value: number) => labelSide({ points, limits: [{ label: 'limit', value }] });
  expect([at(1), at(19)]).toEqual(['end', 'start']);
  expect(labelSide({ points, limits: [] })).toBe('start');
});
