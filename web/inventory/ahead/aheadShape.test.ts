import { describe, expect, test } from '@jest/globals';
import type { StockStep } from '../../../core/inventory/stockAhead';
import { dayAfter } from '../../../core/time/days';
import { BASE, LEFT, frameOf, labelsOf, stepPath, ticksOf } from './aheadShape';

const TODAY = '2027-05-30';
const step = (n: number, stock: number, change = -10): StockStep => ({
  ...{
    day: dayAfter(TODAY, n),
    kind: 'show',
    change,
    stock,
    amount: 10,
    short: 0,
    showId: `s${n}`,
    title: `Show ${n}`,
  },
});
const at = (past: StockStep[], ahead: StockStep[], bottles = 2) =>
  frameOf(past, ahead, 300, { width: 1000, today: TODAY, bottles });

describe('the picture of a stock', () => {
  test('all of it stands inside, the past before today, the future after', () => {
    const past = [step(-400, 500), step(-20, 300)];
    const ahead = [step(0, 290), step(200, 100)];
    const frame = at(past, ahead);
    const xs = [...past.map((one) => frame.x(one.day, true)), frame.today[0]];
    expect(xs).toEqual(xs.toSorted((a, b) => a - b));
    expect(xs[0]).toBe(LEFT);
    expect(frame.x(TODAY, false)).toBe(frame.today[1]);
    expect(frame.x(dayAfter(TODAY, 200), false)).toBeLessThan(1000);
    expect(frame.y(0)).toBe(BASE);
    expect(frame.y(500)).toBeLessThan(frame.y(300));
    expect(stepPath(frame, ahead, 300, false)).toMatch(/^M[\d.]+ [\d.]+(H[\d.]+V[\d.]+){2}H992$/);
  });

  test('labels stand free of each other in their lane, and what finds no room is left to the axis', () => {
    const ahead = [1, 2, 3, 4, 40, 80].map((n) => step(n, 300 - n));
    const frame = at([], ahead);
    const labels = labelsOf(frame, ahead);
    expect(labels.length).toBeLessThan(ahead.length);
    for (const a of labels)
      for (const b of labels)
        if (a !== b && a.lane === b.lane) expect(Math.abs(a.x - b.x)).toBeGreaterThanOrEqual(150);
  });

  test.each([
    [350, [0, 150, 300]],
    [1000, [0, 1000]],
    [7, [0, 3.5, 7]],
    [0.04, [0, 0.02, 0.04]],
  ])('ticks up to %d', (most, ticks) => {
    expect(ticksOf(most)).toEqual(ticks);
  });
});
