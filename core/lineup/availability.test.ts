import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Availability } from './availability';

const pool = [{ id: 'a' }, { id: 'b' }];

describe('the calendar', () => {
  const entry = (start: number, end: number, task = 't') => ({ slot: 's', task, start, end });

  test('entries are kept in order of time; nothing that takes no time is kept', () => {
    const calendar = Availability.empty(pool);
    for (const [start, end] of [
      [20, 30],
      [0, 5],
      [10, 10],
      [7, 9],
    ] as const)
      calendar.add('a', entry(start, end));
    expect(calendar.of('a').map((e) => e.start)).toEqual([0, 7, 20]);
  });

  test('tells what overlaps, what touches not, and what was taken out again', () => {
    const calendar = Availability.empty(pool);
    calendar.add('a', entry(0, 10, 'wipe'));
    calendar.add('a', entry(10, 15, 'fill'));
    expect(calendar.overlapping('a', 8, 12).map((e) => e.task)).toEqual(['wipe', 'fill']);
    expect(calendar.overlapping('a', 15, 20)).toEqual([]);
    expect(calendar.isFree('a', 15, 20)).toBe(true);
    calendar.remove('a', 'wipe');
    expect(calendar.isFree('a', 0, 10)).toBe(true);
    expect(calendar.isFree('a', 0, 11)).toBe(false);
  });

  test('is free exactly when nothing overlaps (against looking at every entry)', () => {
    const spans = fc.array(
      fc.tuple(fc.integer({ max: 60, min: 0 }), fc.integer({ min: 1, max: 9 })),
    );
    fc.assert(
      fc.property(spans, fc.integer({ min: 0, max: 70 }), fc.nat(12), (all, start, length) => {
        const calendar = Availability.empty(pool);
        for (const [at, span] of all)
          if (calendar.isFree('a', at, at + span)) calendar.add('a', entry(at, at + span));
        const clear = calendar.of('a').every((e) => e.start >= start + length || e.end <= start);
        expect(calendar.isFree('a', start, start + length)).toBe(clear);
      }),
      { seed: 14 },
    );
  });
});
