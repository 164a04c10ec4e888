import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gaugeScale } from './gaugeScale';

const figure = fc.double({ min: -200, max: 5000, noNaN: true });

test('figure and limits are always in sight, and it is never of no width', () => {
  fc.assert(
    fc.property(
      fc.option(figure),
      fc.option(figure),
      fc.option(fc.double({ min: 0, max: 500, noNaN: true })),
      (value, least, room) => {
        const most = room === null ? null : (least ?? 0) + room;
        const [low, high] = gaugeScale({ unit: 'm', value, least, most });
        expect(high).toBeGreaterThan(low);
        for (const one of [value, least, most])
          if (one !== null) {
            expect(one).toBeGreaterThanOrEqual(low - 1e-6);
            expect(one).toBeLessThanOrEqual(high + 1e-6);
          }
      },
    ),
    { seed: 1801 },
  );
});

test('a limit on one side leaves room beyond it; between two limits half as much on either side', () => {
  expect(gaugeScale({ unit: 'W', value: 3900, least: null, most: 3600 })).toEqual([0, 3900 * 1.15]);
  expect(gaugeScale({ unit: 'V', value: 7.4, least: 7, most: null })).toEqual([0, 7.4 * 1.3]);
  expect(gaugeScale({ unit: 'percent', value: null, least: 19.5, most: 23.5 })).toEqual([
    17.5, 25.5,
  ]);
});
