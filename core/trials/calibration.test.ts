/** What is said holds as often as it claims to: simulated series with a known truth. */
import { expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { asked } from '../testing/trial';
import { normalFrom } from '../testing/normal';
import { analyse, type Analysis } from './analyse';
import type { Reading } from './types';

const SERIES = 400;

/** Of so many series the share for which something holds. */
function share(
  truth: (i: number) => number,
  { levels, replicates, noise }: { levels: number; replicates: number; noise: number },
  holds: (found: Analysis) => boolean | number,
): number {
  const normal = normalFrom(randomFrom(2027));
  let count = 0;
  for (let one = 0; one < SERIES; one++) {
    const readings = Array.from({ length: levels * replicates }, (_, go): Reading => {
      const i = go % levels;
      return { level: `${i}`, go: go + 1, value: truth(i) + noise * normal() };
    });
    const found = analyse(
      asked(
        Array.from({ length: levels }, (_, i) => ({
          id: `${i}`,
          label: `${i}`,
          value: i,
        })),
      ),
      readings,
    );
    count += Number(holds(found));
  }
  return count / SERIES;
}

const DESIGN = { levels: 6, replicates: 4 };

test('the 95 % interval of a level’s mean holds the truth 95 ± 1.5 % of the time', () => {
  const covered = share(
    (i) => i * 3,
    { ...DESIGN, noise: 2 },
    ({ levels }) =>
      levels.filter(({ low, high }, i) => (low ?? 0) <= i * 3 && i * 3 <= (high ?? 0)).length /
      levels.length,
  );
  expect(Math.abs(covered - 0.95)).toBeLessThan(0.015);
});

test('of a flat truth an effect is seen, or more said to be waste, in hardly more than 1 of 20', () => {
  const flat = (holds: (found: Analysis) => boolean): number =>
    share(() => 0, { ...DESIGN, noise: 1 }, holds);
  expect(flat(({ seen }) => seen)).toBeLessThan(0.08);
  expect(flat(({ plateau }) => plateau?.more === 'waste')).toBeLessThan(0.05);
});

test.each([0.3, 1, 2])(
  'an even rise is taken for a plateau in at most 1 of 20 (noise %d)',
  (noise) => {
    const wrong = share(
      (i) => i,
      { ...DESIGN, noise },
      ({ plateau }) => plateau?.more === 'waste' || plateau?.more === 'worse',
    );
    expect(wrong).toBeLessThan(0.05);
  },
);

test('a plateau is found where it is, when the noise lets it be seen', () => {
  const right = share(
    (i) => Math.min(i, 3),
    { ...DESIGN, noise: 0.25 },
    ({ plateau }) => plateau?.at === 3 && plateau.more === 'waste',
  );
  expect(right).toBeGreaterThan(0.85);
});

test('a peak is said to be one', () => {
  const right = share(
    (i) => -Math.abs(i - 3),
    { ...DESIGN, noise: 0.3 },
    ({ plateau }) => plateau?.more === 'worse' && plateau.best === 3,
  );
  expect(right).toBeGreaterThan(0.85);
});
