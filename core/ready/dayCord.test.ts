import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankShow } from '../brief/blank';
import { check } from '../testing/check';
import type { Check } from './checks';
import { dayCord, placeBetween, spreadOut } from './dayCord';
import { checksOf, walkOf } from './walk/stops';

const SHOW = blankShow('s', 'Pier', '2026-06-01', 'Etc/UTC');
test('fixed hours, and the stops of the walk by when their last check is due, in the order of the day', () => {
  const show = {
    ...SHOW,
    positions: [
      { id: 'l', name: 'Left bench', mark: 'corner' as const, at: null, circuitId: null },
      { id: 'f', name: 'Floor', mark: 'tee' as const, at: null, circuitId: null },
    ],
  };
  const checks = [
    check('bowl', { place: 'Left bench', due: -2700 }),
    check('tongs', { place: 'Left bench', kind: 'test', due: -2600 }),
    check('drum', { place: 'Floor', due: -1800 }),
    check('exits', { kind: 'exits', due: -3600 }),
    check('goggles', { place: 'Left bench', kind: 'gear', due: -1500 }),
    check('brief', { place: 'Floor', kind: 'volunteer', due: -300 }),
    check('attic', { place: 'Attic', due: -2000 }),
  ];
  const done = new Set(['bowl', 'exits']);
  const isOpen = ({ key }: Check): boolean => !done.has(key);
  const cord = dayCord(show, checks, isOpen);
  expect(cord.map(({ name, at, open, all }) => [name, at - 14 * 3600, open, all])).toEqual([
    ['arrival', -5400, 0, 0],
    ['room', -3600, 0, 1],
    ['Left bench', -2600, 1, 2],
    ['Attic', -2000, 1, 1],
    ['Floor', -1800, 1, 1],
    ['crew', -1500, 1, 1],
    ['doors', -900, 0, 0],
    ['last minutes', -300, 1, 1],
    ['start', 0, 0, 0],
    ['hard finish', 2400, 0, 0],
  ]);
  expect(cord.map(({ mark }) => mark).filter(Boolean)).toEqual(['corner', 'tee']);
  // What is told as left here is what the walk tells.
  for (const stop of walkOf(checks, show))
    expect(cord.find(({ key }) => key === stop.key)?.open ?? 0).toBe(
      checksOf(stop).filter(isOpen).length,
    );
});

test('where a time lies between two that made room for each other', () => {
  expect(placeBetween([0, 100, 110], [0, 60, 120], 105)).toBe(90);
  expect(placeBetween([0, 100], [0, 60], -5)).toBeNull();
  expect(placeBetween([0, 100], [0, 60], 100)).toBeNull();
});

describe('spread out', () => {
  test('what lies far enough apart stays where it is', () => {
    expect(spreadOut([0, 100, 300], 60, 400)).toEqual([0, 100, 300]);
  });
  test('what is crowded is pushed on, and back from the end', () => {
    expect(spreadOut([0, 10, 20], 60, 400)).toEqual([0, 60, 120]);
    expect(spreadOut([380, 390, 400], 60, 400)).toEqual([280, 340, 400]);
  });
  test('none leaves the line, their order stays, and they are as far apart as there is room', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(1000), { minLength: 1, maxLength: 20 }),
        fc.integer({ min: 10, max: 120 }),
        (unsorted, gap) => {
          const at = unsorted.toSorted((a, b) => a - b);
          const placed = spreadOut(at, gap, 1000);
          const room = Math.min(gap, at.length > 1 ? 1000 / (at.length - 1) : gap);
          placed.forEach((one, i) => {
            expect(one).toBeGreaterThanOrEqual(-1e-9);
            expect(one).toBeLessThanOrEqual(1000 + 1e-9);
            if (i > 0) expect(one - (placed[i - 1] ?? 0)).toBeGreaterThanOrEqual(room - 1e-6);
          });
        },
      ),
    );
  });
});
