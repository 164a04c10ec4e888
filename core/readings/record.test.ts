/** What readings of many shows come to: the best, the spread, a drift, and what they go with. */
import { describe, expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { BLANK_MEASURE, type MethodResult } from '../repertoire/measure';
import { normalFrom } from '../testing/normal';
import { measuredOf, readingSummary, type ReadingTold } from './record';

const height: MethodResult = {
  ...BLANK_MEASURE,
  id: 'high',
  task: null,
  within: null,
  becomes: null,
  resolution: 2,
};

const told = (
  value: number | null,
  i: number,
  conditions: ReadingTold['conditions'] = {},
): ReadingTold => ({
  id: null,
  result: 'high',
  value,
  first: value,
  go: 1,
  at: i * 86_400_000,
  of: `Show ${i}`,
  kind: 'performance',
  conditions,
});
const all = (...values: (number | null)[]): ReadingTold[] => values.map((v, i) => told(v, i));
const summary = (readings: readonly ReadingTold[], more: Partial<MethodResult> = {}) =>
  readingSummary({ ...height, ...more }, readings);

describe('the best', () => {
  test('is the most, the least, or the nearest, as the method has it', () => {
    const readings = all(40, 46, 30, 44);
    const best = (more: Partial<MethodResult>) => summary(readings, more).best?.told.value;
    expect(best({ better: 'more' })).toBe(46);
    expect(best({ better: 'less' })).toBe(30);
    expect(best({ better: 'near', target: 43 })).toBe(44);
  });

  test('of two alike is the first; what was not read is counted and no more', () => {
    const { best, notRead, figures } = summary(all(44, null, 44));
    expect([best?.told.of, notRead, figures.length]).toEqual(['Show 0', 1, 2]);
    expect(summary([]).best).toBeNull();
  });
});

describe('mean and spread', () => {
  test('of 40, 44, 48: 44 with 4, and the interval of three (t at 2 degrees is 4.303, tables)', () => {
    const { mean, sd, low, high } = summary(all(40, 44, 48));
    expect([mean, sd]).toEqual([44, 4]);
    expect(44 - (low ?? 0)).toBeCloseTo((4.303 * 4) / Math.sqrt(3), 2);
    expect(high).toBeCloseTo(88 - (low ?? 0), 9);
  });

  test('is never finer than what it is read to', () => {
    expect(summary(all(44, 44, 44)).sd).toBeCloseTo(2 / Math.sqrt(12), 9);
    expect(summary(all(44)).sd).toBeNull();
  });

  test('of yes and no is a share (Wilson: 9 of 10, 0.596 to 0.982, Newcombe 1998)', () => {
    const lit = all(1, 1, 1, 1, 1, 1, 1, 1, 1, 0);
    const { mean, low, high, best } = summary(lit, { quantity: 'yesNo', resolution: null });
    expect([mean, best]).toEqual([0.9, null]);
    expect(low).toBeCloseTo(0.596, 3);
    expect(high).toBeCloseTo(0.982, 3);
  });
});

describe('drift', () => {
  test('a height that falls from show to show is told with its rate', () => {
    const { drift } = summary(all(50, 48, 47, 44, 43, 40, 39, 36));
    expect(drift?.perReading).toBeCloseTo(-2, 1);
    expect(drift?.tau).toBe(-1);
  });

  test('few readings, or a wander, is none', () => {
    expect(summary(all(50, 40, 30, 20)).drift).toBeNull();
    expect(summary(all(44, 46, 43, 45, 44, 46, 43, 45)).drift).toBeNull();
  });

  test('is claimed of readings without one in at most one of twenty (simulation)', () => {
    const draw = normalFrom(randomFrom(8));
    let claimed = 0;
    for (let i = 0; i < 1000; i++)
      if (summary(all(...Array.from({ length: 10 }, () => 44 + 3 * draw()))).drift) claimed++;
    expect(claimed).toBeLessThan(65);
    expect(claimed).toBeGreaterThan(20);
  });
});

describe('what it goes with', () => {
  const warm = [12, 14, 15, 17, 18, 20, 21, 23].map((temperature, i) =>
    told(20 + temperature, i % 3 === 0 ? i : 20 - i, { temperature, humidity: (i * 37) % 50 }),
  );

  test('a figure of the day that it follows is named, the others are not', () => {
    expect(summary(warm).goesWith).toMatchObject([{ name: 'temperature', tau: 1, n: 8 }]);
  });

  test('a figure that few readings have says nothing', () => {
    expect(summary(warm.slice(0, 5)).goesWith).toEqual([]);
  });
});

describe('as a calculator takes it', () => {
  test('the mean, from the least to the most that a go has shown, in the figure’s unit', () => {
    const thrust: MethodResult = {
      ...height,
      quantity: 'mass',
      unit: 'g',
      resolution: null,
      becomes: { id: 'weight', given: [] },
    };
    const figure = measuredOf([thrust], all(500, 600, 700)).get('high');
    expect(figure).toMatchObject({ unit: 'N', n: 3 });
    expect(figure?.value).toBeCloseTo(5.884, 3);
    expect(figure?.least).toBeCloseTo(4.903, 3);
    expect(figure?.most).toBeCloseTo(6.865, 3);
  });

  test('nothing of what was never read, and of yes and no', () => {
    expect(measuredOf([height], []).size).toBe(0);
    expect(measuredOf([{ ...height, quantity: 'yesNo' }], all(1, 0)).size).toBe(0);
  });
});
