import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { TOKENS } from '../app/tokens';
import { axisText, timeAxis } from './timeAxis';

fc.configureGlobal({ seed: 159 });

const say = (seconds: number): string => `${seconds} s`;

describe('the axis of the clock', () => {
  test('some six ticks at the most, on whole steps, over any day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -20_000, max: 20_000 }),
        fc.integer({ min: 1, max: 80_000 }),
        fc.constantFrom(300, 600, 1800),
        (first, long, step) => {
          const axis = timeAxis(TOKENS.day, { first, last: first + long, step, say });
          expect(axis.interval % step).toBe(0);
          expect(axis.interval).toBeGreaterThanOrEqual(step);
          expect(long / axis.interval).toBeLessThanOrEqual(6);
          expect([axis.min, axis.max]).toEqual([first, first + long]);
        },
      ),
    );
  });

  test('its figures are told in words, in the colours of day and night', () => {
    const axis = timeAxis(TOKENS.night, { first: 0, last: 60, step: 300, say });
    expect(axis.axisLabel.formatter(30)).toBe('30 s');
    expect(axis.axisLabel.color).toBe(TOKENS.night.muted);
    expect(axisText(TOKENS.day).color).not.toBe(axisText(TOKENS.night).color);
  });
});
